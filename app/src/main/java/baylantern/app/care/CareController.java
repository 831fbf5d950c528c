package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftSchool;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.HiddenArms;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.care.GraftLife;
import baylantern.core.care.GraftState;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import baylantern.core.take.fact.Aspect;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Today, rounds, looks and the sheet of a graft. */
@RestController
@RequestMapping("/api")
class CareController {

    private final WalkService walk;
    private final CareService care;
    private final GraftLives lives;
    private final GraftService grafts;
    private final WaitingService waiting;
    private final FarmClock clock;
    private final HiddenArms arms;

    CareController(
            WalkService walk,
            CareService care,
            GraftLives lives,
            GraftService grafts,
            WaitingService waiting,
            FarmClock clock,
            HiddenArms arms) {
        this.arms = arms;
        this.walk = walk;
        this.care = care;
        this.lives = lives;
        this.grafts = grafts;
        this.waiting = waiting;
        this.clock = clock;
    }

    @Needs(Role.GUEST)
    @GetMapping("/today")
    WalkService.TodayView today() {
        return walk.today();
    }

    @Needs(Role.GUEST)
    @GetMapping("/rounds")
    WalkService.RoundView round(@RequestParam(required = false) @Nullable Long spotId) {
        return walk.round(spotId);
    }

    @Needs(Role.HAND)
    @PostMapping("/looks")
    CareService.Answered answer(@Valid @RequestBody LookEntry entry) {
        return care.answer(entry);
    }

    /** What was found at the grafts of a look, told after it. */
    record Found(
            @NotNull(message = "needs what was found") @Size(max = 20, message = "are at most 20")
            List<@NotNull Trace> found) {}

    @Needs(Role.HAND)
    @PutMapping("/looks/{actId}/found")
    CareService.FoundDone found(@PathVariable long actId, @Valid @RequestBody Found found) {
        return care.found(actId, found.found());
    }

    /** What chance a silent graft still has; nothing where it has pushed or ended. */
    record Chance(WaitingService.@Nullable Hope hope) {}

    @Needs(Role.GUEST)
    @GetMapping("/grafts/{code}/waiting")
    Chance chance(@PathVariable String code) {
        return new Chance(waiting.hope(grafts.byCode(code)));
    }

    /** Silent grafts for which waiting no longer pays. */
    record ToGiveUp(List<WaitingService.Hope> grafts) {}

    @Needs(Role.GUEST)
    @GetMapping("/waiting")
    ToGiveUp toGiveUp() {
        return new ToGiveUp(waiting.toGiveUp());
    }

    /** One line of a graft's history. */
    record Past(
            long id,
            LocalDate day,
            Sign sign,
            GraftState state,
            @Nullable String who,
            String note,
            String answered,
            boolean correction,
            @Nullable Double lengthMm,
            List<Trace> found) {

        /** A look and what it led to. */
        static Past of(LookRow look, GraftState state) {
            return new Past(
                    look.id(),
                    look.seenOn(),
                    look.sign(),
                    state,
                    look.personName(),
                    look.note(),
                    look.answered(),
                    look.correction(),
                    look.lengthMm(),
                    look.look().found().stream().sorted().toList());
        }
    }

    /** Everything about one graft. */
    record Sheet(WalkService.Stop stop, List<Past> past, List<GraftSchool> schools) {}

    @Needs(Role.GUEST)
    @GetMapping("/grafts/{code}")
    Sheet sheet(@PathVariable String code) {
        Graft graft = grafts.byCode(code);
        List<LookRow> looks = lives.looks(List.of(graft.id())).getOrDefault(graft.id(), List.of());
        List<GraftLife.Step> steps = lives.read(graft, looks).steps();
        List<Past> past = new ArrayList<>();
        for (int i = 0; i < looks.size(); i++) {
            past.add(Past.of(looks.get(i), steps.get(i).after()));
        }
        return new Sheet(
                walk.stops(List.of(graft), clock.today(), WalkService.Asks.ALL_OPEN)
                        .get(0),
                past,
                told(graft));
    }

    // Which way it was made is not told as long as a trial of that runs.
    private List<GraftSchool> told(Graft graft) {
        String tried = arms.hidden().get(graft.id());
        return grafts.schools(List.of(graft.id())).stream()
                .filter(one -> !Aspect.school(one.question()).equals(tried))
                .toList();
    }
}
