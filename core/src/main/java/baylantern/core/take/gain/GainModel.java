package baylantern.core.take.gain;

import baylantern.core.rules.FactRules;
import baylantern.core.rules.FactRules.Side;
import baylantern.core.rules.FactRules.Steps;
import baylantern.core.rules.FigureName;
import baylantern.core.take.Belief;
import baylantern.core.take.TakeCount;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import baylantern.core.take.gain.Gain.Grounds;
import baylantern.core.take.gain.Gain.Points;
import baylantern.core.take.gain.GainColumns.Block;
import baylantern.core.take.gain.GainColumns.Sparse;
import baylantern.core.take.gain.LogitDesign.Row;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What moves take, from the farm's own decided grafts: a logistic regression in which every aspect's kinds lie about 0 with
 * a spread of their own, fitted, and every day has its luck ({@link LogitFit}). What is told are points of take: what the
 * grafts that were otherwise would have taken more, had they been so, all else as it was. An association in these records.
 *
 * <p>Limits: kinds that always go together cannot be told apart, and share what they move; nothing is said of aspects that
 * act upon one another; with few grafts the ranges lean on the prior.
 */
public final class GainModel {

    private final FactRules rules;
    private final double mass;
    private final FactTable table;
    private final int[] grafts;
    private final GainColumns columns;
    private final LogitFit fit;
    private final double[] b;
    private final Foretelling foretelling;

    private GainModel(FactTable table, int[] grafts, int[] decided, FactRules rules, double mass, double daySpread) {
        this.rules = rules;
        this.mass = mass;
        this.table = table;
        this.grafts = grafts;
        this.columns = new GainColumns(table, decided);
        this.fit = LogitFit.of(
                columns.design(rules.value(FigureName.GAIN_SPREAD), rules.value(FigureName.GAIN_FREELY), daySpread));
        this.b = fit.coefficients();
        this.foretelling = LeftOut.of(fit, columns.rows(), columns.sessions());
    }

    /** Why nothing can be told. */
    public static Optional<String> refusal(FactTable table, int[] grafts, FactRules rules) {
        TakeCount count = count(table, grafts);
        int least = (int) rules.value(FigureName.GAIN_LEAST);
        int rarer = (int) rules.value(FigureName.GAIN_RARER);
        if (count.decided() < least) {
            return Optional.of(
                    "What moves take is told from " + least + " decided grafts on; there are " + count.decided() + ".");
        }
        if (count.taken() < rarer) {
            return Optional.of("Only " + count.taken() + " of " + count.decided()
                    + " took: what moves take is told where at least " + rarer + " have.");
        }
        return count.failed() < rarer
                ? Optional.of("Only " + count.failed() + " of " + count.decided()
                        + " failed: what moves take is told where at least " + rarer + " have.")
                : Optional.empty();
    }

    private static TakeCount count(FactTable table, int[] grafts) {
        return Arrays.stream(grafts)
                .mapToObj(graft -> table.row(graft).end().count())
                .reduce(TakeCount.NONE, TakeCount::plus);
    }

    /**
     * The model of some grafts; throws {@link IllegalArgumentException} where {@link #refusal} says why not.
     *
     * @param mass how much of the belief a range holds, 0 to 1 exclusive
     * @param daySpread how far days differ before the records tell, on log-odds
     */
    public static GainModel of(FactTable table, int[] grafts, FactRules rules, double mass, double daySpread) {
        refusal(table, grafts, rules).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
        int[] decided = Arrays.stream(grafts)
                .filter(graft -> table.row(graft).end().decided())
                .toArray();
        return new GainModel(table, grafts, decided, rules, mass, daySpread);
    }

    /** How well it foretells sessions it was not told of. */
    public Foretelling foretelling() {
        return foretelling;
    }

    /** How far days differ, on log-odds. */
    public double daySpread() {
        return fit.sessionSpread();
    }

    /** For each aspect the change that would bring most; those in the grower's hand first, the greatest gain first. */
    public List<Gain> gains() {
        return columns.blocks().stream()
                .flatMap(block -> best(block).stream())
                .sorted(Comparator.comparing((Gain gain) -> !gain.hand())
                        .thenComparing(gain -> -gain.points().mean()))
                .toList();
    }

    private Optional<Gain> best(Block block) {
        Steps steps = block.column().aspect().steps();
        if (steps != null && steps.good() != Side.NONE) {
            List<Integer> good = block.known().stream().filter(steps::isGood).toList();
            return gain(block, good, new Gain.To(steps.goodWords(), null), 2);
        }
        List<Integer> kinds = block.known();
        return kinds.stream()
                .flatMap(kind -> gain(block, List.of(kind), to(block, kind), kinds.size()).stream())
                .max(Comparator.comparingDouble(gain -> gain.points().mean()));
    }

    private static Gain.To to(Block block, int kind) {
        FactColumn.Kind one = block.column().kinds().get(kind);
        return new Gain.To(one.words(), one.key());
    }

    // Empty where none or all of them are so.
    private Optional<Gain> gain(Block block, List<Integer> target, Gain.To to, int choices) {
        List<Integer> others =
                block.known().stream().filter(kind -> !target.contains(kind)).toList();
        TakeCount with = count(block, target);
        TakeCount without = count(block, others);
        if (with.decided() == 0 || without.decided() == 0) {
            return Optional.empty();
        }
        Shift shift = new Shift();
        others.forEach(kind -> shift.add(block, kind, GainColumns.mean(block, target), 1));
        Points points = shift.points();
        double sure = 1 - (1 - rules.value(FigureName.GAIN_SURE)) / Math.max(1, choices - 1);
        return Optional.of(new Gain(
                block.column().aspect().key(),
                block.column().aspect().words(),
                block.column().aspect().hand(),
                to,
                points,
                points.chance() >= sure,
                grounds(block, target, to, with, without)));
    }

    private Grounds grounds(Block block, List<Integer> target, Gain.To to, TakeCount with, TakeCount without) {
        int last = Math.min(grafts.length, (int) rules.value(FigureName.GAIN_LAST));
        int reach = (int) IntStream.range(grafts.length - last, grafts.length)
                .map(i -> block.column().of(grafts[i]))
                .filter(kind -> kind != FactColumn.UNKNOWN && !target.contains(kind))
                .count();
        int thin = (int) rules.value(FigureName.GAIN_THIN);
        return new Grounds(
                with.decided(),
                without.decided(),
                reach,
                last,
                Math.min(with.decided(), without.decided()) < thin,
                oneSided(with, to.words())
                        .orElseGet(() -> oneSided(without, "the others").orElse(null)));
    }

    private static Optional<String> oneSided(TakeCount count, String words) {
        return count.taken() > 0 && count.failed() > 0
                ? Optional.empty()
                : Optional.of((count.taken() > 0 ? "all " : "none of ") + count.decided() + " of " + words + " took");
    }

    private static TakeCount count(Block block, List<Integer> kinds) {
        return kinds.stream().map(block::count).reduce(TakeCount.NONE, TakeCount::plus);
    }

    /**
     * A change gathered over grafts, each with its day's luck: the rate as it would be less the rate as it is, and how that
     * hangs on the coefficients, so that the range of any sum of changes is that of one gradient.
     */
    private final class Shift {

        private final double[] gradient = new double[b.length];
        private double sum;
        private double weight;

        /** The grafts of a kind as they would be with the coefficients aimed at; {@code sign} −1 where they are what is aimed at. */
        Shift add(Block block, int kind, Map<Integer, Double> target, int sign) {
            int own = block.of(kind).orElseThrow();
            double aimed = target.entrySet().stream()
                    .mapToDouble(one -> b[one.getKey()] * one.getValue())
                    .sum();
            for (Row row : columns.rows()) {
                if (row.at()[block.place()] == own) {
                    double odds = fit.logOdds(row.at(), row.times()) + fit.session(row.session());
                    add(row, odds, odds - b[own] + aimed, sign);
                    double after = sign * row.decided() * slope(odds - b[own] + aimed);
                    gradient[own] -= after;
                    target.forEach((at, times) -> gradient[at] += after * times);
                }
            }
            return this;
        }

        private void add(Row row, double as, double changed, int sign) {
            double decided = sign * row.decided();
            sum += decided * (Normal.logistic(changed) - Normal.logistic(as));
            weight += row.decided();
            double slopes = decided * (slope(changed) - slope(as));
            for (int j = 0; j < row.at().length; j++) {
                gradient[row.at()[j]] += row.times()[j] * slopes;
            }
        }

        private static double slope(double odds) {
            double rate = Normal.logistic(odds);
            return rate * (1 - rate);
        }

        Points points() {
            return GainModel.this.points(sum / weight, Math.sqrt(fit.variance(gradient)) / weight);
        }
    }

    private Points points(double mean, double sd) {
        double reach = Normal.quantile((1 + mass) / 2) * sd;
        return new Points(
                mean, Math.max(-1, mean - reach), Math.min(1, mean + reach), Normal.below(mean / Math.max(sd, 1e-12)));
    }

    /**
     * Of two kinds of an aspect, how much better the first is for the grafts of both with all else as it was; empty where the
     * records have not both, or do not tell that aspect at all.
     */
    public Optional<Points> between(String aspect, String kind, String other) {
        Block block = columns.byAspect().get(aspect);
        if (block == null) {
            return Optional.empty();
        }
        int first = block.column().kind(kind);
        int second = block.column().kind(other);
        if (first == second || !block.known().containsAll(List.of(first, second))) {
            return Optional.empty();
        }
        return Optional.of(new Shift()
                .add(block, second, GainColumns.mean(block, List.of(first)), 1)
                .add(block, first, GainColumns.mean(block, List.of(second)), -1)
                .points());
    }

    /** What grafts of these kinds, by aspect, are likely to take, their day's luck apart; what is not said counts as usual. */
    public Belief belief(Map<String, String> kinds) {
        Sparse about = columns.about(kinds);
        return new LogitBelief(
                fit.logOdds(about.at(), about.times()), Math.sqrt(fit.variance(about.at(), about.times())));
    }

    /** The one change of what is in the grower's hand and known here that would raise the take of such grafts most. */
    public record Change(String aspect, String words, String to, Points points) {}

    /** The change that brings most to grafts of these kinds; empty where none is told apart from nothing. */
    public Optional<Change> change(Map<String, String> kinds) {
        return kinds.entrySet().stream()
                .flatMap(one -> changes(one.getKey(), one.getValue(), kinds))
                .filter(change -> change.points().chance() >= rules.value(FigureName.GAIN_SURE))
                .max(Comparator.comparingDouble(change -> change.points().mean()));
    }

    private Stream<Change> changes(String aspect, String kind, Map<String, String> kinds) {
        Block block = columns.byAspect().get(aspect);
        if (block == null || !block.column().aspect().hand()) {
            return Stream.empty();
        }
        int own = block.column().kind(kind);
        return block.known().stream()
                .filter(other -> other != own
                        && block.of(own).isPresent()
                        && block.count(other).decided() >= rules.value(FigureName.GAIN_THIN))
                .map(other -> change(block, other, kinds));
    }

    private Change change(Block block, int to, Map<String, String> kinds) {
        String aspect = block.column().aspect().key();
        FactColumn.Kind kind = block.column().kinds().get(to);
        Map<String, String> changed = new HashMap<>(kinds);
        changed.put(aspect, kind.key());
        Sparse before = columns.about(kinds);
        Sparse after = columns.about(changed);
        double[] gradient = new double[b.length];
        double as = add(gradient, before, -1);
        double so = add(gradient, after, 1);
        return new Change(
                aspect,
                block.column().aspect().words(),
                kind.words(),
                points(so - as, Math.sqrt(fit.variance(gradient))));
    }

    private double add(double[] gradient, Sparse about, int sign) {
        double rate = Normal.meanRate(fit.logOdds(about.at(), about.times()), Math.pow(fit.sessionSpread(), 2));
        for (int i = 0; i < about.at().length; i++) {
            gradient[about.at()[i]] += sign * about.times()[i] * rate * (1 - rate);
        }
        return rate;
    }

    /** The grafts it was reckoned from. */
    public TakeCount count() {
        return count(table, grafts);
    }
}
