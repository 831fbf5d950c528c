package baylantern.app.day;

import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Which graft lies in front of whom, so that two who work on one day are not shown the same. It is held in memory and runs
 * out: that a graft is made once the log sees to, whoever had it in hand.
 */
@Component
class HandDesk {

    private static final long NOBODY = -1;
    private static final Duration HELD = Duration.ofMinutes(20);

    // Another farm, or other people, have nothing in front of them yet.
    private final Derived<Map<Long, Holding>> desk;
    private final FarmClock clock;

    HandDesk(FarmClock clock, Changes changes) {
        this.clock = clock;
        this.desk = changes.derive(ConcurrentHashMap::new, Fact.SITE, Fact.PEOPLE);
    }

    private record Holding(long person, Instant until) {}

    /**
     * The first of these that nobody else has in front of them; from now on this person has it.
     *
     * @param others what is rather left to others, and taken only where nothing else is left
     * @param partners by graft the one it is paired with: who has one of a pair makes the other
     */
    synchronized @Nullable JobRow take(List<JobRow> open, long person, Set<Long> others, Map<Long, Long> partners) {
        Instant now = clock.now();
        Map<Long, Holding> held = desk.get();
        held.values().removeIf(holding -> holding.until().isBefore(now) || holding.person() == person);
        JobRow first = inOrder(open, others, partners, held)
                .filter(job -> !held.containsKey(job.id()))
                .findFirst()
                .orElse(null);
        if (first != null) {
            held.put(first.id(), new Holding(person, now.plus(HELD)));
        }
        return first;
    }

    private static Stream<JobRow> inOrder(
            List<JobRow> open, Set<Long> others, Map<Long, Long> partners, Map<Long, Holding> held) {
        Predicate<JobRow> leftToOthers =
                job -> others.contains(job.id()) || held.containsKey(partners.getOrDefault(job.id(), NOBODY));
        return Stream.concat(
                open.stream().filter(leftToOthers.negate()), open.stream().filter(leftToOthers));
    }

    /** All of these that nobody else has in front of them, in the order in which this person would come to them. */
    synchronized List<JobRow> rest(List<JobRow> open, long person, Set<Long> others, Map<Long, Long> partners) {
        Instant now = clock.now();
        Map<Long, Holding> held = new HashMap<>(desk.get());
        held.values().removeIf(holding -> holding.until().isBefore(now) || holding.person() == person);
        return inOrder(open, others, partners, held)
                .filter(job -> !held.containsKey(job.id()))
                .toList();
    }

    /** Nobody has it in front of them any more. */
    void letGo(long jobId) {
        desk.get().remove(jobId);
    }
}
