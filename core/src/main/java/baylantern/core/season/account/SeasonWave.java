package baylantern.core.season.account;

import java.util.ArrayList;
import java.util.List;

/**
 * How much more or less warmth is wanted by the time of year at which it begins: two waves over the year on the log
 * scale, learned with the trees' own means in turns; flat beforehand.
 */
record SeasonWave(Levels levels, double[] wave) {

    private static final double[] SPREADS = {0.2, 0.2, 0.2, 0.2};
    private static final int TURNS = 4;

    static SeasonWave learn(Levels.Prior prior, List<Gap> gaps) {
        double[] wave = new double[4];
        Levels levels = levels(prior, gaps, wave);
        for (int turn = 0; turn < TURNS; turn++) {
            Ridge ridge = new Ridge(wave.length);
            for (Gap gap : gaps) {
                double precision = 1 / (prior.scatter() * prior.scatter() + gap.warmthVariance());
                double left = Math.log(gap.warmth()) - levels.mean(gap.plant());
                ridge.add(waves(gap.from().day()), precision, left * precision);
            }
            wave = ridge.fit(SPREADS).coefficients();
            levels = levels(prior, gaps, wave);
        }
        return new SeasonWave(levels, wave);
    }

    private static Levels levels(Levels.Prior prior, List<Gap> gaps, double[] wave) {
        List<Levels.Value> values = new ArrayList<>();
        for (Gap gap : gaps) {
            values.add(new Levels.Value(
                    gap.plant(), Math.log(gap.warmth()) - at(wave, gap.from().day()), gap.warmthVariance()));
        }
        return new Levels(prior, values);
    }

    /** The two waves on a day. */
    static double[] waves(int day) {
        double turn = YearDay.turn(day);
        return new double[] {Math.cos(turn), Math.sin(turn), Math.cos(2 * turn), Math.sin(2 * turn)};
    }

    /** The wave on a day. */
    static double at(double[] wave, int day) {
        double[] waves = waves(day);
        double sum = 0;
        for (int i = 0; i < waves.length; i++) {
            sum += wave[i] * waves[i];
        }
        return sum;
    }
}
