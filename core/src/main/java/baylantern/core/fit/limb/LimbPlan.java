package baylantern.core.fit.limb;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Which limbs of an old tree are grafted this season, which come off, which stay.
 *
 * <p>Limbs beyond reach, too thick or too thin are not grafted. Of those left, the school says how many; which ones is
 * chosen exactly, over all subsets of that size, for the best sum of
 *
 * <pre>
 *   size     1 at the middle of the diameters that heal well, falling to 0 at the ends
 *   reach    1 − height / reach
 *   spread   the smallest angle between neighbours over the widest possible
 * </pre>
 *
 * <p>A nurse limb is the one that shades the rest from the afternoon sun: nearest to the south-west in the north, to
 * the north-west in the south, the thicker the better.
 */
public final class LimbPlan {

    /** So many limbs at most, so that every choice can be tried. */
    public static final int MOST_LIMBS = 16;

    private static final double TURN = 360;

    private final FitRules rules;

    /** Plans under these figures. */
    public LimbPlan(FitRules rules) {
        this.rules = rules;
    }

    /** How much of the old tree to keep. */
    public enum TreeSchool {
        ALL("remove every stock branch, so that it must feed the grafts"),
        THIRD("rework a third a season"),
        NURSE("graft all but one main limb, kept as a nurse");

        private final String words;

        TreeSchool(String words) {
            this.words = words;
        }

        /** As the grower says it. */
        public String words() {
            return words;
        }
    }

    /** What becomes of a limb. */
    public enum LimbFate {
        GRAFT,
        REMOVE,
        NURSE,
        LATER
    }

    /**
     * A limb where it would be cut.
     *
     * @param directionDeg where it points, clockwise from north, 0 to 360
     */
    public record Limb(String label, double diameterMm, double heightMm, double directionDeg) {

        /** Requires 2 to 500 mm thick, 0 to 10000 mm high, 0 to 360°, else {@link FitRefused}. */
        public Limb {
            FitRefused.within("diameterMm", "A limb's diameter", diameterMm, 2, 500, "mm");
            FitRefused.within("heightMm", "A limb's height", heightMm, 0, 10_000, "mm");
            FitRefused.within("directionDeg", "A limb's direction", directionDeg, 0, TURN, "°");
        }
    }

    /**
     * What to do with a limb.
     *
     * @param scions how many to set, 0 where it is not grafted
     * @param technique how, null where it is not grafted
     */
    public record LimbStep(
            Limb limb, LimbFate fate, int scions, @Nullable String technique, String why) {}

    /** The plan of a season, limbs in the order given. */
    public record LimbSeason(TreeSchool school, List<LimbStep> steps, String why) {}

    /** Plans a season. */
    public LimbSeason plan(List<Limb> limbs, TreeSchool school, Hemisphere hemisphere, Slips slips) {
        if (limbs.isEmpty() || limbs.size() > MOST_LIMBS) {
            throw new FitRefused(
                    "limbs",
                    limbs.size(),
                    "1 to " + MOST_LIMBS,
                    "A tree is planned with 1 to " + MOST_LIMBS + " limbs, not " + limbs.size() + ".");
        }
        List<Limb> fit = limbs.stream().filter(l -> unfit(l) == null).toList();
        Limb nurse = school == TreeSchool.NURSE ? nurse(limbs, hemisphere) : null;
        List<Limb> open = fit.stream().filter(l -> !l.equals(nurse)).toList();
        List<Limb> chosen = school == TreeSchool.THIRD ? best(open, third(limbs.size(), open.size())) : open;
        List<LimbStep> steps = new ArrayList<>();
        for (Limb limb : limbs) {
            steps.add(step(limb, school, chosen, nurse, hemisphere, slips));
        }
        return new LimbSeason(school, steps, school.words());
    }

    private int third(int limbs, int open) {
        return Math.min(open, Math.max(1, (int) Math.round(rules.value(FigureName.THIRD_SHARE) * limbs)));
    }

    private LimbStep step(
            Limb limb, TreeSchool school, List<Limb> chosen, @Nullable Limb nurse, Hemisphere hemisphere, Slips slips) {
        String unfit = unfit(limb);
        if (limb.equals(nurse)) {
            String sun = hemisphere == Hemisphere.NORTH ? "south-west" : "north-west";
            return new LimbStep(
                    limb,
                    LimbFate.NURSE,
                    0,
                    null,
                    "it shades the rest from the afternoon sun in the " + sun + " and feeds the roots");
        }
        if (chosen.contains(limb)) {
            int scions = scions(limb);
            String technique = technique(limb, slips);
            String wait = technique.equals("bark") && slips != Slips.YES ? "; once the bark slips" : "";
            return new LimbStep(limb, LimbFate.GRAFT, scions, technique, graftWords(limb, scions) + wait);
        }
        if (school == TreeSchool.THIRD) {
            return new LimbStep(
                    limb, LimbFate.LATER, 0, null, unfit != null ? unfit : "a third is enough for one season");
        }
        return new LimbStep(limb, LimbFate.REMOVE, 0, null, unfit != null ? unfit : "it would feed the old tree");
    }

    private @Nullable String unfit(Limb limb) {
        if (limb.heightMm() > rules.value(FigureName.REACH_MM)) {
            return "at " + Quantity.mm(limb.heightMm()) + " it is beyond reach, "
                    + Quantity.mm(rules.value(FigureName.REACH_MM));
        }
        if (limb.diameterMm() > rules.value(FigureName.LIMB_THICKEST_MM)) {
            return Quantity.mm(limb.diameterMm()) + " is thicker than heals well, "
                    + Quantity.mm(rules.value(FigureName.LIMB_THICKEST_MM));
        }
        return limb.diameterMm() < rules.value(FigureName.LIMB_THINNEST_MM)
                ? Quantity.mm(limb.diameterMm()) + " is thinner than bears a graft, "
                        + Quantity.mm(rules.value(FigureName.LIMB_THINNEST_MM))
                : null;
    }

    /** One scion for each stretch of rim, one at least. */
    int scions(Limb limb) {
        double rim = Math.PI * limb.diameterMm();
        int wanted = (int) Math.ceil(rim / rules.value(FigureName.SCION_EVERY_MM));
        return Math.max(1, Math.min(wanted, (int) rules.value(FigureName.MOST_SCIONS)));
    }

    private static final double CLEFT_MOST_MM = 40;

    private static String technique(Limb limb, Slips slips) {
        if (slips == Slips.YES && limb.diameterMm() >= 25) {
            return "bark";
        }
        return limb.diameterMm() <= CLEFT_MOST_MM ? "cleft" : "bark";
    }

    private String graftWords(Limb limb, int scions) {
        return String.format(
                Locale.ROOT,
                "%s thick, a rim of %s: %d %s, one for each %s",
                Quantity.mm(limb.diameterMm()),
                Quantity.mm(Math.rint(Math.PI * limb.diameterMm())),
                scions,
                scions == 1 ? "scion" : "scions",
                Quantity.mm(rules.value(FigureName.SCION_EVERY_MM)));
    }

    private static Limb nurse(List<Limb> limbs, Hemisphere hemisphere) {
        double sun = hemisphere == Hemisphere.NORTH ? 225 : 315;
        double thickest = limbs.stream().mapToDouble(Limb::diameterMm).max().orElse(1);
        return limbs.stream()
                .max(Comparator.comparingDouble(
                        l -> Math.cos(Math.toRadians(l.directionDeg() - sun)) + l.diameterMm() / thickest))
                .orElseThrow();
    }

    /** The subset of this size with the best sum; the first of equals. */
    List<Limb> best(List<Limb> limbs, int size) {
        List<Limb> best = List.of();
        double most = Double.NEGATIVE_INFINITY;
        for (int mask = 0; mask < 1 << limbs.size(); mask++) {
            if (Integer.bitCount(mask) == size) {
                List<Limb> set = subset(limbs, mask);
                double worth = worth(set);
                if (worth > most) {
                    most = worth;
                    best = set;
                }
            }
        }
        return best;
    }

    private static List<Limb> subset(List<Limb> limbs, int mask) {
        List<Limb> set = new ArrayList<>();
        for (int i = 0; i < limbs.size(); i++) {
            if ((mask & 1 << i) != 0) {
                set.add(limbs.get(i));
            }
        }
        return set;
    }

    /** How good a set of limbs is to graft, higher is better. */
    double worth(List<Limb> set) {
        double thin = rules.value(FigureName.LIMB_THINNEST_MM);
        double thick = rules.value(FigureName.LIMB_THICKEST_MM);
        double middle = (thin + thick) / 2;
        double sum = 0;
        for (Limb limb : set) {
            sum += 1 - Math.abs(limb.diameterMm() - middle) / (thick - middle);
            sum += 1 - limb.heightMm() / rules.value(FigureName.REACH_MM);
        }
        return set.size() < 2 ? sum : sum + set.size() * narrowest(set) * set.size() / TURN;
    }

    private static double narrowest(List<Limb> set) {
        List<Double> angles =
                set.stream().map(l -> l.directionDeg() % TURN).sorted().toList();
        double least = TURN - angles.get(angles.size() - 1) + angles.get(0);
        for (int i = 1; i < angles.size(); i++) {
            least = Math.min(least, angles.get(i) - angles.get(i - 1));
        }
        return least;
    }
}
