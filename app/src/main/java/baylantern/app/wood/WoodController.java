package baylantern.app.wood;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.rules.Quantity;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.StoreTable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lots and the stores they lie in. */
@RestController
@RequestMapping("/api")
class WoodController {

    private static final int MOST_BYTES = 8 * 1024 * 1024;

    private final LotService lots;
    private final LotDesk desk;
    private final CheckService checks;
    private final StoreService stores;
    private final SupplyService supply;
    private final LotLedger ledger;
    private final Calliper calliper;
    private final FarmClock clock;
    private final LoneLooks alone;

    WoodController(
            LotService lots,
            LotDesk desk,
            CheckService checks,
            StoreService stores,
            SupplyService supply,
            LotLedger ledger,
            Calliper calliper,
            FarmClock clock,
            LoneLooks alone) {
        this.alone = alone;
        this.lots = lots;
        this.desk = desk;
        this.checks = checks;
        this.stores = stores;
        this.supply = supply;
        this.ledger = ledger;
        this.calliper = calliper;
        this.clock = clock;
    }

    /** The lots on the shelf, use-first. */
    record ShelfView(LocalDate today, List<LotView> lots) {}

    @Needs(Role.GUEST)
    @GetMapping("/lots")
    ShelfView shelf(@RequestParam(required = false) @Nullable String search) {
        return new ShelfView(clock.today(), search == null || search.isBlank() ? desk.shelf() : desk.archive(search));
    }

    /** One lot with everything known of it. */
    record LotSheet(LotView lot, List<LedgerRow> ledger, List<CheckService.CheckView> checks) {}

    @Needs(Role.GUEST)
    @GetMapping("/lots/{code}")
    LotSheet sheet(@PathVariable String code) {
        LotRow row = lots.byCode(code);
        return new LotSheet(
                desk.view(row), ledger.of(row.id()), checks.ofLots(List.of(row)).getOrDefault(row.id(), List.of()));
    }

    @Needs(Role.HAND)
    @PostMapping("/lots")
    WoodDone collect(@Valid @RequestBody LotEntry entry) {
        return lots.collect(entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/lots/{id}/out")
    WoodDone takeOut(@PathVariable long id, @Valid @RequestBody LotLedger.TakeEntry entry) {
        return ledger.takeOut(id, entry);
    }

    /** To another store, or wrapped otherwise; from today on unless said. */
    record LotMove(long storeId, boolean wrapped, @Nullable LocalDate fromDay) {}

    @Needs(Role.HAND)
    @PutMapping("/lots/{id}/store")
    WoodDone move(@PathVariable long id, @RequestBody LotMove entry) {
        return lots.move(id, entry.storeId(), entry.wrapped(), entry.fromDay());
    }

    @Needs(Role.HAND)
    @PostMapping("/lots/{id}/archive")
    WoodDone archive(@PathVariable long id) {
        return lots.archive(id);
    }

    @Needs(Role.HAND)
    @DeleteMapping("/lots/{id}")
    void delete(@PathVariable long id) {
        lots.delete(id);
    }

    /** The lot a lot turned out to be. */
    record SameLot(long as) {}

    @Needs(Role.OWNER)
    @PostMapping("/lots/{id}/same")
    WoodDone sameLot(@PathVariable long id, @RequestBody SameLot entry) {
        return lots.same(id, entry.as());
    }

    /** What each single look at a stick means, for a device without contact. */
    @Needs(Role.GUEST)
    @GetMapping("/stick-checks/looks")
    LoneLooks.StickTable looks(@RequestParam String speciesKey, @RequestParam boolean cut) {
        return alone.of(speciesKey, cut);
    }

    @Needs(Role.GUEST)
    @PostMapping("/stick-checks/judge")
    CheckService.Checked judge(@Valid @RequestBody CheckService.CheckEntry entry) {
        return checks.judge(entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/stick-checks")
    CheckService.Checked keep(@Valid @RequestBody CheckService.CheckEntry entry) {
        return checks.keep(entry);
    }

    @Needs(Role.GUEST)
    @GetMapping("/stick-checks")
    List<CheckService.CheckView> onTrees() {
        return checks.onTrees();
    }

    /** A diameter between the calliper's jaws, in mm. */
    record CalliperReading(double mm) {}

    @Needs(Role.GUEST)
    @GetMapping("/calliper")
    CalliperReading calliper(@RequestParam(required = false) @Nullable Double jawsMm) {
        if (jawsMm != null) {
            if (!(jawsMm >= 2 && jawsMm <= 150)) {
                throw FarmProblem.wrong(
                        "jawsMm",
                        Quantity.mm(jawsMm),
                        Quantity.mm(2, 150),
                        "The calliper opens from " + Quantity.mm(2, 150) + ".");
            }
            calliper.closeOn(jawsMm);
        }
        return new CalliperReading(calliper.readMm());
    }

    @Needs(Role.GUEST)
    @GetMapping("/stores")
    List<StoreService.StoreView> stores() {
        return stores.stores();
    }

    /** A store as entered; setC is what it is set to, in °C. */
    record StoreEntry(
            @NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters")
            String name,

            @NotNull(message = "needs its sort") KeepMethod method,
            @Nullable Double setC) {}

    @Needs(Role.OWNER)
    @PostMapping("/stores")
    WoodDone addStore(@Valid @RequestBody StoreEntry entry) {
        return stores.add(entry.name(), entry.method(), entry.setC());
    }

    /** Whether the simulated thermometer is on. */
    record LoggerSwitch(boolean on) {}

    @Needs(Role.HAND)
    @PutMapping("/stores/{id}/logger")
    void logger(@PathVariable long id, @RequestBody LoggerSwitch entry) {
        stores.logger(id, entry.on());
    }

    @Needs(Role.HAND)
    @PostMapping(path = "/stores/{id}/log", consumes = "application/octet-stream")
    StoreService.LogBrought bring(
            @PathVariable long id,
            @RequestBody byte[] file,
            @RequestParam(required = false) StoreService.@Nullable LogUnit unit) {
        if (file.length > MOST_BYTES) {
            throw FarmProblem.tooLarge("The file is larger than 8 MB.");
        }
        try {
            return stores.bring(id, StoreTable.ofCsv(new String(file, StandardCharsets.UTF_8)), unit);
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("file", file.length + " bytes", "time,temp", String.valueOf(e.getMessage()));
        }
    }

    @Needs(Role.GUEST)
    @GetMapping("/supply")
    SupplyService.SupplyView supply() {
        return supply.supply();
    }
}
