package baylantern.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.app.platform.FarmProblem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import org.junit.jupiter.api.Test;

class CountedStreamTest {

    private static final int MEGABYTE = 1024 * 1024;

    @Test
    void exactlyAsMuchAsAllowedIsRead() throws IOException {
        try (CountedStream stream = new CountedStream(new ByteArrayInputStream(new byte[MEGABYTE]), MEGABYTE)) {
            assertThat(stream.readAllBytes()).hasSize(MEGABYTE);
            assertThat(stream.read()).isEqualTo(-1);
        }
    }

    @Test
    void oneByteMoreIsToldWithTheLimit() throws IOException {
        try (CountedStream stream =
                new CountedStream(new ByteArrayInputStream(new byte[2 * MEGABYTE + 1]), 2 * MEGABYTE)) {
            assertThatThrownBy(stream::readAllBytes)
                    .isInstanceOf(FarmProblem.class)
                    .hasMessageContaining("2 MB");
        }
        try (CountedStream single = new CountedStream(new ByteArrayInputStream(new byte[3]), 2)) {
            assertThat(single.read()).isZero();
            assertThat(single.read()).isZero();
            assertThatThrownBy(single::read).isInstanceOf(FarmProblem.class);
        }
    }
}
