package baylantern.core.season.weather;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Heavy and light spells of a site's rain, as far as its record shows them: what a wet day brings goes up and down together
 * with the wet days around it by a factor that is log-normal, 1 in the mean, and half forgotten in a week. Where the amounts
 * of near wet days do not go together beyond chance there are none.
 */
final class RainSpells {

    // From day to day; a spell of rain lasts a week or two.
    private static final double PERSISTENCE = 0.9;
    private static final int NEAR_DAYS = 7;
    private static final int LATELY_DAYS = 40;
    // Wilder rain than this is a slip of the record.
    private static final double MOST_SPREAD = 1.2;
    // Mean and variance of the log of an exponential amount of mean 1: Euler's constant, and π²/6.
    private static final double LOG_MEAN = -0.577_215_664_9;
    private static final double LOG_VARIANCE = Math.PI * Math.PI / 6;

    private final double spread;
    private final Log now;

    private RainSpells(double spread, Log now) {
        this.spread = spread;
        this.now = now;
    }

    /** A wet day of the record, and how much it brought against what the normals have for one. */
    private record Wet(int day, double times) {}

    /** Of the record before a day. */
    static RainSpells before(LocalDate first, Weather weather) {
        List<Wet> wet = new ArrayList<>();
        for (WeatherDay day : weather.recordedBefore(first)) {
            double usual = WeatherYears.wetDayMm(weather.climate().on(day.day()));
            if (day.rainMm() > 0 && usual > 0) {
                wet.add(new Wet((int) day.day().toEpochDay(), day.rainMm() / usual));
            }
        }
        double mean = wet.stream().mapToDouble(Wet::times).average().orElse(1);
        return lately(wet, mean, spread(wet, mean), (int) first.toEpochDay());
    }

    /**
     * How far the factor spreads, on the log scale. Departures from the mean, in parts of it, have the product e^(s²·p) − 1 over
     * days on which the factor persists by p; were all amounts apart from each other, the mean product of n pairs would be 0 ± v/√n,
     * v the variance of one, by which it is drawn to 0 (the positive part of James and Stein 1961).
     */
    private static double spread(List<Wet> wet, double mean) {
        double products = 0;
        double persists = 0;
        int pairs = 0;
        for (int i = 0; i < wet.size(); i++) {
            for (int j = i + 1; j < wet.size() && wet.get(j).day - wet.get(i).day <= NEAR_DAYS; j++) {
                products += (wet.get(i).times / mean - 1) * (wet.get(j).times / mean - 1);
                persists += Math.pow(PERSISTENCE, wet.get(j).day - wet.get(i).day);
                pairs++;
            }
        }
        double together = products / Math.max(1, pairs);
        if (together <= 0) {
            return 0;
        }
        double variance = wet.stream()
                .mapToDouble(one -> (one.times / mean - 1) * (one.times / mean - 1))
                .average()
                .orElse(1);
        double beyondChance = Math.max(0, together - variance * variance / (pairs * together));
        return Math.min(MOST_SPREAD, Math.sqrt(Math.log(1 + beyondChance) * pairs / persists));
    }

    // What the last weeks say of the spell under way (a Kalman filter of its log).
    private static RainSpells lately(List<Wet> wet, double mean, double spread, int first) {
        Log log = new Log(usual(spread), spread * spread);
        int day = first - LATELY_DAYS;
        for (Wet one : wet) {
            if (one.day >= day) {
                log = log.after(one.day - day, spread).seen(Math.log(one.times / mean) - LOG_MEAN);
                day = one.day;
            }
        }
        return new RainSpells(spread, log.after(first - day, spread));
    }

    /** The log of a factor of this spread whose mean is 1. */
    private static double usual(double spread) {
        return -spread * spread / 2;
    }

    /** What is believed of the log of the factor on a day. */
    private record Log(double mean, double variance) {

        Log after(int days, double spread) {
            double kept = Math.pow(PERSISTENCE, days);
            return new Log(
                    usual(spread) + kept * (mean - usual(spread)),
                    kept * kept * variance + (1 - kept * kept) * spread * spread);
        }

        Log seen(double value) {
            double gain = variance / (variance + LOG_VARIANCE);
            return new Log(mean + gain * (value - mean), (1 - gain) * variance);
        }
    }

    /** How far the factor spreads, on the log scale; 0 where there are no spells. */
    double spread() {
        return spread;
    }

    /** Draws the factor of so many days in a row, from the first on. */
    double[] draw(int days, RandomGenerator random) {
        double usual = usual(spread);
        double fresh = spread * Math.sqrt(1 - PERSISTENCE * PERSISTENCE);
        double[] factors = new double[days];
        double log = now.mean + Math.sqrt(now.variance) * random.nextGaussian();
        for (int t = 0; t < days; t++) {
            factors[t] = Math.exp(log);
            log = usual + PERSISTENCE * (log - usual) + fresh * random.nextGaussian();
        }
        return factors;
    }
}
