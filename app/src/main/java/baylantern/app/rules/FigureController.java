package baylantern.app.rules;

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

    @GetMapping
    List<FigureService.FigureView> all() {
        return figures.all();
    }

    @PutMapping
    FigureService.FigureDone set(@Valid @RequestBody FigureService.FigureEntry entry) {
        return figures.set(entry);
    }

    @PostMapping("/try")
    FigureService.Tried tried(@Valid @RequestBody FigureService.FigureEntry entry) {
        return figures.tried(entry);
    }
}
