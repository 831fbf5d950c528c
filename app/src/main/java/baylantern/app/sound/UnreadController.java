package baylantern.app.sound;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.app.sound.UnreadService.UnreadView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What nobody understands. */
@RestController
@RequestMapping("/api/unread")
class UnreadController {

    private final UnreadService unread;

    UnreadController(UnreadService unread) {
        this.unread = unread;
    }

    /** What it is; null lets what stands there stand. */
    record Said(
            @Nullable @Size(max = 400, message = "is at most 400 characters")
            String becomes) {}

    @Needs(Role.OWNER)
    @GetMapping
    List<UnreadView> all() {
        return unread.all();
    }

    @Needs(Role.OWNER)
    @PostMapping("/{id}")
    List<UnreadView> mend(@PathVariable long id, @Valid @RequestBody Said said) {
        return unread.mend(id, said.becomes());
    }
}
