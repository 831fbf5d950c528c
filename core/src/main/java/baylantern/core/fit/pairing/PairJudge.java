package baylantern.core.fit.pairing;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.fit.choice.BenchCase;
import baylantern.core.fit.choice.TechniqueChoice;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Tells what a stick is worth on a stem: the technique that suits best among those allowed, and its share of contact.
 * Diameters are taken to a tenth of a millimetre, so that a batch of many alike is judged once.
 */
public final class PairJudge implements Pairing.Judge {

    private static final double TENTHS = 10;

    private final TechniqueChoice choice;
    private final FitRules rules;
    private final Setting setting;
    private final Set<String> allowed;
    private final Map<List<Long>, Pairing.Worth> known = new ConcurrentHashMap<>();

    /** Makes the bench case for two stems; everything but the sizes is the batch's. */
    @FunctionalInterface
    public interface Setting {
        BenchCase of(Round scion, Round stem);
    }

    /** @param allowed technique keys the grower would use; empty for all */
    public PairJudge(TechniqueChoice choice, FitRules rules, Setting setting, Set<String> allowed) {
        this.choice = choice;
        this.rules = rules;
        this.setting = setting;
        this.allowed = allowed;
    }

    @Override
    public Pairing.Worth of(Pairing.Piece stick, Pairing.Piece stem) {
        Round scion = Round.of(tenth(stick.diameterMm()), stick.barkMm(), rules);
        Round stock = Round.of(tenth(stem.diameterMm()), stem.barkMm(), rules);
        List<Long> key = List.of(
                hundredth(scion.radiusMm()),
                hundredth(scion.barkMm()),
                hundredth(stock.radiusMm()),
                hundredth(stock.barkMm()));
        return known.computeIfAbsent(key, k -> judged(scion, stock));
    }

    private static double tenth(double mm) {
        return Math.round(mm * TENTHS) / TENTHS;
    }

    private static long hundredth(double mm) {
        return Math.round(mm * TENTHS * TENTHS);
    }

    private Pairing.Worth judged(Round scion, Round stock) {
        try {
            return choice.weigh(setting.of(scion, stock)).choices().stream()
                    .filter(c -> allowed.isEmpty() || allowed.contains(c.techniqueKey()))
                    .findFirst()
                    .map(c -> new Pairing.Worth(c.techniqueKey(), expected(c), spoilt(scion, stock), c.score()))
                    .orElse(Pairing.Worth.NONE);
        } catch (FitRefused tooOdd) {
            return Pairing.Worth.NONE;
        }
    }

    // What such a hand may expect, not the most there could be: a technique that loses all by a slip is worth less.
    private static double expected(TechniqueChoice.Suited suited) {
        return suited.parts().stream()
                .filter(p -> p.key().equals("contact"))
                .mapToDouble(TechniqueChoice.ScorePart::part)
                .findFirst()
                .orElse(0);
    }

    // Grows with the square: one pair far apart in size costs more than two a little apart, so thin goes to thin.
    private double spoilt(Round scion, Round stock) {
        double thin = Math.min(scion.radiusMm(), stock.radiusMm());
        double over = Math.max(scion.radiusMm(), stock.radiusMm()) / thin - 1;
        return Math.min(1, rules.value(FigureName.PAIR_SPOIL) * over * over);
    }
}
