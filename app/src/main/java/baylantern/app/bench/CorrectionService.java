package baylantern.app.bench;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.wood.LotLedger;
import baylantern.core.bench.Cover;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Technique;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
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
    private final LotLedger ledger;

    CorrectionService(
            GraftMapper mapper,
            GraftService grafts,
            BenchService bench,
            PlaceService places,
            FarmClock clock,
            TrailService trail,
            LotLedger ledger) {
        this.ledger = ledger;
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
        String put = changes(graft, entry);
        if (put.isEmpty()) {
            throw FarmProblem.conflict("That is how " + graft.code() + " stands already.");
        }
        String sentence = graft.code() + " put right: " + put;
        long act = trail.follow(sentence);
        return new Corrected(act, sentence, write(graft, entry, act));
    }

    /**
     * What several grafts were truly made like; what is null stays as it is with each.
     *
     * @param grafts with the versions that were read
     */
    public record Together(
            @NotEmpty(message = "needs a graft") @Size(max = 500, message = "are at most 500 at once") @Valid
            List<Read> grafts,

            @Nullable LocalDate madeOn,
            @Nullable String techniqueKey,
            @Nullable Long makerId,
            @Nullable Cover cover) {

        /** A graft and the version of it that was on the screen. */
        record Read(@NotBlank(message = "needs a code") String code, int version) {}

        Correction of(Graft graft, int version) {
            String technique =
                    Objects.requireNonNullElse(techniqueKey, Objects.requireNonNullElse(graft.techniqueKey(), ""));
            return new Correction(
                    Objects.requireNonNullElse(madeOn, graft.madeOn()),
                    technique,
                    makerId == null ? graft.made().makerId() : makerId,
                    cover == null ? Cover.valueOf(graft.cover()) : cover,
                    graft.scionMm(),
                    graft.stockMm(),
                    version);
        }
    }

    /** Puts several grafts right in one act, all or none; those that stand so already are left. */
    @Transactional
    public Corrected correctTogether(Together entry) {
        Map<Graft, Correction> changed = new LinkedHashMap<>();
        Set<String> put = new LinkedHashSet<>();
        for (Together.Read read : entry.grafts()) {
            Graft graft = grafts.byCode(read.code());
            Correction correction = entry.of(graft, read.version());
            String own = changes(graft, correction);
            if (!own.isEmpty()) {
                changed.put(graft, correction);
                put.add(own);
            }
        }
        if (changed.isEmpty()) {
            throw FarmProblem.conflict("That is how they stand already.");
        }
        String which = changed.size() == 1 ? "1 graft" : changed.size() + " grafts";
        String sentence =
                which + " put right: " + (put.size() == 1 ? put.iterator().next() : "as one was made");
        long act = trail.follow(sentence);
        List<String> warnings = new ArrayList<>();
        changed.forEach((graft, correction) ->
                write(graft, correction, act).forEach(warning -> warnings.add(graft.code() + ": " + warning)));
        return new Corrected(act, sentence, warnings);
    }

    private List<String> write(Graft graft, Correction entry, long act) {
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
        boolean met = met(graft, entry);
        GraftFit fit = met
                ? null
                : bench.plainFit(
                        entry.techniqueKey(),
                        graft.speciesKey(),
                        graft.on().plantSpeciesKey(),
                        entry.scionMm(),
                        entry.stockMm());
        Rows.superseded(mapper.correct(graft.id(), entry, moved(graft, entry.madeOn()), fit, met), graft.code());
        Long lot = graft.lotId();
        if (lot != null && !entry.madeOn().equals(graft.madeOn())) {
            ledger.anotherDay(lot, BenchService.takes(technique), graft.madeOn(), entry.madeOn(), act);
        }
        return found.stream().map(Finding::message).distinct().toList();
    }

    private GraftMapper.@Nullable Moved moved(Graft graft, LocalDate day) {
        Long lot = graft.lotId();
        return day.equals(graft.madeOn())
                ? null
                : new GraftMapper.Moved(clock.moment(day), lot == null ? null : ledger.usedBy(lot, day));
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

    // What is put right, in words; empty where all stands so already.
    private String changes(Graft graft, Correction entry) {
        List<String> put = new ArrayList<>();
        if (!entry.madeOn().equals(graft.madeOn())) {
            put.add("made on " + entry.madeOn());
        }
        if (!entry.techniqueKey().equals(graft.techniqueKey())) {
            put.add(bench.technique(entry.techniqueKey()).name());
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
        return String.join(", ", put);
    }
}
