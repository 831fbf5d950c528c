package baylantern.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.exchange.NotebookChoices;
import baylantern.core.exchange.NotebookReader;
import baylantern.core.exchange.NotebookReport;
import baylantern.core.rules.Words;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The report of an import without a screen. */
class ReportTextTest {

    private static final String NOTEBOOK = """
            date;variety;kind;how;result
            25.4.2024;Windle;fig;cleft;took
            26.4.2024;WINDLE;fig;cleft;dead
            27.4.2024;Windle;fig;knot;missing
            27.4.2024;Windle;fig;cleft;grumbling
            31.4.2024;Windle;fig;cleft;took
            """;

    private static NotebookReport report() {
        return new NotebookReader(Words.shipped())
                .read(
                        NOTEBOOK.getBytes(StandardCharsets.UTF_8),
                        NotebookChoices.none(),
                        LocalDate.of(2026, 5, 14),
                        Map.of(),
                        row -> false);
    }

    @Test
    void theTextSaysWhatWasReadMergedAndLeftOut() {
        String text = new ReportText(report(), false).text();
        assertThat(text.lines())
                .contains(
                        "5 rows read (UTF-8, cells parted by ;)",
                        "3 grafts can be taken; nothing was written",
                        "dates: day first, 4 dates can only be day first",
                        "merged: \"WINDLE\" → \"Windle\", 1 row",
                        "not understood: \"grumbling\" among results, 1 row. \"grumbling\" is not a word known here.",
                        "not understood: \"knot\" among techniques, 1 row",
                        "row 5 not taken: \"grumbling\" is not understood as a result. \"grumbling\" is not a word known here.",
                        "row 6 not taken: \"31.4.2024\" cannot be read as one day of the calendar.",
                        "fig / Windle: 1 taken, 1 failed, 0 waiting, 1 lost");
        assertThat(new ReportText(report(), true).text())
                .contains("3 grafts imported")
                .doesNotContain("nothing was written");
    }

    @Test
    void theValuesCountTheSame() {
        Map<String, Object> values = new ReportText(report(), true).values();
        assertThat(values)
                .containsEntry("rowsRead", 5)
                .containsEntry("imported", 3)
                .containsEntry("duplicates", 0)
                .containsEntry("written", true)
                .containsEntry("refused", Map.of("date_unreadable", 1, "result_unknown", 1))
                .containsEntry(
                        "byVariety", Map.of("fig / Windle", Map.of("taken", 1, "failed", 1, "waiting", 0, "lost", 1)));
    }
}
