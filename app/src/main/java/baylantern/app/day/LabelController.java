package baylantern.app.day;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.day.label.LabelSheet;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Label sheets, and labels read from a photo. */
@RestController
class LabelController {

    private final LabelService labels;
    private final ScanService scans;

    LabelController(LabelService labels, ScanService scans) {
        this.labels = labels;
        this.scans = scans;
    }

    /**
     * Sheets of labels: for codes with commas between them, or for the grafts of a day. Measures in mm make sheets of the
     * grower's own; those left out are the kind's.
     */
    @Needs(Role.GUEST)
    @GetMapping(path = "/api/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            @RequestParam(defaultValue = "") String codes,
            @RequestParam(required = false) @Nullable LocalDate day,
            @RequestParam(defaultValue = "SLAT") LabelSheet.Kind kind,
            @RequestParam(defaultValue = "A4") LabelSheet.Paper paper,
            @RequestParam(defaultValue = "DATE,TECHNIQUE,STOCK,SOURCE,MAKER") String parts,
            OwnSheet own) {
        List<String> wanted = day != null ? labels.codesOf(day) : split(codes);
        byte[] pdf = labels.pdf(wanted, sheet(kind.on(paper), own), parts(parts));
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"labels.pdf\"")
                .body(pdf);
    }

    /** Measures of sheets of the grower's own, mm; null where the kind's stands. */
    record OwnSheet(
            @Nullable Double widthMm,
            @Nullable Double heightMm,
            @Nullable Integer columns,
            @Nullable Integer rows,
            @Nullable Double leftMm,
            @Nullable Double topMm,
            @Nullable Double gapXMm,
            @Nullable Double gapYMm) {}

    private static LabelSheet sheet(LabelSheet usual, OwnSheet own) {
        try {
            return new LabelSheet(
                    usual.paper(),
                    new LabelSheet.Size(
                            or(own.widthMm(), usual.label().widthMm()),
                            or(own.heightMm(), usual.label().heightMm())),
                    new LabelSheet.Grid(
                            own.columns() == null ? usual.grid().columns() : own.columns(),
                            own.rows() == null ? usual.grid().rows() : own.rows()),
                    new LabelSheet.Offset(
                            or(own.leftMm(), usual.margin().xMm()),
                            or(own.topMm(), usual.margin().yMm())),
                    new LabelSheet.Offset(
                            or(own.gapXMm(), usual.gap().xMm()),
                            or(own.gapYMm(), usual.gap().yMm())));
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong(
                    "widthMm", own.widthMm(), "labels that lie on the paper", String.valueOf(e.getMessage()));
        }
    }

    private static double or(@Nullable Double own, double usual) {
        return own == null ? usual : own;
    }

    static List<String> split(String codes) {
        return Arrays.stream(codes.split("[,;\\s]+"))
                .filter(code -> !code.isBlank())
                .map(code -> code.toUpperCase(Locale.ROOT))
                .toList();
    }

    private static Set<LabelService.Part> parts(String words) {
        Set<LabelService.Part> parts = EnumSet.noneOf(LabelService.Part.class);
        for (String word : words.split(",")) {
            if (!word.isBlank()) {
                try {
                    parts.add(LabelService.Part.valueOf(word.strip().toUpperCase(Locale.ROOT)));
                } catch (IllegalArgumentException e) {
                    throw FarmProblem.wrong(
                            "parts",
                            word,
                            "DATE, TECHNIQUE, STOCK, SOURCE, MAKER",
                            "\"" + word + "\" is no part of a label.");
                }
            }
        }
        return parts;
    }

    /** What a photo of a label shows. */
    @Needs(Role.GUEST)
    @PostMapping("/api/scans")
    ScanService.Scanned scan(@RequestBody byte[] picture) {
        return scans.read(picture);
    }
}
