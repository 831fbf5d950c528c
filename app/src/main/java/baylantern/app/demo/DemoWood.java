package baylantern.app.demo;

import baylantern.app.lineage.Identity;
import baylantern.app.lineage.LineageHistory;
import baylantern.app.lineage.SourceEntry;
import baylantern.app.lineage.SourceKind;
import baylantern.app.lineage.TestEntry;
import baylantern.app.lineage.TestService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.PlantService;
import baylantern.app.place.Variety;
import baylantern.app.platform.DemoClock;
import baylantern.app.wood.CheckService;
import baylantern.app.wood.CleanService;
import baylantern.app.wood.LotEntry;
import baylantern.app.wood.LotLedger;
import baylantern.app.wood.ShootService;
import baylantern.app.wood.WoodHistory;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Known;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.LotBalance;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The wood of the demo farm: sources and their tests, a lot for every session, the shelf of today, two recalls. */
@Service
class DemoWood {

    private static final LocalDate TODAY = DemoClock.FIRST_DAY;
    private static final String OWN = "own mother tree";
    private static final int STICK_BUDS = 4;
    private static final int CITRUS_BUDS = 8;

    private final TestService tests;
    private final PlaceService places;
    private final PlantService plants;
    private final LotLedger ledger;

    private final WoodHistory history;
    private final LineageHistory origins;

    private final Map<String, Long> outside = new HashMap<>();
    private final Map<String, Long> stored = new HashMap<>();
    private final Map<String, Long> people = new HashMap<>();
    private final Map<String, Variety> varieties = new HashMap<>();

    DemoWood(
            WoodHistory history,
            LineageHistory origins,
            TestService tests,
            PlaceService places,
            PlantService plants,
            LotLedger ledger) {
        this.history = history;
        this.origins = origins;
        this.tests = tests;
        this.places = places;
        this.plants = plants;
        this.ledger = ledger;
    }

    /** Sources, stores, tests: everything that was there before the first session. */
    void before() {
        places.people().forEach(p -> people.put(p.name(), p.id()));
        places.varieties().forEach(v -> varieties.put(v.name(), v));
        places.spots().stream().filter(s -> s.name().equals("Mother House")).forEach(s -> places.house(s.id(), true));
        source("Saro clean-stock scheme", "scheme", SourceKind.SCHEME, Identity.SEEN_FRUIT, true, TODAY.plusDays(200));
        source("Tidewall neighbours", "neighbour", SourceKind.NEIGHBOUR, Identity.SEEN_FRUIT, false, null);
        source("Post from Upper Saro", "post", SourceKind.POST, Identity.LABEL_ONLY, false, TODAY.plusDays(18));
        source("Slipway Nursery", "nursery", SourceKind.NURSERY, Identity.LABEL_ONLY, true, TODAY.plusDays(90));
        stored.put("box", history.store("Field box", KeepMethod.COOL_BOX, 10.0, null));
        stored.put("cold", history.store("Cold Press", KeepMethod.FRIDGE, 6.5, TODAY.minusDays(100)));
        stored.put("shelf", history.store("Bench shelf", KeepMethod.AMBIENT, null, null));
        stored.put("pail", history.store("Pail", KeepMethod.WATER, null, null));
        clear("SOURCE-" + Known.in(outside, "scheme"), LocalDate.of(2022, 6, 1), 1500);
        clear("SOURCE-" + outside.get("nursery"), LocalDate.of(2024, 6, 1), 400);
        for (String citrus : List.of("Cistern Blood", "Noonbell", "Pilot Lime", "Bellwether", "Quillpearl")) {
            long mother = mother(citrus);
            origins.parent(mother, Node.source(Known.in(outside, "scheme")), LocalDate.of(2023, 1, 10));
            for (int year = 2023; year <= 2025; year++) {
                clear(Node.plant(mother).key(), LocalDate.of(year, 3, 20 + citrus.length() % 5), 365);
            }
            own(citrus, mother);
        }
        clear(Node.plant(mother("Cistern Blood")).key(), LocalDate.of(2026, 2, 10), 365);
        clear(Node.plant(mother("Pilot Lime")).key(), LocalDate.of(2026, 1, 12), 365);
        clear(Node.plant(mother("Noonbell")).key(), LocalDate.of(2026, 1, 5), 365);
        clear(Node.plant(mother("Bellwether")).key(), LocalDate.of(2025, 6, 5), 365);
        clear(Node.plant(mother("Quillpearl")).key(), LocalDate.of(2026, 2, 10), 365);
        clear(Node.plant(mother("Ternlight")).key(), LocalDate.of(2025, 9, 1), 365);
        long house = plants.plant(mother("Noonbell")).spotId();
        long court = spot("Cistern Court");
        origins.move(mother("Noonbell"), null, LocalDate.of(2026, 3, 2), house, court);
        origins.move(mother("Noonbell"), null, LocalDate.of(2026, 3, 4), court, house);
        origins.move(null, "two growers from the valley", TODAY.minusDays(12), null, house);
    }

    private void own(String variety, long mother) {
        boolean guarded = variety.equals("Bellwether");
        origins.source(new SourceEntry(
                mother,
                plants.plant(mother).code(),
                SourceKind.OWN,
                Identity.FRUITED_HERE,
                true,
                new SourceEntry.Papers(
                        "", null, guarded ? "propagation licence" : "", guarded ? TODAY.plusDays(16) : null),
                "",
                null));
    }

    private void source(
            String name, String key, SourceKind kind, Identity identity, boolean house, @Nullable LocalDate permitDue) {
        String permit = permitDue == null ? "" : "movement of wood";
        outside.put(
                key,
                origins.source(new SourceEntry(
                        null,
                        name,
                        kind,
                        identity,
                        house,
                        new SourceEntry.Papers(permit, permitDue, "", null),
                        "",
                        null)));
    }

    private void clear(String key, LocalDate day, int valid) {
        tests.write(
                new TestEntry(key, day, "graft-borne disease", HealthTest.Result.CLEAR, valid, "island laboratory"),
                null);
    }

    private long spot(String name) {
        return places.spots().stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private long mother(String variety) {
        String code = Known.in(varieties, variety).letters() + "-M1";
        return plants.plantByCode(code).orElseThrow().id();
    }

    /** What the wood of a session is told to be: its lot, and how much of its life it had used. */
    record Wood(@Nullable Long lotId, @Nullable Double lifeUsed, String from) {}

    /** Cuts, stores and uses the wood of one session; approach grafts need none. */
    Wood session(DemoSession s) {
        if (s.technique().equals("approach")) {
            return new Wood(null, null, s.source());
        }
        LocalDate cut = s.day().minusDays(s.woodAgeDays());
        long maker = Known.in(people, s.maker());
        cleaned(maker, cut, CleanService.Occasion.NEW_TREE);
        // This year’s Pilot Lime is of the mother that is suspect now.
        boolean own = s.source().equals(OWN)
                || (s.variety().equals("Pilot Lime") && s.day().getYear() == TODAY.getYear());
        LotBalance.Unit buds = s.technique().equals("chip") || s.technique().equals("t-bud")
                ? LotBalance.Unit.BUD
                : LotBalance.Unit.STICK;
        int sticks = buds == LotBalance.Unit.BUD ? (s.grafts() + CITRUS_BUDS - 1) / CITRUS_BUDS : s.grafts();
        long lot = history.lot(lot(
                s.variety(),
                own ? null : outside.get(s.source()),
                cut,
                null,
                own ? maker : null,
                sticks + 1,
                s.woodAgeDays() > 1 ? "cold" : "box",
                true));
        cleaned(maker, s.day(), CleanService.Occasion.START);
        LotLedger.Used used = ledger.use(lot, s.grafts(), buds, s.day(), maker, null);
        history.discard(lot, s.day(), maker);
        return new Wood(lot, used.lifeUsed(), own ? OWN : s.source());
    }

    private LotEntry lot(
            String variety,
            @Nullable Long source,
            LocalDate cut,
            @Nullable LocalDate received,
            @Nullable Long cutBy,
            int sticks,
            String store,
            boolean wrapped) {
        Variety v = Known.in(varieties, variety);
        return new LotEntry(
                source == null ? mother(variety) : null,
                source,
                v.id(),
                new LotEntry.Cut(cut, received, cutBy),
                new LotEntry.Count(
                        sticks, v.speciesKey().equals("citrus") ? CITRUS_BUDS : STICK_BUDS, List.of(6.4, 7.1, 7.8)),
                new LotEntry.Kept(Known.in(stored, store), wrapped),
                null,
                "");
    }

    private void cleaned(long person, LocalDate day, CleanService.Occasion occasion) {
        Instant morning = day.atTime(7, 30).toInstant(ZoneOffset.UTC);
        history.cleaned(person, morning, day, occasion);
    }

    /** The scare of 2024, over since; the shelf of today; the suspect of last week. */
    void now() {
        scare();
        shelf();
        pinched();
        Instant dawn = TODAY.atTime(6, 0).toInstant(ZoneOffset.UTC);
        history.mixed(mix(CleanService.Agent.BLEACH, 5), dawn.minusSeconds(2 * 86_400));
        history.mixed(mix(CleanService.Agent.ALCOHOL, 96), dawn.minusSeconds(3 * 86_400));
        origins.test(test("Pilot Lime", TODAY.minusDays(6), HealthTest.Result.SUSPECT));
    }

    private CleanService.MixEntry mix(CleanService.Agent agent, double pct) {
        return new CleanService.MixEntry(agent, pct, null, 500, people.get("Nerea"));
    }

    private TestEntry test(String variety, LocalDate day, HealthTest.Result result) {
        return new TestEntry(
                Node.plant(mother(variety)).key(), day, "graft-borne disease", result, null, "island laboratory");
    }

    // Bellwether was found positive in October 2023; two clear tests later everything was let go.
    private void scare() {
        long recall = origins.test(test("Bellwether", LocalDate.of(2023, 10, 2), HealthTest.Result.POSITIVE));
        clear(Node.plant(mother("Bellwether")).key(), LocalDate.of(2024, 1, 20), 365);
        origins.release(
                recall, "retested clear twice; the laboratory had mixed up two samples", LocalDate.of(2024, 1, 24));
    }

    private void shelf() {
        long teo = Known.in(people, "Teo");
        check(put("Ternlight", null, 1, null, 12, "box", true), 3, "stage=S wood=FIRM bark=TAUT skin=CLEAN", 7);
        check(put("Grey Quay", null, 3, null, 8, "cold", true), 2, "stage=S wood=FIRM bark=SLIGHT skin=CLEAN", 6.5);
        check(put("Harbourmaster", null, 8, null, 6, "cold", true), 2, "stage=R wood=FIRM bark=TAUT", 8);
        put("Petrel Deep", outside.get("neighbour"), 10, 8, 5, "shelf", true);
        check(put("Amber Sickle", null, 10, null, 10, "box", true), 3, "stage=S wood=FIRM bark=TAUT", 9);
        check(put("Tollkeeper", null, 16, null, 7, "cold", true), 2, "stage=S wood=FIRM bark=SLIGHT", 8);
        check(put("Late Ferry", outside.get("post"), 6, 3, 6, "box", true), 2, "stage=S wood=SOFT_TIP bark=TAUT", 8);
        check(put("Saltglow", null, 1, null, 4, "box", true), 2, "stage=F wood=SOFT bark=TAUT", 9);
        check(put("Cistern Blood", null, 13, null, 15, "cold", true), 3, "stage=M wood=OLD section=ROUND bark=TAUT", 6);
        put("Pilot Lime", null, 9, null, 9, "cold", true, teo);
        put("Quillpearl", null, 9, null, 7, "cold", true, teo);
        check(put("Bellwether", null, 14, null, 5, "cold", true), 2, "stage=M wood=FIRM section=ANGULAR", 5);
        check(put("Ropewalk", null, 83, null, 11, "cold", true), 3, "stage=R wood=FIRM pith=WHOLE bark=TAUT", 11);
        put("Lamp Pink", null, 1, null, 6, "shelf", false);
    }

    private long put(
            String variety,
            @Nullable Long source,
            int cutAgo,
            @Nullable Integer cameAgo,
            int sticks,
            String store,
            boolean wrapped) {
        return put(variety, source, cutAgo, cameAgo, sticks, store, wrapped, Known.in(people, "Nerea"));
    }

    private long put(
            String variety,
            @Nullable Long source,
            int cutAgo,
            @Nullable Integer cameAgo,
            int sticks,
            String store,
            boolean wrapped,
            long cutBy) {
        LocalDate cut = TODAY.minusDays(cutAgo);
        if (cutBy != Known.in(people, "Teo")) {
            cleaned(cutBy, cut, CleanService.Occasion.NEW_TREE);
        }
        LocalDate received = cameAgo == null ? null : TODAY.minusDays(cameAgo);
        return history.lot(lot(variety, source, cut, received, source == null ? cutBy : null, sticks, store, wrapped));
    }

    private void check(long lot, int sticks, String looks, double mm) {
        Map<String, String> states = new HashMap<>();
        for (String look : looks.split(" ")) {
            states.put(look.split("=")[0], look.split("=")[1]);
        }
        for (int i = 0; i < sticks; i++) {
            history.check(
                    new CheckService.CheckEntry(
                            lot, null, states, Map.of("diameterMm", mm + 0.2 * i), people.get("Nerea")),
                    TODAY.minusDays(1));
        }
    }

    private void pinched() {
        shoot("Petrel Deep", 8, 6, null);
        shoot("Noonbell", 12, 5, null);
        shoot("Late Ferry", 2, 8, null);
        shoot("Smoke Plum", 30, 3, null);
    }

    private void shoot(String variety, int daysAgo, int n, @Nullable Integer plan) {
        history.shoots(new ShootService.ShootEntry(mother(variety), TODAY.minusDays(daysAgo), n, n, plan, null));
    }
}
