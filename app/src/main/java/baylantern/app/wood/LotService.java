package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.lineage.SourceService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.place.Variety;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.Node;
import baylantern.core.place.Codes;
import baylantern.core.rules.Finding;
import baylantern.core.wood.LotBalance;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lots of wood: collected or received, moved between stores, used, given, discarded, archived. */
@Service
public class LotService implements Undoer {

    private static final double LEAST_MM = 0.5;
    private static final double MOST_MM = 60;

    private final LotMapper mapper;
    private final LotKeeping keeping;
    private final StoreService stores;
    private final ShootService shoots;
    private final LineageService lineage;
    private final SourceService sources;
    private final PlantService plants;
    private final PlaceService places;
    private final ActService acts;
    private final FarmClock clock;
    private final WoodPulse pulse;

    LotService(
            LotMapper mapper,
            LotKeeping keeping,
            StoreService stores,
            ShootService shoots,
            LineageService lineage,
            SourceService sources,
            PlantService plants,
            PlaceService places,
            ActService acts,
            FarmClock clock,
            WoodPulse pulse) {
        this.mapper = mapper;
        this.keeping = keeping;
        this.stores = stores;
        this.shoots = shoots;
        this.lineage = lineage;
        this.sources = sources;
        this.plants = plants;
        this.places = places;
        this.acts = acts;
        this.clock = clock;
        this.pulse = pulse;
    }

    /** Something was done; the act takes it back. */
    public record WoodDone(
            long actId, String sentence, long id, @Nullable String code) {}

    /** Collects or receives a lot. */
    @Transactional
    public WoodDone collect(LotEntry entry) {
        Variety variety = check(entry);
        refuse(entry);
        String code = nextCode(variety, entry.cutOn().getYear());
        String sentence = code + ": " + sticks(entry.sticks()) + " of " + variety.name();
        long act = acts.open(kind(), sentence);
        long id = write(
                entry, variety, code, act, entry.cutOn().equals(clock.today()) ? clock.now() : noon(entry.cutOn()));
        if (entry.shootsId() != null) {
            shoots.cut(entry.shootsId(), act);
        }
        return new WoodDone(act, sentence, id, code);
    }

    /** Writes a lot of the past without an undo of its own; for the demo. */
    @Transactional
    public long remember(LotEntry entry) {
        Variety variety = check(entry);
        return write(entry, variety, nextCode(variety, entry.cutOn().getYear()), null, noon(entry.cutOn()));
    }

    private long write(LotEntry entry, Variety variety, String code, @Nullable Long act, Instant cutAt) {
        String diameters = Objects.requireNonNullElse(entry.diametersMm(), List.<Double>of()).stream()
                .map(String::valueOf)
                .collect(Collectors.joining(" "));
        long id = mapper.insert(code, variety.id(), variety.speciesKey(), entry, cutAt, diameters, act);
        LocalDate put = Objects.requireNonNullElse(entry.receivedOn(), entry.cutOn());
        mapper.insertSpell(id, put, entry.storeId(), entry.wrapped(), act);
        LotBalance full = LotBalance.full(entry.sticks(), entry.budsPerStick());
        mapper.insertEntry(
                id, put, clock.now(), LedgerRow.LedgerKind.IN, full.sticks(), full.buds(), entry.cutBy(), "", act);
        changed();
        return id;
    }

    // A day's noon stands for the moment of what was written down later.
    static Instant noon(LocalDate day) {
        return day.atTime(12, 0).toInstant(ZoneOffset.UTC);
    }

    private static String sticks(int n) {
        return n == 1 ? "1 stick" : n + " sticks";
    }

    private String nextCode(Variety variety, int year) {
        String stem = Codes.graftStem(variety.letters(), year) + "W";
        Integer highest = mapper.highestNumber(stem);
        return Codes.lot(variety.letters(), year, highest == null ? 1 : highest + 1);
    }

    private Variety check(LotEntry entry) {
        if ((entry.plantId() == null) == (entry.sourceId() == null)) {
            throw FarmProblem.wrong(
                    "plantId",
                    entry.plantId(),
                    "a plant or a source",
                    "Say which plant it was cut from, or who it came from.");
        }
        LocalDate today = clock.today();
        if (entry.cutOn().isAfter(today)) {
            throw FarmProblem.wrong("cutOn", entry.cutOn(), "up to " + today, "It was cut after today.");
        }
        if (entry.receivedOn() != null
                && (entry.receivedOn().isBefore(entry.cutOn())
                        || entry.receivedOn().isAfter(today))) {
            throw FarmProblem.wrong(
                    "receivedOn",
                    entry.receivedOn(),
                    entry.cutOn() + " to " + today,
                    "It came before it was cut, or after today.");
        }
        for (Double mm : Objects.requireNonNullElse(entry.diametersMm(), List.<Double>of())) {
            if (!(mm >= LEAST_MM && mm <= MOST_MM)) {
                throw FarmProblem.wrong("diametersMm", mm, "0.5 to 60 mm", "No stick is " + mm + " mm thick.");
            }
        }
        stores.store(entry.storeId());
        return entry.plantId() == null ? fromOutside(entry) : fromPlant(entry, plants.plant(entry.plantId()));
    }

    private Variety fromPlant(LotEntry entry, Plant plant) {
        if (plant.startedOn() != null && entry.cutOn().isBefore(plant.startedOn())) {
            throw FarmProblem.wrong(
                    "cutOn",
                    entry.cutOn(),
                    "from " + plant.startedOn(),
                    plant.code() + " was only sown or planted on " + plant.startedOn()
                            + "; nothing was cut from it before.");
        }
        Long variety = entry.varietyId() != null ? entry.varietyId() : plant.varietyId();
        if (variety == null) {
            throw FarmProblem.wrong(
                    "varietyId", null, "a variety", plant.code() + " has no variety; say which wood it is.");
        }
        return places.variety(variety);
    }

    private Variety fromOutside(LotEntry entry) {
        if (entry.varietyId() == null) {
            throw FarmProblem.wrong("varietyId", null, "a variety", "Say which variety it is.");
        }
        if (sources.sources().stream().noneMatch(s -> s.key().equals("SOURCE-" + entry.sourceId()))) {
            throw FarmProblem.unknown("source", Objects.requireNonNull(entry.sourceId()));
        }
        return places.variety(entry.varietyId());
    }

    private void refuse(LotEntry entry) {
        Node from = entry.plantId() != null
                ? Node.plant(entry.plantId())
                : Node.source(Objects.requireNonNull(entry.sourceId()));
        String why = lineage.refusal(
                from, entry.plantId() != null ? plants.plant(entry.plantId()).code() : "This source");
        if (why != null) {
            throw FarmProblem.wrong(
                    entry.plantId() != null ? "plantId" : "sourceId",
                    from.key(),
                    "a clean source",
                    "No wood may be taken: " + why);
        }
    }

    /** What stops or warns where a lot is to be grafted. */
    public List<Finding> check(long lotId, long varietyId, LocalDate day, int grafts, boolean singleBuds) {
        LotRow lot = row(lotId);
        List<Finding> found = new java.util.ArrayList<>();
        String why = lineage.refusal(Node.lot(lotId), lot.code());
        if (why != null) {
            found.add(
                    Finding.refuses("held", "lotId", why.replaceAll("\\.$", ""), lot.code(), "a lot that is not held"));
        }
        if (lot.archived()) {
            found.add(Finding.refuses(
                    "archived", "lotId", lot.code() + " is archived", lot.code(), "a lot on the shelf"));
        }
        if (lot.varietyId() != varietyId) {
            found.add(Finding.refuses(
                    "lot-variety",
                    "lotId",
                    lot.code() + " is " + lot.varietyName() + ", not the variety chosen",
                    lot.varietyName(),
                    "wood of the variety grafted"));
        }
        if (day.isBefore(lot.cutOn())) {
            found.add(Finding.refuses(
                    "wood-after",
                    "madeOn",
                    lot.code() + " was cut after the graft was made",
                    day,
                    "from " + lot.cutOn()));
        }
        if (taken(lot.balance(), grafts, singleBuds).isEmpty()) {
            found.add(Finding.refuses("lot-short", "lotId", shortWords(lot, grafts, singleBuds), grafts, left(lot)));
        }
        if (lot.protectedRight()) {
            found.add(Finding.warns(
                    "lot-protected",
                    "lotId",
                    "wood of a protected variety may not be propagated without a licence",
                    lot.code(),
                    null));
        }
        return found;
    }

    private static Optional<LotBalance> taken(LotBalance balance, int n, boolean singleBuds) {
        return singleBuds ? balance.lessBuds(n) : balance.lessSticks(n);
    }

    private static String left(LotRow lot) {
        return sticks(lot.sticksLeft()) + ", " + lot.budsLeft() + " buds";
    }

    private static String shortWords(LotRow lot, int wanted, boolean singleBuds) {
        String want = singleBuds ? (wanted == 1 ? "1 bud" : wanted + " buds") : sticks(wanted);
        return lot.code() + " has " + left(lot) + " left; " + want + (wanted == 1 ? " is wanted" : " are wanted")
                + ". Somebody may just have taken them";
    }

    /** What a graft is told of its lot. */
    public record Used(String fromName, LocalDate cutOn, double lifeUsed) {}

    /** Takes wood for grafts within the caller's act; two who want the last stick are served one after the other. */
    @Transactional
    public Used use(
            long lotId, int grafts, boolean singleBuds, LocalDate day, @Nullable Long person, @Nullable Long act) {
        take(lotId, grafts, singleBuds, LedgerRow.LedgerKind.GRAFT, day, person, "", act);
        LotRow lot = row(lotId);
        return new Used(Objects.requireNonNullElse(lot.fromName(), ""), lot.cutOn(), keeping.used(lot, day));
    }

    private void take(
            long lotId,
            int n,
            boolean singleBuds,
            LedgerRow.LedgerKind kind,
            LocalDate day,
            @Nullable Long person,
            String remark,
            @Nullable Long act) {
        LotRow lot = mapper.locked(lotId);
        if (lot == null) {
            throw FarmProblem.unknown("lot", lotId);
        }
        LotBalance before = lot.balance();
        LotBalance after = taken(before, n, singleBuds)
                .orElseThrow(() -> FarmProblem.wrong("lotId", n, left(lot), shortWords(lot, n, singleBuds) + "."));
        mapper.setLeft(lotId, after);
        mapper.insertEntry(
                lotId,
                day,
                clock.now(),
                kind,
                after.sticks() - before.sticks(),
                after.buds() - before.buds(),
                person,
                remark,
                act);
        changed();
    }

    /** Sticks as discarded or given away. */
    public record TakeEntry(
            LedgerRow.LedgerKind kind,
            int sticks,
            @Nullable Long personId,

            @Nullable @jakarta.validation.constraints.Size(max = 400, message = "is at most 400 characters")
            String remark) {}

    /** Discards sticks or gives them away. */
    @Transactional
    public WoodDone takeOut(long lotId, TakeEntry entry) {
        if (entry.sticks() < 1) {
            throw FarmProblem.wrong(
                    "sticks", entry.sticks(), "a whole number from 1", "Say how many sticks, at least one.");
        }
        boolean given = entry.kind() == LedgerRow.LedgerKind.GIVEN;
        if (!given && entry.kind() != LedgerRow.LedgerKind.DISCARD) {
            throw FarmProblem.wrong(
                    "kind", entry.kind(), "DISCARD or GIVEN", "Sticks are discarded or given away here.");
        }
        LotRow lot = row(lotId);
        String why = given ? lineage.refusal(Node.lot(lotId), lot.code()) : null;
        if (why != null) {
            throw FarmProblem.wrong("lotId", lot.code(), "a lot that is not held", why);
        }
        String sentence = sticks(entry.sticks()) + " of " + lot.code() + (given ? " given away" : " discarded");
        long act = acts.open(kind(), sentence);
        take(
                lotId,
                entry.sticks(),
                false,
                entry.kind(),
                clock.today(),
                entry.personId(),
                Objects.requireNonNullElse(entry.remark(), ""),
                act);
        return new WoodDone(act, sentence, lotId, lot.code());
    }

    /** Throws away what a past session left over, without an undo of its own; for the demo. */
    @Transactional
    public void rememberDiscard(long lotId, LocalDate day, long person) {
        int left = row(lotId).sticksLeft();
        if (left > 0) {
            take(lotId, left, false, LedgerRow.LedgerKind.DISCARD, day, person, "left over", null);
        }
    }

    /** Moves a lot to another store, or wraps or unwraps it, from a day on. */
    @Transactional
    public WoodDone move(long lotId, long storeId, boolean wrapped, @Nullable LocalDate from) {
        LotRow lot = row(lotId);
        LocalDate day = Objects.requireNonNullElse(from, clock.today());
        if (day.isBefore(lot.cutOn()) || day.isAfter(clock.today())) {
            throw FarmProblem.wrong(
                    "fromDay", day, lot.cutOn() + " to " + clock.today(), "It cannot have been moved on that day.");
        }
        String sentence =
                lot.code() + " to " + stores.store(storeId).name() + (wrapped ? ", wrapped" : ", not wrapped");
        long act = acts.open(kind(), sentence);
        mapper.endSpellsFrom(lotId, day, act);
        mapper.insertSpell(lotId, day, storeId, wrapped, act);
        changed();
        return new WoodDone(act, sentence, lotId, lot.code());
    }

    /** Writes a move of the past without an undo of its own; for the demo. */
    @Transactional
    public void rememberMove(long lotId, long storeId, boolean wrapped, LocalDate day) {
        mapper.insertSpell(lotId, day, storeId, wrapped, null);
        changed();
    }

    /** Takes a lot off the shelf; its trace stays. */
    @Transactional
    public WoodDone archive(long lotId) {
        LotRow lot = row(lotId);
        long act = acts.open(kind(), lot.code() + " archived; its trace stays");
        if (mapper.archive(lotId, act) == 0) {
            throw FarmProblem.conflict(lot.code() + " was archived already.");
        }
        changed();
        return new WoodDone(act, lot.code() + " archived; its trace stays", lotId, lot.code());
    }

    /** Deletes a lot written down by mistake; refused where anything came of it. */
    @Transactional
    public void delete(long lotId) {
        LotRow lot = row(lotId);
        if (lineage.hasOffspring(Node.lot(lotId))) {
            throw FarmProblem.conflict(
                    "Grafts were made from " + lot.code() + ", so it cannot be deleted. Archive it: its trace stays.");
        }
        if (lineage.heldWords(Node.lot(lotId)) != null) {
            throw FarmProblem.conflict(
                    lot.code() + " is held, so its trace must stay. Archive it once it is released.");
        }
        mapper.delete(lotId);
        changed();
    }

    LotRow row(long lotId) {
        return mapper.byIds(List.of(lotId)).stream().findFirst().orElseThrow(() -> FarmProblem.unknown("lot", lotId));
    }

    /** A lot found by its code or variety. */
    public record LotFound(String code, String words) {}

    /** Lots whose code or variety holds a text, newest first. */
    public List<LotFound> found(String text, int limit) {
        return mapper.lots(true, "%" + text.strip().toLowerCase(Locale.ROOT) + "%", limit).stream()
                .map(lot ->
                        new LotFound(lot.code(), lot.varietyName() + ", " + left(lot) + " left, cut " + lot.cutOn()))
                .toList();
    }

    /** The id of a lot by its code. */
    public long idOf(String code) {
        Long id = mapper.idOfCode(code.toUpperCase(Locale.ROOT));
        if (id == null) {
            throw FarmProblem.unknown("lot", code);
        }
        return id;
    }

    private void changed() {
        pulse.beat();
        lineage.changed();
    }

    /** Gives back what an act took, whichever feature it was of. */
    @Transactional
    public void giveBack(long actId) {
        List<Long> touched = mapper.touchedByAct(actId);
        mapper.deleteEntriesOfAct(actId);
        touched.forEach(mapper::sumLeft);
        changed();
    }

    @Override
    public String kind() {
        return "lots";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        for (long lot : mapper.lotsOfAct(actId)) {
            if (mapper.otherEntries(lot, actId) > 0 || lineage.hasOffspring(Node.lot(lot))) {
                throw FarmProblem.conflict("Wood of this lot has been used since. Take that back first.");
            }
        }
        shoots.uncut(actId);
        mapper.deleteSpellsOfAct(actId);
        mapper.bringBackSpellsOfAct(actId);
        mapper.bringBackOfAct(actId);
        List<Long> gone = mapper.lotsOfAct(actId);
        gone.forEach(mapper::delete);
        giveBack(actId);
    }
}
