package baylantern.app.take;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.YearPart;
import baylantern.app.platform.CsvTable;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.app.take.TakeService.By;
import baylantern.app.take.TakeService.Group;
import java.io.IOException;
import java.io.StringWriter;
import java.time.LocalDate;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Take rates, on screen and as CSV. */
@RestController
@RequestMapping("/api")
class TakeController {

    private final TakeService takes;
    private final ManyService many;
    private final PushService pushes;

    TakeController(TakeService takes, ManyService many, PushService pushes) {
        this.pushes = pushes;
        this.many = many;
        this.takes = takes;
    }

    @Needs(Role.GUEST)
    @GetMapping("/takes")
    TakeService.TakeView takes(
            @RequestParam(defaultValue = "SEASON") By by,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam(required = false) @Nullable String part) {
        return takes.view(by, from, to, YearPart.read(part));
    }

    /** How long the grafts of a group take to push. */
    @Needs(Role.GUEST)
    @GetMapping("/takes/push")
    PushService.Course push(
            @RequestParam(required = false) @Nullable Long varietyId,
            @RequestParam(required = false) @Nullable String speciesKey,
            @RequestParam(required = false) @Nullable String techniqueKey,
            @RequestParam(required = false) @Nullable Long makerId,
            @RequestParam(required = false) @Nullable String woodSource,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam(required = false) @Nullable String part,
            @RequestParam(defaultValue = "false") boolean calendar) {
        GraftFilter group = new GraftFilter(
                varietyId, speciesKey, techniqueKey, makerId, woodSource, null, from, to, YearPart.read(part), null);
        return pushes.course(new PushService.Of(group, calendar));
    }

    /** How many to make so that so many live; {@code made} is looked at too. */
    @Needs(Role.GUEST)
    @GetMapping("/takes/how-many")
    ManyService.Many many(
            @RequestParam long varietyId,
            @RequestParam(required = false) @Nullable String techniqueKey,
            @RequestParam(defaultValue = "10") int living,
            @RequestParam(defaultValue = "0.9") double sure,
            @RequestParam(required = false) @Nullable Integer made) {
        return many.many(
                new ManyService.Asked(varietyId, techniqueKey, living, sure, Objects.requireNonNullElse(made, living)));
    }

    @Needs(Role.GUEST)
    @GetMapping(value = "/takes.csv", produces = "text/csv")
    ResponseEntity<String> csv(
            @RequestParam(defaultValue = "SEASON") By by,
            @RequestParam(required = false) @Nullable LocalDate from,
            @RequestParam(required = false) @Nullable LocalDate to,
            @RequestParam(required = false) @Nullable String part)
            throws IOException {
        StringWriter text = new StringWriter();
        CsvTable csv = new CsvTable(text);
        csv.row("group", "under", "taken", "failed", "waiting", "lost", "mean", "low", "high", "thin");
        for (Group g : takes.view(by, from, to, YearPart.read(part)).groups()) {
            csv.row(
                    g.label(),
                    g.under(),
                    g.count().taken(),
                    g.count().failed(),
                    g.count().waiting(),
                    g.count().lost(),
                    round(g.mean()),
                    round(g.low()),
                    round(g.high()),
                    g.thin());
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"takes.csv\"")
                .body(text.toString());
    }

    private static double round(double rate) {
        return Math.round(rate * 10_000) / 10_000.0;
    }
}
