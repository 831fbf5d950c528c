package baylantern.app.rules;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The figures the advice rests on, as the grower has them. */
@RestController
@RequestMapping("/api/rules/figures")
class FigureController {

    private final FigureService figures;

    FigureController(FigureService figures) {
        this.figures = figures;
    }

    @Needs(Role.GUEST)
    @GetMapping
    List<FigureService.FigureView> all() {
        return figures.all();
    }

    @Needs(Role.OWNER)
    @PutMapping
    FigureService.FigureDone set(@Valid @RequestBody FigureService.FigureEntry entry) {
        return figures.set(entry);
    }

    @Needs(Role.OWNER)
    @PostMapping("/try")
    FigureService.Tried tried(@Valid @RequestBody FigureService.FigureEntry entry) {
        return figures.tried(entry);
    }
}
