package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftSchool;
import baylantern.app.bench.GraftService;
import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmClock;
import baylantern.app.season.WarmthService;
import baylantern.app.season.WeatherService;
import baylantern.core.care.CarePlan;
import baylantern.core.care.CareSubject;
import baylantern.core.care.GraftLife;
import baylantern.core.care.PlannedVisit;
import baylantern.core.care.WeatherCare;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The care grafts want: what the rules ask for, and what the forecast brings. */
@Service
class GraftCare {

    private final CareMapper care;
    private final GraftService grafts;
    private final PlaceService places;
    private final WarmthService warmth;
    private final WeatherService weather;
    private final Rulebook rules;
    private final CarePlan plan;
    private final WeatherCare weatherCare;
    private final FarmClock clock;

    GraftCare(
            CareMapper care,
            GraftService grafts,
            PlaceService places,
            WarmthService warmth,
            WeatherService weather,
            Rulebook rules,
            FarmClock clock) {
        this.care = care;
        this.grafts = grafts;
        this.places = places;
        this.warmth = warmth;
        this.weather = weather;
        this.rules = rules;
        this.plan = new CarePlan(rules);
        this.weatherCare = new WeatherCare(rules);
        this.clock = clock;
    }

    /** What is known of some grafts beside their looks. */
    record Known(
            Map<Long, Map<String, String>> schools,
            Map<Long, CareSubject.Setting> settings,
            Hemisphere hemisphere,
            List<WeatherDay> sky,
            LocalDate today) {}

    /** Reads what is known of some grafts. */
    Known known(Collection<Long> ids) {
        LocalDate today = clock.today();
        List<LocalDate> days = weatherCare.days(today);
        return new Known(
                grafts.schools(List.copyOf(ids)).stream()
                        .collect(Collectors.groupingBy(
                                GraftSchool::graftId, Collectors.toMap(GraftSchool::question, GraftSchool::school))),
                settings(ids),
                Hemisphere.of(places.latitudeDeg()),
                weather.days(days.get(0), days.get(days.size() - 1)),
                today);
    }

    /**
     * A graft whose stock stands in a pot.
     *
     * @param litres how much the pot holds, null where nobody said
     */
    record Potted(long graftId, @Nullable Double litres) {}

    private Map<Long, CareSubject.Setting> settings(Collection<Long> ids) {
        double small = rules.life(FigureName.SMALL_POT).value();
        return care.potted(ids).stream()
                .collect(Collectors.toMap(
                        Potted::graftId,
                        one -> one.litres() != null && one.litres() <= small
                                ? CareSubject.Setting.SMALL_POT
                                : CareSubject.Setting.POT));
    }

    /** The open visits of a graft, soonest first. */
    List<PlannedVisit> open(Graft graft, GraftLife life, Known known) {
        CareSubject subject = subject(graft, known);
        HealingClock healing = warmth.healing(graft.speciesKey());
        List<PlannedVisit> visits = new ArrayList<>(plan.open(subject, life, healing));
        visits.removeIf(visit -> plan.lapsed(visit, life, known.today()));
        visits.addAll(weatherCare.visits(exposed(graft, life, known), known.sky(), known.today()));
        visits.sort(Comparator.comparing(PlannedVisit::target).thenComparing(PlannedVisit::kind));
        return visits;
    }

    private WeatherCare.Exposed exposed(Graft graft, GraftLife life, Known known) {
        CareSubject subject = subject(graft, known);
        boolean staked = plan.done("STAKE", subject, life, warmth.healing(graft.speciesKey()));
        double cold = rules.species(graft.speciesKey())
                .orElseThrow()
                .figure(FigureName.COLD_LIMIT)
                .value();
        return new WeatherCare.Exposed(subject, life, staked, cold);
    }

    private CareSubject subject(Graft graft, Known known) {
        return new CareSubject(
                graft.speciesKey(),
                rules.techniqueOrUsual(graft.techniqueKey()),
                graft.madeOn(),
                graft.cover(),
                known.schools().getOrDefault(graft.id(), Map.of()),
                new CareSubject.Stand(
                        known.settings().getOrDefault(graft.id(), CareSubject.Setting.GROUND),
                        graft.fit().stockMm(),
                        known.hemisphere()));
    }
}
