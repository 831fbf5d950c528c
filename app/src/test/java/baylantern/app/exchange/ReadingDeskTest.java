package baylantern.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.exchange.NotebookChoices;
import baylantern.core.exchange.NotebookReport;
import baylantern.core.rules.Words;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A notebook is read once, and again as soon as anything it was read by is no longer so. */
class ReadingDeskTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Map<String, String> KNOWN = Map.of("Petrel Deep", "avocado");
    private static final String ROWS = """
            date,plant,variety,method,result
            2025-04-02,A-1,Petrel Deep,cleft,took
            2025-04-03,A-2,Petrel Deep,cleft,dead
            """;

    private final ReadingDesk desk = new ReadingDesk(Words.shipped());

    private NotebookReport read(String rows, LocalDate today, Map<String, String> known, Set<String> here) {
        return desk.read(rows.getBytes(StandardCharsets.UTF_8), NotebookChoices.none(), today, known, here);
    }

    @Test
    void itIsReadAgainOnlyWhereWhatItWasReadByIsNoLongerSo() {
        NotebookReport first = read(ROWS, TODAY, KNOWN, Set.of());
        assertThat(first.grafts()).hasSize(2);
        String mark = ReadingDesk.hash(first.grafts().get(0).fingerprint());

        assertThat(read(ROWS, TODAY, KNOWN, Set.of("of another notebook"))).isSameAs(first);
        assertThat(read(ROWS, TODAY, KNOWN, Set.of(mark)).grafts())
                .as("one row was brought in meanwhile")
                .hasSize(1);
        assertThat(read(ROWS, TODAY, KNOWN, Set.of()).grafts())
                .as("it was taken back")
                .hasSize(2);
        assertThat(read(ROWS, TODAY, Map.of("Petrel Deep", "mango"), Set.of()).grafts())
                .allSatisfy(graft -> assertThat(graft.species()).isEqualTo("mango"));
        assertThat(read(ROWS, LocalDate.of(2025, 4, 2), KNOWN, Set.of()).grafts())
                .as("one is of tomorrow")
                .hasSize(1);
        assertThat(read(ROWS.replace("dead", "took"), TODAY, KNOWN, Set.of()).grafts())
                .allSatisfy(graft -> assertThat(graft.sign().words())
                        .isEqualTo(first.grafts().get(0).sign().words()));
    }
}
