package baylantern.app.take;

import baylantern.app.bench.YearPart;
import baylantern.app.platform.CsvTable;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.rules.FactRules.Steps;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import java.io.IOException;
import java.io.StringWriter;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The table of facts and what is asked of it. */
@RestController
@RequestMapping("/api/takes")
class FactController {

    private static final int MOST_SHOWN = 200;

    private final FactService facts;
    private final FactGroups groups;
    private final GainService gains;
    private final PushService pushes;

    FactController(FactService facts, FactGroups groups, GainService gains, PushService pushes) {
        this.pushes = pushes;
        this.facts = facts;
        this.groups = groups;
        this.gains = gains;
    }

    @Needs(Role.GUEST)
    @GetMapping("/aspects")
    List<FactGroups.AspectView> aspects() {
        return groups.aspects();
    }

    /** Groups by one aspect, or by two. */
    @Needs(Role.GUEST)
    @GetMapping("/by")
    FactGroups.FactView by(
            @RequestParam(defaultValue = "technique") String first,
            @RequestParam(required = false) @Nullable String then,
            @RequestParam(required = false) @Nullable String part) {
        return groups.view(new FactGroups.Asked(first, then, YearPart.read(part)));
    }

    /** A graft of a group. */
    record Member(String code, LocalDate madeOn, FactTable.End end) {}

    /** The grafts of a group, latest made first, at most two hundred; all are counted. */
    record Members(int count, List<Member> grafts) {}

    @Needs(Role.GUEST)
    @GetMapping("/by/grafts")
    Members members(
            @RequestParam(defaultValue = "technique") String first,
            @RequestParam(defaultValue = FactGroups.UNKNOWN) String kind,
            @RequestParam(required = false) @Nullable String then,
            @RequestParam(required = false) @Nullable String thenKind,
            @RequestParam(required = false) @Nullable String part) {
        int[] found = FactGroups.of(groups.made(YearPart.read(part)), groups.column(first), kind);
        if (then != null && thenKind != null) {
            found = FactGroups.of(found, groups.column(then), thenKind);
        }
        List<Member> grafts = new ArrayList<>();
        for (int i = found.length - 1; i >= 0 && grafts.size() < MOST_SHOWN; i--) {
            FactTable.Row row = facts.table().row(found[i]);
            grafts.add(new Member(row.code(), row.madeOn(), row.end()));
        }
        return new Members(found.length, grafts);
    }

    /** How long the grafts of a group take to push. */
    @Needs(Role.GUEST)
    @GetMapping("/by/push")
    PushService.Course push(
            @RequestParam(defaultValue = "technique") String first,
            @RequestParam(defaultValue = FactGroups.UNKNOWN) String kind,
            @RequestParam(required = false) @Nullable String then,
            @RequestParam(required = false) @Nullable String thenKind,
            @RequestParam(required = false) @Nullable String part,
            @RequestParam(defaultValue = "false") boolean calendar) {
        Map<String, String> kinds = new LinkedHashMap<>(Map.of(first, kind));
        if (then != null && thenKind != null) {
            kinds.put(then, thenKind);
        }
        return pushes.course(new PushService.OfKinds(kinds, YearPart.read(part), calendar));
    }

    /** What moves take. */
    @Needs(Role.GUEST)
    @GetMapping("/gains")
    GainService.GainView gains(@RequestParam(required = false) @Nullable String part) {
        return gains.gains(YearPart.read(part));
    }

    /** One kind of an aspect against another. */
    @Needs(Role.GUEST)
    @GetMapping("/duel")
    GainService.DuelView duel(
            @RequestParam String by,
            @RequestParam String a,
            @RequestParam String b,
            @RequestParam(required = false) @Nullable String part) {
        return gains.duel(new GainService.Two(by, a, b, YearPart.read(part)));
    }

    /** All facts: one row a graft, one column an aspect; an empty cell is what was not written down. */
    @Needs(Role.GUEST)
    @GetMapping(value = "/facts.csv", produces = "text/csv")
    ResponseEntity<String> csv() throws IOException {
        FactTable table = facts.table();
        StringWriter text = new StringWriter();
        CsvTable csv = new CsvTable(text);
        List<Object> head = new ArrayList<>(List.of("graft", "made_on", "end"));
        table.columns().forEach(column -> head.add(column.aspect().key()));
        csv.row(head);
        for (int i = 0; i < table.size(); i++) {
            int graft = i;
            List<Object> row = new ArrayList<>(List.of(
                    table.row(graft).code(),
                    table.row(graft).madeOn().toString(),
                    table.row(graft).end().name().toLowerCase(Locale.ROOT)));
            table.columns().forEach(column -> row.add(cell(column, graft)));
            csv.row(row);
        }
        return file("facts.csv", text);
    }

    private static String cell(FactColumn column, int graft) {
        int kind = column.of(graft);
        return kind == FactColumn.UNKNOWN ? "" : column.kinds().get(kind).words();
    }

    /** What each column of the facts means, and which kinds it knows. */
    @Needs(Role.GUEST)
    @GetMapping(value = "/facts-columns.csv", produces = "text/csv")
    ResponseEntity<String> columns() throws IOException {
        StringWriter text = new StringWriter();
        CsvTable csv = new CsvTable(text);
        csv.row("column", "meaning", "in_your_hand", "unit", "cut_at", "kinds");
        csv.row("graft", "the code of the graft", "", "", "", "");
        csv.row("made_on", "the day it was made", "", "ISO day", "", "");
        csv.row("end", "how it stands", "", "", "", "taken; failed; waiting; lost");
        for (FactColumn column : facts.table().columns()) {
            Steps steps = column.aspect().steps();
            csv.row(
                    column.aspect().key(),
                    column.aspect().words(),
                    column.aspect().hand() ? "yes" : "no",
                    steps == null ? "" : steps.unit(),
                    steps == null ? "" : joined(steps.at()),
                    column.kinds().stream().map(FactColumn.Kind::words).collect(Collectors.joining("; ")));
        }
        return file("facts-columns.csv", text);
    }

    private static String joined(List<Double> at) {
        return at.stream().map(String::valueOf).collect(Collectors.joining("; "));
    }

    private static ResponseEntity<String> file(String name, StringWriter text) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(text.toString());
    }
}
