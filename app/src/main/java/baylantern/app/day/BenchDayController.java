package baylantern.app.day;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Graft days as work: laid out, begun, gone through graft by graft. */
@RestController
@RequestMapping("/api/bench-days")
class BenchDayController {

    private final BenchDayService days;
    private final RunService runs;
    private final HandService hands;
    private final TeamService teams;
    private final OrderService orders;
    private final NumberedService numbered;
    private final SpreadService spreads;
    private final ListedLines listed;

    BenchDayController(
            BenchDayService days,
            RunService runs,
            HandService hands,
            TeamService teams,
            OrderService orders,
            NumberedService numbered,
            SpreadService spreads,
            ListedLines listed) {
        this.listed = listed;
        this.spreads = spreads;
        this.numbered = numbered;
        this.orders = orders;
        this.teams = teams;
        this.days = days;
        this.runs = runs;
        this.hands = hands;
    }

    @Needs(Role.GUEST)
    @GetMapping
    List<BenchDayService.DayHead> heads() {
        return days.heads();
    }

    @Needs(Role.GUEST)
    @GetMapping("/{day}")
    BenchDayService.DayView view(@PathVariable LocalDate day) {
        return days.view(day);
    }

    @Needs(Role.HAND)
    @PutMapping("/{day}/team")
    BenchDayService.Done team(@PathVariable LocalDate day, @Valid @RequestBody TeamEntry entry) {
        return teams.set(day, entry);
    }

    @Needs(Role.HAND)
    @PutMapping("/{day}/order")
    BenchDayService.Done order(@PathVariable LocalDate day, @Valid @RequestBody OrderService.OrderEntry entry) {
        return orders.order(day, entry);
    }

    @Needs(Role.HAND)
    @DeleteMapping("/{day}/order")
    BenchDayService.Done bestOrder(@PathVariable LocalDate day) {
        return orders.bestOrder(day);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/begin")
    BenchDayService.Done begin(@PathVariable LocalDate day) {
        return runs.begin(day);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/labels")
    NumberedService.Numbered number(@PathVariable LocalDate day) {
        return numbered.number(day);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/lists/{listId}")
    BenchDayService.Done ofList(@PathVariable LocalDate day, @PathVariable long listId) {
        return listed.plan(day, listId);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/limbs/{code}")
    BenchDayService.Done ofLimbs(
            @PathVariable LocalDate day, @PathVariable String code, @Valid @RequestBody ListedLines.LimbsEntry entry) {
        return listed.planLimbs(day, code, entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/spread")
    BenchDayService.Done spread(@PathVariable LocalDate day) {
        return spreads.spread(day);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/end")
    BenchDayService.Done end(@PathVariable LocalDate day) {
        return runs.end(day);
    }

    @Needs(Role.GUEST)
    @GetMapping("/{day}/ahead")
    List<HandService.Ahead> ahead(@PathVariable LocalDate day, @RequestParam long personId) {
        return hands.ahead(day, personId);
    }

    @Needs(Role.HAND)
    @PostMapping("/{day}/at-hand")
    HandService.HandView atHand(@PathVariable LocalDate day, @Valid @RequestBody HandService.Asking asking) {
        return hands.at(day, asking);
    }

    @Needs(Role.HAND)
    @PostMapping("/jobs/{id}/made")
    RunService.MadeDone made(@PathVariable long id, @Valid @RequestBody RunService.MadeEntry entry) {
        return runs.made(id, entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/jobs/{id}/refusal")
    BenchDayService.Done refuse(@PathVariable long id, @Valid @RequestBody RunService.RefusalEntry entry) {
        return runs.refuse(id, entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/jobs/{id}/later")
    BenchDayService.Done later(@PathVariable long id) {
        return runs.later(id);
    }
}
