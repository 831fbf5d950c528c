package baylantern.app.begin;

import baylantern.app.place.Site;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The first page of a farm. */
@RestController
@RequestMapping("/api")
class BeginController {

    private final BeginService begin;

    BeginController(BeginService begin) {
        this.begin = begin;
    }

    /** What stands after the beginning. */
    record Begun(long actId, Site site, int plants) {}

    @Needs(Role.OWNER)
    @PostMapping("/beginning")
    Begun begin(@Valid @RequestBody Beginning entry) {
        return begin.begin(entry);
    }
}
