package baylantern.core.season.window;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.FlushRules.WoodRule;
import baylantern.core.rules.Technique;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;

/** How ready stocks and wood are on a coming day in one run, 0 to 1, by what was done and what would be. */
final class Readiness {

    // Runs are taken in another order than the weather's, so that a lot's life does not go with it.
    private static final int STRIDE = 61;

    private static final double[] NONE = {};

    private final double[] stockScores;
    private final double[] toppedScores;
    private final double[] woodScores;
    private final double[] pinchedScores;
    private final int runs;
    private final int pinchDays;
    private final int topDays;

    Readiness(FlushRules rules, WoodRule woodRule, Technique.Bark bark, int runs, int pinchDays) {
        boolean slips = bark == Technique.Bark.YES;
        this.stockScores = byStage(slips ? rules.slip() : rules.stock());
        // Bark does not slip sooner for a top that came off.
        this.toppedScores = slips ? stockScores : woken(stockScores, rules.value(FigureName.TOPPED));
        this.woodScores = byStage(woodRule.ready());
        // Mature wood pinched in time swells by the day; wood that has begun by itself is what it is.
        this.pinchedScores = woken(woodScores, rules.value(FigureName.PINCHED));
        this.runs = runs;
        this.pinchDays = pinchDays;
        this.topDays = (int) Math.ceil(rules.value(FigureName.TOP_STOCK));
    }

    // Asked for in every run of every day, so they are laid out by stage.
    private static double[] byStage(Map<BudStage, Double> scores) {
        double[] laid = new double[BudStage.values().length];
        scores.forEach((stage, score) -> laid[stage.ordinal()] = score);
        return laid;
    }

    private static double[] woken(double[] scores, double by) {
        double[] woken = scores.clone();
        for (BudStage rests : new BudStage[] {BudStage.M, BudStage.R}) {
            woken[rests.ordinal()] = Math.max(woken[rests.ordinal()], by);
        }
        return woken;
    }

    int pinchDays() {
        return pinchDays;
    }

    int topDays() {
        return topDays;
    }

    /** Stocks and wood on one coming day, to be asked for each run. */
    OnDay on(Growth stock, Growth wood, LocalDate day, int ahead, Doing doing) {
        // What was pinched serves from its own day on.
        boolean done = !wood.pinchedReady(day).isEmpty();
        boolean offered = doing.pinches() && !done && ahead >= pinchDays;
        boolean treeless = wood.unwatched() || wood.flowering(day);
        return new OnDay(
                stock,
                doing.tops() && ahead >= topDays ? toppedScores : stockScores,
                wood,
                treeless ? NONE : done || offered ? pinchedScores : woodScores,
                offered,
                ahead,
                lives(wood, day));
    }

    private List<Life> lives(Growth wood, LocalDate day) {
        return wood.shelf().stream()
                .map(lot -> new Life(lot.score(), lot.good(day)))
                .filter(life -> life.score > 0 && life.good > 0)
                .toList();
    }

    private record Life(double score, double good) {}

    /** One coming day; {@code offered} where tips that are not pinched yet count as pinched. */
    final class OnDay {
        private final Growth stock;
        private final double[] ofStock;
        private final Growth wood;
        private final double[] ofWood;
        private final boolean offered;
        private final int ahead;
        private final List<Life> lives;

        private OnDay(
                Growth stock,
                double[] ofStock,
                Growth wood,
                double[] ofWood,
                boolean offered,
                int ahead,
                List<Life> lives) {
            this.stock = stock;
            this.ofStock = ofStock;
            this.wood = wood;
            this.ofWood = ofWood;
            this.offered = offered;
            this.ahead = ahead;
            this.lives = lives;
        }

        boolean offered() {
            return offered;
        }

        double stock(int run) {
            return stock.score(ofStock, run, ahead);
        }

        /** The best of what the tree and what the shelf gives. */
        double wood(int run) {
            double best = ofWood.length == 0 ? 0 : wood.score(ofWood, run, ahead);
            return lives.isEmpty() ? best : Math.max(best, shelf(run));
        }

        // A lot lives as long as its place among the runs says, the same on every day.
        private double shelf(int run) {
            double place = ((long) run * STRIDE % runs + 0.5) / runs;
            double best = 0;
            for (Life life : lives) {
                best = place < life.good ? Math.max(best, life.score) : best;
            }
            return best;
        }
    }
}
