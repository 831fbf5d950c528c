package baylantern.core.season.window;

import java.time.LocalDate;

/**
 * How well a day suits a graft, each part 0 to 1 and the mean of the runs.
 *
 * @param stock activity of the stock; slipping bark where the technique needs it
 * @param wood readiness of the wood
 * @param healing mean healing rate over the days after, against the best possible
 * @param risk what no danger takes away
 * @param weather healing against the site's best month, times risk
 * @param score stock × wood × healing × risk, to rank days
 * @param chance share of the runs in which each wick, and all three together, are lit
 * @param lit true where the chance of all three is over the grower's line
 * @param pinched true where the wood is ready only if tips that are not pinched yet are pinched in time
 */
public record WindowDay(
        LocalDate day,
        double stock,
        double wood,
        double healing,
        double risk,
        double weather,
        double score,
        Chance chance,
        boolean lit,
        boolean pinched) {

    /**
     * How often the wicks are lit, 0 to 1 each.
     *
     * @param lit all three at once
     */
    public record Chance(double stock, double wood, double weather, double lit) {}
}
