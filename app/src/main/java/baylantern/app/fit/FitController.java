package baylantern.app.fit;

import baylantern.app.bench.BenchService;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.fit.Round;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.choice.TechniqueChoice;
import baylantern.core.fit.limb.LimbPlan.TreeSchool;
import baylantern.core.rules.Rulebook;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The Fit station. */
@RestController
@RequestMapping("/api/fit")
class FitController {

    private final FitService fits;
    private final StemService stems;
    private final CaseService cases;
    private final PairDesk pairs;
    private final ListService lists;
    private final LimbService limbs;
    private final Rulebook rules;
    private final TechniqueChoice choice;

    FitController(
            FitService fits,
            StemService stems,
            CaseService cases,
            PairDesk pairs,
            ListService lists,
            LimbService limbs,
            Rulebook rules) {
        this.fits = fits;
        this.stems = stems;
        this.cases = cases;
        this.pairs = pairs;
        this.lists = lists;
        this.limbs = limbs;
        this.rules = rules;
        this.choice = new TechniqueChoice(rules);
    }

    @Needs(Role.GUEST)
    @PostMapping
    FitView fit(@Valid @RequestBody FitEntry entry) {
        return fits.view(entry);
    }

    /** Two sizes and what bears on the choice. */
    record WeighEntry(
            double scionMm,
            @Nullable Double scionBarkMm,
            double stockMm,
            @Nullable Double stockBarkMm,
            @NotNull(message = "is needed") @Valid CaseEntry on) {}

    @Needs(Role.GUEST)
    @PostMapping("/techniques")
    TechniqueChoice.Weighed techniques(@Valid @RequestBody WeighEntry entry) {
        return choice.weigh(cases.of(
                entry.on(),
                cases.takes(entry.on().scionSpecies()),
                Round.of(entry.scionMm(), entry.scionBarkMm(), rules.fit()),
                Round.of(entry.stockMm(), entry.stockBarkMm(), rules.fit())));
    }

    @Needs(Role.GUEST)
    @GetMapping("/stems")
    List<MeasuredStem> stems(@RequestParam(required = false) @Nullable String search) {
        return stems.free(search);
    }

    @Needs(Role.GUEST)
    @GetMapping("/stems/{id}")
    MeasuredStem stem(@PathVariable long id) {
        return stems.stem(id);
    }

    @Needs(Role.HAND)
    @PutMapping("/stems/{id}")
    StemService.StemDone measure(@PathVariable long id, @Valid @RequestBody StemMeasure measure) {
        return stems.measure(id, measure);
    }

    @Needs(Role.GUEST)
    @GetMapping("/hands")
    List<FitMapper.Hand> hands() {
        return cases.hands();
    }

    /** How practised a hand is, 1 to 3. */
    record SkillEntry(int skill) {}

    @Needs(Role.OWNER)
    @PutMapping("/hands/{personId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hand(@PathVariable long personId, @RequestBody SkillEntry entry) {
        cases.setSkill(personId, entry.skill());
    }

    @Needs(Role.HAND)
    @PostMapping("/pairings")
    PairDesk.PairWork pair(@Valid @RequestBody PairEntry entry) {
        return pairs.begin(entry);
    }

    @Needs(Role.GUEST)
    @GetMapping("/pairings/{id}")
    PairDesk.PairWork pairing(@PathVariable long id) {
        return pairs.look(id);
    }

    @Needs(Role.HAND)
    @DeleteMapping("/pairings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable long id) {
        pairs.stop(id);
    }

    @Needs(Role.GUEST)
    @GetMapping("/lists")
    List<ListService.PreparedList> lists() {
        return lists.lists();
    }

    @Needs(Role.HAND)
    @PostMapping("/lists")
    ListService.ListDone keep(@Valid @RequestBody ListService.ListEntry entry) {
        return lists.keep(entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/lists/{id}/log")
    BenchService.Logged log(@PathVariable long id, @Valid @RequestBody ListService.LogEntry entry) {
        return lists.log(id, entry);
    }

    @Needs(Role.HAND)
    @DeleteMapping("/lists/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id) {
        lists.remove(id);
    }

    @Needs(Role.GUEST)
    @GetMapping("/limbs")
    List<String> trees() {
        return limbs.trees();
    }

    /** What was done, and can be undone. */
    record FitDone(long actId) {}

    @Needs(Role.HAND)
    @PutMapping("/limbs/{code}")
    FitDone limbs(@PathVariable String code, @Valid @RequestBody LimbService.LimbsEntry entry) {
        return new FitDone(limbs.keep(code, entry));
    }

    @Needs(Role.GUEST)
    @GetMapping("/limbs/{code}")
    LimbService.LimbTree tree(
            @PathVariable String code,
            @RequestParam(required = false) @Nullable TreeSchool school,
            @RequestParam(defaultValue = "false") boolean slips) {
        return limbs.tree(code, school, slips ? Slips.YES : Slips.NO);
    }
}
