package baylantern.core.fit;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.Quantity;
import org.jspecify.annotations.Nullable;

/**
 * A stem where it is cut, taken as round: bark outside, cambium as a circle under it.
 *
 * @param radiusMm outer radius, 1 to 100 mm
 * @param barkMm thickness of the bark, above 0 and less than the radius
 */
public record Round(double radiusMm, double barkMm) {

    /** Thinnest and thickest stem that can be worked, in mm of diameter. */
    public static final double LEAST_MM = 2;

    public static final double MOST_MM = 200;

    /** Bark thicker than this share of the radius is a slip of the finger. */
    private static final double MOST_BARK = 0.6;

    private static final double LEAST_BARK_MM = 0.1;

    /** Requires a diameter of 2 to 200 mm and a bark of 0.1 mm to 0.6 of the radius, else {@link FitRefused}. */
    public Round {
        FitRefused.within("diameterMm", "A stem's diameter", 2 * radiusMm, LEAST_MM, MOST_MM, "mm");
        FitRefused.within(
                "barkMm",
                "Bark on a stem of " + Quantity.mm(2 * radiusMm),
                barkMm,
                LEAST_BARK_MM,
                MOST_BARK * radiusMm,
                "mm");
    }

    /** A stem of this diameter in mm, its bark measured or, where null, assumed from the diameter. */
    public static Round of(double diameterMm, @Nullable Double barkMm, FitRules rules) {
        return new Round(diameterMm / 2, barkMm != null ? barkMm : assumedBark(diameterMm, rules));
    }

    /** Bark where nobody measured it, in mm: a share of the diameter, but never thinner than thin bark is. */
    public static double assumedBark(double diameterMm, FitRules rules) {
        double share = rules.value(FigureName.BARK_SHARE) * diameterMm;
        return Math.min(Math.max(share, rules.value(FigureName.BARK_LEAST_MM)), MOST_BARK * diameterMm / 2);
    }

    /** Radius of the circle of cambium, mm. */
    public double cambiumMm() {
        return radiusMm - barkMm;
    }

    /** Outer diameter, mm. */
    public double diameterMm() {
        return 2 * radiusMm;
    }
}
