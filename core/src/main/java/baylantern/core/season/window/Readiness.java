package baylantern.core.season.window;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.FlushRules.WoodRule;
import baylantern.core.rules.Technique;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** How ready stocks and wood are on a coming day in one run, 0 to 1, by what was done and what would be. */
final class Readiness {

    // Runs are taken in another order than the weather's, so that a lot's life does not go with it.
    private static final int STRIDE = 61;

    private final FlushRules rules;
    private final Map<BudStage, Double> stockScores;
    private final Map<BudStage, Double> toppedScores;
    private final WoodRule woodRule;
    private final Map<BudStage, Double> pinchedScores;
    private final int runs;
    private final int pinchDays;
    private final int topDays;

    Readiness(FlushRules rules, WoodRule woodRule, Technique.Bark bark, int runs, int pinchDays) {
        boolean slips = bark == Technique.Bark.YES;
        this.rules = rules;
        this.stockScores = slips ? rules.slip() : rules.stock();
        // Bark does not slip sooner for a top that came off.
        this.toppedScores = slips ? stockScores : woken(stockScores, FigureName.TOPPED);
        this.woodRule = woodRule;
        // Mature wood pinched in time swells by the day; wood that has begun by itself is what it is.
        this.pinchedScores = woken(woodRule.ready(), FigureName.PINCHED);
        this.runs = runs;
        this.pinchDays = pinchDays;
        this.topDays = (int) Math.ceil(rules.value(FigureName.TOP_STOCK));
    }

    private Map<BudStage, Double> woken(Map<BudStage, Double> scores, FigureName by) {
        Map<BudStage, Double> woken = new EnumMap<>(scores);
        woken.merge(BudStage.M, rules.value(by), Math::max);
        woken.merge(BudStage.R, rules.value(by), Math::max);
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
                treeless ? Map.of() : done || offered ? pinchedScores : woodRule.ready(),
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
        private final Map<BudStage, Double> ofStock;
        private final Growth wood;
        private final Map<BudStage, Double> ofWood;
        private final boolean offered;
        private final int ahead;
        private final List<Life> lives;

        private OnDay(
                Growth stock,
                Map<BudStage, Double> ofStock,
                Growth wood,
                Map<BudStage, Double> ofWood,
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
            double best = ofWood.isEmpty() ? 0 : wood.score(ofWood, run, ahead);
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
