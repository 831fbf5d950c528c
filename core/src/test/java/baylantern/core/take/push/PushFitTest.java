package baylantern.core.take.push;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.take.push.PushCase.End;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The course of pushing against a published table, a plain loop and simulated farms. */
class PushFitTest {

    private static PushCase exact(double day, End end) {
        return new PushCase(day, day, end);
    }

    /** E. J. Freireich et al., Blood 21 (1963), 699–716: weeks in remission; the product as tabled by E. A. Gehan (1965). */
    @Test
    void atExactDaysItIsTheProductOfKaplanAndMeier() {
        List<PushCase> cases = new ArrayList<>();
        for (int week : new int[] {6, 6, 6, 7, 10, 13, 16, 22, 23}) {
            cases.add(exact(week, End.PUSHED));
        }
        for (int week : new int[] {6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35}) {
            cases.add(PushCase.waiting(week));
        }
        PushCurve curve = PushFit.of(cases);
        double[][] told = {{5.9, 1}, {6, .857}, {7, .807}, {10, .753}, {13, .690}, {16, .627}, {22, .538}, {23, .448}};
        for (double[] one : told) {
            assertThat(1 - curve.pushedBy(one[0])).as("week " + one[0]).isCloseTo(one[1], within(5.1e-4));
        }
        assertThat(curve.open()).isCloseTo(.448, within(5.1e-4));
        assertThat(curve.died()).isZero();
    }

    /** Two causes at exact days: O. O. Aalen, S. Johansen, Scand. J. Statist. 5 (1978), 141–150, reckoned by hand. */
    @Property(tries = 30)
    void withTwoEndsAtExactDaysItIsTheCumulativeIncidence(@ForAll @IntRange(max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<PushCase> cases = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            double day = 1 + random.nextInt(12);
            int end = random.nextInt(3);
            cases.add(end == 2 ? PushCase.waiting(day) : exact(day, End.values()[end]));
        }
        PushCurve curve = PushFit.of(cases);
        double silent = 1;
        double pushed = 0;
        for (int day = 1; day <= 12; day++) {
            int d = day;
            double atRisk = cases.stream().filter(c -> c.after() >= d).count();
            double pushes = count(cases, d, End.PUSHED);
            double deaths = count(cases, d, End.DIED);
            pushed += atRisk > 0 ? silent * pushes / atRisk : 0;
            silent *= atRisk > 0 ? 1 - (pushes + deaths) / atRisk : 1;
            assertThat(curve.pushedBy(day)).isCloseTo(pushed, within(1e-6));
        }
    }

    private static double count(List<PushCase> cases, int day, End end) {
        return cases.stream().filter(c -> c.end() == end && c.after() == day).count();
    }

    /** A loop that knows nothing of innermost intervals: mass on every day, spread and gathered until it stands. */
    @Property(tries = 12)
    void betweenLooksItIsWhereAPlainLoopComesToStand(@ForAll @IntRange(max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<PushCase> cases = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            int after = random.nextInt(9);
            int end = random.nextInt(3);
            cases.add(
                    end == 2
                            ? PushCase.waiting(after)
                            : new PushCase(after, after + 1 + random.nextInt(5), End.values()[end]));
        }
        PushCurve curve = PushFit.of(cases);
        double plain = plainLikelihood(cases);
        assertThat(likelihood(cases, curve)).isCloseTo(plain, within(1e-6));
    }

    private static double plainLikelihood(List<PushCase> cases) {
        int days = 16;
        double[][] mass = new double[2][days];
        double open = 1.0 / (2 * days + 1);
        for (double[] row : mass) {
            java.util.Arrays.fill(row, open);
        }
        double told = 0;
        for (int round = 0; round < 12_000; round++) {
            double[][] next = new double[2][days];
            double nextOpen = 0;
            told = 0;
            for (PushCase one : cases) {
                boolean waits = one.end() == End.WAITING;
                double sum = waits ? open : 0;
                for (int k = 0; k < 2; k++) {
                    for (int day = 0; day < days; day++) {
                        sum += holds(one, k, day) ? mass[k][day] : 0;
                    }
                }
                told += Math.log(sum);
                for (int k = 0; k < 2; k++) {
                    for (int day = 0; day < days; day++) {
                        next[k][day] += holds(one, k, day) ? mass[k][day] / sum / cases.size() : 0;
                    }
                }
                nextOpen += waits ? open / sum / cases.size() : 0;
            }
            mass = next;
            open = nextOpen;
        }
        return told;
    }

    private static boolean holds(PushCase one, int cause, int day) {
        boolean own = one.end() == End.WAITING || one.end() == End.values()[cause];
        return own && day > one.after() && day <= one.by();
    }

    private static double likelihood(List<PushCase> cases, PushCurve curve) {
        double told = 0;
        for (PushCase one : cases) {
            double push = curve.pushedBy(one.by()) - curve.pushedBy(one.after());
            double die = curve.diedBy(one.by()) - curve.diedBy(one.after());
            told += Math.log(
                    switch (one.end()) {
                        case PUSHED -> push;
                        case DIED -> die;
                        case WAITING -> push + die + curve.open();
                    });
        }
        return told;
    }

    @Property(tries = 40)
    void sharesAreSharesAndGrow(@ForAll @IntRange(max = 1_000_000) int seed) {
        List<PushCase> cases = new ArrayList<>();
        new Farm(new Random(seed), 6, 5).sessions.forEach(cases::addAll);
        PushCurve curve = PushFit.of(cases);
        assertThat(curve.pushed() + curve.died() + curve.open()).isCloseTo(1, within(1e-6));
        for (int day = 0; day < 150; day++) {
            assertThat(curve.pushedBy(day)).isLessThanOrEqualTo(curve.pushedBy(day + 1) + 1e-12);
            assertThat(curve.diedBy(day)).isLessThanOrEqualTo(curve.diedBy(day + 1) + 1e-12);
        }
    }

    @Test
    void nothingIsToldOfNothingAndOneWaitingGraftLeavesAllOpen() {
        assertThat(PushFit.of(List.of()).open()).isEqualTo(1);
        assertThat(PushFit.of(List.of(PushCase.waiting(9))).open()).isCloseTo(1, within(1e-9));
        assertThat(PushFit.of(List.of()).median()).isNaN();
        assertThat(PushFit.of(List.of(exact(9, End.DIED))).stillPushes(3)).isZero();
    }

    /** The truth is no member of any family the fit knows: days differ in their luck, and looks come when they come. */
    /** Grafts counted under one number are drawn as each graft by itself is; the band is fitted less closely. */
    @Test
    void theBandIsThatOfGraftsDrawnOneByOne() {
        Random random = new Random(4);
        List<List<PushCase>> sessions = new ArrayList<>();
        for (int s = 0; s < 9; s++) {
            List<PushCase> session = new ArrayList<>();
            for (int i = 0; i < 3 + s; i++) {
                double after = random.nextInt(4) * 7.0;
                session.add(
                        switch (random.nextInt(3)) {
                            case 0 -> PushCase.waiting(after);
                            case 1 -> new PushCase(after, after + 7, End.DIED);
                            default -> new PushCase(after, after + 7, End.PUSHED);
                        });
            }
            sessions.add(session);
        }
        SplittableRandom draws = new SplittableRandom(21);
        double[] by = new double[200];
        for (int draw = 0; draw < by.length; draw++) {
            List<PushCase> drawn = new ArrayList<>();
            for (int s = 0; s < sessions.size(); s++) {
                List<PushCase> session = sessions.get(draws.nextInt(sessions.size()));
                for (int i = 0; i < session.size(); i++) {
                    drawn.add(session.get(draws.nextInt(session.size())));
                }
            }
            by[draw] = PushFit.of(drawn).pushedBy(20);
        }
        Arrays.sort(by);
        PushBand.Range range = PushBand.of(sessions, 0.9, 21).pushedBy(20);
        assertThat(range.low()).isCloseTo(by[10], within(1e-2));
        assertThat(range.high()).isCloseTo(by[190], within(1e-2));
    }

    @Test
    void theBandHoldsTheTruthNineTimesInTenOnSimulatedFarms() {
        int held = 0;
        int asked = 0;
        for (int farm = 0; farm < 200; farm++) {
            Farm made = new Farm(new Random(farm), 16, 9);
            PushBand band = PushBand.of(made.sessions, 0.9, 7);
            for (double day : new double[] {26, 32, 40, 55}) {
                PushBand.Range range = band.pushedBy(day);
                double truth = Farm.truth(day);
                held += range.low() <= truth && truth <= range.high() ? 1 : 0;
                asked++;
            }
        }
        System.out.println("push band held " + held + " of " + asked);
        assertThat((double) held / asked).isBetween(0.85, 0.95);
    }

    /** Pushes by a log-normal, deaths by another; a session's luck moves the take. */
    private static final class Farm {
        private static final double TAKE = 0.9;
        final List<List<PushCase>> sessions = new ArrayList<>();

        Farm(Random random, int sessions, int grafts) {
            for (int s = 0; s < sessions; s++) {
                double take = take(random.nextGaussian());
                int every = 6 + random.nextInt(7);
                double now = 15 + random.nextInt(140);
                List<PushCase> session = new ArrayList<>();
                for (int g = 0; g < grafts; g++) {
                    boolean takes = random.nextDouble() < take;
                    double when = takes
                            ? 30 * Math.exp(0.25 * random.nextGaussian())
                            : 40 * Math.exp(0.5 * random.nextGaussian());
                    session.add(looked(takes, when, every, random.nextInt(every), now));
                }
                this.sessions.add(session);
            }
        }

        private static double take(double luck) {
            return 1 / (1 + Math.exp(-(TAKE + 0.4 * luck)));
        }

        private static PushCase looked(boolean takes, double when, int every, int first, double now) {
            double after = 0;
            for (double look = first + 1; look <= now; look += every) {
                if (when <= look) {
                    return new PushCase(after, look, takes ? End.PUSHED : End.DIED);
                }
                after = look;
            }
            return PushCase.waiting(after);
        }

        static double truth(double day) {
            double take = 0;
            for (int i = 0; i < 2000; i++) {
                take += take(new Random(i).nextGaussian()) / 2000;
            }
            double z = Math.log(day / 30) / 0.25;
            return take
                    * org.apache.commons.statistics.distribution.NormalDistribution.of(0, 1)
                            .cumulativeProbability(z);
        }
    }
}
