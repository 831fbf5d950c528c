package baylantern.core.fit;

import baylantern.core.rules.Quantity;
import java.util.Comparator;
import java.util.List;

/**
 * How a stem thins upward: straight lines between its readings, the outermost lines going on beyond them. One reading
 * stands for the whole stem.
 *
 * @param readings at least one, lowest first, each height once
 */
public record Taper(List<StemReading> readings) {

    /** A diameter at a height above the soil, both in mm. */
    public record StemReading(double heightMm, double diameterMm) {

        private static final double MOST_HEIGHT_MM = 20_000;

        /** Requires 0 to 20000 mm of height and 2 to 200 mm of diameter, else {@link FitRefused}. */
        public StemReading {
            FitRefused.within("heightMm", "A height on a stem", heightMm, 0, MOST_HEIGHT_MM, "mm");
            FitRefused.within("diameterMm", "A stem's diameter", diameterMm, Round.LEAST_MM, Round.MOST_MM, "mm");
        }
    }

    /** Sorts the readings; requires one at least and no height twice. */
    public Taper {
        readings = readings.stream()
                .sorted(Comparator.comparingDouble(StemReading::heightMm))
                .toList();
        if (readings.isEmpty()) {
            throw new FitRefused("readings", 0, "one or more", "A stem needs one diameter at least.");
        }
        for (int i = 1; i < readings.size(); i++) {
            if (readings.get(i).heightMm() == readings.get(i - 1).heightMm()) {
                throw new FitRefused(
                        "readings",
                        readings.get(i).heightMm(),
                        "each height once",
                        "Two diameters stand at " + Quantity.mm(readings.get(i).heightMm()) + ".");
            }
        }
    }

    /** Diameter in mm at a height in mm, at least 0. */
    public double diameterAt(double heightMm) {
        if (readings.size() == 1) {
            return readings.get(0).diameterMm();
        }
        int upper = 1;
        while (upper < readings.size() - 1 && readings.get(upper).heightMm() < heightMm) {
            upper++;
        }
        StemReading a = readings.get(upper - 1);
        StemReading b = readings.get(upper);
        double slope = (b.diameterMm() - a.diameterMm()) / (b.heightMm() - a.heightMm());
        return Math.max(0, a.diameterMm() + slope * (heightMm - a.heightMm()));
    }

    /** True where the stem grows thicker upward somewhere: a reading is likely wrong. */
    public boolean swells() {
        for (int i = 1; i < readings.size(); i++) {
            if (readings.get(i).diameterMm() > readings.get(i - 1).diameterMm()) {
                return true;
            }
        }
        return false;
    }
}
