package baylantern.app.fit;

import baylantern.app.place.PlantKind;
import baylantern.app.place.PlantService;
import baylantern.app.place.StemEntry;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.wood.LotDesk;
import baylantern.app.wood.LotView;
import baylantern.core.fit.Round;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.limb.LimbPlan;
import baylantern.core.fit.limb.LimbPlan.LimbStep;
import baylantern.core.fit.limb.LimbPlan.TreeSchool;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Kinship;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The scions of this season's limbs as a prepared list: each scion is a graft of its own on a stem of its own, so that
 * each is looked at and one that lives says so.
 */
@Service
public class LimbWood {

    private final LimbService limbs;
    private final ListService lists;
    private final FitMapper fits;
    private final PlantService plants;
    private final LotDesk lots;
    private final FarmClock clock;
    private final Rulebook rules;
    private final FitBench bench;

    LimbWood(
            LimbService limbs,
            ListService lists,
            FitMapper fits,
            PlantService plants,
            LotDesk lots,
            FarmClock clock,
            Rulebook rules) {
        this.limbs = limbs;
        this.lists = lists;
        this.fits = fits;
        this.plants = plants;
        this.lots = lots;
        this.clock = clock;
        this.rules = rules;
        this.bench = new FitBench(rules);
    }

    /**
     * How a tree's limbs are grafted.
     *
     * @param school how much of the old tree is kept, null for what is usual
     * @param lotId the wood
     */
    public record LimbsWanted(String code, @Nullable TreeSchool school, boolean slips, long lotId) {}

    /** The list that was made of them. */
    public record Listed(long listId, int scions) {}

    /** Prepares this season's scions of a tree within the caller's act; the stems they stand on are added where missing. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Listed prepare(LimbsWanted wanted, long act) {
        LimbService.LimbTree tree = limbs.tree(wanted.code(), wanted.school(), wanted.slips() ? Slips.YES : Slips.NO);
        LimbPlan.LimbSeason season = tree.season();
        List<LimbStep> grafted = season == null
                ? List.of()
                : season.steps().stream().filter(step -> step.scions() > 0).toList();
        if (grafted.isEmpty()) {
            throw FarmProblem.wrong(
                    "code",
                    wanted.code(),
                    "a tree with a limb to graft",
                    "No limb of " + wanted.code() + " is grafted this season.");
        }
        if (plants.plant(tree.plantId()).kind() == PlantKind.MOTHER_TREE) {
            throw FarmProblem.wrong(
                    "code",
                    wanted.code(),
                    "a tree that is grafted over",
                    wanted.code() + " is a mother tree: wood is cut from it, none is grafted on it.");
        }
        LotView lot = lot(wanted.lotId());
        kin(lot, tree.speciesKey());
        Stems stems = new Stems(tree);
        List<RowEntry> rows = new ArrayList<>();
        for (LimbStep step : grafted) {
            for (long stem : stems.of(step)) {
                rows.add(row(tree, step, stem, lot, rows.size() + 1));
            }
        }
        notPreparedYet(wanted.code(), rows);
        lists.check(rows);
        long list = fits.insertList(wanted.code() + ": this season's limbs", clock.today(), act);
        Rows.all(fits.insertRows(list, rows), rows.size());
        return new Listed(list, rows.size());
    }

    private void notPreparedYet(String code, List<RowEntry> rows) {
        Set<Long> ours = rows.stream().map(RowEntry::stemId).collect(Collectors.toSet());
        fits.openPairs().stream()
                .filter(pair -> ours.contains(pair.stemId()))
                .findFirst()
                .ifPresent(pair -> {
                    throw FarmProblem.conflict("Limbs of " + code + " are on the list \"" + pair.listName()
                            + "\" already. Graft that one, or put it away first.");
                });
    }

    private void kin(LotView lot, String stockKey) {
        Species scion = rules.species(lot.of().speciesKey()).orElseThrow();
        Species stock = rules.species(stockKey).orElseThrow();
        Kinship kinship = rules.kinship(scion, stock);
        if (kinship.verdict() == Kinship.Verdict.REFUSED) {
            throw FarmProblem.wrong("lotId", lot.code(), "wood that can live on " + stock.name(), kinship.why());
        }
    }

    private LotView lot(long id) {
        return lots.shelf().stream()
                .filter(lot -> lot.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.wrong(
                        "lotId", id, "a lot on the shelf", "There is no such lot on the shelf any more."));
    }

    private RowEntry row(LimbService.LimbTree tree, LimbStep step, long stem, LotView lot, int no) {
        String technique = Objects.requireNonNull(step.technique());
        double stock = step.limb().diameterMm();
        double scion = scion(lot);
        double offset = bench.joint(
                        technique,
                        Round.of(stock, null, rules.fit()),
                        Round.of(scion, null, rules.fit()),
                        Wish.NONE,
                        Wrap.CLOCKWISE)
                .placing()
                .offsetMm();
        return new RowEntry(
                lot.code() + " " + no,
                tree.code() + " · " + step.limb().label(),
                lot.id(),
                stem,
                technique,
                scion,
                stock,
                null,
                null,
                offset);
    }

    // The middle stick of the lot; where nobody measured one, a usual one.
    private double scion(LotView lot) {
        List<Double> thick = lot.count().diametersMm().stream().sorted().toList();
        return thick.isEmpty() ? rules.fit().value(FigureName.USUAL_SCION_MM) : thick.get(thick.size() / 2);
    }

    /** The stems of a tree's limbs: the first scion stands on the limb's own, others beside it. */
    private final class Stems {

        private final long plantId;
        private final Map<String, MeasuredStem> there = new HashMap<>();

        Stems(LimbService.LimbTree tree) {
            this.plantId = tree.plantId();
            tree.stems().forEach(stem -> there.put(stem.label(), stem));
        }

        List<Long> of(LimbStep step) {
            List<Long> stems = new ArrayList<>();
            for (int no = 1; stems.size() < step.scions(); no++) {
                String label = no == 1 ? step.limb().label() : step.limb().label() + " " + no;
                MeasuredStem known = there.get(label);
                if (known == null) {
                    StemEntry entry = new StemEntry(
                            label, step.limb().diameterMm(), step.limb().heightMm());
                    stems.add(plants.addStem(plantId, entry));
                } else if (known.takenBy() == null) {
                    stems.add(known.stemId());
                }
            }
            return stems;
        }
    }
}
