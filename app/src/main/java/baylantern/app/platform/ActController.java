package baylantern.app.platform;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was done lately, and taking it back. */
@RestController
@RequestMapping("/api/acts")
class ActController {

    private static final int RECENT = 100;

    private final ActService acts;

    ActController(ActService acts) {
        this.acts = acts;
    }

    @Needs(Role.GUEST)
    @GetMapping
    List<Act> recent(@RequestParam(defaultValue = "false") boolean own) {
        return acts.recent(own ? Act.Whose.OWN : Act.Whose.ANYBODY, RECENT);
    }

    @Needs(Role.HAND)
    @PostMapping("/{id}/undo")
    Act undo(@PathVariable long id) {
        return acts.undo(id);
    }
}
