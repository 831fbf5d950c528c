package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.Advice.Moved;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What differs between advice before and after a change. */
class AdviceTest {

    @Test
    void whatComesWhatGoesAndWhatIsToldOtherwiseIsCountedApart() {
        Map<String, String> before = Map.of("a", "Monday", "b", "Tuesday", "c", "Friday");
        Map<String, String> after = Map.of("b", "Wednesday", "c", "Friday", "d", "Sunday", "e", "Sunday");
        assertThat(Moved.between(before, after)).isEqualTo(new Moved(2, 1, 1));
        assertThat(Moved.between(after, before)).isEqualTo(new Moved(1, 2, 1));
        assertThat(Moved.between(before, before)).isEqualTo(new Moved(0, 0, 0));
        assertThat(Moved.between(Map.of(), after)).isEqualTo(new Moved(4, 0, 0));
    }

    @Test
    void oneIsSaidAsOneAndNothingIsNotSaid() {
        assertThat(Moved.words(1, "visit moves", "visits move")).containsExactly("1 visit moves");
        assertThat(Moved.words(12, "visit moves", "visits move")).containsExactly("12 visits move");
        assertThat(Moved.words(0, "visit moves", "visits move")).isEmpty();
    }
}
