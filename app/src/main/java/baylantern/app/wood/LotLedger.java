package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Finding;
import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every stick that goes out of a lot. What is left is the sum of the entries and never less than nothing. */
@Service
public class LotLedger {

    private final LotMapper mapper;
    private final LotKeeping keeping;
    private final LineageService lineage;
    private final ActService acts;
    private final FarmClock clock;

    LotLedger(LotMapper mapper, LotKeeping keeping, LineageService lineage, ActService acts, FarmClock clock) {
        this.mapper = mapper;
        this.keeping = keeping;
        this.lineage = lineage;
        this.acts = acts;
        this.clock = clock;
    }

    /** The entries of a lot, oldest first. */
    List<LedgerRow> of(long lotId) {
        return mapper.ledger(lotId);
    }

    /** What stops or warns where a lot is to be grafted. */
    public List<Finding> check(long lotId, long varietyId, LocalDate day, int grafts, LotBalance.Unit unit) {
        LotRow lot = mapper.existing(lotId);
        List<Finding> found = new ArrayList<>();
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
        if (lot.balance().less(grafts, unit).isEmpty()) {
            found.add(Finding.refuses("lot-short", "lotId", shortWords(lot, grafts, unit), grafts, left(lot)));
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

    static String left(LotRow lot) {
        return sticks(lot.sticksLeft()) + ", " + lot.budsLeft() + " buds";
    }

    private static String shortWords(LotRow lot, int wanted, LotBalance.Unit unit) {
        String want = unit == LotBalance.Unit.BUD ? (wanted == 1 ? "1 bud" : wanted + " buds") : sticks(wanted);
        return lot.code() + " has " + left(lot) + " left; " + want + (wanted == 1 ? " is wanted" : " are wanted")
                + ". Somebody may just have taken them";
    }

    /** What a graft is told of its lot. */
    public record Used(String fromName, LocalDate cutOn, double lifeUsed) {}

    /** Takes wood for grafts within the caller's act; two who want the last stick are served one after the other. */
    @Transactional
    public Used use(
            long lotId, int grafts, LotBalance.Unit unit, LocalDate day, @Nullable Long person, @Nullable Long act) {
        take(lotId, grafts, unit, LedgerRow.LedgerKind.GRAFT, day, person, "", act);
        LotRow lot = mapper.existing(lotId);
        return new Used(Objects.requireNonNullElse(lot.fromName(), ""), lot.cutOn(), keeping.used(lot, day));
    }

    /** The share of its life a lot had used by a day. */
    @Transactional(readOnly = true)
    public double usedBy(long lotId, LocalDate day) {
        return keeping.used(mapper.existing(lotId), day);
    }

    /** Gives back to a lot what a graft was wrongly said to have taken of it, as a part of an act. */
    @Transactional
    public void back(long lotId, LotBalance.Unit unit, LocalDate day, long act) {
        LotBalance before = mapper.existing(lotId).balance();
        LotBalance after = before.withOneBack(unit);
        Rows.one(mapper.setLeft(lotId, after));
        Said said = new Said(day, null, "given back: the graft was put right", act);
        write(lotId, LedgerRow.LedgerKind.GRAFT, Part.between(before, after), said);
    }

    /** Writes what a graft took of a lot under another day, as a part of an act; what is left stays. */
    @Transactional
    public void anotherDay(long lotId, LotBalance.Unit unit, LocalDate from, LocalDate to, long act) {
        LotBalance left = mapper.existing(lotId).balance();
        LotBalance back = left.withOneBack(unit);
        Said was = new Said(from, null, "not on this day: the graft was put right", act);
        write(lotId, LedgerRow.LedgerKind.GRAFT, Part.between(left, back), was);
        Said is = new Said(to, null, "on this day: the graft was put right", act);
        write(lotId, LedgerRow.LedgerKind.GRAFT, Part.between(back, left), is);
    }

    /** What goes out of a lot, under 0, or comes back. */
    private record Part(int sticks, int buds) {

        static Part between(LotBalance before, LotBalance after) {
            return new Part(after.sticks() - before.sticks(), after.buds() - before.buds());
        }
    }

    /** The day of an entry, whose it is, what is said of it, and the act it belongs to. */
    private record Said(
            LocalDate day,
            @Nullable Long person,
            String remark,
            @Nullable Long act) {}

    private void write(long lotId, LedgerRow.LedgerKind kind, Part part, Said said) {
        Rows.one(mapper.insertEntry(
                lotId,
                said.day(),
                clock.now(),
                kind,
                part.sticks(),
                part.buds(),
                said.person(),
                said.remark(),
                said.act()));
    }

    /** The code of a lot; throws where there is none. */
    public String codeOf(long lotId) {
        return mapper.existing(lotId).code();
    }

    void take(
            long lotId,
            int n,
            LotBalance.Unit unit,
            LedgerRow.LedgerKind kind,
            LocalDate day,
            @Nullable Long person,
            String remark,
            @Nullable Long act) {
        LotRow lot = mapper.existing(lotId);
        LotBalance before = lot.balance();
        LotBalance after = before.less(n, unit)
                .orElseThrow(() -> FarmProblem.wrong("lotId", n, left(lot), shortWords(lot, n, unit) + "."));
        Rows.one(mapper.setLeft(lotId, after));
        write(lotId, kind, Part.between(before, after), new Said(day, person, remark, act));
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
        LotRow lot = mapper.existing(lotId);
        String why = given ? lineage.refusal(Node.lot(lotId), lot.code()) : null;
        if (why != null) {
            throw FarmProblem.wrong("lotId", lot.code(), "a lot that is not held", why);
        }
        String sentence = sticks(entry.sticks()) + " of " + lot.code() + (given ? " given away" : " discarded");
        long act = acts.open(LotService.KIND, sentence);
        take(
                lotId,
                entry.sticks(),
                LotBalance.Unit.STICK,
                entry.kind(),
                clock.today(),
                entry.personId(),
                Objects.requireNonNullElse(entry.remark(), ""),
                act);
        return new WoodDone(act, sentence, lotId, lot.code());
    }

    static String sticks(int n) {
        return n == 1 ? "1 stick" : n + " sticks";
    }

    /** Gives back what an act took, whichever feature it was of. */
    @Transactional
    public void giveBack(long actId) {
        List<Long> touched = mapper.touchedByAct(actId);
        Rows.any(mapper.deleteEntriesOfAct(actId));
        touched.forEach(lot -> Rows.one(mapper.sumLeft(lot)));
    }
}
