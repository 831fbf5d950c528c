package baylantern.app.day;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.FarmProblem;
import baylantern.app.wood.LotDesk;
import baylantern.app.wood.LotView;
import baylantern.core.day.label.LabelSheet;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Labels of grafts, plants and lots, for a first time or again when one is lost. */
@Service
class LabelService {

    private static final int MOST = 1000;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final GraftService grafts;
    private final PlantService plants;
    private final LotDesk lots;
    private final Rulebook rules;
    private final RunMapper runs;
    private final NumberedService numbered;
    private final Arms arms;

    LabelService(
            GraftService grafts,
            PlantService plants,
            LotDesk lots,
            Rulebook rules,
            RunMapper runs,
            NumberedService numbered,
            Arms arms) {
        this.arms = arms;
        this.runs = runs;
        this.numbered = numbered;
        this.grafts = grafts;
        this.plants = plants;
        this.lots = lots;
        this.rules = rules;
    }

    /** What may stand on a label besides code and variety. */
    enum Part {
        DATE,
        TECHNIQUE,
        STOCK,
        SOURCE,
        MAKER
    }

    /** Labels for codes, on these sheets. */
    byte[] pdf(List<String> codes, LabelSheet sheet, Set<Part> parts) {
        return LabelPdf.of(sheet, labels(codes, parts));
    }

    /** Codes of the grafts of a day, and of those to be made on it that have theirs already. */
    List<String> codesOf(LocalDate day) {
        GraftFilter made = new GraftFilter(null, null, null, null, null, null, day, day, null, null);
        Stream<String> logged =
                grafts.list(made, MOST).stream().map(Graft::code).sorted();
        List<JobRow> jobs = runs.jobs(day);
        Stream<String> kept = jobs.isEmpty()
                ? numbered.of(day).stream()
                : jobs.stream().filter(JobRow::open).map(JobRow::code).filter(Objects::nonNull);
        return Stream.concat(logged, kept).distinct().toList();
    }

    /** The same labels on strips of this size, for a label printer. */
    byte[] strips(List<String> codes, LabelSheet.Size size, Set<Part> parts) {
        return LabelPdf.strips(size, labels(codes, parts));
    }

    List<LabelPdf.Label> labels(List<String> codes, Set<Part> parts) {
        if (codes.isEmpty() || codes.size() > MOST) {
            throw FarmProblem.wrong(
                    "codes",
                    codes.size(),
                    "1 to " + MOST + " codes",
                    "Say for which codes, 1 to " + MOST + " of them.");
        }
        Map<String, LotView> shelf =
                lots.shelf().stream().collect(Collectors.toMap(LotView::code, Function.identity(), (a, b) -> a));
        Map<String, Arms.Way> ways = arms.ofCodes(codes);
        return codes.stream()
                .map(code -> inTrial(label(code, parts, shelf), ways.get(code)))
                .toList();
    }

    // Which way it was made stands on a label only where everybody sees it at the graft anyway.
    private static LabelPdf.Label inTrial(LabelPdf.Label label, Arms.@Nullable Way way) {
        if (way == null) {
            return label;
        }
        List<String> lines = new ArrayList<>(label.lines());
        lines.add("trial " + way.trial() + " · pair " + way.pair() + (way.hidden() ? "" : " · " + way.words()));
        return new LabelPdf.Label(label.code(), List.copyOf(lines));
    }

    private LabelPdf.Label label(String code, Set<Part> parts, Map<String, LotView> shelf) {
        Optional<Graft> graft = grafts.find(code);
        if (graft.isPresent()) {
            return graft(graft.get(), parts);
        }
        NumberedService.ToBe toBe = numbered.toBe(code);
        if (toBe != null) {
            return toBe(code, toBe, parts);
        }
        LotView lot = shelf.get(code);
        if (lot != null) {
            return new LabelPdf.Label(
                    code,
                    lines(
                            Stream.of(code, lot.varietyName()),
                            parts.contains(Part.DATE) ? "cut " + lot.cutOn().format(DAY) : "",
                            parts.contains(Part.SOURCE)
                                    ? "from "
                                            + Objects.requireNonNullElse(
                                                    lot.of().fromName(), "?")
                                    : ""));
        }
        Plant plant = plants.plantByCode(code)
                .orElseThrow(() -> FarmProblem.wrong(
                        "codes",
                        code,
                        "codes of grafts, lots and plants",
                        "\"" + code + "\" is no code of this farm."));
        return new LabelPdf.Label(
                code,
                lines(
                        Stream.of(code),
                        Objects.requireNonNullElse(plant.varietyName(), plant.speciesKey()),
                        parts.contains(Part.STOCK) ? Objects.requireNonNullElse(plant.stockKind(), "") : "",
                        plant.spotName()));
    }

    // What is known of a graft before it is made.
    private LabelPdf.Label toBe(String code, NumberedService.ToBe graft, Set<Part> parts) {
        String planned = Stream.of(
                        parts.contains(Part.DATE) ? graft.day().format(DAY) : "",
                        parts.contains(Part.TECHNIQUE)
                                ? rules.technique(graft.techniqueKey())
                                        .orElseThrow()
                                        .name()
                                : "")
                .filter(text -> !text.isBlank())
                .collect(Collectors.joining(" · "));
        String on = graft.plantCode() != null && parts.contains(Part.STOCK) ? "on " + graft.plantCode() : "";
        return new LabelPdf.Label(code, lines(Stream.of(graft.varietyName(), code), planned, on));
    }

    private LabelPdf.Label graft(Graft graft, Set<Part> parts) {
        String technique = graft.techniqueKey() == null
                ? ""
                : rules.technique(graft.techniqueKey()).orElseThrow().name();
        String made = Stream.of(
                        parts.contains(Part.DATE) ? graft.madeOn().format(DAY) : "",
                        parts.contains(Part.TECHNIQUE) ? technique : "")
                .filter(text -> !text.isBlank())
                .collect(Collectors.joining(" · "));
        String from = Stream.of(
                        parts.contains(Part.STOCK) ? "on " + graft.on().plantCode() : "",
                        parts.contains(Part.SOURCE)
                                        && !graft.wood().woodSource().isBlank()
                                ? "wood " + graft.wood().woodSource()
                                : "",
                        parts.contains(Part.MAKER)
                                ? Objects.requireNonNullElse(graft.made().makerName(), "")
                                : "")
                .filter(text -> !text.isBlank())
                .collect(Collectors.joining(" · "));
        return new LabelPdf.Label(graft.code(), lines(Stream.of(graft.of().varietyName(), graft.code()), made, from));
    }

    private static List<String> lines(Stream<String> first, String... more) {
        List<String> lines = new ArrayList<>(first.toList());
        Stream.of(more).filter(line -> !line.isBlank()).forEach(lines::add);
        return List.copyOf(lines);
    }
}
