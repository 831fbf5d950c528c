package baylantern.app.season;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.WeatherDay;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Weather, climate and the station. */
@RestController
@RequestMapping("/api/weather")
class WeatherController {

    private static final int NEXT_DAYS = 10;

    private final WeatherService weather;
    private final ClimateService climates;
    private final PlaceService places;
    private final FarmClock clock;
    private final WeatherFile files;

    WeatherController(
            WeatherService weather, ClimateService climates, PlaceService places, FarmClock clock, WeatherFile files) {
        this.weather = weather;
        this.climates = climates;
        this.places = places;
        this.clock = clock;
        this.files = files;
    }

    /** A starting climate to choose. */
    record Start(StartingClimates.Kind kind, String words, List<MonthRow> months) {}

    /**
     * What is known of the weather.
     *
     * @param doubt why the starting climate may not fit, null where it does
     */
    record WeatherView(
            WeatherService.Extent record,
            List<WeatherDay> past,
            List<WeatherDay> next,
            boolean ownClimate,
            List<MonthRow> climate,
            List<Start> starts,
            @Nullable String doubt) {}

    @Needs(Role.GUEST)
    @GetMapping
    WeatherView view() {
        LocalDate today = clock.today();
        double latitude = places.latitudeDeg();
        List<Start> starts = Arrays.stream(StartingClimates.Kind.values())
                .map(kind -> new Start(kind, kind.words(), ClimateService.rows(StartingClimates.of(kind, latitude))))
                .toList();
        return new WeatherView(
                weather.extent(),
                weather.days(today.minusDays(30), today.minusDays(1)),
                weather.days(today, today.plusDays(NEXT_DAYS - 1L)),
                climates.own(),
                climates.months(),
                starts,
                climates.own() ? null : StartingClimates.doubt(latitude).orElse(null));
    }

    /** Days of the record, at most two years. */
    @Needs(Role.GUEST)
    @GetMapping("/days")
    List<WeatherDay> days(@RequestParam LocalDate from, @RequestParam LocalDate to) {
        if (to.isBefore(from) || to.isAfter(from.plusDays(740))) {
            throw FarmProblem.wrong("to", to, from + " to " + from.plusDays(740), "Ask for at most two years at once.");
        }
        return weather.days(from, to);
    }

    @Needs(Role.OWNER)
    @PostMapping(path = "/look", consumes = "application/octet-stream")
    WeatherService.WeatherBrought look(@RequestBody byte[] file) {
        return weather.look(files.table(file));
    }

    @Needs(Role.OWNER)
    @PostMapping(path = "/file", consumes = "application/octet-stream")
    WeatherService.WeatherBrought bring(
            @RequestBody byte[] file, @RequestParam(required = false) WeatherService.@Nullable Overlap overlap) {
        return weather.bring(files.table(file), overlap);
    }

    /** One day by hand; cells as in a file. */
    @Needs(Role.HAND)
    @PostMapping("/day")
    WeatherService.WeatherBrought day(@RequestBody Map<String, String> cells) {
        return weather.correct(cells);
    }

    /** Whether the simulated station is on. */
    record Switch(boolean on) {}

    @Needs(Role.OWNER)
    @PutMapping("/station")
    WeatherView station(@RequestBody Switch to) {
        weather.station(to.on());
        return view();
    }

    /** Twelve months. */
    record Months(List<@Valid MonthRow> months) {}

    @Needs(Role.OWNER)
    @PutMapping("/climate")
    WeatherView climate(@Valid @RequestBody Months to) {
        climates.save(to.months());
        return view();
    }

    @Needs(Role.OWNER)
    @DeleteMapping("/climate")
    WeatherView startingClimate() {
        climates.forget();
        return view();
    }

    @Needs(Role.GUEST)
    @GetMapping("/fitted")
    List<MonthRow> fitted() {
        return weather.fitted();
    }
}
