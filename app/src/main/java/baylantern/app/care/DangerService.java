package baylantern.app.care;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Spot;
import baylantern.app.platform.FarmClock;
import baylantern.core.care.WeatherCare;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What the weather of the days ahead asks for: which grafts, by when, with how many covers. */
@Service
class DangerService {

    private static final int MOST_CODES = 60;

    private final WalkMapper walks;
    private final PlaceService places;
    private final Rulebook rules;
    private final FarmClock clock;

    DangerService(WalkMapper walks, PlaceService places, Rulebook rules, FarmClock clock) {
        this.walks = walks;
        this.places = places;
        this.rules = rules;
        this.clock = clock;
    }

    /** Grafts of a danger at one place, in order; the first of their codes. */
    record ThreatenedPlace(long spotId, String spotName, int grafts, List<String> codes) {}

    /**
     * One danger or its end.
     *
     * @param needs what is needed for each graft, empty where covers come off
     * @param evening the day on which it is done
     */
    record Danger(
            String kind,
            String name,
            String ask,
            String why,
            String risk,
            String needs,
            LocalDate evening,
            int grafts,
            List<ThreatenedPlace> places) {}

    /** The dangers of the days ahead, the nearest first. */
    List<Danger> ahead() {
        LocalDate today = clock.today();
        long days = (long) rules.life(FigureName.FORESEEN_DAYS).value();
        Map<Long, Spot> spots = places.spots().stream().collect(Collectors.toMap(Spot::id, Function.identity()));
        return walks.ofWeather(WeatherCare.KINDS, today.plusDays(days)).stream()
                .collect(Collectors.groupingBy(
                        one -> one.target() + one.kind(), LinkedHashMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(same -> danger(same, spots))
                .sorted(Comparator.comparing(Danger::evening).thenComparing(Danger::kind))
                .toList();
    }

    private Danger danger(List<WalkMapper.Open> same, Map<Long, Spot> spots) {
        WalkMapper.Open first = same.get(0);
        var kind = rules.visit(first.kind());
        List<ThreatenedPlace> at =
                same.stream().collect(Collectors.groupingBy(WalkMapper.Open::spotId)).values().stream()
                        .map(here -> at(Known.in(spots, here.get(0).spotId()), here))
                        .sorted(Comparator.comparingInt(
                                place -> Known.in(spots, place.spotId()).walkOrder()))
                        .toList();
        return new Danger(
                first.kind(),
                kind.name(),
                kind.ask(),
                kind.why(),
                kind.risk(),
                kind.needs(),
                first.target(),
                same.size(),
                at);
    }

    private static ThreatenedPlace at(Spot spot, List<WalkMapper.Open> here) {
        return new ThreatenedPlace(
                spot.id(),
                spot.name(),
                here.size(),
                here.stream().map(WalkMapper.Open::code).limit(MOST_CODES).toList());
    }
}
