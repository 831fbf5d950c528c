package baylantern.core.fit.pairing;

import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/** What to do with a stick or a stem that found no partner. */
public final class Spare {

    private final Rulebook rules;

    /** Advice under these rules. */
    public Spare(Rulebook rules) {
        this.rules = rules;
    }

    /** A piece left over, and what to do with it. */
    public record Advice(String id, double diameterMm, String what, String why) {}

    /** For a stick, given the stems there were; {@code taken} where every stem that suits has a stick already. */
    public Advice stick(Pairing.Piece stick, List<Pairing.Piece> stems, boolean taken, Slips slips) {
        DoubleSummaryStatistics sizes =
                stems.stream().mapToDouble(Pairing.Piece::diameterMm).summaryStatistics();
        double mm = stick.diameterMm();
        if (taken) {
            return new Advice(stick.id(), mm, "keep it wrapped", "every stem that suits it has a stick");
        }
        if (mm > sizes.getMax()) {
            return new Advice(
                    stick.id(), mm, "find a thicker stock", "the thickest stem here is " + Quantity.mm(sizes.getMax()));
        }
        String bud = slips == Slips.YES ? "bud it, T or chip" : "bud it with a chip";
        return new Advice(stick.id(), mm, bud, "as a stick it meets too little on the stems that are left");
    }

    /** For a stem, given the sticks there were. */
    public Advice stem(Pairing.Piece stem, List<Pairing.Piece> sticks, boolean taken) {
        DoubleSummaryStatistics sizes =
                sticks.stream().mapToDouble(Pairing.Piece::diameterMm).summaryStatistics();
        double mm = stem.diameterMm();
        if (taken) {
            return new Advice(stem.id(), mm, "cut more wood", "every stick that suits it is on a stem");
        }
        double thinnest = rules.techniques().stream()
                .filter(t -> rules.fit().trait(t.key()).needs() != Needs.ROOTED)
                .mapToDouble(t -> t.stockMm().low())
                .min()
                .orElse(0);
        if (mm < thinnest || mm < sizes.getMin()) {
            return new Advice(stem.id(), mm, "let it thicken and wait", "it is thinner than every stick here");
        }
        String bark = rules.technique("bark").map(Technique::name).orElse("");
        if (rules.technique("bark").map(t -> t.stockMm().spans(mm)).orElse(false)) {
            return new Advice(
                    stem.id(),
                    mm,
                    "use a " + bark + " graft when the bark slips",
                    "no stick here suits a split this thick");
        }
        return new Advice(
                stem.id(), mm, "cut thicker wood, or bud it", "the sticks that are left meet too little on it");
    }
}
