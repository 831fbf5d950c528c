package baylantern.app.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/**
 * The farm's clock. In real use it follows the computer in the site's zone; in the demo the day stands until it is
 * moved. Both the zone and the standing day are facts of the farm: within a transaction that moves the day, the day is
 * the new one; for all others it is the one committed.
 */
@Component
public final class FarmClock {

    private static final Set<Fact> ANY = EnumSet.allOf(Fact.class);

    /** The site's zone, empty before the site is known. */
    public interface Zone {
        @Nullable
        ZoneId siteZone();
    }

    /** A day on which the clock stands, null where it goes. */
    interface Standing {
        @Nullable
        LocalDate standsOn();
    }

    /** What is done on this thread was done away from here, and earlier; empty mostly. */
    private final ThreadLocal<@Nullable DoneAway> away = new ThreadLocal<>();

    private final Clock machine;
    private final Changes changes;
    private final ObjectProvider<Zone> zones;
    private final ObjectProvider<Standing> standings;

    FarmClock(Clock machine, Changes changes, ObjectProvider<Zone> zones, ObjectProvider<Standing> standings) {
        this.machine = machine;
        this.changes = changes;
        this.zones = zones;
        this.standings = standings;
    }

    /** Does some work as of when it was done. */
    void asOf(@Nullable DoneAway then, Doer.Work work) throws Exception {
        away.set(then);
        try {
            work.done();
        } finally {
            away.remove();
        }
    }

    /** Today at the farm; for what was done away, the day on which it was done. */
    public LocalDate today() {
        LocalDate held = standing();
        return held != null ? held : LocalDate.now(machine.withZone(zone()));
    }

    // Who reckons with the day names the day; how the day itself is known is no concern of theirs.
    private @Nullable LocalDate standing() {
        changes.reads(Set.of(Fact.DAY));
        DoneAway then = away.get();
        if (then != null) {
            return then.day();
        }
        Standing standing = standings.getIfAvailable();
        return standing == null ? null : aside(standing::standsOn);
    }

    private ZoneId zone() {
        Zone zone = zones.getIfAvailable();
        ZoneId known = zone == null ? null : aside(zone::siteZone);
        return known == null ? ZoneOffset.UTC : known;
    }

    private <T extends @Nullable Object> T aside(Supplier<T> look) {
        return changes.watched(ANY, look);
    }

    /** The farm's day at a moment. */
    public LocalDate dayOf(Instant moment) {
        return moment.atZone(zone()).toLocalDate();
    }

    /** The time of day at a moment, at the farm; empty for that noon which stands for what was written down later. */
    public Optional<LocalTime> timeOf(Instant moment) {
        LocalTime time = moment.atZone(zone()).toLocalTime();
        return time.equals(LocalTime.NOON) ? Optional.empty() : Optional.of(time);
    }

    /** The moment to write on records: the machine's time of day on the farm's day, to the microsecond. */
    public Instant now() {
        DoneAway then = away.get();
        Duration ago = then == null ? Duration.ZERO : then.ago();
        Instant moment = Instant.now(machine).minus(ago).truncatedTo(ChronoUnit.MICROS);
        LocalDate held = standing();
        return held == null ? moment : moment.atZone(zone()).with(held).toInstant();
    }

    /** The moment to write for something done on a day: now for today, else that day's noon. */
    public Instant moment(LocalDate day) {
        return day.equals(today()) ? now() : noon(day);
    }

    /** Noon of a day at the farm: it stands for what was written down later, without its hour. */
    public Instant noon(LocalDate day) {
        return day.atTime(12, 0).atZone(zone()).toInstant();
    }
}
