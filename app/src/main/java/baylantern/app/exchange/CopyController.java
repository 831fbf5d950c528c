package baylantern.app.exchange;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Copies of the farm, day by day, and the way back to one. */
@RestController
@RequestMapping("/api/copies")
class CopyController {

    private final CopyService copies;

    CopyController(CopyService copies) {
        this.copies = copies;
    }

    @Needs(Role.OWNER)
    @GetMapping
    CopyService.CopiesView all() {
        return copies.all();
    }

    @Needs(Role.OWNER)
    @PostMapping
    CopyService.CopiesView keepNow() {
        return copies.keepNow();
    }

    @Needs(Role.OWNER)
    @PostMapping("/{name}/back")
    CopyService.Back goBackTo(@PathVariable String name) {
        return copies.goBackTo(name);
    }
}
