package baylantern.app.bench;

import baylantern.app.lineage.LineageService;
import baylantern.app.place.NumberService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.Stem;
import baylantern.app.place.Variety;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.app.wood.LotLedger;
import baylantern.core.bench.Bench;
import baylantern.core.bench.BenchChecks;
import baylantern.core.lineage.Node;
import baylantern.core.place.CodeRange;
import baylantern.core.place.Codes;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Kinship;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Logs grafts: one, or a run alike. */
@Service
public class BenchService implements Undoer {

    private final GraftMapper grafts;
    private final PlaceService places;
    private final PlantService plants;
    private final Rulebook rules;
    private final BenchChecks checks;
    private final ActService acts;
    private final FarmClock clock;
    private final LotLedger ledger;
    private final LineageService lineage;
    private final ObjectProvider<FitMeasure> fits;
    private final NumberService numbers;
    private final HabitService habits;

    BenchService(
            GraftMapper grafts,
            PlaceService places,
            PlantService plants,
            Rulebook rules,
            ActService acts,
            FarmClock clock,
            LotLedger ledger,
            LineageService lineage,
            ObjectProvider<FitMeasure> fits,
            NumberService numbers,
            HabitService habits) {
        this.habits = habits;
        this.numbers = numbers;
        this.grafts = grafts;
        this.places = places;
        this.plants = plants;
        this.rules = rules;
        this.checks = new BenchChecks(rules);
        this.acts = acts;
        this.clock = clock;
        this.ledger = ledger;
        this.lineage = lineage;
        this.fits = fits;
    }

    /** What would be said of an entry, without logging it; each finding once. */
    public List<Finding> check(BenchEntry entry) {
        Variety variety = places.variety(entry.varietyId());
        Technique technique = technique(entry.techniqueKey());
        List<Finding> found = onStems(entry, variety, technique);
        if (entry.lotId() == null) {
            heldWood(Objects.requireNonNullElse(entry.woodSource(), ""), variety, found);
        } else {
            found.addAll(ledger.check(
                    entry.lotId(), variety.id(), entry.madeOn(), entry.stems().size(), takes(technique)));
        }
        found.sort((a, b) -> a.weight().compareTo(b.weight()));
        return found.stream().distinct().toList();
    }

    // What is said of some stems of a run names them; what is said of all of them, or of one alone, need not.
    private List<Finding> onStems(BenchEntry entry, Variety variety, Technique technique) {
        Map<Finding, List<String>> said = new LinkedHashMap<>();
        Set<Long> stems = new HashSet<>();
        for (BenchEntry.OnStem on : entry.stems()) {
            Plant plant = plants.plant(plants.stem(on.stemId()).plantId());
            List<Finding> own = new ArrayList<>(checks.check(bench(entry, on, variety, technique), clock.today()));
            if (!stems.add(on.stemId())) {
                own.add(Finding.refuses(
                        "stem-twice", "stems", "One stem stands in the run twice", on.stemId(), "each stem once"));
            }
            held(plant, own);
            own.forEach(finding ->
                    said.computeIfAbsent(finding, f -> new ArrayList<>()).add(plant.code()));
        }
        List<Finding> found = new ArrayList<>();
        said.forEach((finding, on) ->
                found.add(on.size() == entry.stems().size() ? finding : finding.saidOf(String.join(", ", on))));
        return found;
    }

    // Wood of no lot: a plant named in words is looked up, and held trees of the variety are called to mind.
    private void heldWood(String from, Variety variety, List<Finding> found) {
        Set<String> named =
                Set.copyOf(Arrays.asList(from.toUpperCase(Locale.ROOT).split("[^\\p{L}\\p{N}-]+")));
        List<String> heldTrees = new ArrayList<>();
        for (Plant tree : plants.ofVarieties()) {
            String why = lineage.refusal(Node.plant(tree.id()), tree.code());
            boolean meant = named.contains(tree.code().toUpperCase(Locale.ROOT));
            if (why != null && meant) {
                found.add(Finding.refuses(
                        "held", "woodSource", why.replaceAll("\\.$", ""), tree.code(), "wood that is not held"));
            } else if (why != null && Objects.equals(tree.varietyId(), variety.id())) {
                heldTrees.add(tree.code());
            }
        }
        if (!heldTrees.isEmpty()) {
            found.add(Finding.warns(
                    "held-tree",
                    "woodSource",
                    "No wood of " + String.join(", ", heldTrees) + ": held. Name the lot or the tree this wood is of",
                    from,
                    null));
        }
    }

    private void held(Plant plant, List<Finding> found) {
        String why = lineage.heldWords(Node.plant(plant.id()));
        if (why != null) {
            found.add(Finding.refuses(
                    "held", "plantId", plant.code() + " is held: " + why, plant.code(), "a stock that is not held"));
        }
    }

    /** Free stems that wood of a species can be grafted on, its own species first; the search is in plant code and place,
     * or a run or list of codes. */
    public List<FreeStem> freeStems(@Nullable String search, String speciesKey) {
        Species scion = rules.species(speciesKey).orElseThrow(() -> FarmProblem.unknown("species", speciesKey));
        List<String> kin = rules.species().stream()
                .filter(stock -> rules.kinship(scion, stock).verdict() != Kinship.Verdict.REFUSED)
                .map(Species::key)
                .toList();
        List<String> codes = codes(search);
        if (!codes.isEmpty()) {
            return grafts.freeOn(codes, kin);
        }
        String like =
                search == null || search.isBlank() ? null : "%" + search.strip().toLowerCase(Locale.ROOT) + "%";
        return grafts.freeStems(like, speciesKey, kin);
    }

    // "AV-124 … 135" names its plants, one by one.
    private static List<String> codes(@Nullable String search) {
        try {
            return search == null ? List.of() : CodeRange.read(search);
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("search", search, "a run such as AV-124 … 135", String.valueOf(e.getMessage()));
        }
    }

    /** Free stems of a species at a place that are not held, those never grafted first, then in walking order. */
    public List<FreeStem> freeAt(long spotId, String speciesKey) {
        return grafts.freeAt(spotId, speciesKey).stream()
                .filter(stem -> lineage.heldWords(Node.plant(stem.plantId())) == null)
                .toList();
    }

    /** What a graft takes of its lot. */
    public static LotBalance.Unit takes(Technique technique) {
        return technique.group() == Technique.Group.BUD ? LotBalance.Unit.BUD : LotBalance.Unit.STICK;
    }

    private Bench bench(BenchEntry entry, BenchEntry.OnStem on, Variety variety, Technique technique) {
        Stem stem = plants.stem(on.stemId());
        return bench(
                variety,
                plants.plant(stem.plantId()),
                technique,
                new Cut(entry.madeOn(), entry.woodCutOn(), on.scionMm(), on.stockMm()),
                grafts.liveOnStem(stem.id()));
    }

    /** When a graft was made, of wood cut when, and the diameters at the cut in mm. */
    record Cut(
            LocalDate madeOn,
            @Nullable LocalDate woodCutOn,
            @Nullable Double scionMm,
            @Nullable Double stockMm) {}

    private Bench bench(Variety variety, Plant plant, Technique technique, Cut cut, @Nullable String live) {
        return new Bench(
                rules.species(variety.speciesKey()).orElseThrow(),
                rules.species(plant.speciesKey()).orElseThrow(),
                technique,
                cut.madeOn(),
                cut.woodCutOn(),
                cut.scionMm(),
                cut.stockMm(),
                variety.protectedRight(),
                live);
    }

    /** What would be said of a graft in the log, had it been made so. */
    List<Finding> check(Graft graft, Technique technique, Cut cut) {
        Plant plant = plants.plant(graft.on().plantId());
        return checks.check(bench(places.variety(graft.varietyId()), plant, technique, cut, null), clock.today());
    }

    /** What would be said of a graft in the log, did it stand on another stem. */
    List<Finding> onStem(Graft graft, Technique technique, Plant plant, long stemId) {
        Cut cut = new Cut(graft.madeOn(), graft.woodCutOn(), graft.scionMm(), graft.stockMm());
        List<Finding> found = new ArrayList<>(checks.check(
                bench(places.variety(graft.varietyId()), plant, technique, cut, grafts.liveOnStem(stemId)),
                clock.today()));
        held(plant, found);
        return found;
    }

    /** What would be said of wood of a variety on a free stem today, by a technique, before anything else is chosen. */
    List<Finding> onFree(FreeStem stem, Variety variety, Technique technique, @Nullable Double scionMm) {
        List<Finding> found = new ArrayList<>(checks.check(
                new Bench(
                        rules.species(variety.speciesKey()).orElseThrow(),
                        rules.species(stem.speciesKey()).orElseThrow(),
                        technique,
                        clock.today(),
                        null,
                        scionMm,
                        stem.diameterMm(),
                        false,
                        null),
                clock.today()));
        String held = lineage.heldWords(Node.plant(stem.plantId()));
        if (held != null) {
            found.add(
                    0,
                    Finding.refuses("held", "plantId", "held: " + held, stem.plantCode(), "a stock that is not held"));
        }
        return found;
    }

    /** Throws where a question of schools, or an answer to it, is not in the rulebook. */
    void known(Map<String, String> schools) {
        schools.forEach((question, school) -> {
            boolean there = rules.schools().stream()
                    .anyMatch(q -> q.key().equals(question) && q.schools().containsKey(school));
            if (!there) {
                throw FarmProblem.wrong(
                        "schools", question + ": " + school, "schools of the rulebook", "There is no such school.");
            }
        });
    }

    Technique technique(String key) {
        return rules.technique(key)
                .orElseThrow(() -> FarmProblem.wrong(
                        "techniqueKey",
                        key,
                        "a technique of the rulebook",
                        "\"" + key + "\" is not a technique here."));
    }

    /** Logs the entry, all stems or none. Throws with the first refusal. */
    @Transactional
    public Logged log(BenchEntry entry) {
        return logAll(List.of(entry));
    }

    /** Logs one graft under a code that was given for it; where that is taken, under the next. */
    @Transactional
    public Logged logAs(BenchEntry entry, @Nullable String code) {
        long act = acts.open(kind(), sentence(List.of(entry)));
        Logged all = new Logged(act, new ArrayList<>(), new ArrayList<>());
        log(entry, act, all, code == null || grafts.byCode(code) != null ? null : code);
        return all;
    }

    /** Logs several runs as one act, all or none; the codes come in the order of the runs. */
    @Transactional
    public Logged logAll(List<BenchEntry> entries) {
        long act = acts.open(kind(), sentence(entries));
        Logged all = new Logged(act, new ArrayList<>(), new ArrayList<>());
        entries.forEach(entry -> log(entry, act, all, null));
        return all;
    }

    private void log(BenchEntry entry, long act, Logged all, @Nullable String given) {
        List<Finding> found = check(entry);
        FarmProblem.ifRefused(found);
        Variety variety = places.variety(entry.varietyId());
        LotLedger.Used wood = wood(entry, act);
        FitMeasure measure = fits.getIfAvailable();
        FitMeasure.Measuring measuring = measure == null ? null : measure.of(variety.speciesKey(), entry.makerId());
        Map<String, String> schools = schools(entry, variety);
        for (BenchEntry.OnStem on : entry.stems()) {
            String code = given != null
                    ? given
                    : codes(variety, entry.madeOn().getYear(), 1).get(0);
            GraftFit fit = fit(entry, on, measuring);
            store(row(entry, on, variety, code, act, wood, fit), schools);
            all.codes().add(code);
        }
        all.warnings().addAll(found);
    }

    /** What was logged, with the warnings that stand. */
    public record Logged(long actId, List<String> codes, List<Finding> warnings) {}

    private String sentence(List<BenchEntry> entries) {
        BenchEntry entry = entries.get(0);
        if (entries.size() > 1) {
            return entries.stream().mapToInt(e -> e.stems().size()).sum() + " grafts logged from a list";
        }
        Variety variety = places.variety(entry.varietyId());
        int n = entry.stems().size();
        return (n == 1 ? "One " : n + " ") + variety.name() + " "
                + technique(entry.techniqueKey()).name() + (n == 1 ? " graft" : " grafts") + " logged";
    }

    private Map<String, String> schools(BenchEntry entry, Variety variety) {
        Map<String, String> followed = new LinkedHashMap<>(standardSchools(variety.speciesKey(), entry.techniqueKey()));
        if (entry.schools() != null) {
            entry.schools().forEach((question, school) -> followed.replace(question, school));
        }
        return followed;
    }

    /** The schools followed unless the grower picks others. */
    public Map<String, String> standardSchools(String speciesKey, String techniqueKey) {
        return habits.followed(speciesKey, techniqueKey, 0);
    }

    /** The code that would be given next for a variety and year. */
    public String nextCode(Variety variety, int year) {
        return Codes.graft(variety.letters(), year, numbers.next(Codes.graftStem(variety.letters(), year)));
    }

    /** Gives some codes for a variety and year, each once. */
    public List<String> codes(Variety variety, int year, int many) {
        int first = numbers.give(Codes.graftStem(variety.letters(), year), many);
        return IntStream.range(first, first + many)
                .mapToObj(number -> Codes.graft(variety.letters(), year, number))
                .toList();
    }

    private LotLedger.@Nullable Used wood(BenchEntry entry, long act) {
        return entry.lotId() == null
                ? null
                : ledger.use(
                        entry.lotId(),
                        entry.stems().size(),
                        takes(technique(entry.techniqueKey())),
                        entry.madeOn(),
                        entry.makerId(),
                        act);
    }

    private NewGraft row(
            BenchEntry entry,
            BenchEntry.OnStem on,
            Variety variety,
            String code,
            long act,
            LotLedger.@Nullable Used wood,
            @Nullable GraftFit fit) {
        return new NewGraft(
                code,
                new NewGraft.Of(variety.id(), variety.speciesKey()),
                on.stemId(),
                new NewGraft.Made(entry.techniqueKey(), entry.makerId(), entry.madeOn()),
                new NewGraft.Wood(
                        wood != null
                                ? wood.fromName()
                                : Objects.requireNonNullElse(entry.woodSource(), "")
                                        .strip(),
                        wood != null ? wood.cutOn() : entry.woodCutOn()),
                new NewGraft.Sizes(on.scionMm(), on.stockMm()),
                entry.cover().name(),
                Objects.requireNonNullElse(entry.notes(), ""),
                new NewGraft.Origin(
                        act,
                        null,
                        entry.lotId(),
                        clock.moment(entry.madeOn()),
                        wood == null ? null : (Double) wood.lifeUsed()),
                fit);
    }

    private @Nullable GraftFit fit(BenchEntry entry, BenchEntry.OnStem on, FitMeasure.@Nullable Measuring measuring) {
        if (measuring == null || on.scionMm() == null || on.stockMm() == null) {
            return null;
        }
        String stock = plants.plant(plants.stem(on.stemId()).plantId()).speciesKey();
        return measuring
                .fit(entry.techniqueKey(), stock, on.scionMm(), on.stockMm(), on.placing())
                .orElse(null);
    }

    /** The fit of a graft from elsewhere, null where it cannot be told; diameters in mm. */
    public @Nullable GraftFit plainFit(
            @Nullable String techniqueKey,
            String scionSpecies,
            String stockSpecies,
            @Nullable Double scionMm,
            @Nullable Double stockMm) {
        FitMeasure measure = fits.getIfAvailable();
        if (measure == null || techniqueKey == null || scionMm == null || stockMm == null) {
            return null;
        }
        return measure.plain(scionSpecies)
                .fit(techniqueKey, stockSpecies, scionMm, stockMm, null)
                .orElse(null);
    }

    /** Stores rows without schools, many at once; tells their ids in the same order. */
    @Transactional
    public List<Long> storeAll(List<NewGraft> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        List<Long> ids = grafts.insertAll(rows);
        Rows.all(ids.size(), rows.size());
        return ids;
    }

    /** Stores one row with its schools; for imports and the demo, which plan their visits themselves. */
    @Transactional
    public long store(NewGraft row, Map<String, String> schools) {
        long id = storeAll(List.of(row)).get(0);
        if (!schools.isEmpty()) {
            Rows.all(
                    grafts.insertSchools(
                            id,
                            schools.entrySet().stream()
                                    .map(s -> new GraftSchool(id, s.getKey(), s.getValue()))
                                    .toList()),
                    schools.size());
        }
        return id;
    }

    @Override
    public String kind() {
        return "grafts";
    }

    @Override
    public void undo(long actId) {
        if (grafts.countLooked(actId) > 0) {
            throw FarmProblem.conflict("Somebody has looked at these grafts since. Take those looks back first.");
        }
        List<Long> ids = grafts.idsOfAct(actId);
        if (ids.stream().anyMatch(id -> lineage.heldWords(Node.graft(id)) != null)) {
            throw FarmProblem.conflict("One of these grafts is held under a recall, so its trace must stay.");
        }
        Rows.any(grafts.deleteOfAct(actId, ids));
        ledger.giveBack(actId);
    }

    /** Removes the grafts an act stored, with their looks and visits. */
    @Transactional
    public void removeOfAct(long actId) {
        List<Long> ids = grafts.idsOfAct(actId);
        if (!ids.isEmpty()) {
            Rows.any(grafts.deleteOfAct(actId, ids));
        }
    }
}
