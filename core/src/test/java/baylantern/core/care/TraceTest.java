package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class TraceTest {

    @Property
    void whatIsWrittenIsReadAsItWas(@ForAll Set<Trace> found) {
        assertThat(Trace.read(Trace.written(found))).isEqualTo(found);
    }

    @Test
    void aWordThatIsNoneIsRefusedAndEachSignIsAskedOfTheDead() {
        assertThatIllegalArgumentException().isThrownBy(() -> Trace.read("CALLUS,GNAWED"));
        assertThat(Trace.read("")).isEmpty();
        assertThat(Trace.all(Trace.Of.CAUSE)).hasSize(13).doesNotContain(Trace.CALLUS, Trace.TORN);
        assertThat(Trace.values()).extracting(Trace::words).doesNotHaveDuplicates();
    }
}
