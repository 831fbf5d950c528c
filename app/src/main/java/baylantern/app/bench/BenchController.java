package baylantern.app.bench;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.rules.Finding;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench: checking and logging grafts, and the log itself. */
@RestController
@RequestMapping("/api/grafts")
class BenchController {

    private static final int MOST = 300;

    private final BenchService bench;
    private final GraftService grafts;
    private final PlaceService places;
    private final FarmClock clock;
    private final CorrectionService corrections;
    private final PartsService parts;
    private final FindService finds;
    private final TrayService trays;
    private final HabitService habits;

    BenchController(
            BenchService bench,
            GraftService grafts,
            PlaceService places,
            FarmClock clock,
            CorrectionService corrections,
            PartsService parts,
            FindService finds,
            TrayService trays,
            HabitService habits) {
        this.habits = habits;
        this.trays = trays;
        this.bench = bench;
        this.grafts = grafts;
        this.places = places;
        this.clock = clock;
        this.corrections = corrections;
        this.parts = parts;
        this.finds = finds;
    }

    @Needs(Role.HAND)
    @PostMapping
    BenchService.Logged log(@Valid @RequestBody BenchEntry entry) {
        return bench.log(entry);
    }

    @Needs(Role.GUEST)
    @PostMapping("/check")
    List<Finding> check(@Valid @RequestBody BenchEntry entry) {
        return bench.check(entry);
    }

    /** What the next graft is likely to be: as the last one; the code if its variety stays; sources used before. */
    record Next(@Nullable Graft last, @Nullable String code, List<String> sources) {}

    @Needs(Role.GUEST)
    @GetMapping("/next")
    Next next(@RequestParam(required = false) @Nullable Long varietyId) {
        Graft last = grafts.latest().orElse(null);
        Long id = varietyId != null ? varietyId : last == null ? null : (Long) last.varietyId();
        String code = id == null
                ? null
                : bench.nextCode(places.variety(id), clock.today().getYear());
        return new Next(last, code, grafts.sources());
    }

    @Needs(Role.GUEST)
    @GetMapping("/free-stems")
    List<FreeStem> freeStems(@RequestParam String speciesKey, @RequestParam(required = false) @Nullable String search) {
        return bench.freeStems(search, speciesKey);
    }

    @Needs(Role.GUEST)
    @GetMapping("/tray")
    TrayService.Tray tray(
            @RequestParam long varietyId,
            @RequestParam(required = false) @Nullable String techniqueKey,
            @RequestParam(required = false) @Nullable Double scionMm,
            @RequestParam(required = false) @Nullable Long makerId,
            @RequestParam(required = false) @Nullable String search) {
        return trays.of(varietyId, new TrayService.Stick(techniqueKey, scionMm, makerId), search);
    }

    @Needs(Role.GUEST)
    @GetMapping("/habits")
    List<HabitService.HabitView> habits() {
        return habits.all();
    }

    @Needs(Role.OWNER)
    @PutMapping("/habits")
    HabitService.HabitDone habit(@Valid @RequestBody HabitService.HabitEntry entry) {
        return habits.set(entry);
    }

    @Needs(Role.GUEST)
    @GetMapping("/schools")
    Map<String, String> schools(@RequestParam String speciesKey, @RequestParam String techniqueKey) {
        return bench.standardSchools(speciesKey, techniqueKey);
    }

    /** Grafts of a filter; total tells how many there are in all. */
    record GraftList(int total, List<Graft> grafts) {}

    @Needs(Role.GUEST)
    @GetMapping
    GraftList list(
            @RequestParam(required = false) @Nullable Long varietyId,
            @RequestParam(required = false) @Nullable String speciesKey,
            @RequestParam(required = false) @Nullable String techniqueKey,
            @RequestParam(required = false) @Nullable Long makerId,
            @RequestParam(required = false) @Nullable String woodSource,
            @RequestParam(required = false) @Nullable String outcome,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam(required = false) @Nullable String part) {
        GraftFilter filter = new GraftFilter(
                varietyId, speciesKey, techniqueKey, makerId, woodSource, outcome, from, to, YearPart.read(part), null);
        return new GraftList(grafts.count(filter), grafts.list(filter, MOST));
    }

    /** New notes for a graft. */
    record Notes(
            @Size(max = 4000, message = "are at most 4000 characters")
            String notes,

            int version) {}

    @Needs(Role.HAND)
    @PutMapping("/{code}/notes")
    Graft notes(@PathVariable String code, @Valid @RequestBody Notes entry) {
        return grafts.changeNotes(code, entry.version(), entry.notes());
    }

    @Needs(Role.HAND)
    @PutMapping("/{code}/made")
    CorrectionService.Corrected correct(
            @PathVariable String code, @Valid @RequestBody CorrectionService.Correction entry) {
        return corrections.correct(code, entry);
    }

    @Needs(Role.HAND)
    @PutMapping("/made")
    CorrectionService.Corrected correctTogether(@Valid @RequestBody CorrectionService.Together entry) {
        return corrections.correctTogether(entry);
    }

    @Needs(Role.HAND)
    @PutMapping("/{code}/parts")
    CorrectionService.Corrected correctParts(@PathVariable String code, @Valid @RequestBody PartsService.Parts entry) {
        return parts.correct(code, entry);
    }

    @Needs(Role.GUEST)
    @GetMapping("/find")
    List<FindService.Found> find(@RequestParam String q) {
        return finds.find(q);
    }
}
