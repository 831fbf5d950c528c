package baylantern.app.day;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
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

/** Graft days: looked at, kept, moved, dropped. */
@RestController
@RequestMapping("/api/graft-days")
class DayController {

    private final DayService days;

    DayController(DayService days) {
        this.days = days;
    }

    @Needs(Role.GUEST)
    @GetMapping
    List<DayService.Planned> plans() {
        return days.plans();
    }

    @Needs(Role.GUEST)
    @GetMapping("/passed")
    List<DayService.Passed> passed() {
        return days.passed();
    }

    @Needs(Role.GUEST)
    @PostMapping("/look")
    DayService.Look look(@Valid @RequestBody DayEntry entry, @RequestParam(defaultValue = "0") int planNo) {
        return days.look(entry, planNo);
    }

    @Needs(Role.OWNER)
    @PostMapping
    DayService.DayDone keep(@Valid @RequestBody DayEntry entry) {
        return days.keep(entry);
    }

    @Needs(Role.OWNER)
    @PutMapping("/{planNo}")
    DayService.DayDone change(@PathVariable int planNo, @Valid @RequestBody DayEntry entry) {
        return days.change(planNo, entry);
    }

    @Needs(Role.OWNER)
    @DeleteMapping("/{planNo}")
    DayService.DayDone drop(@PathVariable int planNo) {
        return days.drop(planNo);
    }
}
