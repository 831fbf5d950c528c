package baylantern.app.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;

/**
 * The farm's clock. In real use it follows the computer in the site's zone; in the demo the day stands until it is
 * moved.
 */
public final class FarmClock {

    private final Clock machine;
    private final AtomicReference<ZoneId> zone = new AtomicReference<>(ZoneOffset.UTC);
    private final AtomicReference<@Nullable LocalDate> standing = new AtomicReference<>();

    public FarmClock(Clock machine) {
        this.machine = machine;
    }

    /** Today at the farm. */
    public LocalDate today() {
        LocalDate held = standing.get();
        return held != null ? held : LocalDate.now(machine.withZone(zone.get()));
    }

    /** The moment to write on records: the machine's time of day on the farm's day, to the microsecond. */
    public Instant now() {
        Instant moment = Instant.now(machine).truncatedTo(ChronoUnit.MICROS);
        LocalDate held = standing.get();
        if (held == null) {
            return moment;
        }
        return moment.atZone(zone.get()).with(held).toInstant();
    }

    /** The moment to write for something done on a day: now for today, else that day's noon. */
    public Instant moment(LocalDate day) {
        return day.equals(today()) ? now() : noon(day);
    }

    /** Noon of a day at the farm: it stands for what was written down later, without its hour. */
    public Instant noon(LocalDate day) {
        return day.atTime(12, 0).atZone(zone.get()).toInstant();
    }

    /** The site's zone from now on. */
    public void zone(ZoneId site) {
        zone.set(site);
    }

    /** Holds the clock on a day. */
    public void standOn(LocalDate day) {
        standing.set(day);
    }
}
