package baylantern.app.bench;

import baylantern.app.lineage.LineageService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.Stem;
import baylantern.app.place.VarietyUse;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.wood.LotLedger;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Technique;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts right what a graft in the log was made of: the stem it stands on, its wood, the schools that were followed. */
@Service
public class PartsService implements VarietyUse {

    private final GraftMapper mapper;
    private final GraftService grafts;
    private final BenchService bench;
    private final PlantService plants;
    private final LotLedger ledger;
    private final LineageService lineage;
    private final TrailService trail;

    PartsService(
            GraftMapper mapper,
            GraftService grafts,
            BenchService bench,
            PlantService plants,
            LotLedger ledger,
            LineageService lineage,
            TrailService trail) {
        this.mapper = mapper;
        this.grafts = grafts;
        this.bench = bench;
        this.plants = plants;
        this.ledger = ledger;
        this.lineage = lineage;
        this.trail = trail;
    }

    /**
     * What a graft was truly made of.
     *
     * @param lotId the lot of its wood, null where it was of none; then the words tell where it came from
     * @param schools answers to questions of schools; those not named stay
     * @param version of the graft as it was read
     */
    public record Parts(
            @NotNull(message = "needs a stem") Long stemId,
            @Nullable Long lotId,

            @Nullable @Size(max = 200, message = "is at most 200 characters")
            String woodSource,

            @Nullable Map<String, String> schools,
            int version) {}

    /** Puts a graft's parts right, or throws with the first thing that speaks against it. */
    @Transactional
    public CorrectionService.Corrected correct(String code, Parts entry) {
        Graft graft = grafts.byCode(code);
        if (lineage.heldWords(Node.graft(graft.id())) != null) {
            throw FarmProblem.conflict(graft.code() + " is held under a recall, so its trace must stay.");
        }
        if (graft.techniqueKey() == null) {
            throw FarmProblem.conflict("Say first by which technique " + graft.code() + " was made.");
        }
        Technique technique = bench.technique(graft.techniqueKey());
        Stem stem = plants.stem(entry.stemId());
        Plant plant = plants.plant(stem.plantId());
        String sentence = sentence(graft, entry, plant);
        List<Finding> found = new ArrayList<>(checked(graft, entry, technique, plant));
        long act = trail.follow(sentence);
        Rows.superseded(mapper.restand(graft.id(), wood(graft, entry, technique, act), entry), graft.code());
        if (graft.on().stemId() != entry.stemId()) {
            GraftFit fit = bench.plainFit(
                    graft.techniqueKey(), graft.speciesKey(), plant.speciesKey(), graft.scionMm(), graft.stockMm());
            Rows.one(mapper.refit(graft.id(), fit));
        }
        Objects.requireNonNullElse(entry.schools(), Map.<String, String>of())
                .forEach((question, school) -> Rows.one(mapper.school(graft.id(), question, school)));
        return new CorrectionService.Corrected(
                act, sentence, found.stream().map(Finding::message).distinct().toList());
    }

    @Override
    @Transactional
    public void speciesPutRight(long varietyId, String speciesKey) {
        Rows.any(mapper.putSpeciesRight(varietyId, speciesKey));
    }

    private List<Finding> checked(Graft graft, Parts entry, Technique technique, Plant plant) {
        List<Finding> found = new ArrayList<>();
        if (graft.on().stemId() != entry.stemId()) {
            found.addAll(bench.onStem(graft, technique, plant, entry.stemId()));
        }
        if (entry.lotId() != null && !entry.lotId().equals(graft.lotId())) {
            found.addAll(
                    ledger.check(entry.lotId(), graft.varietyId(), graft.madeOn(), 1, BenchService.takes(technique)));
        }
        FarmProblem.ifRefused(found);
        bench.known(Objects.requireNonNullElse(entry.schools(), Map.of()));
        return found;
    }

    /** Where its wood came from, when it was cut and how much of its life it had used. */
    record WoodOf(
            @Nullable Long lotId,
            String source,
            java.time.@Nullable LocalDate cutOn,
            @Nullable Double used) {}

    // The lot that did not give it gets it back; the one that did gives it.
    private @Nullable WoodOf wood(Graft graft, Parts entry, Technique technique, long act) {
        if (Objects.equals(entry.lotId(), graft.lotId())) {
            String words = entry.woodSource();
            return words == null || graft.lotId() != null
                    ? null
                    : new WoodOf(null, words.strip(), graft.woodCutOn(), null);
        }
        if (graft.lotId() != null) {
            ledger.back(graft.lotId(), BenchService.takes(technique), graft.madeOn(), act);
        }
        if (entry.lotId() == null) {
            return new WoodOf(
                    null, Objects.requireNonNullElse(entry.woodSource(), "").strip(), null, null);
        }
        LotLedger.Used used = ledger.use(
                entry.lotId(),
                1,
                BenchService.takes(technique),
                graft.madeOn(),
                graft.made().makerId(),
                act);
        return new WoodOf(entry.lotId(), used.fromName(), used.cutOn(), used.lifeUsed());
    }

    private String sentence(Graft graft, Parts entry, Plant plant) {
        List<String> put = new ArrayList<>();
        if (graft.on().stemId() != entry.stemId()) {
            put.add("on " + plant.code());
        }
        if (!Objects.equals(entry.lotId(), graft.lotId())) {
            put.add(entry.lotId() == null ? "its wood of no lot" : "wood of " + ledger.codeOf(entry.lotId()));
        } else if (entry.lotId() == null
                && entry.woodSource() != null
                && !entry.woodSource().strip().equals(graft.woodSource())) {
            put.add("wood from " + entry.woodSource().strip());
        }
        if (entry.schools() != null && !entry.schools().isEmpty()) {
            put.add("other schools");
        }
        if (put.isEmpty()) {
            throw FarmProblem.conflict("That is how " + graft.code() + " stands already.");
        }
        return graft.code() + " put right: " + String.join(", ", put);
    }
}
