package baylantern.app.exchange;

import baylantern.app.bench.BenchService;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.NewGraft;
import baylantern.app.care.ClosedBooks;
import baylantern.app.care.LookHistory;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantEntry;
import baylantern.app.place.PlantKind;
import baylantern.app.place.PlantService;
import baylantern.app.place.StemEntry;
import baylantern.app.place.Variety;
import baylantern.app.place.VarietyEntry;
import baylantern.app.platform.ActService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Pen;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.care.GraftState;
import baylantern.core.care.Sign;
import baylantern.core.exchange.NotebookChoices;
import baylantern.core.exchange.NotebookGraft;
import baylantern.core.exchange.NotebookReport;
import baylantern.core.rules.Known;
import baylantern.core.rules.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Brings an old notebook into the farm, all or nothing, and takes it back whole. */
@Service
public class NotebookService implements Undoer {

    /** Days after which a fate that is known needs no more visits. */
    private static final int CLOSED_AFTER = 150;

    private static final String PLACE = "From the notebook";

    private final PlaceService places;
    private final PlantService plants;
    private final BenchService bench;
    private final GraftService grafts;
    private final ClosedBooks books;
    private final LookHistory looks;
    private final Changes changes;
    private final Pen pen;
    private final ActService acts;
    private final FarmClock clock;
    private final ReadingDesk desk;

    NotebookService(
            PlaceService places,
            PlantService plants,
            BenchService bench,
            GraftService grafts,
            ClosedBooks books,
            LookHistory looks,
            ActService acts,
            FarmClock clock,
            Changes changes,
            Pen pen,
            ReadingDesk desk) {
        this.desk = desk;
        this.changes = changes;
        this.pen = pen;
        this.places = places;
        this.plants = plants;
        this.bench = bench;
        this.grafts = grafts;
        this.books = books;
        this.looks = looks;
        this.acts = acts;
        this.clock = clock;
    }

    /** Reads a file under the choices made, writing nothing. */
    public NotebookReport read(byte[] file, NotebookChoices choices) {
        Map<String, String> known =
                places.varieties().stream().collect(Collectors.toMap(Variety::name, Variety::speciesKey, (a, b) -> a));
        return desk.read(file, choices, clock.today(), known, grafts.fingerprints());
    }

    /** What came of an import. */
    public record Imported(long actId, NotebookReport report) {}

    /** Imports every row that can be taken; one transaction. */
    @Transactional
    public Imported bringIn(byte[] file, NotebookChoices choices) {
        // Read before anybody has to wait. Who was overtaken is served once more with the pen in hand; the reading then
        // still lies on the desk, unless it is no longer so.
        NotebookReport report = read(file, choices);
        pen.take();
        if (report.grafts().isEmpty()) {
            throw FarmProblem.wrong(
                    "file",
                    report.rowsRead() + " rows",
                    "1 row or more",
                    "No row of this file can be taken as a graft.");
        }
        long act = acts.open(kind(), report.grafts().size() + " grafts imported from a notebook");
        new Intake(act).takeAll(report.grafts());
        return new Imported(act, report);
    }

    @Override
    public String kind() {
        return "import";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        bench.removeOfAct(actId);
        plants.removeOfAct(actId);
        places.removeOfAct(actId);
    }

    /** One import on its way in: remembers what it has already made. */
    private final class Intake {
        private final long act;
        private final Map<String, Variety> varieties = new HashMap<>();
        private final Map<String, Long> people = new HashMap<>();
        private final Map<String, Long> plantIds = new HashMap<>();
        private final Map<String, Long> spots = new HashMap<>();
        private final Map<Long, Integer> stems = new HashMap<>();
        private final Map<String, Iterator<String>> codes = new HashMap<>();

        Intake(long act) {
            this.act = act;
            places.varieties().forEach(v -> varieties.put(v.speciesKey() + "/" + Words.plain(v.name()), v));
            places.people().forEach(p -> people.put(Words.plain(p.name()), p.id()));
        }

        void takeAll(List<NotebookGraft> rows) {
            giveCodes(rows);
            Rows.portions(rows).forEach(this::takeSome);
        }

        // Plants, their stems, grafts and looks, each sort written at once.
        private void takeSome(List<NotebookGraft> rows) {
            List<Long> onStems = stems(rows);
            List<NewGraft> grafts = new ArrayList<>();
            for (int i = 0; i < rows.size(); i++) {
                grafts.add(graft(rows.get(i), onStems.get(i)));
            }
            List<Long> ids = bench.storeAll(grafts);
            List<LookHistory.Past> seen = new ArrayList<>();
            List<Long> closed = new ArrayList<>();
            for (int i = 0; i < rows.size(); i++) {
                look(rows.get(i), ids.get(i)).ifPresent(seen::add);
                if (isClosed(rows.get(i))) {
                    closed.add(ids.get(i));
                }
            }
            books.close(closed);
            looks.seenAll(seen, act);
            changes.settle();
        }

        // Old grafts whose fate is known are a closed book: no visits are planned for them.
        private boolean isClosed(NotebookGraft row) {
            return row.seenOn() != null
                    && row.sign().shows().outcome() != GraftState.Outcome.WAITING
                    && row.madeOn().isBefore(clock.today().minusDays(CLOSED_AFTER));
        }

        private NewGraft graft(NotebookGraft row, long stem) {
            Variety variety = variety(row);
            return new NewGraft(
                    Known.in(codes, run(row)).next(),
                    new NewGraft.Of(variety.id(), variety.speciesKey()),
                    stem,
                    new NewGraft.Made(row.technique(), row.maker() == null ? null : person(row.maker()), row.madeOn()),
                    new NewGraft.Wood(Objects.requireNonNullElse(row.source(), ""), row.woodCutOn()),
                    new NewGraft.Sizes(row.scionMm(), row.stockMm()),
                    desk.cover(row.notes()).name(),
                    notes(row),
                    new NewGraft.Origin(act, ReadingDesk.hash(row.fingerprint()), null, null, null),
                    bench.plainFit(
                            row.technique(), variety.speciesKey(), variety.speciesKey(), row.scionMm(), row.stockMm()));
        }

        private Optional<LookHistory.Past> look(NotebookGraft row, long id) {
            LocalDate seen = row.seenOn();
            if (seen == null || (row.sign() == Sign.NOTHING && seen.equals(row.madeOn()))) {
                return Optional.empty();
            }
            Long by = row.maker() == null ? null : person(row.maker());
            return Optional.of(new LookHistory.Past(id, by, seen, row.sign(), "from the notebook"));
        }

        private static String notes(NotebookGraft row) {
            String day = row.dayKnown() ? "" : "day of the month not written";
            return row.notes().isEmpty() || day.isEmpty() ? row.notes() + day : row.notes() + "; " + day;
        }

        // All numbers at once, so that a long import need not ask for each.
        private void giveCodes(List<NotebookGraft> rows) {
            rows.stream().collect(Collectors.groupingBy(this::run)).forEach((run, those) -> {
                NotebookGraft first = those.get(0);
                codes.put(
                        run,
                        bench.codes(variety(first), first.madeOn().getYear(), those.size())
                                .iterator());
            });
        }

        private String run(NotebookGraft row) {
            return variety(row).letters() + row.madeOn().getYear();
        }

        private Variety variety(NotebookGraft row) {
            return varieties.computeIfAbsent(
                    row.species() + "/" + Words.plain(row.variety()),
                    k -> places.addVariety(VarietyEntry.named(row.species(), row.variety()), act));
        }

        private @Nullable Long person(String name) {
            return people.computeIfAbsent(
                    Words.plain(name), k -> places.addPerson(name, act).id());
        }

        private List<Long> stems(List<NotebookGraft> rows) {
            Map<String, PlantEntry> fresh = new LinkedHashMap<>();
            Map<String, Plant> here = plants.plantsByCodes(
                    rows.stream().flatMap(row -> Stream.ofNullable(row.plant())).collect(Collectors.toSet()));
            for (NotebookGraft row : rows) {
                String key = key(row);
                Plant there = row.plant() == null ? null : here.get(row.plant());
                if (there != null && !plantIds.containsKey(key)) {
                    plantIds.put(key, there.id());
                    stems.put(there.id(), plants.stems(List.of(there.id())).size());
                } else if (there == null && !plantIds.containsKey(key)) {
                    fresh.computeIfAbsent(key, k -> entry(row));
                }
            }
            Iterator<Long> made =
                    plants.addBare(List.copyOf(fresh.values()), act).iterator();
            fresh.keySet().forEach(key -> plantIds.put(key, made.next()));
            return plants.addStems(rows.stream()
                    .map(row -> {
                        long plant = Known.in(plantIds, key(row));
                        int number = stems.merge(plant, 1, Integer::sum);
                        return new PlantService.StemOf(plant, new StemEntry("" + number, row.stockMm(), null));
                    })
                    .toList());
        }

        private static String key(NotebookGraft row) {
            return row.plant() == null ? "#" + row.line() : row.plant();
        }

        private PlantEntry entry(NotebookGraft row) {
            String code = row.plant() == null ? plants.freeCode("row " + row.line()) : row.plant();
            String place = row.place() == null ? PLACE : row.place();
            return new PlantEntry(
                    code.substring(0, Math.min(40, code.length())),
                    row.species(),
                    PlantKind.SEEDLING_STOCK,
                    null,
                    spots.computeIfAbsent(
                            place, named -> places.spotNamed(named, act).id()),
                    null,
                    null,
                    null,
                    null,
                    null);
        }
    }
}
