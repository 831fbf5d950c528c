package baylantern.core.season.account;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How much trees usually take from swell to swell, and how much more or less by the time of year at which it begins: two
 * waves over the year on the log scale, learned with the trees' own means in turns; beforehand winter's rest.
 */
record SeasonWave(Levels levels, double[] wave) {

    private static final double[] SPREADS = {0.2, 0.2, 0.2, 0.2};
    private static final int TURNS = 4;

    /** The wave given, with what the trees take besides it; {@code passed} says how much passed in a gap. */
    static SeasonWave with(double[] wave, Levels.Prior prior, List<Gap> gaps, ToDoubleFunction<Gap> passed) {
        return new SeasonWave(
                new Levels(
                        prior,
                        gaps.stream()
                                .map(gap -> new Levels.Value(
                                        gap.plant(),
                                        Math.log(passed.applyAsDouble(gap))
                                                - at(wave, gap.from().day()),
                                        gap.warmthVariance()))
                                .toList()),
                wave);
    }

    /** Learns the wave of warmth. */
    static SeasonWave learn(Accounts.Grounds grounds, List<Gap> gaps) {
        Levels.Prior prior = grounds.warmth();
        double[] first = grounds.rest().begun();
        SeasonWave season = with(first, prior, gaps, Gap::warmth);
        for (int turn = 0; turn < TURNS; turn++) {
            Ridge ridge = new Ridge(first);
            for (Gap gap : gaps) {
                double precision = 1 / (prior.scatter() * prior.scatter() + gap.warmthVariance());
                double left = Math.log(gap.warmth()) - season.levels.mean(gap.plant());
                ridge.add(YearDay.waves(gap.from().day()), precision, left * precision);
            }
            season = with(ridge.fit(SPREADS).coefficients(), prior, gaps, Gap::warmth);
        }
        return season;
    }

    /** What a wave adds on a day. */
    static double at(double[] wave, int day) {
        double[] waves = YearDay.waves(day);
        double sum = 0;
        for (int i = 0; i < waves.length; i++) {
            sum += wave[i] * waves[i];
        }
        return sum;
    }

    /** By how much more is wanted of a tree that swells on a day, on the log scale. */
    double at(int day) {
        return at(wave, day);
    }

    /** The part of the usual that one unit is more or less worth to a tree that swelled on a day. */
    double times(int day) {
        return Math.exp(-at(day));
    }
}
