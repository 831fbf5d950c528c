package baylantern.app.care;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The walks of the days ahead. */
@RestController
@RequestMapping("/api/walks")
class WalksController {

    private final WalksAhead walks;

    WalksController(WalksAhead walks) {
        this.walks = walks;
    }

    /** The walks as they are planned; with both days, as they would be with one moved. */
    @Needs(Role.GUEST)
    @GetMapping
    WalksAhead.Walks walks(
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to) {
        return walks.walks(from, to);
    }

    /** From which day to which. */
    record Moving(
            @NotNull(message = "needs the day it is on") LocalDate from,
            @NotNull(message = "needs the day it goes to") LocalDate to) {}

    @Needs(Role.HAND)
    @PutMapping
    WalksAhead.WalkDone move(@Valid @RequestBody Moving moving) {
        return walks.move(moving.from(), moving.to());
    }

    /** Who walks, null for nobody yet. */
    record Walker(@Nullable Long personId) {}

    @Needs(Role.HAND)
    @PutMapping("/{day}/person")
    WalksAhead.WalkDone person(@PathVariable LocalDate day, @RequestBody Walker walker) {
        return walks.person(day, walker.personId());
    }

    @Needs(Role.OWNER)
    @DeleteMapping
    WalksAhead.WalkDone free() {
        return walks.free();
    }
}
