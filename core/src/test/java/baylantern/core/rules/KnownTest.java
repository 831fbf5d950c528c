package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class KnownTest {

    @Test
    void whatMustBeThereIsFoundOrNamed() {
        Map<String, Integer> kept = Map.of("bark", 3);
        assertThat(Known.in(kept, "bark")).isEqualTo(3);
        assertThatThrownBy(() -> Known.in(kept, "pith"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessage("nothing is kept under pith");
    }

    @Test
    void theEquatorCountsAsNorth() {
        assertThat(Hemisphere.of(31.4)).isEqualTo(Hemisphere.NORTH);
        assertThat(Hemisphere.of(0)).isEqualTo(Hemisphere.NORTH);
        assertThat(Hemisphere.of(-27)).isEqualTo(Hemisphere.SOUTH);
    }
}
