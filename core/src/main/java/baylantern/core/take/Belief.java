package baylantern.core.take;

/** What is believed of a take rate. */
public interface Belief {

    /** Mean, 0 to 1. */
    double mean();

    /** The rate below which the true one lies with this probability, 0 to 1. */
    double quantile(double probability);

    /** The equal-tailed range that holds the true rate with probability {@code mass}, 0 to 1 exclusive. */
    default Range range(double mass) {
        return new Range(quantile((1 - mass) / 2), quantile((1 + mass) / 2));
    }

    /** A range of rates, each 0 to 1. */
    record Range(double low, double high) {}
}
