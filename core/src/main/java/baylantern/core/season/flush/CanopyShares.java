package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What share of the canopy is at which stage. Written "S40 M60"; what is not named is resting.
 *
 * @param shares 0 to 1 each, by stage, together 1
 */
public record CanopyShares(Map<BudStage, Double> shares) {

    private static final int STEP_PCT = 10;

    /** Requires shares that add up to 1. */
    public CanopyShares {
        double sum = shares.values().stream().mapToDouble(Double::doubleValue).sum();
        if (!(Math.abs(sum - 1) < 1e-6)) {
            throw new IllegalArgumentException("shares add up to " + Math.round(sum * 100) + " %, not 100 %");
        }
        shares = Map.copyOf(shares);
    }

    /** The whole canopy at one stage. */
    public static CanopyShares all(BudStage stage) {
        return new CanopyShares(Map.of(stage, 1.0));
    }

    /**
     * Reads "S40 M60". Throws {@link IllegalArgumentException} with a sentence where a stage is unknown or named twice, a
     * share is not a whole ten per cent from 10 to 100, or they pass 100 together.
     */
    public static CanopyShares parse(String written) {
        Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
        int sum = 0;
        for (String part : written.strip().toUpperCase(Locale.ROOT).split("[\\s,;]+")) {
            BudStage stage = stage(part);
            int pct = percent(part);
            if (shares.put(stage, pct / 100.0) != null) {
                throw new IllegalArgumentException(stage.words() + " is named twice in \"" + written + "\".");
            }
            sum += pct;
        }
        if (sum > 100) {
            throw new IllegalArgumentException(
                    "The shares in \"" + written + "\" add up to " + sum + " %; a canopy has 100 %.");
        }
        if (sum < 100) {
            shares.merge(BudStage.R, (100 - sum) / 100.0, Double::sum);
        }
        return new CanopyShares(shares);
    }

    private static BudStage stage(String part) {
        try {
            return BudStage.valueOf(part.substring(0, Math.min(1, part.length())));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("\"" + part + "\" is no stage; they are R, S, P, F, H and M.", e);
        }
    }

    private static int percent(String part) {
        String digits = part.substring(1).replace("%", "");
        int pct = digits.isEmpty() ? 100 : digits.matches("\\d{1,3}") ? Integer.parseInt(digits) : -1;
        if (pct >= STEP_PCT && pct <= 100 && pct % STEP_PCT == 0) {
            return pct;
        }
        throw new IllegalArgumentException(
                "\"" + part + "\" has no share in tens; write S40 for 40 % swelling, from 10 to 100.");
    }

    /** The mean of two sides. */
    public CanopyShares mean(CanopyShares other) {
        Map<BudStage, Double> both = new EnumMap<>(BudStage.class);
        shares.forEach((stage, share) -> both.merge(stage, share / 2, Double::sum));
        other.shares.forEach((stage, share) -> both.merge(stage, share / 2, Double::sum));
        return new CanopyShares(both);
    }

    /** Share of one stage, 0 to 1. */
    public double of(BudStage stage) {
        return shares.getOrDefault(stage, 0.0);
    }

    /** Share that has left rest: swelling, pushing or flushing. */
    public double active() {
        return of(BudStage.S) + of(BudStage.P) + of(BudStage.F);
    }

    /** The stage with the largest share; of equal ones the earlier in the flush. */
    public BudStage leading() {
        BudStage best = BudStage.S;
        for (BudStage stage : BudStage.values()) {
            best = of(stage) > of(best) + 1e-9 ? stage : best;
        }
        return best;
    }

    /** The stages present, in the order of a flush. */
    public List<BudStage> present() {
        List<BudStage> found = new ArrayList<>();
        for (BudStage stage : BudStage.values()) {
            if (of(stage) > 0) {
                found.add(stage);
            }
        }
        return found;
    }

    /** The written form that {@link #parse} reads. */
    public String written() {
        return String.join(
                " ",
                present().stream()
                        .map(stage -> stage.name() + Math.round(of(stage) * 100))
                        .toList());
    }
}
