package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.Advice.Count;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What differs between advice before and after a change. */
class AdviceTest {

    private static final Advice VISITS = new Advice(
            Map::of,
            new Count("visit moves", "visits move"),
            new Count("visit more", "visits more"),
            new Count("visit fewer", "visits fewer"));

    @Test
    void whatComesWhatGoesAndWhatIsToldOtherwiseIsCountedApart() {
        Map<String, String> before = Map.of("a", "Monday", "b", "Tuesday", "c", "Friday");
        Map<String, String> after = Map.of("b", "Wednesday", "c", "Friday", "d", "Sunday", "e", "Sunday");
        assertThat(VISITS.changes(before, after)).containsExactly("1 visit moves", "2 visits more", "1 visit fewer");
        assertThat(VISITS.changes(after, before)).containsExactly("1 visit moves", "1 visit more", "2 visits fewer");
        assertThat(VISITS.changes(before, before)).isEmpty();
        assertThat(VISITS.changes(Map.of(), after)).containsExactly("4 visits more");
    }

    @Test
    void oneIsSaidAsOneAndWhatIsNotSaidStaysSo() {
        Advice lots = new Advice(
                Map::of, new Count("lot is judged otherwise", "lots are judged otherwise"), Count.UNSAID, Count.UNSAID);
        assertThat(lots.changes(Map.of("a", "good"), Map.of("a", "old"))).containsExactly("1 lot is judged otherwise");
        assertThat(lots.changes(Map.of("a", "good"), Map.of("b", "good"))).isEmpty();
        assertThat(VISITS.changes(Map.of("a", "x", "b", "x"), Map.of("a", "y", "b", "y")))
                .containsExactly("2 visits move");
    }
}
