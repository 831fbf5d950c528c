package baylantern.app.bench;

import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.wood.LotService;
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
    private final PlantService plants;
    private final FarmClock clock;
    private final LotService lots;
    private final CorrectionService corrections;

    BenchController(
            BenchService bench,
            GraftService grafts,
            PlaceService places,
            PlantService plants,
            FarmClock clock,
            LotService lots,
            CorrectionService corrections) {
        this.bench = bench;
        this.grafts = grafts;
        this.places = places;
        this.plants = plants;
        this.clock = clock;
        this.lots = lots;
        this.corrections = corrections;
    }

    @PostMapping
    BenchService.Logged log(@Valid @RequestBody BenchEntry entry) {
        return bench.log(entry);
    }

    @PostMapping("/check")
    List<Finding> check(@Valid @RequestBody BenchEntry entry) {
        return bench.check(entry);
    }

    /** What the next graft is likely to be: as the last one; the code if its variety stays; sources used before. */
    record Next(@Nullable Graft last, @Nullable String code, List<String> sources) {}

    @GetMapping("/next")
    Next next(@RequestParam(required = false) @Nullable Long varietyId) {
        Graft last = grafts.latest().orElse(null);
        Long id = varietyId != null ? varietyId : last == null ? null : (Long) last.varietyId();
        String code = id == null
                ? null
                : bench.nextCode(places.variety(id), clock.today().getYear());
        return new Next(last, code, grafts.sources());
    }

    @GetMapping("/free-stems")
    List<FreeStem> freeStems(@RequestParam String speciesKey, @RequestParam(required = false) @Nullable String search) {
        return grafts.freeStems(search, speciesKey);
    }

    @GetMapping("/schools")
    Map<String, String> schools(@RequestParam String speciesKey, @RequestParam String techniqueKey) {
        return bench.standardSchools(speciesKey, techniqueKey);
    }

    /** Grafts of a filter; total tells how many there are in all. */
    record GraftList(int total, List<Graft> grafts) {}

    @GetMapping
    GraftList list(
            @RequestParam(required = false) @Nullable Long varietyId,
            @RequestParam(required = false) @Nullable String speciesKey,
            @RequestParam(required = false) @Nullable String techniqueKey,
            @RequestParam(required = false) @Nullable Long makerId,
            @RequestParam(required = false) @Nullable String woodSource,
            @RequestParam(required = false) @Nullable String outcome,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to) {
        GraftFilter filter =
                new GraftFilter(varietyId, speciesKey, techniqueKey, makerId, woodSource, outcome, from, to, null);
        return new GraftList(grafts.count(filter), grafts.list(filter, MOST));
    }

    /** New notes for a graft. */
    record Notes(
            @Size(max = 4000, message = "are at most 4000 characters")
            String notes,

            int version) {}

    @PutMapping("/{code}/notes")
    Graft notes(@PathVariable String code, @Valid @RequestBody Notes entry) {
        return grafts.changeNotes(code, entry.version(), entry.notes());
    }

    @PutMapping("/{code}/made")
    CorrectionService.Corrected correct(
            @PathVariable String code, @Valid @RequestBody CorrectionService.Correction entry) {
        return corrections.correct(code, entry);
    }

    /** One thing found. */
    record Found(String kind, String code, String words) {}

    @GetMapping("/find")
    List<Found> find(@RequestParam String q) {
        if (q.length() > 100) {
            throw FarmProblem.wrong("q", q.length(), "up to 100 characters", "That is too long to look for.");
        }
        List<Found> found = new java.util.ArrayList<>();
        List<Variety> named = places.varieties().stream()
                .filter(v -> v.name().toLowerCase(java.util.Locale.ROOT).contains(q.toLowerCase(java.util.Locale.ROOT)))
                .limit(6)
                .toList();
        grafts.list(new GraftFilter(null, null, null, null, null, null, null, null, q), 12)
                .forEach(g -> found.add(graft(g)));
        named.forEach(v -> grafts.list(new GraftFilter(v.id(), null, null, null, null, null, null, null, null), 4)
                .forEach(g -> found.add(graft(g))));
        lots.found(q, 6).forEach(f -> found.add(new Found("lot", f.code(), f.words())));
        plants.plants((Long) null, q, 8)
                .forEach(p -> found.add(new Found("plant", p.code(), p.speciesKey() + ", " + p.spotName())));
        named.forEach(v -> found.add(variety(v)));
        return found.stream().distinct().toList();
    }

    private static Found graft(Graft g) {
        return new Found(
                "graft",
                g.code(),
                g.varietyName() + " on " + g.plantCode() + ", " + g.spotName() + ", "
                        + g.state().words());
    }

    private static Found variety(Variety v) {
        return new Found("variety", v.name(), v.speciesKey() + ", codes begin with " + v.letters());
    }
}
