package baylantern.core.lineage;

import baylantern.core.lineage.Health.Standing;
import baylantern.core.lineage.HealthTest.Result;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * How clean plants, lots and grafts are held to be: the worst of themselves and of what they came from.
 *
 * <p>What they came from counts in two ways. A suspect or positive forebear counts today, unless the wood left it before
 * its last clear test. That a forebear was untested or its test had lapsed counts as it was on the day the wood left it: a
 * test that lapsed later says nothing about wood long gone.
 */
public final class HealthBook {

    private final LocalDate today;
    private final Lineage lineage;
    private final Map<Node, List<HealthTest>> tests;
    private final Map<Node, LocalDate> leftHouse;
    private final Function<Node, String> names;
    private final int dueDays;
    private final Map<Node, Health> known = new java.util.concurrent.ConcurrentHashMap<>();

    /**
     * A book.
     *
     * @param today the day it is for
     * @param leftHouse the last day a plant was taken out of an insect-proof house
     * @param dueDays so long before a clear test lapses the next is due
     */
    public HealthBook(
            LocalDate today,
            Lineage lineage,
            Map<Node, List<HealthTest>> tests,
            Map<Node, LocalDate> leftHouse,
            Function<Node, String> names,
            int dueDays) {
        this.today = today;
        this.lineage = lineage;
        this.tests = tests;
        this.leftHouse = leftHouse;
        this.names = names;
        this.dueDays = dueDays;
    }

    /** The last clear test of a node on or before a day. */
    public static Optional<LocalDate> lastClear(List<HealthTest> own, LocalDate day) {
        return own.stream()
                .filter(t -> t.result() == Result.CLEAR && !t.day().isAfter(day))
                .map(HealthTest::day)
                .max(Comparator.naturalOrder());
    }

    /** How clean a node is today. */
    public Health health(Node node) {
        Health held = known.get(node);
        if (held == null) {
            held = reckon(node, new HashSet<>());
            known.put(node, held);
        }
        return held;
    }

    private Health reckon(Node node, Set<Node> above) {
        above.add(node);
        List<Health> all = new ArrayList<>();
        boolean tested = node.kind() == Node.Kind.PLANT || node.kind() == Node.Kind.SOURCE;
        if (tested) {
            all.add(own(node, today));
        }
        for (Link link : lineage.in(node)) {
            // A stock carries its grafts: what they bring counts, what they were never tested for does not.
            boolean carried = node.kind() == Node.Kind.PLANT && link.from().kind() == Node.Kind.GRAFT;
            if (!above.contains(link.from())) {
                Health from = given(link, above);
                if (!carried || from.standing().stops()) {
                    all.add(from);
                }
            }
        }
        above.remove(node);
        return all.stream()
                .reduce(Health::worse)
                .orElseGet(() -> new Health(Standing.UNTESTED, null, "Nobody knows where it came from."));
    }

    // What a forebear hands on with wood that left it on a day.
    private Health given(Link link, Set<Node> above) {
        Node from = link.from();
        Health now = known.containsKey(from) ? known.get(from) : reckon(from, above);
        List<HealthTest> own = tests.getOrDefault(from, List.of());
        if (now.standing().stops()) {
            Optional<LocalDate> clear = lastClear(own, today);
            if (clear.isPresent() && link.on().isBefore(clear.get())) {
                return new Health(
                        Standing.CLEAN,
                        null,
                        "It left " + names.apply(from) + " before the clear test of " + clear.get() + ".");
            }
            return now;
        }
        boolean tested = from.kind() == Node.Kind.PLANT || from.kind() == Node.Kind.SOURCE;
        return tested ? own(from, link.on().isAfter(today) ? today : link.on()) : now;
    }

    /** What its own tests say on a day. */
    public Health own(Node node, LocalDate day) {
        String name = names.apply(node);
        Optional<HealthTest> last = tests.getOrDefault(node, List.of()).stream()
                .filter(t -> !t.day().isAfter(day))
                .max(Comparator.comparing(HealthTest::day).thenComparing(HealthTest::result));
        if (last.isEmpty()) {
            return new Health(Standing.UNTESTED, null, name + " was never tested.");
        }
        HealthTest test = last.get();
        if (test.result() != Result.CLEAR) {
            Standing standing = test.result() == Result.POSITIVE ? Standing.POSITIVE : Standing.SUSPECT;
            return new Health(standing, null, name + " tested " + standing.words() + " on " + test.day() + ".");
        }
        return clear(node, name, test, day);
    }

    private Health clear(Node node, String name, HealthTest test, LocalDate day) {
        LocalDate until = test.day().plusDays(test.validDays());
        LocalDate left = leftHouse.get(node);
        if (day.isAfter(until)) {
            return new Health(
                    Standing.LAPSED, until, name + ": the clear test of " + test.day() + " held to " + until + ".");
        }
        if (left != null && left.isAfter(test.day()) && !left.isAfter(day)) {
            return new Health(
                    Standing.DUE, until, name + " left the insect-proof house on " + left + ", after its test.");
        }
        if (day.isAfter(until.minusDays(dueDays))) {
            return new Health(
                    Standing.DUE, until, name + ": the clear test of " + test.day() + " holds to " + until + " only.");
        }
        return new Health(Standing.CLEAN, until, name + " tested clear on " + test.day() + ", holds to " + until + ".");
    }
}
