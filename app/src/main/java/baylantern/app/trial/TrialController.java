package baylantern.app.trial;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.rules.Rulebook;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Two ways set against each other. */
@RestController
@RequestMapping("/api/trials")
class TrialController {

    private final TrialService trials;
    private final ReadingService readings;
    private final TrialAspects aspects;
    private final Rulebook rules;

    TrialController(TrialService trials, ReadingService readings, TrialAspects aspects, Rulebook rules) {
        this.trials = trials;
        this.readings = readings;
        this.aspects = aspects;
        this.rules = rules;
    }

    @Needs(Role.GUEST)
    @GetMapping
    List<ReadingService.TrialView> all() {
        return readings.all();
    }

    /** What can be tried in grafts of a species. */
    @Needs(Role.GUEST)
    @GetMapping("/aspects")
    List<TrialAspects.AspectChoice> aspects(@RequestParam String species) {
        return aspects.of(rules.species(species).orElseThrow(() -> FarmProblem.unknown("species", species)));
    }

    @Needs(Role.GUEST)
    @GetMapping("/{id}/grafts")
    List<ReadingService.TrialGraft> grafts(@PathVariable long id) {
        return readings.grafts(id);
    }

    @Needs(Role.OWNER)
    @PostMapping("/try")
    TrialService.Tried tried(@Valid @RequestBody TrialEntry entry) {
        return trials.tried(entry);
    }

    @Needs(Role.OWNER)
    @PostMapping
    TrialService.TrialDone begin(@Valid @RequestBody TrialEntry entry) {
        return trials.begin(entry);
    }

    @Needs(Role.OWNER)
    @PostMapping("/{id}/reading")
    TrialService.TrialDone read(@PathVariable long id) {
        return readings.read(id);
    }

    @Needs(Role.OWNER)
    @PostMapping("/{id}/giving-up")
    TrialService.TrialDone giveUp(@PathVariable long id) {
        return trials.giveUp(id);
    }
}
