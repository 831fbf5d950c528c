package baylantern.app.fit;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.StemEntry;
import baylantern.app.platform.FarmProblem;
import baylantern.core.fit.Taper;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.limb.LimbPlan;
import baylantern.core.fit.limb.LimbPlan.Limb;
import baylantern.core.fit.limb.LimbPlan.TreeSchool;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Rulebook;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Old trees: their limbs, and what becomes of each this season. */
@Service
class LimbService {

    private final StemService stems;
    private final FitMapper fits;
    private final PlantService plants;
    private final PlaceService places;
    private final LimbPlan planner;
    private final Rulebook rules;

    LimbService(StemService stems, FitMapper fits, PlantService plants, PlaceService places, Rulebook rules) {
        this.stems = stems;
        this.fits = fits;
        this.plants = plants;
        this.places = places;
        this.planner = new LimbPlan(rules.fit());
        this.rules = rules;
    }

    /**
     * A tree with its limbs, planned.
     *
     * @param season null where no limb has been measured with a direction
     * @param northern true north of the equator
     */
    record LimbTree(
            long plantId,
            String code,
            String speciesKey,
            List<MeasuredStem> stems,
            LimbPlan.@Nullable LimbSeason season,
            boolean northern,
            double reachMm) {}

    /** Codes of trees with a limb whose direction is known. */
    List<String> trees() {
        return fits.plantsWithLimbs();
    }

    /** Limbs as they are read off the tree. */
    record LimbsEntry(
            @NotEmpty(message = "need a limb") @Size(max = LimbPlan.MOST_LIMBS, message = "are at most 16")
            List<Limb> limbs) {}

    /** Keeps the limbs of a tree: those it has are measured anew, others are added. */
    @Transactional
    public long keep(String code, LimbsEntry entry) {
        Plant plant = plants.plantByCode(code).orElseThrow(() -> FarmProblem.unknown("plant", code));
        Map<String, Long> known = new HashMap<>();
        plants.stems(List.of(plant.id())).forEach(s -> known.put(s.label(), s.id()));
        List<StemService.NewMeasure> measures = new ArrayList<>();
        for (Limb limb : entry.limbs()) {
            if (limb.label().isBlank() || limb.label().length() > 40) {
                throw FarmProblem.wrong("limbs", limb.label(), "1 to 40 characters", "A limb needs a short name.");
            }
            Long id = known.get(limb.label());
            boolean fresh = id == null;
            long stem = id == null ? plants.addStem(plant.id(), entry(limb)) : id;
            known.put(limb.label(), stem);
            measures.add(new StemService.NewMeasure(stem, measure(limb), fresh));
        }
        return stems.measureAll(plant.code() + ": " + measures.size() + " limbs measured", measures);
    }

    private static StemEntry entry(Limb limb) {
        return new StemEntry(limb.label(), limb.diameterMm(), limb.heightMm());
    }

    private static StemMeasure measure(Limb limb) {
        return new StemMeasure(
                List.of(new Taper.StemReading(limb.heightMm(), limb.diameterMm())),
                null,
                null,
                null,
                limb.directionDeg());
    }

    LimbTree tree(String code, @Nullable TreeSchool school, Slips slips) {
        Plant plant = plants.plantByCode(code).orElseThrow(() -> FarmProblem.unknown("plant", code));
        List<MeasuredStem> all = stems.ofPlant(plant.id());
        List<Limb> limbs = new ArrayList<>();
        for (MeasuredStem stem : all) {
            Double direction = stem.measure().directionDeg();
            if (direction != null && !stem.measure().readings().isEmpty() && stem.takenBy() == null) {
                Taper.StemReading cut = stem.measure().readings().get(0);
                limbs.add(new Limb(stem.label(), cut.diameterMm(), cut.heightMm(), direction));
            }
        }
        Hemisphere hemisphere = Hemisphere.of(places.latitudeDeg());
        TreeSchool chosen = school != null ? school : usual(plant.speciesKey());
        return new LimbTree(
                plant.id(),
                plant.code(),
                plant.speciesKey(),
                all,
                limbs.isEmpty() ? null : planner.plan(limbs, chosen, hemisphere, slips),
                hemisphere == Hemisphere.NORTH,
                rules.fit().value(FigureName.REACH_MM));
    }

    // A fig made into a tree of many varieties may lose all its own branches; an evergreen in the sun may not.
    private static TreeSchool usual(String speciesKey) {
        return speciesKey.equals("fig") ? TreeSchool.ALL : TreeSchool.THIRD;
    }
}
