package baylantern.app.care;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Grafts that become trees. */
@RestController
@RequestMapping("/api")
class TreesController {

    private final TreeService trees;

    TreesController(TreeService trees) {
        this.trees = trees;
    }

    @Needs(Role.HAND)
    @PostMapping("/grafts/{code}/tree")
    TreeService.Grown tree(@PathVariable String code, @Valid @RequestBody TreeEntry entry) {
        return trees.tree(code, entry);
    }

    @Needs(Role.HAND)
    @PostMapping("/grafts/{code}/spare")
    TreeService.Grown spare(@PathVariable String code, @Valid @RequestBody SpareEntry entry) {
        return trees.spare(code, entry);
    }

    @Needs(Role.GUEST)
    @GetMapping("/trees/{code}")
    TreeService.Tree grown(@PathVariable String code) {
        return trees.grown(code);
    }
}
