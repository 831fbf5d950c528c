package baylantern.app.cause;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.care.Trace;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Why grafts failed. */
@RestController
@RequestMapping("/api/causes")
class CauseController {

    private final CauseService causes;
    private final CauseDesk desk;

    CauseController(CauseService causes, CauseDesk desk) {
        this.desk = desk;
        this.causes = causes;
    }

    @Needs(Role.GUEST)
    @GetMapping
    CauseService.Pile pile() {
        return causes.pile();
    }

    /** The failures of the session a failed graft belongs to. */
    @Needs(Role.GUEST)
    @GetMapping("/{code}")
    CauseService.SessionView session(@PathVariable String code) {
        return causes.session(code);
    }

    /** Signs seen at a failed graft, and those looked for in vain. */
    record Signs(
            @NotNull(message = "needs what was seen") @Size(max = 20, message = "are at most 20")
            List<@NotNull Trace> seen,

            @NotNull(message = "needs what was not seen") @Size(max = 20, message = "are at most 20")
            List<@NotNull Trace> unseen) {}

    @Needs(Role.HAND)
    @PutMapping("/{code}/signs")
    CauseDesk.Done signs(@PathVariable String code, @Valid @RequestBody Signs signs) {
        return desk.signs(code, Set.copyOf(signs.seen()), Set.copyOf(signs.unseen()));
    }

    /** A cause taken as known, {@link CauseDesk#NEVER_KNOWN} where it never will be. */
    record Verdict(
            @NotEmpty(message = "needs a graft") @Size(max = 400, message = "are at most 400 at once")
            List<@NotBlank String> codes,

            @NotBlank(message = "needs a cause") String cause) {}

    @Needs(Role.HAND)
    @PutMapping("/verdicts")
    CauseDesk.Done decide(@Valid @RequestBody Verdict verdict) {
        return desk.decide(verdict.codes(), verdict.cause());
    }
}
