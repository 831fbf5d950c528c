package baylantern.core.care;

import baylantern.core.rules.Figure;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How fast a scion grows, and when it will be so long.
 *
 * <p>The rate in mm a healing day is log-normal about the rulebook's figure, whose range holds eight in ten. Each stretch
 * between two lengths tells its logarithm with the error of two readings and with how much one stretch differs from the
 * next; rates and errors are normal, so the belief after is in closed form. A length is reached when what is missing has
 * grown at one such rate.
 */
public final class ScionGrowth {

    /** Reading a shoot with a finger's error, mm. */
    static final double READING_MM = 6;

    /** How much one stretch of growth differs from the next, as a spread of the logarithm: waves and rests between. */
    static final double STRETCHES = 0.4;

    private static final double Z80 = 1.2815515655446004;
    private static final double LEAST_DAYS = 0.5;

    /** A length on a day. */
    public record Length(LocalDate day, double mm) {}

    /** Days between which something comes: one time in ten before the first, nine in ten before the last. */
    public record Span(LocalDate low, LocalDate mid, LocalDate high) {}

    private final Length last;
    private final double mean;
    private final double spread;
    private final HealingClock clock;

    private ScionGrowth(Length last, double mean, double spread, HealingClock clock) {
        this.last = last;
        this.mean = mean;
        this.spread = spread;
        this.clock = clock;
    }

    /**
     * What lengths tell, oldest first; empty where there is none.
     *
     * @param rate mm a healing day, its range holding eight in ten
     */
    public static Optional<ScionGrowth> of(List<Length> lengths, Figure rate, HealingClock clock) {
        if (lengths.isEmpty()) {
            return Optional.empty();
        }
        double priorMean = (Math.log(rate.low()) + Math.log(rate.high())) / 2;
        double priorSd = (Math.log(rate.high()) - Math.log(rate.low())) / (2 * Z80);
        double weight = 1 / (priorSd * priorSd);
        double sum = weight * priorMean;
        for (int i = 1; i < lengths.size(); i++) {
            double grown = lengths.get(i).mm() - lengths.get(i - 1).mm();
            double days = clock.between(lengths.get(i - 1).day(), lengths.get(i).day());
            if (grown > 0 && days >= LEAST_DAYS) {
                double reading = Math.sqrt(2) * READING_MM / grown;
                double w = 1 / (STRETCHES * STRETCHES + reading * reading);
                weight += w;
                sum += w * Math.log(grown / days);
            }
        }
        return Optional.of(new ScionGrowth(
                lengths.get(lengths.size() - 1), sum / weight, Math.sqrt(1 / weight + STRETCHES * STRETCHES), clock));
    }

    /** The rate that is as likely passed as not, mm a healing day. */
    public double rate() {
        return Math.exp(mean);
    }

    /** When it will be so long, mm; the day of its last length where it is so already. */
    public Span reaches(double mm) {
        double missing = Math.max(0, mm - last.mm());
        return new Span(
                in(missing * Math.exp(-mean - Z80 * spread)),
                in(missing * Math.exp(-mean)),
                in(missing * Math.exp(-mean + Z80 * spread)));
    }

    private LocalDate in(double healingDays) {
        return clock.after(last.day(), healingDays);
    }
}
