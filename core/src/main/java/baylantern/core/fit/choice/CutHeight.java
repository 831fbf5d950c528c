package baylantern.core.fit.choice;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Taper;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Technique;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where on a stem to cut: where it is as thick as suits the scion, within what the stem allows.
 *
 * <p>The wanted diameter is the scion's own where the technique wants equal sizes (its ratio reaches 1 and its best is
 * 0.9 or more), else the scion's over the technique's best ratio. The height is read off the taper; where the limits
 * forbid it, the nearest height allowed is taken.
 */
public final class CutHeight {

    private static final double EQUAL_FROM = 0.9;
    private static final int HALVINGS = 50;

    private final FitRules rules;

    /** Heights under these figures. */
    public CutHeight(FitRules rules) {
        this.rules = rules;
    }

    /**
     * A stem as it stands.
     *
     * @param topMm height of its tip, mm; null where not measured
     * @param leafMm height of the lowest leaf that should stay as nurse, mm; null where not known
     */
    public record Standing(
            Taper taper, @Nullable Double topMm, @Nullable Double leafMm, String speciesKey) {}

    /**
     * One limit on the height.
     *
     * @param lowest true where it says how low, false where it says how high
     */
    public record HeightLimit(String key, String words, double heightMm, boolean lowest) {}

    /**
     * Where to cut.
     *
     * @param stockMm diameter there, mm
     * @param wantedMm diameter wanted, mm
     * @param exactMm height at which the stem is just that thick, null where it is nowhere
     * @param bound the limit that moved the cut, null where none did
     */
    public record CutPlace(
            double heightMm,
            double stockMm,
            double wantedMm,
            @Nullable Double exactMm,
            @Nullable HeightLimit bound,
            List<HeightLimit> limits) {}

    /** The place to cut; throws {@link FitRefused} where the limits leave no room. */
    public CutPlace place(Standing stem, double scionMm, Technique technique, double cutMm) {
        List<HeightLimit> limits = limits(stem, technique, cutMm);
        HeightLimit low = limits.stream()
                .filter(HeightLimit::lowest)
                .max(Comparator.comparingDouble(HeightLimit::heightMm))
                .orElseThrow();
        HeightLimit high = limits.stream()
                .filter(l -> !l.lowest())
                .min(Comparator.comparingDouble(HeightLimit::heightMm))
                .orElseThrow();
        if (low.heightMm() > high.heightMm()) {
            throw new FitRefused(
                    "heightMm",
                    Quantity.mm(high.heightMm()),
                    "from " + Quantity.mm(low.heightMm()),
                    "There is no room on this stem: " + low.words() + " asks for "
                            + Quantity.mm(low.heightMm()) + " or higher, " + high.words() + " for "
                            + Quantity.mm(high.heightMm()) + " or lower.");
        }
        double wanted = wanted(scionMm, technique);
        Double exact = exact(stem, wanted, high.heightMm());
        double aim = exact != null ? exact : nearest(stem.taper(), wanted, low.heightMm(), high.heightMm());
        double height = Math.max(low.heightMm(), Math.min(high.heightMm(), aim));
        HeightLimit bound =
                exact != null && exact < low.heightMm() ? low : exact != null && exact > high.heightMm() ? high : null;
        return new CutPlace(height, stem.taper().diameterAt(height), wanted, exact, bound, limits);
    }

    private static double wanted(double scionMm, Technique technique) {
        double best = technique.ratio().value();
        boolean equal = technique.ratio().spans(1) && best >= EQUAL_FROM;
        return equal ? scionMm : scionMm / best;
    }

    /** All limits, lowest first. */
    public List<HeightLimit> limits(Standing stem, Technique technique, double cutMm) {
        boolean split = technique.group() == Technique.Group.CLEFT;
        double below = split ? cutMm : technique.group() == Technique.Group.BUD ? 0 : cutMm;
        double soil = rules.value(FigureName.SOIL_LOWEST_MM);
        List<HeightLimit> limits = new ArrayList<>();
        double least = Math.max(soil, rules.trait(technique.key()).lowestMm());
        limits.add(new HeightLimit("soil", "clear of the soil", least + below, true));
        if (stem.speciesKey().equals("citrus")) {
            limits.add(new HeightLimit(
                    "citrus",
                    "the union above soil-borne rot",
                    rules.value(FigureName.CITRUS_LOWEST_MM) + below,
                    true));
        }
        if (split) {
            limits.add(new HeightLimit("room", "room for the split", cutMm + rules.value(FigureName.ROOM_MM), true));
        }
        if (stem.leafMm() != null) {
            limits.add(new HeightLimit("leaf", "a nurse leaf left below", stem.leafMm() + below, true));
        }
        limits.add(new HeightLimit("reach", "within reach", rules.value(FigureName.REACH_MM), false));
        if (stem.topMm() != null) {
            double top = Math.max(0, stem.topMm() - rules.value(FigureName.TOP_MM));
            limits.add(new HeightLimit("top", "firm wood below the tip", top, false));
        }
        limits.sort(Comparator.comparingDouble(HeightLimit::heightMm));
        return limits;
    }

    // Looked for as high as a cut may lie, and beyond, since a height out of reach is told too.
    private static @Nullable Double exact(Standing stem, double wanted, double highest) {
        List<Taper.StemReading> readings = stem.taper().readings();
        double low = 0;
        double above = 2 * readings.get(readings.size() - 1).heightMm() + 1000;
        double high = Math.max(highest, Math.max(above, stem.topMm() != null ? stem.topMm() : 0));
        double atLow = stem.taper().diameterAt(low) - wanted;
        if (atLow == 0 && readings.size() == 1) {
            return readings.get(0).heightMm();
        }
        if (atLow * (stem.taper().diameterAt(high) - wanted) > 0) {
            return null;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if ((stem.taper().diameterAt(middle) - wanted) * atLow > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double nearest(Taper taper, double wanted, double low, double high) {
        double atLow = Math.abs(taper.diameterAt(low) - wanted);
        double atHigh = Math.abs(taper.diameterAt(high) - wanted);
        if (taper.readings().size() == 1) {
            return taper.readings().get(0).heightMm();
        }
        return atLow <= atHigh ? low : high;
    }
}
