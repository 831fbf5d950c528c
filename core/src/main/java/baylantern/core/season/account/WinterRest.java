package baylantern.core.season.account;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;

/**
 * How much longer buds rest through winter than its warmth says, as it is held beforehand: evergreens rest through short
 * days also where it stays warm. From the 25th parallel on as the rulebook has it, towards the equator ever less.
 *
 * @param more so much more is wanted after a swell at the turn to autumn, and so much less after one in spring, log of warmth
 * @param slower so much slower a clock goes in the middle of winter, and so much quicker in summer, log of its pace; both are
 *     the other way round, and below 0, in the south
 */
record WinterRest(double more, double slower) {

    private static final double WHOLE_FROM_DEG = 25;

    /** What is held of a place. */
    static WinterRest at(double latitudeDeg, FlushRules rules) {
        double part = Math.max(-1, Math.min(1, latitudeDeg / WHOLE_FROM_DEG));
        return new WinterRest(part * rules.value(FigureName.AUTUMN_REST), part * rules.value(FigureName.WINTER_PACE));
    }

    /** By the day on which it begins, as parts of the two waves of the year, see {@link YearDay#waves}. */
    double[] begun() {
        return new double[] {0, -more, 0, 0};
    }

    /** By the days it runs through, likewise. */
    double[] through() {
        return new double[] {-slower, 0, 0, 0};
    }

    /** So many times as long as usual a gap takes that begins on a day. */
    double times(int day) {
        return Math.exp(SeasonWave.at(begun(), day));
    }
}
