package baylantern.app.season;

import baylantern.app.platform.EachAlone;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.season.window.GraftWindow;
import baylantern.core.season.window.Lamp;
import baylantern.core.season.window.Meeting;
import baylantern.core.season.window.Standing;
import baylantern.core.season.window.WindowDay;
import baylantern.core.season.window.WindowFinder;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lamps and windows. */
@RestController
@RequestMapping("/api/windows")
class WindowController {

    private final WindowService windows;
    private final FarmClock clock;

    WindowController(WindowService windows, FarmClock clock) {
        this.windows = windows;
        this.clock = clock;
    }

    /** A pairing as a lamp: how it stands, why, the windows to come, and what pinching would do. */
    record PairingView(
            @JsonUnwrapped Names names,
            Standing standing,
            Lamp lamp,
            @Nullable GraftWindow window,
            List<GraftWindow> windows,
            WindowFinder.@Nullable Offer offer) {

        /** What is paired. */
        record Names(
                long spotId,
                String spotName,
                String stockSpecies,
                long varietyId,
                String varietyName,
                String woodSpecies) {}
    }

    /** Every pairing, or the best of each species; with sentences of those that cannot be reckoned. */
    record Pairings(LocalDate today, List<PairingView> pairings, List<String> notReckoned) {}

    @Needs(Role.GUEST)
    @GetMapping("/lamps")
    Pairings lamps() {
        return pairings(windows.leading().then(this::view, WindowService.Named::lamp));
    }

    @Needs(Role.GUEST)
    @GetMapping
    Pairings all(@RequestParam(defaultValue = "false") boolean slipping) {
        WindowService.Bark bark = slipping ? WindowService.Bark.MUST_SLIP : WindowService.Bark.ANY;
        return pairings(EachAlone.of(windows.pairings(bark), this::view, WindowService.Named::lamp));
    }

    private Pairings pairings(EachAlone<PairingView> each) {
        return new Pairings(clock.today(), each.done(), each.failed());
    }

    private PairingView view(WindowService.Named named) {
        WindowFinder.Found found = windows.find(named.pair());
        return new PairingView(
                new PairingView.Names(
                        named.pair().spotId(),
                        named.spotName(),
                        named.pair().stockSpecies(),
                        named.pair().varietyId(),
                        named.varietyName(),
                        named.woodSpecies()),
                windows.standing(named.pair()),
                found.lamp(),
                Standing.window(found, clock.today()).orElse(null),
                found.windows(),
                found.offer());
    }

    @Needs(Role.GUEST)
    @GetMapping("/days")
    List<WindowDay> days(
            @RequestParam long spotId,
            @RequestParam String stockSpecies,
            @RequestParam long varietyId,
            @RequestParam(defaultValue = "false") boolean slipping) {
        return windows.find(new WindowService.Pair(spotId, stockSpecies, varietyId, slipping))
                .days();
    }

    @Needs(Role.GUEST)
    @GetMapping("/meeting")
    Meeting meeting(
            @RequestParam long spotId,
            @RequestParam String stockSpecies,
            @RequestParam long varietyId,
            @RequestParam(defaultValue = "false") boolean slipping) {
        return windows.meeting(new WindowService.Pair(spotId, stockSpecies, varietyId, slipping));
    }
}
