package baylantern.core.take;

import java.util.Arrays;

/** A belief as so much probability in each thousandth of the rates. */
final class GridBelief implements Belief {

    private static final int BINS = 1000;

    private final double[] mass = new double[BINS];

    /** Adds probability spread evenly between two rates. */
    void add(double from, double to, double probability) {
        double low = Math.min(from, to) * BINS;
        double high = Math.max(from, to) * BINS;
        int first = Math.min(BINS - 1, (int) low);
        int last = Math.min(BINS - 1, (int) high);
        if (first == last) {
            mass[first] += probability;
            return;
        }
        double each = probability / (high - low);
        mass[first] += (first + 1 - low) * each;
        for (int bin = first + 1; bin < last; bin++) {
            mass[bin] += each;
        }
        mass[last] += (high - last) * each;
    }

    private double whole() {
        return Arrays.stream(mass).sum();
    }

    @Override
    public double mean() {
        double sum = 0;
        for (int bin = 0; bin < BINS; bin++) {
            sum += mass[bin] * (bin + 0.5) / BINS;
        }
        return sum / whole();
    }

    @Override
    public double quantile(double probability) {
        double left = probability * whole();
        for (int bin = 0; bin < BINS; bin++) {
            if (left <= mass[bin] && mass[bin] > 0) {
                return (bin + left / mass[bin]) / BINS;
            }
            left -= mass[bin];
        }
        return 1;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof GridBelief belief && Arrays.equals(mass, belief.mass);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(mass);
    }

    @Override
    public String toString() {
        return "mean " + mean() + ", 90 % " + quantile(0.05) + " to " + quantile(0.95);
    }
}
