package baylantern.app.wood;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pinched shoots, cleaning, and what of the wood Today must say. */
@RestController
@RequestMapping("/api")
class ShootController {

    private final ShootService shoots;
    private final CleanService cleaning;
    private final LotDesk desk;
    private final FarmClock clock;

    ShootController(ShootService shoots, CleanService cleaning, LotDesk desk, FarmClock clock) {
        this.shoots = shoots;
        this.cleaning = cleaning;
        this.desk = desk;
        this.clock = clock;
    }

    @Needs(Role.GUEST)
    @GetMapping("/shoots")
    List<ShootService.ShootView> shoots() {
        return shoots.shoots();
    }

    @Needs(Role.HAND)
    @PostMapping("/shoots")
    WoodDone pinch(@Valid @RequestBody ShootService.ShootEntry entry) {
        return shoots.pinch(entry);
    }

    @Needs(Role.HAND)
    @DeleteMapping("/shoots/{id}")
    WoodDone giveUp(@PathVariable long id) {
        return shoots.giveUp(id);
    }

    @Needs(Role.GUEST)
    @GetMapping("/cleaning")
    CleanService.CleanView cleaning() {
        return cleaning.view();
    }

    @Needs(Role.GUEST)
    @PostMapping("/cleaning/plan")
    CleanService.MixPlan plan(@Valid @RequestBody CleanService.MixEntry entry) {
        return cleaning.plan(entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/cleaning/mixes")
    WoodDone mixed(@Valid @RequestBody CleanService.MixEntry entry) {
        return cleaning.mixed(entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/cleaning")
    CleanService.Cleaned cleaned(@Valid @RequestBody CleanService.CleaningEntry entry) {
        return cleaning.cleaned(entry);
    }

    /** What of the wood Today says: lots that run out, shoots to look at. */
    record WoodToday(LocalDate today, List<LotView> runningOut, List<ShootService.ShootView> shoots) {}

    @Needs(Role.GUEST)
    @GetMapping("/wood-today")
    WoodToday today() {
        return new WoodToday(
                clock.today(),
                desk.shelf().stream()
                        .filter(l ->
                                l.refusal() == null && l.freshness().toLast().mid() > 0 && l.runsOut())
                        .toList(),
                shoots.shoots().stream()
                        .filter(s -> s.conditioning().phase() != baylantern.core.wood.Conditioning.Phase.ASLEEP)
                        .toList());
    }
}
