package baylantern.app.wood;

import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Rows;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.LotBalance;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was so before the farm began to keep its records here: written as it was, on the days it was, without an act that
 * could be taken back.
 */
@Service
@Transactional
public class WoodHistory {

    private final StoreMapper stores;
    private final StoreService thermometers;
    private final LotMapper lots;
    private final LotService newLots;
    private final LotChecks lotChecks;
    private final LotLedger ledger;
    private final WorkMapper work;
    private final CheckService checks;
    private final CleanService cleaning;
    private final ShootService shoots;
    private final FarmClock clock;

    WoodHistory(
            StoreMapper stores,
            StoreService thermometers,
            LotMapper lots,
            LotService newLots,
            LotChecks lotChecks,
            LotLedger ledger,
            WorkMapper work,
            CheckService checks,
            CleanService cleaning,
            ShootService shoots,
            FarmClock clock) {
        this.stores = stores;
        this.thermometers = thermometers;
        this.lots = lots;
        this.newLots = newLots;
        this.lotChecks = lotChecks;
        this.ledger = ledger;
        this.work = work;
        this.checks = checks;
        this.cleaning = cleaning;
        this.shoots = shoots;
        this.clock = clock;
    }

    /** A store, its logger on since a day or, where null, without one. */
    public long store(String name, KeepMethod method, @Nullable Double setC, @Nullable LocalDate loggedFrom) {
        long id = stores.insert(name, method.name(), setC, null);
        if (loggedFrom != null) {
            Rows.one(stores.setLogger(id, id));
            thermometers.fetch(thermometers.store(id), loggedFrom.atStartOfDay());
        }
        return id;
    }

    /** A lot cut on a past day. */
    public long lot(LotEntry entry) {
        Variety variety = lotChecks.check(entry);
        String code = newLots.nextCode(variety, entry.cutOn().getYear());
        return newLots.write(entry, variety, code, null, clock.moment(entry.cutOn()));
    }

    /** What a past session left over of a lot, thrown away. */
    public void discard(long lotId, LocalDate day, long person) {
        int left = lots.existing(lotId).sticksLeft();
        if (left > 0) {
            ledger.take(
                    lotId, left, LotBalance.Unit.STICK, LedgerRow.LedgerKind.DISCARD, day, person, "left over", null);
        }
    }

    /** A stick judged on a past day. */
    public void check(CheckService.CheckEntry entry, LocalDate day) {
        checks.grade(entry);
        checks.write(entry, day, null);
    }

    /** A blade cleaned at a past moment. */
    public void cleaned(long personId, Instant at, LocalDate day, CleanService.Occasion occasion) {
        Rows.one(work.insertCleaning(personId, at, day, null, occasion.name(), null));
    }

    /** A cleaning mixture made at a past moment. */
    public void mixed(CleanService.MixEntry entry, Instant at) {
        Instant until = at.plus(Duration.ofHours((long) cleaning.hours(entry.agent())));
        Rows.made(work.insertMix(entry, cleaning.wantedPct(entry), at, until, null));
    }

    /** Shoots pinched on a past day. */
    public void shoots(ShootService.ShootEntry entry) {
        shoots.check(entry);
        Rows.made(work.insertShoots(entry, null));
    }
}
