package baylantern.app.demo;

import baylantern.app.bench.BenchService;
import baylantern.app.bench.NewGraft;
import baylantern.app.care.LookHistory;
import baylantern.app.cause.CauseHistory;
import baylantern.app.day.DayHistory;
import baylantern.app.place.NumberService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantEntry;
import baylantern.app.place.PlantKind;
import baylantern.app.place.PlantService;
import baylantern.app.place.Site;
import baylantern.app.place.Stem;
import baylantern.app.place.StemEntry;
import baylantern.app.place.Variety;
import baylantern.app.platform.DemoClock;
import baylantern.app.season.ClimateService;
import baylantern.app.season.SeasonHistory;
import baylantern.app.season.WarmthService;
import baylantern.app.season.WeatherService;
import baylantern.core.bench.Cover;
import baylantern.core.care.CarePlan;
import baylantern.core.care.CareSubject;
import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.day.crew.Role;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Grows Lantern Bay Terraces from a seed: the same farm everywhere. */
@Service
public class DemoFarm {

    static final long SEED = 20260514L;
    private static final int WATCHED_STOCKS = 6;

    private final PlaceService places;
    private final PlantService plants;
    private final BenchService bench;
    private final ClimateService climates;
    private final WeatherService weather;
    private final WarmthService warmth;
    private final SeasonHistory season;
    private final LookHistory looks;
    private final DayHistory days;
    private final DemoWood wood;
    private final DemoFit fit;
    private final Rulebook rules;
    private final CauseHistory causes;
    private final DemoLife lives;
    private final NumberService numbers;
    private final DemoTrials trials;

    DemoFarm(
            PlaceService places,
            PlantService plants,
            BenchService bench,
            ClimateService climates,
            WeatherService weather,
            WarmthService warmth,
            SeasonHistory season,
            LookHistory looks,
            DayHistory days,
            DemoWood wood,
            DemoFit fit,
            Rulebook rules,
            CauseHistory causes,
            NumberService numbers,
            DemoTrials trials) {
        this.trials = trials;
        this.causes = causes;
        this.numbers = numbers;
        this.places = places;
        this.plants = plants;
        this.bench = bench;
        this.climates = climates;
        this.weather = weather;
        this.warmth = warmth;
        this.season = season;
        this.looks = looks;
        this.days = days;
        this.wood = wood;
        this.fit = fit;
        this.rules = rules;
        this.lives = new DemoLife(new CarePlan(rules), rules);
    }

    /** Since then each graft has its minute. */
    private static final LocalDate TIMED_FROM = LocalDate.of(2026, 3, 1);

    /** What the hidden model gave one graft. */
    record Truth(String code, String variety, String technique, double take) {}

    /** Grows the farm, {@code times} times as many grafts as the demo has; returns what only the tests may know. */
    @Transactional
    List<Truth> grow(int times) {
        Random random = new Random(SEED);
        Map<String, Long> spots = new HashMap<>();
        Map<String, Long> people = new HashMap<>();
        places.saveSite(new Site(
                "Lantern Bay Terraces", 31.4, 0, 60, ZoneId.of("Etc/UTC").getId(), true, 0));
        DemoNames.PLACES.forEach(
                name -> spots.put(name, places.addSpot(name, null).id()));
        DemoNames.PEOPLE.forEach(
                name -> people.put(name, places.addPerson(name, null).id()));
        DemoNames.varieties().forEach(entry -> places.addVariety(entry, null));
        climates.save(DemoClimate.normals());
        season.measuredSince(DemoClimate.RECORD_FROM);
        List<Truth> truths = new Growth(random, spots, people).all(times);
        numbers.goOn();
        return truths;
    }

    /** One growing of the farm, with what it has made so far. */
    private final class Growth {
        private final Random random;
        private final Map<String, Long> spots;
        private final Map<String, Long> people;
        private final Map<String, Variety> varieties = new HashMap<>();
        private final Map<String, Integer> plantNumbers = new HashMap<>();
        private final Map<String, Integer> graftNumbers = new HashMap<>();
        private final List<Truth> truths = new ArrayList<>();
        private final List<DayHistory.Worked> worked = new ArrayList<>();
        private final List<Long> watchedStocks = new ArrayList<>();
        private final List<Long> avocadoStocks = new ArrayList<>();

        Growth(Random random, Map<String, Long> spots, Map<String, Long> people) {
            this.random = random;
            this.spots = spots;
            this.people = people;
            places.varieties().forEach(v -> varieties.put(v.name(), v));
        }

        List<Truth> all(int times) {
            mothers();
            wood.before();
            List<DemoSession> sessions = DemoCalendar.sessions(random);
            trials.before();
            for (int time = 0; time < times; time++) {
                sessions.forEach(this::session);
                trials.over();
            }
            spareStocks();
            buds();
            benchDay();
            wood.now();
            fit.now(avocadoStocks, Known.in(spots, "Old Wall"));
            return truths;
        }

        private void mothers() {
            for (Variety variety : varieties.values().stream()
                    .sorted((a, b) -> Long.compare(a.id(), b.id()))
                    .toList()) {
                String spot =
                        variety.speciesKey().equals("citrus") ? "Mother House" : DemoNames.home(variety.speciesKey());
                plants.add(
                        new PlantEntry(
                                variety.letters() + "-M1",
                                variety.speciesKey(),
                                PlantKind.MOTHER_TREE,
                                null,
                                Known.in(spots, spot),
                                LocalDate.of(2016, 3, 1),
                                variety.id(),
                                "mother tree",
                                List.of(new StemEntry("1", 90.0, 600.0)),
                                null),
                        null);
            }
        }

        // Stocks nobody has grafted yet, so that the bench has something to work on.
        private void spareStocks() {
            for (String species : List.of("avocado", "mango", "citrus")) {
                for (int i = 0; i < 12; i++) {
                    Stem stem = stock(species, species.equals("mango") ? "Windward Rows" : "Shade House");
                    if (species.equals("avocado")) {
                        avocadoStocks.add(stem.plantId());
                    }
                    if (i < WATCHED_STOCKS) {
                        watchedStocks.add(stem.plantId());
                    }
                }
            }
        }

        // Every mother and some stocks have been looked at every other week for two to three years.
        private void buds() {
            List<WeatherDay> days = weather.days(DemoPhenology.START.minusDays(10), DemoClock.FIRST_DAY);
            DemoPhenology truth = new DemoPhenology(rules, days);
            for (Variety variety : varieties.values().stream()
                    .sorted((a, b) -> Long.compare(a.id(), b.id()))
                    .toList()) {
                long mother = plants.plantByCode(variety.letters() + "-M1")
                        .orElseThrow()
                        .id();
                truth.mother(variety, mother).forEach(note -> season.note(mother, note));
            }
            for (long plant : watchedStocks) {
                String species = plants.plant(plant).speciesKey();
                truth.stock(species, plant).forEach(note -> season.note(plant, note));
            }
        }

        // Saturday's four lines: of Grey Quay there is wood for eight only.
        private void benchDay() {
            LocalDate day = LocalDate.of(2026, 5, 16);
            line(day, "Shade House", "Ternlight", "cleft", 10, Cover.BAG);
            line(day, "Kiln Terrace", "Grey Quay", "cleft", 10, Cover.FILM_FOIL);
            line(day, "Shade House", "Cistern Blood", "chip", 12, Cover.FILM);
            line(day, "Shade House", "Harbourmaster", "whip", 5, Cover.BAG);
            Map<Long, Role> team = new LinkedHashMap<>();
            team.put(Known.in(people, "Nerea"), Role.CUT);
            team.put(Known.in(people, "Teo"), Role.CUT);
            team.put(Known.in(people, "Odile"), Role.WRAP);
            days.team(day, team);
        }

        private void line(LocalDate day, String spot, String name, String technique, int grafts, Cover cover) {
            Variety variety = Known.in(varieties, name);
            days.plan(day, Known.in(spots, spot), variety.speciesKey(), variety.id(), technique, grafts, cover);
        }

        private void session(DemoSession session) {
            double p = HiddenModel.take(session);
            DemoWood.Wood cut = wood.session(session);
            trials.begin(session, cut.lotId());
            for (int i = 0; i < session.grafts(); i++) {
                truths.add(new Truth(
                        graft(session, cut, random.nextDouble() < p), session.variety(), session.technique(), p));
            }
            if (!worked.isEmpty()) {
                days.worked(session.day(), session.variety(), worked);
                worked.clear();
                trials.made();
            }
        }

        private String graft(DemoSession s, DemoWood.Wood cut, boolean takes) {
            Variety variety = Known.in(varieties, s.variety());
            Stem stem = stock(s.species(), s.place());
            double stockMm = Objects.requireNonNull(stem.diameterMm());
            double ratio = 0.78 + random.nextDouble() * 0.25;
            double scionMm = Math.round(stockMm * ratio * 10) / 10.0;
            Cover cover = s.technique().equals("chip") || s.technique().equals("t-bud")
                    ? Cover.FILM
                    : s.place().equals("Shade House") ? Cover.BAG : Cover.FILM_FOIL;
            String code = code(variety, s.day().getYear());
            Map<String, String> schools = new HashMap<>(bench.standardSchools(s.species(), s.technique()));
            schools.putAll(trials.way(code));
            long id = bench.store(
                    new NewGraft(
                            code,
                            new NewGraft.Of(variety.id(), s.species()),
                            stem.id(),
                            new NewGraft.Made(s.technique(), people.get(s.maker()), s.day()),
                            new NewGraft.Wood(cut.from(), s.day().minusDays(s.woodAgeDays())),
                            new NewGraft.Sizes(scionMm, stockMm),
                            cover.name(),
                            notes(s),
                            new NewGraft.Origin(null, null, cut.lotId(), null, cut.lifeUsed()),
                            bench.plainFit(s.technique(), s.species(), s.species(), scionMm, stockMm)),
                    schools);
            if (cut.lotId() != null && (trials.runIn(s) || !s.day().isBefore(TIMED_FROM))) {
                worked.add(new DayHistory.Worked(
                        code,
                        variety.id(),
                        s.technique(),
                        cover,
                        stem.id(),
                        cut.lotId(),
                        Known.in(people, s.maker()),
                        DemoTimes.done(s, worked.size(), days.usualSeconds(s.technique()))));
            }
            CareSubject subject = new CareSubject(
                    s.species(),
                    rules.technique(s.technique()).orElseThrow(),
                    s.day(),
                    cover.name(),
                    schools,
                    CareSubject.Stand.POT);
            List<Look> seen = lives.looks(subject, takes, lastRound(code), warmth.healing(s.species()), random);
            for (Look look : seen) {
                // Who looked is told by the day, so that more or fewer looks leave all other luck as it is.
                String who = DemoNames.PEOPLE.get(Math.floorMod(look.seenOn().toEpochDay(), 4));
                looks.seen(id, people.get(who), look, null);
            }
            explained(id, s, seen);
            return code;
        }

        // Of the seasons past some failures were explained on the walk after; those of this year lie on the pile.
        private void explained(long graft, DemoSession s, List<Look> seen) {
            if (s.day().getYear() == DemoClock.FIRST_DAY.getYear()) {
                return;
            }
            seen.stream()
                    .filter(look -> look.sign() == Sign.DEAD)
                    .findFirst()
                    .ifPresent(
                            dead -> HiddenModel.cause(s).ifPresent(cause -> causes.known(graft, cause, dead.seenOn())));
        }

        // One graft was passed over on the last rounds: it is the overdue one.
        private LocalDate lastRound(String code) {
            return code.equals("GQ-26-002") ? DemoClock.FIRST_DAY.minusDays(21) : DemoClock.FIRST_DAY;
        }

        private static String notes(DemoSession s) {
            boolean hot = s.day().getYear() == 2025 && s.day().getMonthValue() == 8;
            return hot ? "hot dry week, 36 degrees and wind" : "";
        }

        private String code(Variety variety, int year) {
            int number = graftNumbers.merge(variety.letters() + year, 1, Integer::sum);
            return baylantern.core.place.Codes.graft(variety.letters(), year, number);
        }

        private Stem stock(String species, String place) {
            String prefix = DemoNames.stockLetters(species);
            int number = plantNumbers.merge(prefix, 1, Integer::sum);
            double mm = Math.round((6 + random.nextDouble() * 7) * 10) / 10.0;
            String kind = species.equals("citrus") ? "trifoliate orange" : null;
            PlantEntry entry = new PlantEntry(
                    String.format(java.util.Locale.ROOT, "%s-%03d", prefix, number),
                    species,
                    PlantKind.SEEDLING_STOCK,
                    kind,
                    Known.in(spots, place),
                    null,
                    null,
                    null,
                    null,
                    null);
            long plant = plants.addBare(List.of(entry), null).get(0);
            return plants.stem(plants.addStem(plant, new StemEntry("1", mm, 220.0)));
        }
    }
}
