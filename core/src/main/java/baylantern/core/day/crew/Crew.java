package baylantern.core.day.crew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A team at its work: sticks are prepared, cut and joined, wrapped, labelled, one graft after another, as a line of small
 * queues (tandem queue with several servers; each graft goes to whoever can begin it first). What nobody has as their role
 * is done by the one before or after: sticks by who cuts, wrapping by who cuts, labels by who wraps. Who cuts waits before
 * so many faces would lie open that they wait too long.
 */
public final class Crew {

    private static final double SECONDS = 60;

    private final List<Hand> hands;
    private final List<Pause> pauses;
    private final double faceMinutes;

    /**
     * A team.
     *
     * @param faceMinutes so long a cut face may wait, over 0
     * @throws IllegalArgumentException where nobody cuts
     */
    public Crew(List<Hand> hands, List<Pause> pauses, double faceMinutes) {
        if (hands.stream().noneMatch(hand -> hand.role().takesGrafts())) {
            throw new IllegalArgumentException("Nobody cuts: somebody is wanted who cuts, or who does all of it.");
        }
        this.hands = List.copyOf(hands);
        this.pauses =
                pauses.stream().sorted(Comparator.comparingDouble(Pause::from)).toList();
        this.faceMinutes = faceMinutes;
    }

    /** The day with every time as usual. */
    public Flow usual(List<Stint> stints) {
        return run(stints, () -> 1);
    }

    /**
     * How many grafts may be in the hands of those who cut or lie cut, so that none waits too long for those who wrap where
     * these are free: {@code wrapping · (1 + ⌊limit / time to wrap⌋)}.
     */
    public int ahead(Stint.Seconds each) {
        double wrap = (each.wrap() + (has(Role.LABEL) ? 0 : each.label())) / SECONDS;
        return wrap <= 0 ? Integer.MAX_VALUE : (int) (count(Role.WRAP) * (1 + Math.floor(faceMinutes / wrap)));
    }

    Flow run(List<Stint> stints, Times times) {
        Run run = new Run(times);
        for (int i = 0; i < stints.size(); i++) {
            for (int graft = 0; graft < stints.get(i).grafts(); graft++) {
                run.graft(i, stints.get(i));
            }
        }
        return run.told();
    }

    private boolean has(Role role) {
        return count(role) > 0;
    }

    private long count(Role role) {
        return hands.stream().filter(hand -> hand.role() == role).count();
    }

    /** One way a day can go. */
    private final class Run {

        private final Times times;
        private final List<Lane> lanes =
                hands.stream().map(hand -> new Lane(hand, pauses)).toList();
        private final List<Double> wrapsBegun = new ArrayList<>();
        private final List<Flow.Open> open = new ArrayList<>();
        private double longest;
        private double finish;

        Run(Times times) {
            this.times = times;
        }

        void graft(int at, Stint stint) {
            Lane lane = first(at, stint, gate(stint));
            double done = lane.hand().role() == Role.WHOLE ? whole(lane, at, stint) : inLine(lane, at, stint);
            finish = Math.max(finish, done);
        }

        // Who can begin it first takes it; who does all of it need not wait for those who wrap.
        private Lane first(int at, Stint stint, double gate) {
            Lane best = null;
            double soonest = Double.POSITIVE_INFINITY;
            for (Lane lane : lanes) {
                if (lane.hand().role().takesGrafts()) {
                    double begins = lane.begins(at, stint, lane.hand().role() == Role.WHOLE ? 0 : gate);
                    if (begins < soonest) {
                        best = lane;
                        soonest = begins;
                    }
                }
            }
            if (best == null) {
                throw new IllegalStateException("a crew has somebody who cuts");
            }
            return best;
        }

        private Lane least(Role role, int at, Stint stint) {
            Lane best = null;
            for (Lane lane : lanes) {
                if (lane.hand().role() == role && (best == null || lane.ready(at, stint) < best.ready(at, stint))) {
                    best = lane;
                }
            }
            if (best == null) {
                throw new IllegalStateException("nobody with the role " + role);
            }
            return best;
        }

        private double whole(Lane lane, int at, Stint stint) {
            return begun(lane, at, stint, 0, stint.each().whole());
        }

        private double inLine(Lane cutter, int at, Stint stint) {
            Stint.Seconds each = stint.each();
            double prepared =
                    has(Role.PREPARE) ? begun(least(Role.PREPARE, at, stint), at, stint, 0, each.prepare()) : 0;
            double gate = Math.max(prepared, gate(stint));
            double own = each.cut() + (has(Role.PREPARE) ? 0 : each.prepare());
            if (!has(Role.WRAP)) {
                own += each.wrap() + (has(Role.LABEL) ? 0 : each.label());
            }
            double cut = begun(cutter, at, stint, gate, own);
            double wrapped = has(Role.WRAP) ? wrap(at, stint, cut) : cut;
            return has(Role.LABEL) ? label(at, stint, wrapped) : wrapped;
        }

        private double gate(Stint stint) {
            if (!has(Role.WRAP)) {
                return 0;
            }
            int before = wrapsBegun.size() - ahead(stint.each());
            return before >= 0 ? wrapsBegun.get(before) : 0;
        }

        // What lies open is wrapped, pause or not.
        private double wrap(int at, Stint stint, double cut) {
            Lane lane = least(Role.WRAP, at, stint);
            double begins = Math.max(cut, lane.ready(at, stint));
            wrapsBegun.add(begins);
            double waited = begins - cut;
            longest = Math.max(longest, waited);
            if (waited > faceMinutes) {
                open.add(new Flow.Open(stint.block(), cut, waited));
            }
            double seconds =
                    stint.each().wrap() + (has(Role.LABEL) ? 0 : stint.each().label());
            return lane.work(at, stint, cut, minutes(lane, seconds));
        }

        private double label(int at, Stint stint, double wrapped) {
            Lane lane = least(Role.LABEL, at, stint);
            return lane.work(at, stint, wrapped, minutes(lane, stint.each().label()));
        }

        private double begun(Lane lane, int at, Stint stint, double from, double seconds) {
            return lane.work(at, stint, lane.begins(at, stint, from), minutes(lane, seconds));
        }

        private double minutes(Lane lane, double seconds) {
            return seconds <= 0 ? 0 : seconds / SECONDS * lane.hand().pace() * times.next();
        }

        Flow told() {
            return new Flow(
                    lanes.stream()
                            .map(lane -> new Flow.Of(lane.hand(), lane.spans()))
                            .toList(),
                    finish,
                    List.copyOf(open),
                    longest);
        }
    }
}
