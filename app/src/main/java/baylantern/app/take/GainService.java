package baylantern.app.take;

import baylantern.app.bench.YearPart;
import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.Belief;
import baylantern.core.take.TakeCount;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import baylantern.core.take.gain.Company;
import baylantern.core.take.gain.Duel;
import baylantern.core.take.gain.Foretelling;
import baylantern.core.take.gain.Gain;
import baylantern.core.take.gain.GainModel;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What moves take on this farm, and which of two kinds takes better. */
@Service
class GainService {

    private static final int MOST_COMPANY = 4;

    private final FactService facts;
    private final FactGroups groups;
    private final Rulebook rules;
    private final DerivedEach<Span, Model> models;

    GainService(FactService facts, FactGroups groups, Rulebook rules, Changes changes) {
        this.facts = facts;
        this.groups = groups;
        this.rules = rules;
        this.models = changes.deriveEach(this::model, FactService.FACTS);
    }

    private record Span(@Nullable YearPart part) {}

    private record Model(@Nullable String refusal, @Nullable GainModel told) {}

    private Model model(Span span) {
        FactTable table = facts.table();
        int[] grafts = groups.made(span.part());
        Optional<String> refusal = GainModel.refusal(table, grafts, rules.facts());
        return refusal.isPresent()
                ? new Model(refusal.get(), null)
                : new Model(
                        null,
                        GainModel.of(
                                table,
                                grafts,
                                rules.facts(),
                                rules.life(FigureName.RANGE_MASS).value(),
                                rules.life(FigureName.DAY_SPREAD).value()));
    }

    /**
     * What moves take.
     *
     * @param refusal why nothing is told, null where something is
     * @param foretelling how well the model foretells days left out, null where there is none
     */
    record GainView(
            @Nullable String refusal,
            List<Gain> gains,
            @Nullable Foretelling foretelling) {}

    GainView gains(@Nullable YearPart part) {
        Model model = models.get(new Span(part));
        GainModel told = model.told();
        return told == null
                ? new GainView(model.refusal(), List.of(), null)
                : new GainView(null, told.gains(), told.foretelling());
    }

    /** The model of all grafts; empty where it foretells no better than the plain rate, so that nothing may rest on it. */
    Optional<GainModel> standing() {
        return Optional.ofNullable(models.get(new Span(null)).told())
                .filter(told -> told.foretelling().stands());
    }

    /** One of the two. */
    record Side(String kind, String words, TakeCount count, double mean, double low, double high) {}

    /**
     * One kind against another.
     *
     * @param duel the first less the second, as they took
     * @param power how sure so many more would settle it, 0 to 1
     * @param company in what else they differ, the greatest first
     * @param alike the same with all that is on record besides taken out; null where the records do not tell
     */
    record DuelView(
            String aspect,
            Side first,
            Side second,
            Duel duel,
            double power,
            List<Company> company,
            Gain.@Nullable Points alike) {}

    /** Two kinds of an aspect. */
    record Two(
            String aspect,
            String first,
            String second,
            @Nullable YearPart part) {}

    DuelView duel(Two two) {
        if (two.first().equals(two.second())) {
            throw FarmProblem.wrong("b", two.second(), "another kind", "A kind cannot be set against itself.");
        }
        FactColumn column = groups.column(two.aspect());
        int[] grafts = groups.made(two.part());
        KindBeliefs kinds = groups.beliefs(column, grafts, two.part());
        Side first = side(column, two.first(), "a", kinds);
        Side second = side(column, two.second(), "b", kinds);
        double mass = rules.life(FigureName.RANGE_MASS).value();
        double power = rules.facts().value(FigureName.DUEL_POWER);
        GainModel model = models.get(new Span(two.part())).told();
        return new DuelView(
                column.aspect().words(),
                first,
                second,
                Duel.of(kinds.of(two.first()), kinds.of(two.second()), first.count(), second.count(), mass, power, (int)
                        rules.facts().value(FigureName.DUEL_MOST)),
                power,
                Company.of(
                                facts.table(),
                                column,
                                FactGroups.of(grafts, column, two.first()),
                                FactGroups.of(grafts, column, two.second()))
                        .stream()
                        .limit(MOST_COMPANY)
                        .toList(),
                model == null
                        ? null
                        : model.between(two.aspect(), two.first(), two.second()).orElse(null));
    }

    private Side side(FactColumn column, String kind, String field, KindBeliefs kinds) {
        if (column.kind(kind) == FactColumn.UNKNOWN) {
            throw FarmProblem.wrong(
                    field,
                    kind,
                    "a kind of " + column.aspect().words(),
                    "There is no such " + column.aspect().words() + " on record.");
        }
        TakeCount count = kinds.count(kind);
        Belief belief = kinds.of(kind);
        Belief.Range range = belief.range(rules.life(FigureName.RANGE_MASS).value());
        return new Side(kind, FactGroups.words(column, kind), count, belief.mean(), range.low(), range.high());
    }
}
