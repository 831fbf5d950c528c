package baylantern.core.season.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What is held of winter's rest beforehand, and what is left of it where trees show that they do not rest. */
class WinterRestTest {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    private static final int FIRST = (int) LocalDate.of(2021, 1, 1).toEpochDay();
    private static final int DAYS = 1600;
    private static final double WANTED = 1000;
    private static final double USUAL = 10;

    private static Accounts.Grounds at(double latitudeDeg) {
        return new Accounts.Grounds(RULES, WANTED, USUAL, latitudeDeg);
    }

    private static int day(int month) {
        return (int) LocalDate.of(2022, month, 22).toEpochDay();
    }

    // As warm on every day, so that nothing but the trees tells one time of year from another.
    private static SkyDays evenWarmth(double latitudeDeg) {
        double[] sums = new double[DAYS];
        double[][] drivers = new double[DAYS][Drivers.COUNT];
        SunTurn sun = new SunTurn(FIRST, DAYS, latitudeDeg);
        for (int i = 0; i < DAYS; i++) {
            sums[i] = USUAL * i;
            System.arraycopy(sun.waves(FIRST + i), 0, drivers[i], 0, YearDay.WAVES);
        }
        return new SkyDays(FIRST, DAYS, sums, new double[] {USUAL * DAYS}, drivers, new double[][] {drivers[0]});
    }

    private static TreeRecord swelled(long plant, List<Integer> days) {
        return new TreeRecord(
                plant,
                List.of(),
                days.stream()
                        .map(day -> new TreeRecord.Seen(day, day - 3, day + 3))
                        .toList());
    }

    @Test
    void whatSwellsInAutumnRestsAndTheSouthIsTheOtherWayRound() {
        double more = Math.exp(RULES.value(FigureName.AUTUMN_REST));
        WinterRest north = at(31).rest();
        assertThat(north.times(day(9))).isCloseTo(more, within(0.01));
        assertThat(north.times(day(3))).isCloseTo(1 / more, within(0.01));
        assertThat(north.times(day(6))).isCloseTo(1, within(0.05));
        WinterRest south = at(-31).rest();
        for (int month = 1; month <= 12; month++) {
            assertThat(south.times(day(month))).isCloseTo(north.times(day((month + 5) % 12 + 1)), within(0.01));
        }
        assertThat(at(12.5).rest().more()).isCloseTo(north.more() / 2, within(1e-9));
        assertThat(at(0).rest().times(day(9))).isEqualTo(1);
    }

    @Test
    void withNothingSeenTheClockGoesSlowerInWinter() {
        Hurry north = Hurry.beforehand(at(27));
        SkyDays sky = evenWarmth(27);
        double[] passed = north.past(sky);
        int winter = day(1) - FIRST;
        int summer = day(7) - FIRST;
        double pace = Math.log((passed[winter] - passed[winter - 1]) / (passed[summer] - passed[summer - 1]));
        assertThat(pace).isCloseTo(-2 * RULES.value(FigureName.WINTER_PACE), within(0.03));
        assertThat(north.season().at(day(9))).isCloseTo(RULES.value(FigureName.AUTUMN_REST), within(0.01));
        assertThat(Hurry.beforehand(at(0)).season().at(day(9))).isZero();
    }

    /** From October to April is long without hiding a flush; as long from March to September is not. */
    @Test
    void aLongGapHidesNothingInWinter() {
        int october = (int) LocalDate.of(2022, 10, 1).toEpochDay();
        assertThat(plain(31, october)).isEqualTo(8);
        assertThat(plain(0, october)).isEqualTo(7);
        assertThat(plain(31, october - 183)).isEqualTo(7);
    }

    // How many of the gaps of a tree hide nothing, one of them of 175 days and all others of about 100.
    private static int plain(double latitudeDeg, int longFrom) {
        List<Integer> days = new ArrayList<>();
        for (int back = 4; back >= 0; back--) {
            days.add(longFrom - 102 * back);
        }
        for (int ahead = 0; ahead < 4; ahead++) {
            days.add(longFrom + 175 + 101 * ahead);
        }
        return Gaps.of(List.of(swelled(1, days)), evenWarmth(latitudeDeg), at(latitudeDeg))
                .plain()
                .size();
    }

    @Test
    void treesThatDoNotRestAreBelieved() {
        SplittableRandom random = new SplittableRandom(3);
        List<TreeRecord> steady = new ArrayList<>();
        for (int plant = 1; plant <= 12; plant++) {
            List<Integer> swells = new ArrayList<>();
            for (double next = 100 * random.nextDouble(); next < DAYS - 10; ) {
                swells.add(FIRST + (int) next);
                next += 100 * Math.exp(0.1 * random.nextGaussian());
            }
            steady.add(swelled(plant, swells));
        }
        SkyDays sky = evenWarmth(31);
        List<Gap> gaps = Gaps.of(steady, sky, at(31)).plain();
        SeasonWave season = SeasonWave.learn(at(31), gaps);
        Hurry hurry = HurryTurns.learn(at(31), gaps, sky);
        for (int month = 1; month <= 12; month++) {
            assertThat(season.at(day(month))).as("month " + month).isCloseTo(0, within(0.06));
            assertThat(through(hurry, day(month))).as("month " + month).isBetween(93, 107);
        }
    }

    // The days until as much has passed as is wanted after a swell of a day.
    private static int through(Hurry hurry, int begun) {
        SunTurn sun = new SunTurn(begun, 400, 31);
        double left = WANTED * Math.exp(hurry.season().at(begun));
        int days = 0;
        while (left > 0) {
            days++;
            double[] drivers = new double[Drivers.COUNT];
            System.arraycopy(sun.waves(begun + days), 0, drivers, 0, YearDay.WAVES);
            left -= hurry.passes(hurry.felt(USUAL, drivers));
        }
        return days;
    }
}
