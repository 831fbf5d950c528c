package baylantern.app.share;

import baylantern.app.platform.FarmProblem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Whoever was wrong waits before the next try, each time longer: after the third wrong one 1 s, then 2, 4, up to five minutes. */
@Component
class WaitDesk {

    private static final int FREE = 2;
    private static final Duration LONGEST = Duration.ofMinutes(5);
    private static final Duration FORGOTTEN = Duration.ofHours(1);
    private static final int MOST = 5_000;

    private final Clock machine;
    private final Map<String, Wrong> wrong = new LinkedHashMap<>();

    WaitDesk(Clock machine) {
        this.machine = machine;
    }

    private record Wrong(int times, Instant last, Instant until) {}

    /** Throws where one of these must wait still. */
    synchronized void pass(String... whos) {
        Instant now = Instant.now(machine);
        for (String who : whos) {
            Wrong so = wrong.get(who);
            if (so != null && so.until.isAfter(now)) {
                throw FarmProblem.tooOften(Duration.between(now, so.until));
            }
        }
    }

    /** Each of these was wrong once more. */
    synchronized void wrong(String... whos) {
        Instant now = Instant.now(machine);
        wrong.values().removeIf(one -> one.last.plus(FORGOTTEN).isBefore(now));
        for (String who : whos) {
            Wrong before = wrong.remove(who);
            int times = before == null ? 1 : before.times + 1;
            wrong.put(who, new Wrong(times, now, now.plus(waits(times))));
        }
        wrong.keySet().stream().limit(Math.max(0, wrong.size() - MOST)).toList().forEach(wrong::remove);
    }

    /** This one was right: it begins anew. */
    synchronized void right(String who) {
        wrong.remove(who);
    }

    /** How long whoever was wrong so many times waits. */
    static Duration waits(int times) {
        if (times <= FREE) {
            return Duration.ZERO;
        }
        long seconds = 1L << Math.min(times - FREE - 1, 20);
        return seconds > LONGEST.toSeconds() ? LONGEST : Duration.ofSeconds(seconds);
    }
}
