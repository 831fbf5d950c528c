package baylantern.app.frame;

import baylantern.app.bench.GraftService;
import baylantern.app.bench.WeekCount;
import baylantern.app.care.CareService;
import baylantern.app.care.DayCount;
import baylantern.app.lineage.LineageService;
import baylantern.app.place.Person;
import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantService;
import baylantern.app.place.Site;
import baylantern.app.platform.ClosedWays;
import baylantern.app.platform.DemoClock;
import baylantern.app.platform.Doer;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmMark;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.app.platform.WrongClock;
import baylantern.app.season.FlushService;
import baylantern.app.sound.UnreadService;
import baylantern.app.wood.LotService;
import baylantern.core.season.Season;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The frame of every screen: the farm, its day, and the band of the year. */
@RestController
@RequestMapping("/api")
class FrameController {

    private final PlaceService places;
    private final PlantService plants;
    private final GraftService grafts;
    private final CareService care;
    private final FlushService flush;
    private final LotService lots;
    private final LineageService lineage;
    private final FarmClock clock;
    private final DemoClock demo;
    private final UnreadService unread;
    private final WrongClock wrongClock;
    private final Doer doer;
    private final FarmMark mark;
    private final ClosedWays closed;

    FrameController(
            PlaceService places,
            PlantService plants,
            GraftService grafts,
            CareService care,
            FlushService flush,
            LotService lots,
            LineageService lineage,
            FarmClock clock,
            DemoClock demo,
            UnreadService unread,
            WrongClock wrongClock,
            Doer doer,
            FarmMark mark,
            ClosedWays closed) {
        this.closed = closed;
        this.mark = mark;
        this.doer = doer;
        this.wrongClock = wrongClock;
        this.unread = unread;
        this.places = places;
        this.plants = plants;
        this.grafts = grafts;
        this.care = care;
        this.flush = flush;
        this.lots = lots;
        this.lineage = lineage;
        this.clock = clock;
        this.demo = demo;
    }

    /** What every screen needs to know, with lots on the shelf and things held, what is amiss with the clock, and who is signed in; without a site the first run has not been done. */
    record FarmView(
            @Nullable Site site,
            LocalDate today,
            String season,
            boolean demo,
            String mark,
            @JsonUnwrapped Counts counts,
            List<Person> people,
            @Nullable String amiss,
            @Nullable Who who) {

        /** Who is signed in on which device, what they may do, and which ways are closed to them. */
        record Who(long personId, Role role, String device, List<String> closed) {}

        /** How much there is. */
        record Counts(int spots, int varieties, int plants, int grafts, int lots, int held, int unread) {}
    }

    @Needs(Role.GUEST)
    @GetMapping("/farm")
    FarmView farm() {
        return new FarmView(
                places.site().orElse(null),
                clock.today(),
                Season.of(clock.today(), places.latitudeDeg()).label(),
                demo.demo(),
                mark.here(),
                new FarmView.Counts(
                        places.spots().size(),
                        places.varieties().size(),
                        plants.count(),
                        grafts.countAll(),
                        lots.count(),
                        lineage.held().size(),
                        unread.count()),
                places.people(),
                wrongClock.amiss(),
                who());
    }

    private FarmView.@Nullable Who who() {
        Long person = doer.personId();
        String device = doer.device();
        return person == null || device == null
                ? null
                : new FarmView.Who(person, doer.role(), device, closed.to(doer.role()));
    }

    /** The band: flush waves and grafts made by week and species, in the twelve months around today. */
    record Band(
            LocalDate from,
            LocalDate to,
            LocalDate today,
            List<WeekCount> made,
            List<FlushService.SpeciesWave> waves) {}

    @Needs(Role.GUEST)
    @GetMapping("/season")
    Band band() {
        LocalDate today = clock.today();
        LocalDate from = bandFrom(today);
        LocalDate to = bandTo(today);
        return new Band(from, to, today, grafts.weeks(from, to), flush.waves(from, to));
    }

    // Whole months, today in the seventh.
    private static LocalDate bandFrom(LocalDate today) {
        return today.withDayOfMonth(1).minusMonths(6);
    }

    private static LocalDate bandTo(LocalDate today) {
        return bandFrom(today).plusYears(1).minusDays(1);
    }

    /** What is to be looked at: how many grafts now, and how many visits aim at each day of the band to come. */
    record ToLookAt(int due, List<DayCount> visits) {}

    @Needs(Role.GUEST)
    @GetMapping("/season/visits")
    ToLookAt visits() {
        LocalDate today = clock.today();
        return new ToLookAt(care.countDue(today), care.targets(today, bandTo(today)));
    }

    /** How many days to step, back below 0. */
    record Step(int days) {}

    @Needs(Role.OWNER)
    @PostMapping("/demo-clock")
    Map<String, Integer> step(@RequestBody Step step) {
        return Map.of("takenBack", demo.step(step.days()));
    }
}
