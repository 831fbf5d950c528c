package baylantern.app.bench;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.bench.Cover;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Technique;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts right how a graft in the log was made; visits, takes and how it met follow from it. */
@Service
public class CorrectionService {

    private final GraftMapper mapper;
    private final GraftService grafts;
    private final BenchService bench;
    private final PlaceService places;
    private final FarmClock clock;
    private final TrailService trail;

    CorrectionService(
            GraftMapper mapper,
            GraftService grafts,
            BenchService bench,
            PlaceService places,
            FarmClock clock,
            TrailService trail) {
        this.mapper = mapper;
        this.grafts = grafts;
        this.bench = bench;
        this.places = places;
        this.clock = clock;
        this.trail = trail;
    }

    /**
     * How a graft was truly made.
     *
     * @param scionMm diameter at the cut, mm, null where it was not measured
     * @param stockMm the same of the stock
     * @param version of the graft as it was read
     */
    public record Correction(
            @NotNull(message = "needs the day it was made") LocalDate madeOn,
            @NotBlank(message = "needs a technique") String techniqueKey,
            @Nullable Long makerId,
            @NotNull(message = "needs a cover") Cover cover,
            @Nullable Double scionMm,
            @Nullable Double stockMm,
            int version) {}

    /** What was put right, with what is still remarkable about it. */
    public record Corrected(long actId, String sentence, List<String> warnings) {}

    /** Puts a graft right, or throws with the first thing that speaks against it. */
    @Transactional
    public Corrected correct(String code, Correction entry) {
        Graft graft = grafts.byCode(code);
        Technique technique = bench.technique(entry.techniqueKey());
        List<Finding> found = bench.check(
                graft,
                technique,
                new BenchService.Cut(entry.madeOn(), graft.woodCutOn(), entry.scionMm(), entry.stockMm()));
        FarmProblem.ifRefused(found);
        if (graft.lastLookOn() != null && entry.madeOn().isAfter(graft.lastLookOn())) {
            throw FarmProblem.wrong(
                    "madeOn",
                    entry.madeOn(),
                    "up to " + graft.lastLookOn(),
                    graft.code() + " was looked at on " + graft.lastLookOn() + ", so it was made by then.");
        }
        sameOfItsLot(graft, technique);
        String sentence = sentence(graft, entry, technique);
        long act = trail.follow(sentence);
        boolean met = met(graft, entry);
        GraftFit fit = met
                ? null
                : bench.plainFit(
                        entry.techniqueKey(),
                        graft.speciesKey(),
                        graft.on().plantSpeciesKey(),
                        entry.scionMm(),
                        entry.stockMm());
        Instant madeAt = entry.madeOn().equals(graft.madeOn()) ? null : clock.moment(entry.madeOn());
        Rows.superseded(mapper.correct(graft.id(), entry, madeAt, fit, met), graft.code());
        return new Corrected(
                act, sentence, found.stream().map(Finding::message).distinct().toList());
    }

    // Sizes and technique as they were: how it met was measured then and stays.
    private static boolean met(Graft graft, Correction entry) {
        return Objects.equals(graft.scionMm(), entry.scionMm())
                && Objects.equals(graft.stockMm(), entry.stockMm())
                && entry.techniqueKey().equals(graft.techniqueKey());
    }

    // Its lot gave a bud or a stick; that entry of the ledger stands.
    private void sameOfItsLot(Graft graft, Technique technique) {
        String before = graft.techniqueKey();
        if (graft.lotId() != null
                && before != null
                && BenchService.takes(bench.technique(before)) != BenchService.takes(technique)) {
            throw FarmProblem.wrong(
                    "techniqueKey",
                    technique.name(),
                    "one that takes as much of the lot",
                    graft.lotCode() + " gave another part for it: take the graft back and log it anew.");
        }
    }

    private String sentence(Graft graft, Correction entry, Technique technique) {
        List<String> put = new ArrayList<>();
        if (!entry.madeOn().equals(graft.madeOn())) {
            put.add("made on " + entry.madeOn());
        }
        if (!entry.techniqueKey().equals(graft.techniqueKey())) {
            put.add(technique.name());
        }
        if (!Objects.equals(entry.makerId(), graft.made().makerId())) {
            put.add(
                    entry.makerId() == null
                            ? "its maker not known"
                            : "by " + places.person(entry.makerId()).name());
        }
        if (!entry.cover().name().equals(graft.cover())) {
            put.add(entry.cover().words());
        }
        if (!Objects.equals(entry.scionMm(), graft.scionMm()) || !Objects.equals(entry.stockMm(), graft.stockMm())) {
            put.add("other diameters");
        }
        if (put.isEmpty()) {
            throw FarmProblem.conflict("That is how " + graft.code() + " stands already.");
        }
        return graft.code() + " put right: " + String.join(", ", put);
    }
}
