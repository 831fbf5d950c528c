package baylantern.core.fit.choice;

import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.Joint;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.FitRules.Favour;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.FitRules.Trait;
import baylantern.core.rules.Kinship;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.take.Belief;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which technique suits. Hard conditions come first: kinship, species, sizes, bark, wood and what becomes of the top;
 * each that fails is a reason. What is left is scored:
 *
 * <pre>
 *   score = Σ weight · part,   parts in 0 to 1:
 *   contact   √ of the share of the best possible, on average over where such a hand lays it: the first half of the
 *             cambium does more for a graft than the second
 *   take      (n·mean + s·start)/(n + s), the grower's own takes with it
 *   sizes     1 at the ratios it was made for, falling to 0 at the ends of those it bears
 *   skill     1 where the hand is practised enough, half less for each step short
 *   season    how well it does with a stock that grows or rests
 *   insurance how much of the stock is left where the graft fails
 *   wood      1 / buds used
 *   and of what is missing to 1 a share where the technique serves the species, or of what is there a share less where it
 *   goes against its nature
 * </pre>
 *
 * <p>The weights add to 1 (rulebook). Contact of buds is an area and of the others a line; both enter as shares.
 */
public final class TechniqueChoice {

    /** How far a beginner, a practised and a steady hand stray, as shares of the usual. */
    private static final List<Double> STRAY = List.of(1.4, 1.0, 0.6);

    private static final double STEP_SHORT = 0.5;

    /** A scion so much thicker than a technique is made for is not its size at all. */
    private static final double TOO_THICK = 0.3;

    /** What is left where slipping bark would help and does not slip. */
    private static final double WITHOUT_HELP = 0.4;

    private final Rulebook rules;
    private final FitRules fit;
    private final FitBench bench;

    /** Choices under these rules. */
    public TechniqueChoice(Rulebook rules) {
        this.rules = rules;
        this.fit = rules.fit();
        this.bench = new FitBench(rules);
    }

    /** One part of a score and what it adds; points = weight · part. */
    public record ScorePart(String key, String words, double part, double weight) {}

    /** A technique that suits. */
    public record Suited(
            String techniqueKey,
            String name,
            double score,
            Contact contact,
            List<ScorePart> parts,
            List<String> reasons) {}

    /** A technique that does not, and the first condition it fails. */
    public record Unsuited(String techniqueKey, String name, String rule, String why) {}

    /** All techniques, those that suit best first. */
    public record Weighed(List<Suited> choices, List<Unsuited> refusals) {}

    /** Weighs all techniques. */
    public Weighed weigh(BenchCase on) {
        List<Suited> choices = new ArrayList<>();
        List<Unsuited> refusals = new ArrayList<>();
        for (Technique technique : rules.techniques()) {
            Unsuited refusal = refusal(technique, on);
            if (refusal != null) {
                refusals.add(refusal);
            } else {
                choices.add(suited(technique, on));
            }
        }
        choices.sort(Comparator.comparingDouble(Suited::score).reversed());
        return new Weighed(List.copyOf(choices), List.copyOf(refusals));
    }

    /** The first condition a technique fails, null where it fails none. */
    public @Nullable Unsuited refusal(Technique technique, BenchCase on) {
        Optional<String[]> why = kinship(on)
                .or(() -> species(technique, on))
                .or(() -> wood(technique, on))
                .or(() -> sizes(technique, on))
                .or(() -> bark(technique, on))
                .or(() -> top(technique, on))
                .or(() -> tool(technique, on));
        return why.map(w -> new Unsuited(technique.key(), technique.name(), w[0], w[1]))
                .orElse(null);
    }

    private static Optional<String[]> fails(boolean fails, String rule, String why) {
        return fails ? Optional.of(new String[] {rule, why}) : Optional.empty();
    }

    private Optional<String[]> kinship(BenchCase on) {
        Kinship kinship = rules.kinship(on.scionSpecies(), on.stockSpecies());
        return fails(
                kinship.verdict() == Kinship.Verdict.REFUSED,
                "kinship",
                on.scionSpecies().name() + " on " + on.stockSpecies().name() + " cannot join: " + kinship.why());
    }

    private static Optional<String[]> species(Technique technique, BenchCase on) {
        String own = on.stockSpecies().refusedTechniques().get(technique.key());
        String why = own != null ? own : on.scionSpecies().refusedTechniques().get(technique.key());
        return fails(why != null, "species", String.valueOf(why));
    }

    private Optional<String[]> wood(Technique technique, BenchCase on) {
        Needs needs = fit.trait(technique.key()).needs();
        boolean has = needs == on.wood() || (needs == Needs.BUD && on.wood() == Needs.STICK);
        return fails(
                !has,
                "wood",
                "it takes " + needs.words() + ", and there is " + on.wood().words());
    }

    private static Optional<String[]> sizes(Technique technique, BenchCase on) {
        return outside("stock", "stock of ", "mm", on.stem().diameterMm(), technique.stockMm())
                .or(() -> outside("ratio", "ratio ", "", on.ratio(), technique.ratio()));
    }

    private static Optional<String[]> outside(String rule, String what, String unit, double x, Figure range) {
        if (range.spans(x)) {
            return Optional.empty();
        }
        String limit = x < range.low()
                ? " is under " + Quantity.of(range.low(), unit)
                : " is over " + Quantity.of(range.high(), unit);
        return fails(true, rule, what + Quantity.of(x, unit) + limit);
    }

    private static Optional<String[]> bark(Technique technique, BenchCase on) {
        boolean must = technique.bark() == Technique.Bark.YES;
        return fails(must && on.slips() == Slips.NO, "bark", "the bark does not slip")
                .or(() -> fails(must && on.slips() == Slips.UNKNOWN, "bark", "try first whether the bark slips"));
    }

    private static Optional<String[]> top(Technique technique, BenchCase on) {
        return fails(
                on.keepTop() && technique.stockTop() == Technique.StockTop.REMOVED,
                "top",
                "the stock would lose its top");
    }

    private Optional<String[]> tool(Technique technique, BenchCase on) {
        return fails(
                fit.trait(technique.key()).tool() && !on.hand().tool(),
                "tool",
                "it is cut with a hand tool; where you own one, say so under the farm's name");
    }

    /** What a technique is worth on a case, whether or not it is refused; throws where the sizes cannot be drawn. */
    public Suited suited(Technique technique, BenchCase on) {
        Trait trait = fit.trait(technique.key());
        Joint joint = bench.laidWell(technique.key(), on.stem(), on.scion());
        Contact contact = bench.model(technique.key()).contact(joint);
        List<ScorePart> parts = new ArrayList<>();
        parts.add(part(
                "contact",
                "cambium to be expected",
                expected(technique, on, joint, contact),
                FigureName.WEIGHT_CONTACT));
        parts.add(part("sizes", "sizes it was made for", sizes(technique, trait, on), FigureName.WEIGHT_SIZES));
        parts.add(part("take", takeWords(technique, on), take(technique, on), FigureName.WEIGHT_TAKE));
        parts.add(part("skill", skillWords(trait, on), skill(trait, on), FigureName.WEIGHT_SKILL));
        parts.add(part("hold", "holds itself while it heals", trait.hold(), FigureName.WEIGHT_HOLD));
        parts.add(part("season", seasonWords(technique, on), season(technique, trait, on), FigureName.WEIGHT_SEASON));
        parts.add(part("insurance", "stock left for another try", trait.insurance(), FigureName.WEIGHT_INSURANCE));
        parts.add(part("wood", woodWords(technique, on), economy(technique, on), FigureName.WEIGHT_WOOD));
        nature(technique, on, parts);
        double score = sum(parts);
        return new Suited(
                technique.key(), technique.name(), score, contact, parts, reasons(technique, on, contact, trait));
    }

    // What serves the species takes a share of what is missing to the best, what goes against it a share of what is
    // there:
    // so a score stays from 0 to 1.
    private void nature(Technique technique, BenchCase on, List<ScorePart> parts) {
        String species = on.scionSpecies().key();
        Favour favour = fit.favours().get(species);
        if (favour != null && favour.techniques().contains(technique.key())) {
            parts.add(new ScorePart("favour", favour.why(), 1 - sum(parts), fit.value(FigureName.FAVOUR)));
        }
        Favour hinder = fit.hinders().get(species);
        if (hinder != null && hinder.techniques().contains(technique.key())) {
            parts.add(new ScorePart("hinder", hinder.why(), sum(parts), -fit.value(FigureName.HINDER)));
        }
    }

    private static double sum(List<ScorePart> parts) {
        return parts.stream().mapToDouble(p -> p.part() * p.weight()).sum();
    }

    private ScorePart part(String key, String words, double part, FigureName weight) {
        return new ScorePart(key, words, part, fit.value(weight));
    }

    // A hand strays the less the more it is practised. A bud's area is not a stick's line: it is held down to compare.
    private double expected(Technique technique, BenchCase on, Joint joint, Contact contact) {
        double stray = fit.value(FigureName.STRAY_MM) * STRAY.get(on.skill() - 1);
        double share = bench.expectedShare(technique.key(), joint, contact.whole(), stray);
        return Math.sqrt(technique.group() == Technique.Group.BUD ? share * fit.value(FigureName.BUD_WORTH) : share);
    }

    // 1 at the ratios a technique was made for, falling to 0 at the ends of those it bears.
    private static double sizes(Technique technique, Trait trait, BenchCase on) {
        double ratio = on.ratio();
        FitRules.MadeFor best = trait.best();
        double off = Math.max(0, Math.max(best.from() - ratio, ratio - best.to()));
        double room = ratio < best.from()
                ? best.from() - technique.ratio().low()
                : technique.ratio().high() - best.to();
        double over = on.scion().diameterMm() / best.thickestMm() - 1;
        double thick = Math.max(0, 1 - Math.max(0, over) / TOO_THICK);
        return thick * (off == 0 ? 1 : room > 0 ? Math.max(0, 1 - off / room) : 0);
    }

    private double take(Technique technique, BenchCase on) {
        double start = fit.value(FigureName.TAKE_START);
        double strength = fit.value(FigureName.TAKE_STRENGTH);
        Belief own = on.takes().get(technique.key());
        int tried = on.tried().getOrDefault(technique.key(), 0);
        return own == null ? start : (tried * own.mean() + strength * start) / (tried + strength);
    }

    private static String takeWords(Technique technique, BenchCase on) {
        int tried = on.tried().getOrDefault(technique.key(), 0);
        return tried == 0 ? "never tried here" : "your own " + tried + " with it";
    }

    private static double skill(Trait trait, BenchCase on) {
        return Math.max(0, 1 - Math.max(0, trait.skill() - on.skill()) * STEP_SHORT);
    }

    private static String skillWords(Trait trait, BenchCase on) {
        return trait.skill() > on.skill() ? "asks a steadier hand" : "within the hand's practice";
    }

    private static double season(Technique technique, Trait trait, BenchCase on) {
        double season = switch (on.stock()) {
            case ACTIVE -> trait.active();
            case RESTING -> trait.rest();
            case UNKNOWN -> (trait.active() + trait.rest()) / 2;
        };
        return stuck(technique, on) ? season * WITHOUT_HELP : season;
    }

    private static boolean stuck(Technique technique, BenchCase on) {
        return technique.bark() == Technique.Bark.HELPS && on.slips() == Slips.NO;
    }

    private static String seasonWords(Technique technique, BenchCase on) {
        String doing = on.stock() == Growth.RESTING ? "resting" : on.stock() == Growth.ACTIVE ? "growing" : "unknown";
        return "with the stock " + doing + (stuck(technique, on) ? " and bark that sticks" : "");
    }

    // Where a whole stick is at hand, taking a single bud of it saves nothing.
    private static double economy(Technique technique, BenchCase on) {
        return budOfStick(technique, on) ? 0 : 1 / Math.max(1, technique.buds().value());
    }

    private static boolean budOfStick(Technique technique, BenchCase on) {
        return technique.group() == Technique.Group.BUD && on.wood() == Needs.STICK;
    }

    private static String woodWords(Technique technique, BenchCase on) {
        return budOfStick(technique, on) ? "a whole stick is at hand" : "buds used";
    }

    private List<String> reasons(Technique technique, BenchCase on, Contact contact, Trait trait) {
        List<String> reasons = new ArrayList<>();
        reasons.add(Quantity.part(
                        Math.rint(contact.met()),
                        Math.rint(contact.whole()),
                        contact.unit().words()) + " meet");
        reasons.add(
                switch (technique.stockTop()) {
                    case REMOVED -> "top removed";
                    case KEPT -> "stock keeps its top";
                    case SHORTENED -> "top shortened in steps";
                    case BENT -> "top bent, then cut";
                    case AFTER_UNION -> "top cut after the union";
                });
        if (trait.skill() > on.skill()) {
            reasons.add("asks a steadier hand");
        }
        if (on.stock() == Growth.RESTING && trait.rest() < 0.7) {
            reasons.add("slow while the stock rests");
        }
        return reasons;
    }
}
