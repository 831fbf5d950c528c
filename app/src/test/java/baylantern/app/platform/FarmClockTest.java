package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;

class FarmClockTest {

    private final DefaultListableBeanFactory beans = new DefaultListableBeanFactory();

    private FarmClock at(String instant) {
        Changes changes = new Changes(
                beans.getBeanProvider(ChangeListener.class),
                beans.getBeanProvider(FarmClock.class),
                beans.getBeanProvider(ChangeFeed.class));
        return new FarmClock(
                Clock.fixed(Instant.parse(instant), ZoneOffset.UTC),
                changes,
                beans.getBeanProvider(FarmClock.Zone.class),
                beans.getBeanProvider(FarmClock.Standing.class));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-05-14T23:30:00Z, +02:00, 2026-05-15",
        "2026-05-14T23:30:00Z, -03:00, 2026-05-14",
        "2026-01-01T01:00:00Z, -10:00, 2025-12-31",
        "2028-02-28T20:00:00Z, +08:00, 2028-02-29",
        "2026-12-31T12:00:00Z, +14:00, 2027-01-01"
    })
    void theDayIsTheFarmsOwn(String instant, String zone, LocalDate day) {
        FarmClock clock = at(instant);
        beans.registerSingleton("zone", (FarmClock.Zone) () -> ZoneId.of(zone));
        assertThat(clock.today()).isEqualTo(day);
    }

    @Test
    void aStandingClockKeepsItsDayAndTheMachinesTime() {
        FarmClock clock = at("2030-03-03T10:15:30.123456789Z");
        beans.registerSingleton("standing", (FarmClock.Standing) () -> LocalDate.of(2026, 5, 14));
        assertThat(clock.today()).isEqualTo(LocalDate.of(2026, 5, 14));
        assertThat(clock.now()).isEqualTo(Instant.parse("2026-05-14T10:15:30.123456Z"));
    }
}
