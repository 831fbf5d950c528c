package baylantern.app.fit;

import baylantern.app.fit.PairedView.OnePair;
import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.choice.TechniqueChoice;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.contact.Joint;
import baylantern.core.fit.pairing.PairJudge;
import baylantern.core.fit.pairing.Pairing;
import baylantern.core.fit.pairing.Pairing.Paired;
import baylantern.core.fit.pairing.Pairing.Piece;
import baylantern.core.fit.pairing.Spare;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Kinship;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Pairs a batch of sticks and stems. */
@Service
class PairService {

    private final Rulebook rules;
    private final CaseService cases;
    private final TechniqueChoice choice;
    private final FitBench bench;
    private final Spare spare;

    PairService(Rulebook rules, CaseService cases) {
        this.rules = rules;
        this.cases = cases;
        this.choice = new TechniqueChoice(rules);
        this.bench = new FitBench(rules);
        this.spare = new Spare(rules);
    }

    /** Pairs the batch; throws {@link FitRefused} where a measure cannot be or there are too many. */
    PairedView solve(PairEntry entry, IntConsumer progress, BooleanSupplier cancelled) {
        CaseService.Takes takes = cases.takes(entry.on().scionSpecies());
        PairJudge judge = new PairJudge(
                choice,
                rules.fit(),
                (scion, stock) -> cases.of(entry.on(), takes, scion, stock),
                Objects.requireNonNullElse(entry.allowed(), Set.of()));
        Pairing.Solution solution = Pairing.solve(
                entry.sticks(),
                entry.stems(),
                judge,
                rules.fit().value(FigureName.PAIR_LEAST),
                Objects.requireNonNullElse(entry.locks(), Set.of()),
                Objects.requireNonNullElse(entry.apart(), Set.of()),
                progress,
                cancelled);
        return view(entry, solution, judge);
    }

    /** Requires sizes that can be and each name once, before the long work begins. */
    void check(PairEntry entry) {
        kin(entry.on());
        check("sticks", entry.sticks());
        check("stems", entry.stems());
    }

    private void kin(CaseEntry on) {
        Species scion = cases.species("scionSpecies", on.scionSpecies());
        Species stock = cases.species("stockSpecies", on.stockSpecies());
        Kinship kinship = rules.kinship(scion, stock);
        if (kinship.verdict() == Kinship.Verdict.REFUSED) {
            throw new FitRefused(
                    "scionSpecies",
                    scion.name(),
                    "kin of " + stock.name(),
                    scion.name() + " on " + stock.name() + " cannot join: " + kinship.why() + ".");
        }
    }

    private void check(String field, List<Piece> pieces) {
        if (pieces.isEmpty() || pieces.size() > Pairing.MOST) {
            throw new FitRefused(
                    field,
                    pieces.size(),
                    "1 to " + Pairing.MOST,
                    pieces.isEmpty()
                            ? "There are no " + field + " to pair."
                            : pieces.size() + " " + field + " are too many to pair at once; take up to " + Pairing.MOST
                                    + ".");
        }
        Set<String> names = new HashSet<>();
        for (Piece piece : pieces) {
            Round.of(piece.diameterMm(), piece.barkMm(), rules.fit());
            if (!names.add(piece.id())) {
                throw new FitRefused(field, piece.id(), "each name once", piece.id() + " stands there twice.");
            }
        }
    }

    private PairedView view(PairEntry entry, Pairing.Solution solution, PairJudge judge) {
        Map<String, Piece> sticks = byId(entry.sticks());
        Map<String, Piece> stems = byId(entry.stems());
        List<OnePair> pairs = new ArrayList<>();
        for (Paired paired : solution.pairs()) {
            pairs.add(pair(entry, paired, Known.in(sticks, paired.stickId()), Known.in(stems, paired.stemId())));
        }
        Slips slips = entry.on().slips();
        return new PairedView(
                pairs,
                solution.spareSticks().stream()
                        .map(id -> spare.stick(
                                Known.in(sticks, id),
                                entry.stems(),
                                suits(judge, List.of(sticks.get(id)), entry.stems()),
                                slips))
                        .toList(),
                solution.spareStems().stream()
                        .map(id -> spare.stem(
                                Known.in(stems, id),
                                entry.sticks(),
                                suits(judge, entry.sticks(), List.of(Known.in(stems, id)))))
                        .toList(),
                solution.cost());
    }

    private boolean suits(PairJudge judge, List<Piece> sticks, List<Piece> stems) {
        double least = rules.fit().value(FigureName.PAIR_LEAST);
        return sticks.stream()
                .anyMatch(a -> stems.stream().anyMatch(b -> {
                    Pairing.Worth worth = judge.of(a, b);
                    return worth.techniqueKey() != null && worth.share() - worth.spoilt() > least;
                }));
    }

    private OnePair pair(PairEntry entry, Paired paired, Piece stick, Piece stem) {
        String key = Objects.requireNonNull(paired.worth().techniqueKey());
        Round scion = Round.of(stick.diameterMm(), stick.barkMm(), rules.fit());
        Round stock = Round.of(stem.diameterMm(), stem.barkMm(), rules.fit());
        Joint right = bench.laidWell(key, stock, scion);
        double offset = right.placing().offsetMm() * (entry.wrap() == Wrap.CLOCKWISE ? 1 : -1);
        Joint joint = right.at(right.placing().offset(offset));
        return new OnePair(
                new OnePair.Pieces(paired.stickId(), paired.stemId()),
                new OnePair.Sizes(stick.diameterMm(), stem.diameterMm()),
                new OnePair.How(key, rules.technique(key).orElseThrow().name()),
                bench.model(key).contact(joint),
                joint.placing().offsetMm(),
                paired.worth().score(),
                paired.locked(),
                bench.model(key).cuts(joint));
    }

    private static Map<String, Piece> byId(List<Piece> pieces) {
        return pieces.stream().collect(Collectors.toMap(Piece::id, Function.identity()));
    }
}
