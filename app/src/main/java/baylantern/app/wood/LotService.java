package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.place.GivenCodes;
import baylantern.app.place.NumberService;
import baylantern.app.place.Variety;
import baylantern.app.place.VarietyUse;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.MergeService;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.Node;
import baylantern.core.place.Codes;
import baylantern.core.wood.LotBalance;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lots of wood: collected or received, moved between stores, archived. */
@Service
public class LotService implements Undoer, VarietyUse, GivenCodes {

    static final String KIND = "lots";

    private final LotMapper mapper;
    private final LotChecks checks;
    private final LotLedger ledger;
    private final StoreService stores;
    private final ShootService shoots;
    private final LineageService lineage;
    private final ActService acts;
    private final FarmClock clock;

    private final TrailService trail;
    private final MergeService merges;
    private final NumberService numbers;

    LotService(
            LotMapper mapper,
            LotChecks checks,
            LotLedger ledger,
            StoreService stores,
            ShootService shoots,
            LineageService lineage,
            ActService acts,
            FarmClock clock,
            TrailService trail,
            MergeService merges,
            NumberService numbers) {
        this.numbers = numbers;
        this.merges = merges;
        this.trail = trail;
        this.mapper = mapper;
        this.checks = checks;
        this.ledger = ledger;
        this.stores = stores;
        this.shoots = shoots;
        this.lineage = lineage;
        this.acts = acts;
        this.clock = clock;
    }

    /** Collects or receives a lot. */
    @Transactional
    public WoodDone collect(LotEntry entry) {
        Variety variety = checks.check(entry);
        checks.refuse(entry);
        String code = nextCode(variety, entry.cutOn().getYear());
        String sentence = code + ": " + LotLedger.sticks(entry.sticks()) + " of " + variety.name();
        long act = acts.open(kind(), sentence);
        long id = write(entry, variety, code, act, clock.moment(entry.cutOn()));
        if (entry.shootsId() != null) {
            shoots.cut(entry.shootsId(), act);
        }
        return new WoodDone(act, sentence, id, code);
    }

    long write(LotEntry entry, Variety variety, String code, @Nullable Long act, Instant cutAt) {
        String diameters = Objects.requireNonNullElse(entry.diametersMm(), List.<Double>of()).stream()
                .map(String::valueOf)
                .collect(Collectors.joining(" "));
        long id = mapper.insert(code, variety.id(), variety.speciesKey(), entry, cutAt, diameters, act);
        LocalDate put = Objects.requireNonNullElse(entry.receivedOn(), entry.cutOn());
        Rows.one(mapper.insertSpell(id, put, entry.storeId(), entry.wrapped(), act));
        LotBalance full = LotBalance.full(entry.sticks(), entry.budsPerStick());
        Rows.one(mapper.insertEntry(
                id, put, clock.now(), LedgerRow.LedgerKind.IN, full.sticks(), full.buds(), entry.cutBy(), "", act));
        return id;
    }

    String nextCode(Variety variety, int year) {
        String stem = Codes.graftStem(variety.letters(), year) + "W";
        return Codes.lot(variety.letters(), year, numbers.give(stem, 1));
    }

    @Override
    public List<String> codes() {
        return mapper.codes();
    }

    /** Moves a lot to another store, or wraps or unwraps it, from a day on. */
    @Transactional
    public WoodDone move(long lotId, long storeId, boolean wrapped, @Nullable LocalDate from) {
        LotRow lot = mapper.existing(lotId);
        LocalDate day = Objects.requireNonNullElse(from, clock.today());
        if (day.isBefore(lot.cutOn()) || day.isAfter(clock.today())) {
            throw FarmProblem.wrong(
                    "fromDay", day, lot.cutOn() + " to " + clock.today(), "It cannot have been moved on that day.");
        }
        String sentence =
                lot.code() + " to " + stores.store(storeId).name() + (wrapped ? ", wrapped" : ", not wrapped");
        long act = acts.open(kind(), sentence);
        Rows.any(mapper.endSpellsOn(lotId, day, act));
        Rows.one(mapper.insertSpell(lotId, day, storeId, wrapped, act));
        return new WoodDone(act, sentence, lotId, lot.code());
    }

    /** Takes a lot off the shelf; its trace stays. */
    @Transactional
    public WoodDone archive(long lotId) {
        LotRow lot = mapper.existing(lotId);
        long act = acts.open(kind(), lot.code() + " archived; its trace stays");
        Rows.oneOr(mapper.archive(lotId, act), FarmProblem.conflict(lot.code() + " was archived already."));
        return new WoodDone(act, lot.code() + " archived; its trace stays", lotId, lot.code());
    }

    /** Deletes a lot written down by mistake; refused where anything came of it. */
    @Transactional
    public void delete(long lotId) {
        LotRow lot = mapper.existing(lotId);
        if (lineage.hasOffspring(Node.lot(lotId))) {
            throw FarmProblem.conflict(
                    "Grafts were made from " + lot.code() + ", so it cannot be deleted. Archive it: its trace stays.");
        }
        if (ledger.of(lotId).size() > 1) {
            throw FarmProblem.conflict(
                    "Sticks of " + lot.code() + " went out, so its trace must stay. Archive it instead.");
        }
        if (lineage.heldWords(Node.lot(lotId)) != null) {
            throw FarmProblem.conflict(lot.code() + " is held, so its trace must stay. Archive it instead.");
        }
        trail.follow(lot.code() + ", written by mistake, deleted");
        Rows.one(mapper.delete(lotId));
    }

    @Override
    @Transactional
    public void speciesPutRight(long varietyId, String speciesKey) {
        Rows.any(mapper.putSpeciesRight(varietyId, speciesKey));
    }

    /** Makes two lots of one variety one: what came in and went out of both is added up, stored as the second is. */
    @Transactional
    public WoodDone same(long lotId, long as) {
        LotRow one = mapper.existing(lotId);
        LotRow other = mapper.existing(as);
        if (one.varietyId() != other.varietyId()) {
            throw FarmProblem.wrong(
                    "as", other.code(), "a lot of " + one.varietyName(), other.code() + " is of another variety.");
        }
        String sentence = one.code() + " is the same as " + other.code();
        long act = trail.follow(sentence);
        Rows.any(mapper.deleteSpells(lotId));
        Rows.one(mapper.addIn(as, one.sticksIn()));
        merges.into("wood_lot", "LOT", lotId, as);
        Rows.one(mapper.sumLeft(as));
        return new WoodDone(act, sentence, as, other.code());
    }

    /** A lot found by its code or variety. */
    public record LotFound(String code, String words) {}

    /** Lots whose code or variety holds a text, newest first. */
    public List<LotFound> found(String text, int limit) {
        return mapper.lots(LotMapper.Which.ALL, "%" + text.strip().toLowerCase(Locale.ROOT) + "%", limit).stream()
                .map(lot -> new LotFound(
                        lot.code(), lot.varietyName() + ", " + LotLedger.left(lot) + " left, cut " + lot.cutOn()))
                .toList();
    }

    /** The lot with this code; throws where there is none. */
    LotRow byCode(String code) {
        Long id = mapper.idOfCode(code.toUpperCase(Locale.ROOT));
        if (id == null) {
            throw FarmProblem.unknown("lot", code);
        }
        return mapper.existing(id);
    }

    /** How many lots lie on the shelf. */
    public int count() {
        return mapper.countOnShelf();
    }

    @Override
    public String kind() {
        return KIND;
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
        Rows.any(mapper.deleteSpellsOfAct(actId));
        Rows.any(mapper.bringBackSpellsOfAct(actId));
        Rows.any(mapper.bringBackOfAct(actId));
        List<Long> gone = mapper.lotsOfAct(actId);
        gone.forEach(lot -> Rows.one(mapper.delete(lot)));
        ledger.giveBack(actId);
    }
}
