package baylantern.core.care;

import baylantern.core.bench.Cover;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.Hazard;
import baylantern.core.season.warmth.Hazards;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * What the forecast asks for: a visit the evening before each danger with the cover that answers it, and one after, to take
 * it off and look. Days of one danger that follow each other are one spell. A look on or after the day of a visit answers
 * it; what the forecast takes back is gone.
 */
public final class WeatherCare {

    /** The look after a danger that has come is asked for so long. */
    private static final int AFTER_DAYS = 3;

    private static final String UNCOVER = "UNCOVER";

    /** The kinds of visits the weather asks for. */
    public static final Set<String> KINDS =
            Set.of("FROST_COVER", "HEAT_SHADE", "WIND_BAG", "RAIN_CAP", "WIND_STAKE", UNCOVER);

    private static final Set<String> FROST_PROOF = Set.of(Cover.SLEEVE.name());
    private static final Set<String> SHADED = Set.of(Cover.FOIL.name(), Cover.SHADE.name(), Cover.FILM_FOIL.name());
    private static final Set<String> MOIST = Set.of(Cover.BAG.name());

    private final Rulebook rules;

    public WeatherCare(Rulebook rules) {
        this.rules = rules;
    }

    /**
     * A danger and the visit that answers it.
     *
     * @param kind the visit's kind
     * @param first the first day of the spell
     * @param last its last
     */
    public record Spell(String kind, Hazard.Kind danger, LocalDate first, LocalDate last) {}

    /** What a graft is like to the weather. */
    public record Exposed(CareSubject subject, GraftLife life, boolean staked, double coldLimitC) {}

    /** So many days of weather are looked at: those just past, today and those foretold. */
    public List<LocalDate> days(LocalDate today) {
        return today.minusDays(AFTER_DAYS)
                .datesUntil(today.plusDays(foreseen() + 1))
                .toList();
    }

    private int foreseen() {
        return (int) rules.life(FigureName.FORESEEN_DAYS).value();
    }

    /** The spells of danger a graft meets in some days, in order; only days that are recorded or foretold count. */
    public List<Spell> spells(Exposed graft, List<WeatherDay> days) {
        List<Spell> found = new ArrayList<>();
        for (Danger danger : dangers(graft)) {
            spells(danger, days, found);
        }
        found.sort(Comparator.comparing(Spell::first).thenComparing(Spell::kind));
        return found;
    }

    private void spells(Danger danger, List<WeatherDay> days, List<Spell> found) {
        LocalDate first = null;
        LocalDate last = null;
        for (WeatherDay day : days) {
            boolean comes =
                    day.origin() != WeatherDay.Origin.FILLED && danger.comes().test(day);
            if (comes) {
                first = first == null ? day.day() : first;
                last = day.day();
            } else if (first != null && last != null) {
                found.add(new Spell(danger.visit(), danger.kind(), first, last));
                first = null;
            }
        }
        if (first != null && last != null) {
            found.add(new Spell(danger.visit(), danger.kind(), first, last));
        }
    }

    private List<Danger> dangers(Exposed graft) {
        Hazards hazards = new Hazards(graft.coldLimitC(), rules.flush());
        GraftState state = graft.life().state();
        List<Danger> dangers = new ArrayList<>();
        if (!state.live()) {
            return dangers;
        }
        boolean young = !state.atLeast(GraftState.SECOND_FLUSH);
        if (young && !covered(graft, FROST_PROOF)) {
            dangers.add(new Danger("FROST_COVER", Hazard.Kind.FROST, day -> hazards.comes(Hazard.Kind.FROST, day)));
        }
        if (young && !covered(graft, SHADED)) {
            dangers.add(new Danger("HEAT_SHADE", Hazard.Kind.HEAT, day -> hazards.comes(Hazard.Kind.HEAT, day)));
        }
        if (!state.atLeast(GraftState.FIRM) && !covered(graft, MOIST)) {
            dangers.add(new Danger(
                    "WIND_BAG", Hazard.Kind.HOT_DRY_WIND, day -> hazards.comes(Hazard.Kind.HOT_DRY_WIND, day)));
        }
        LocalDate made = graft.subject().madeOn();
        int firstDays = (int) rules.flush().value(FigureName.RAIN_DAYS);
        boolean open = !covered(graft, MOIST) && !covered(graft, FROST_PROOF);
        dangers.add(new Danger(
                "RAIN_CAP",
                Hazard.Kind.HEAVY_RAIN,
                day -> open
                        && !day.day().isBefore(made)
                        && ChronoUnit.DAYS.between(made, day.day()) < firstDays
                        && hazards.comes(Hazard.Kind.HEAVY_RAIN, day)));
        if (state.atLeast(GraftState.LEAFED) && !state.atLeast(GraftState.ESTABLISHED) && !graft.staked()) {
            double storm = rules.life(FigureName.STORM_MS).value();
            dangers.add(new Danger("WIND_STAKE", Hazard.Kind.STORM, day -> day.windMs() >= storm));
        }
        return dangers;
    }

    // The cover it was given is on until there are leaves.
    private static boolean covered(Exposed graft, Set<String> covers) {
        return !graft.life().state().atLeast(GraftState.LEAFED)
                && covers.contains(graft.subject().cover());
    }

    private record Danger(String visit, Hazard.Kind kind, Predicate<WeatherDay> comes) {}

    /** The visits those spells ask for, as things stand today. */
    public List<PlannedVisit> visits(Exposed graft, List<WeatherDay> days, LocalDate today) {
        List<PlannedVisit> visits = new ArrayList<>();
        LocalDate made = graft.subject().madeOn();
        for (Spell spell : spells(graft, days)) {
            int number = (int) ChronoUnit.DAYS.between(made, spell.first());
            LocalDate before = spell.first().minusDays(1);
            LocalDate evening = before.isBefore(made) ? made : before;
            if (!spell.last().isBefore(today) && number >= 0) {
                add(visits, graft, new PlannedVisit(spell.kind(), number, evening, evening, evening));
            }
            LocalDate after = spell.last().plusDays(1);
            boolean staked = spell.danger() == Hazard.Kind.STORM;
            if (!staked && number >= 0 && !after.isBefore(today.minusDays(AFTER_DAYS))) {
                add(visits, graft, new PlannedVisit(UNCOVER, number, after, after, after.plusDays(1)));
            }
        }
        return once(visits);
    }

    private static void add(List<PlannedVisit> visits, Exposed graft, PlannedVisit visit) {
        boolean answered = graft.life().steps().stream()
                .anyMatch(step -> !step.look().seenOn().isBefore(visit.earliest()));
        if (!answered) {
            visits.add(visit);
        }
    }

    // Two dangers that end on one day are looked after once.
    private static List<PlannedVisit> once(List<PlannedVisit> visits) {
        List<PlannedVisit> one = new ArrayList<>();
        for (PlannedVisit visit : visits) {
            boolean there = one.stream()
                    .anyMatch(v -> v.kind().equals(visit.kind())
                            && (v.round() == visit.round() || v.earliest().equals(visit.earliest())));
            if (!there) {
                one.add(visit);
            }
        }
        return one;
    }
}
