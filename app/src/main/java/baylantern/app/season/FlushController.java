package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.EachAlone;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Rhythm;
import baylantern.core.season.account.Sides;
import baylantern.core.season.flush.DayRange;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Stages;
import baylantern.core.season.foresight.GoesBy;
import baylantern.core.season.hindcast.Hindcast;
import baylantern.core.season.hindcast.Kept;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bud watch and the forecasts that come of it. */
@RestController
@RequestMapping("/api/flush")
class FlushController {

    private static final int NEAR_DAYS = 30;
    private static final int MOST_LOOKS = 5;

    private final FlushService flush;
    private final WatchService watch;
    private final PlantService plants;
    private final Rulebook rules;
    private final FarmClock clock;

    FlushController(FlushService flush, WatchService watch, PlantService plants, Rulebook rules, FarmClock clock) {
        this.flush = flush;
        this.watch = watch;
        this.plants = plants;
        this.rules = rules;
        this.clock = clock;
    }

    /** A stage seen on a day. */
    record BudMark(LocalDate day, BudStage stage, boolean flowering) {}

    /**
     * A plant's lane.
     *
     * @param stale true where the last look is so long ago that another is wanted
     * @param unseen flushes that have probably passed since the last look
     */
    record LaneRow(
            @JsonUnwrapped Tree tree,
            List<Lane.Run> runs,
            List<DayRange> coming,
            BudMark last,
            Rhythm.Basis basis,
            int unseen,
            boolean stale) {

        /** Which tree. */
        record Tree(
                long plantId,
                String code,
                String speciesKey,
                @Nullable String varietyName,
                long spotId,
                String spotName,
                boolean mother) {}
    }

    /** All lanes in walking order, with sentences of what cannot be reckoned. */
    record Lanes(LocalDate today, List<LaneRow> lanes, List<String> notReckoned) {}

    @Needs(Role.GUEST)
    @GetMapping
    Lanes lanes() {
        EachAlone<LaneRow> lanes =
                flush.each().then(this::lane, w -> "The lane of " + w.plant().code());
        return new Lanes(clock.today(), lanes.done(), lanes.failed());
    }

    private LaneRow lane(Watched w) {
        Plant plant = w.plant();
        LocalDate fresh = clock.today().minusDays((long) rules.flush().value(FigureName.WATCHED_DAYS));
        BudMark last = mark(w.last());
        return new LaneRow(
                new LaneRow.Tree(
                        plant.id(),
                        plant.code(),
                        plant.speciesKey(),
                        plant.varietyName(),
                        plant.spotId(),
                        plant.spotName(),
                        plant.kind() == baylantern.app.place.PlantKind.MOTHER_TREE),
                w.lane().runs(),
                w.lane().coming(),
                last,
                w.rhythm().basis(),
                w.outlook().map(o -> o.unseen()).orElse(0),
                last.day().isBefore(fresh));
    }

    private static BudMark mark(NoteRow row) {
        return new BudMark(row.onDay(), row.note().canopy().leading(), row.flowering());
    }

    /** Everything of one watched plant. */
    record PlantSheet(
            LocalDate today,
            Plant plant,
            @Nullable LaneRow lane,
            Sides.@Nullable Apart sides,
            List<NoteRow> history,
            @JsonUnwrapped RestsOn restsOn,
            @JsonUnwrapped Left left,
            @JsonUnwrapped Tests tests,
            @Nullable Learning learning) {

        /** Flushes it rests on. */
        record RestsOn(int ownCycles, int farmCycles) {}

        /** Warmth to the next swell. */
        record Left(double degreeDays, double degreeDaysLow, double degreeDaysHigh, boolean fromStageAlone) {}

        /** How such forecasts would have done. */
        record Tests(Kept farmTest, Kept plantTest) {}

        /**
         * What the tree goes by.
         *
         * @param goesBy in a sentence
         * @param stages where its stages lie on the way from swell to swell, in a sentence
         * @param near the chance of the next swell on each of the coming days, 0 to 1
         */
        record Learning(String goesBy, String stages, List<GoesBy.Part> accounts, List<Past> told, double[] near) {}

        /** A range told on a past look, and the day it came. */
        record Past(LocalDate on, LocalDate low, LocalDate mid, LocalDate high, LocalDate came) {}
    }

    @Needs(Role.GUEST)
    @GetMapping("/plants/{code}")
    PlantSheet sheet(@PathVariable String code) {
        Plant plant =
                plants.plantByCode(code).orElseThrow(() -> baylantern.app.platform.FarmProblem.unknown("plant", code));
        Optional<Watched> watched = flush.watched().stream()
                .filter(w -> w.plant().id() == plant.id())
                .findFirst();
        Rhythm rhythm = watched.map(Watched::rhythm)
                .orElseGet(() -> Accounts.Grounds.unlearned(
                        rules.flush(),
                        SpeciesForecasts.swellToSwell(
                                rules.species(plant.speciesKey()).orElseThrow())));
        return new PlantSheet(
                clock.today(),
                plant,
                watched.map(this::lane).orElse(null),
                watched.flatMap(w -> flush.species(plant.speciesKey()).flatMap(own -> own.sides(w)))
                        .orElse(null),
                watch.history(plant.id()),
                new PlantSheet.RestsOn(rhythm.ownCycles(), rhythm.farmCycles()),
                new PlantSheet.Left(
                        rhythm.warmthAt(0.5),
                        rhythm.warmthAt(0.1),
                        rhythm.warmthAt(0.9),
                        watched.flatMap(Watched::outlook)
                                .map(o -> o.fromStageAlone())
                                .orElse(false)),
                new PlantSheet.Tests(
                        flush.kept(plant.speciesKey(), Optional.empty()),
                        flush.kept(plant.speciesKey(), Optional.of(plant.id()))),
                watched.flatMap(this::learning).orElse(null));
    }

    private Optional<PlantSheet.Learning> learning(Watched w) {
        return flush.species(w.plant().speciesKey()).map(OfSpecies::learned).map(learned -> {
            var weights = learned.weights(w.plant().id());
            return new PlantSheet.Learning(
                    GoesBy.words(weights),
                    learned.accounts().course(w.plant().id()).words(Stages.of(rules.flush())),
                    GoesBy.parts(weights),
                    learned.told(w.plant().id()).stream()
                            .map(FlushController::past)
                            .toList(),
                    w.outlook().map(outlook -> outlook.near(NEAR_DAYS)).orElse(new double[0]));
        });
    }

    private static PlantSheet.Past past(Hindcast.Told told) {
        LocalDate on = LocalDate.ofEpochDay(told.said().day());
        return new PlantSheet.Past(
                on,
                on.plusDays(Math.round(told.said().range().low())),
                on.plusDays(Math.round(told.said().range().mid())),
                on.plusDays(Math.round(told.said().range().high())),
                on.plusDays(Math.round(told.came())));
    }

    /** How well the farm's forecasts of a species would have done. */
    record Tested(String speciesKey, Kept result) {}

    @Needs(Role.GUEST)
    @GetMapping("/tests")
    List<Tested> tests() {
        return flush.watched().stream()
                .map(w -> w.plant().speciesKey())
                .distinct()
                .map(key -> new Tested(key, flush.kept(key, Optional.empty())))
                .toList();
    }

    /**
     * A look that would tell most for its minutes.
     *
     * @param on when
     * @param spreadDays how far off the next swell may be now
     * @param afterDays and how far after the look
     */
    record NextLook(String code, String spotName, LocalDate on, double spreadDays, double afterDays, double minutes) {}

    @Needs(Role.GUEST)
    @GetMapping("/look-next")
    List<NextLook> lookNext() {
        Map<Long, Plant> byId =
                flush.watched().stream().collect(Collectors.toMap(w -> w.plant().id(), Watched::plant));
        return flush.lookNext(MOST_LOOKS).stream()
                .map(look -> {
                    Plant plant = Known.in(byId, look.plant());
                    return new NextLook(
                            plant.code(),
                            plant.spotName(),
                            clock.today().plusDays(look.ahead()),
                            look.spreadDays(),
                            look.afterDays(),
                            look.minutes());
                })
                .toList();
    }

    @Needs(Role.HAND)
    @PostMapping("/notes")
    WatchService.Noted note(@Valid @RequestBody NoteEntry entry) {
        return watch.note(entry);
    }

    @Needs(Role.HAND)
    @PutMapping("/notes/{id}")
    WatchService.Noted correct(@PathVariable long id, @Valid @RequestBody NoteEntry entry) {
        return watch.correct(id, entry);
    }

    @Needs(Role.HAND)
    @DeleteMapping("/notes/{id}")
    WatchService.Noted remove(@PathVariable long id) {
        return watch.remove(id);
    }
}
