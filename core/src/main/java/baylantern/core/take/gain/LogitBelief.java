package baylantern.core.take.gain;

import baylantern.core.take.Belief;

/**
 * A take rate whose log-odds are normal, as the model of gains believes it; a day's own luck is not in it.
 *
 * @param logOdds their mean
 * @param sd their standard deviation, 0 or more
 */
public record LogitBelief(double logOdds, double sd) implements Belief {

    @Override
    public double mean() {
        return Normal.meanRate(logOdds, sd * sd);
    }

    @Override
    public double quantile(double probability) {
        return Normal.logistic(logOdds + Normal.quantile(probability) * sd);
    }
}
