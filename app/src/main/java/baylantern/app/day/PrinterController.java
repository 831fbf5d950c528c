package baylantern.app.day;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.day.label.LabelSheet;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The label printer at the bench. */
@RestController
@RequestMapping("/api/printer")
class PrinterController {

    private final LabelPrinter printer;
    private final LabelService labels;

    PrinterController(LabelPrinter printer, LabelService labels) {
        this.printer = printer;
        this.labels = labels;
    }

    /**
     * Labels to print.
     *
     * @param codes of which grafts, lots and plants; null for the grafts of the day
     */
    record PrintEntry(
            @Nullable List<String> codes,
            @Nullable LocalDate day,
            @NotNull(message = "needs a kind of label") LabelSheet.Kind kind,
            @NotNull(message = "are needed") Set<LabelService.Part> parts) {}

    @Needs(Role.GUEST)
    @GetMapping
    LabelPrinter.Standing standing() {
        return printer.standing();
    }

    @Needs(Role.HAND)
    @PostMapping
    LabelPrinter.Standing print(@Valid @RequestBody PrintEntry entry) {
        List<String> codes = entry.codes() != null
                ? LabelController.split(String.join(" ", entry.codes()))
                : entry.day() == null ? List.of() : labels.codesOf(entry.day());
        byte[] strips =
                labels.strips(codes, entry.kind().on(LabelSheet.Paper.A4).label(), entry.parts());
        try {
            printer.print(strips, codes.size());
        } catch (LabelPrinter.OutOfLabels e) {
            throw FarmProblem.conflict(String.valueOf(e.getMessage()));
        }
        return printer.standing();
    }

    @Needs(Role.HAND)
    @PostMapping("/roll")
    LabelPrinter.Standing newRoll() {
        printer.newRoll();
        return printer.standing();
    }

    @Needs(Role.GUEST)
    @GetMapping(path = "/strips/{name}", produces = MediaType.IMAGE_PNG_VALUE)
    byte[] picture(@PathVariable String name) {
        return printer.picture(name).orElseThrow(() -> FarmProblem.unknown("strip", name));
    }
}
