package baylantern.app.take;

import baylantern.app.bench.FactRow;
import baylantern.app.bench.HiddenArms;
import baylantern.app.place.Person;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.season.FirstWeeks;
import baylantern.app.season.StageRecord;
import baylantern.app.wood.CheckService;
import baylantern.core.bench.Cover;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.SchoolQuestion;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.Season;
import baylantern.core.season.warmth.Hazard;
import baylantern.core.take.fact.Aspect;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.MoonPhase;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells for every graft of what kind it is, aspect by aspect. */
@Component
class FactReader {

    private static final double PERCENT = 100;
    private static final double MINUTES = 60;

    private final PlaceService places;
    private final FirstWeeks weather;
    private final StageRecord stages;
    private final CheckService checks;
    private final FarmClock clock;
    private final Rulebook rules;
    private final HiddenArms arms;

    FactReader(
            PlaceService places,
            FirstWeeks weather,
            StageRecord stages,
            CheckService checks,
            FarmClock clock,
            Rulebook rules,
            HiddenArms arms) {
        this.arms = arms;
        this.places = places;
        this.weather = weather;
        this.stages = stages;
        this.checks = checks;
        this.clock = clock;
        this.rules = rules;
    }

    /** One column for each aspect of the rulebook, one for each question growers disagree on. */
    List<FactColumn> columns(List<FactRow> rows) {
        List<FactColumn> columns = new ArrayList<>();
        Map<String, Filling> fillings = fillings();
        Map<Long, String> hidden = arms.hidden();
        rules.facts().aspects().forEach((key, rule) -> {
            Aspect aspect = new Aspect(key, rule.words(), rule.hand(), rule.steps());
            FactColumn.Builder column = new FactColumn.Builder(aspect, rows.size());
            Filling filling = Optional.ofNullable(fillings.get(key)).orElseThrow();
            for (int i = 0; i < rows.size(); i++) {
                if (!key.equals(hidden.get(rows.get(i).id()))) {
                    filling.fill(column, i, rows.get(i));
                }
            }
            columns.add(column.done());
        });
        columns.addAll(schools(rows, hidden));
        return columns;
    }

    private interface Filling {
        void fill(FactColumn.Builder column, int at, FactRow row);
    }

    private static Filling number(Function<FactRow, @Nullable Double> number) {
        return (column, at, row) -> column.number(at, number.apply(row));
    }

    private static Filling kind(Function<FactRow, @Nullable String> key, Function<String, String> words) {
        return (column, at, row) -> {
            String found = key.apply(row);
            if (found != null) {
                column.kind(at, found, words.apply(found));
            }
        };
    }

    private Map<String, Filling> fillings() {
        Map<String, Filling> all = new HashMap<>();
        all.put("technique", kind(row -> row.how().techniqueKey(), this::technique));
        Map<Long, String> people = places.people().stream().collect(Collectors.toMap(Person::id, Person::name));
        all.put("maker", kind(row -> told(row.how().makerId()), id -> name(people, id)));
        all.put("woodAge", number(FactReader::woodAge));
        all.put(
                "lifeLeft",
                number(row -> row.wood().used() == null ? null : left(row.wood().used())));
        Map<Long, List<CheckService.Graded>> graded = checks.graded();
        all.put("grade", kind(row -> grade(graded, row), key -> key));
        all.put(
                "source",
                kind(row -> row.wood().source().isBlank() ? null : row.wood().source(), key -> key));
        all.put("contact", number(FactReader::contact));
        all.put(
                "tilt",
                number(row ->
                        row.fit().tiltDeg() == null ? null : Math.abs(row.fit().tiltDeg())));
        all.put("cover", kind(FactReader::cover, key -> Cover.valueOf(key).words()));
        all.put("stage", kind(this::stage, key -> key));
        all.put("hour", number(this::hour));
        all.put("moon", kind(row -> moon(row.of().madeOn()), key -> key));
        all.put("part", kind(row -> part(row.of().madeOn()), key -> key));
        Map<SpeciesDay, Sky> skies = new HashMap<>();
        all.put("healing", number(row -> sky(skies, row).healing()));
        all.put("hazard", kind(row -> sky(skies, row).hazard(), key -> key));
        Map<Long, Integer> tries = new HashMap<>();
        all.put("tries", kind(row -> tries(tries, row), key -> key));
        all.put(
                "species",
                kind(row -> row.of().speciesKey(), key -> species(key).name()));
        Map<Long, String> varieties = places.varieties().stream().collect(Collectors.toMap(Variety::id, Variety::name));
        all.put("variety", kind(row -> "" + row.of().varietyId(), id -> name(varieties, id)));
        all.put("season", (column, at, row) -> {
            Season season = season(row.of().madeOn());
            column.kind(at, season.key(), season.label());
        });
        return all;
    }

    private static @Nullable String told(@Nullable Long id) {
        return id == null ? null : "" + id;
    }

    private static String name(Map<Long, String> names, String id) {
        return names.getOrDefault(Long.valueOf(id), id);
    }

    private String technique(String key) {
        return rules.technique(key).map(Technique::name).orElse(key);
    }

    private Species species(String key) {
        return rules.species(key).orElseThrow();
    }

    private static @Nullable Double woodAge(FactRow row) {
        return woodAge(row.wood().cutOn(), row.of().madeOn());
    }

    /** How old wood is on a day, in days; null where that cannot be. */
    static @Nullable Double woodAge(@Nullable LocalDate cut, LocalDate day) {
        return cut == null || cut.isAfter(day) ? null : (double) ChronoUnit.DAYS.between(cut, day);
    }

    private static double left(double used) {
        return PERCENT * Math.max(0, 1 - used);
    }

    private static @Nullable String grade(Map<Long, List<CheckService.Graded>> graded, FactRow row) {
        Long lot = row.wood().lotId();
        List<CheckService.Graded> before = lot == null
                ? List.of()
                : graded.getOrDefault(lot, List.of()).stream()
                        .filter(one -> !one.onDay().isAfter(row.of().madeOn()))
                        .sorted(Comparator.comparing(CheckService.Graded::grade))
                        .toList();
        // The middle stick of those looked at.
        return before.isEmpty() ? null : before.get(before.size() / 2).grade().words();
    }

    private static @Nullable Double contact(FactRow row) {
        Double met = row.fit().met();
        Double whole = row.fit().whole();
        return met == null || whole == null || whole <= 0 ? null : PERCENT * met / whole;
    }

    private static @Nullable String cover(FactRow row) {
        return row.how().cover() == Cover.UNKNOWN ? null : row.how().cover().name();
    }

    private @Nullable String stage(FactRow row) {
        int days = (int) rules.facts().value(FigureName.STAGE_DAYS);
        return stages.stage(row.on().plantId(), row.of().madeOn(), days)
                .map(stage -> stage.words())
                .orElse(null);
    }

    private @Nullable Double hour(FactRow row) {
        return Optional.ofNullable(row.of().madeAt())
                .flatMap(clock::timeOf)
                .map(time -> time.toSecondOfDay() / MINUTES / MINUTES)
                .orElse(null);
    }

    private Season season(LocalDate day) {
        return Season.of(day, places.latitudeDeg());
    }

    /** The quarter of the year a day lies in. */
    String part(LocalDate day) {
        return season(day).name().name().toLowerCase(Locale.ROOT);
    }

    /** The moon of a day. */
    static String moon(LocalDate day) {
        return MoonPhase.of(day).words();
    }

    private record SpeciesDay(String speciesKey, LocalDate day) {}

    /**
     * The weather after a day.
     *
     * @param healing healing days of the first three weeks, null where their weather is not on record
     */
    private record Sky(@Nullable Double healing, @Nullable String hazard) {}

    private Sky sky(Map<SpeciesDay, Sky> known, FactRow row) {
        return known.computeIfAbsent(
                new SpeciesDay(row.of().speciesKey(), row.of().madeOn()), this::sky);
    }

    private Sky sky(SpeciesDay of) {
        FirstWeeks.Weeks weeks = weather.after(of.speciesKey(), of.day());
        if (!weeks.recorded()) {
            return new Sky(null, null);
        }
        String worst = weeks.hazards().stream()
                .max(Comparator.comparingDouble(Hazard::severity))
                .map(hazard -> HAZARDS.getOrDefault(hazard.kind(), "mild"))
                .orElse("mild");
        return new Sky(weeks.healing(), worst);
    }

    private static final Map<Hazard.Kind, String> HAZARDS = Map.of(
            Hazard.Kind.FROST, "frost",
            Hazard.Kind.HEAT, "heat",
            Hazard.Kind.HOT_DRY_WIND, "hot dry wind",
            Hazard.Kind.HEAVY_RAIN, "heavy rain at first");

    private static String tries(Map<Long, Integer> tries, FactRow row) {
        int before = tries.merge(row.on().stemId(), 1, Integer::sum) - 1;
        return before == 0 ? "none" : before == 1 ? "one" : "two and more";
    }

    private List<FactColumn> schools(List<FactRow> rows, Map<Long, String> hidden) {
        Map<String, FactColumn.Builder> columns = new LinkedHashMap<>();
        Map<String, SchoolQuestion> questions = new HashMap<>();
        for (SchoolQuestion question : rules.schools()) {
            String key = Aspect.school(question.key());
            questions.put(question.key(), question);
            columns.put(
                    question.key(),
                    new FactColumn.Builder(new Aspect(key, question.question(), true, null), rows.size()));
        }
        for (int i = 0; i < rows.size(); i++) {
            String followed = rows.get(i).how().schools();
            String tried = hidden.get(rows.get(i).id());
            if (followed != null) {
                for (String one : followed.split(",")) {
                    String[] parts = one.split("=", 2);
                    FactColumn.Builder column = columns.get(parts[0]);
                    SchoolQuestion question = questions.get(parts[0]);
                    if (column != null
                            && !Aspect.school(parts[0]).equals(tried)
                            && question != null
                            && question.schools().containsKey(parts[1])) {
                        column.kind(
                                i, parts[1], question.schools().get(parts[1]).name());
                    }
                }
            }
        }
        return columns.values().stream().map(FactColumn.Builder::done).toList();
    }
}
