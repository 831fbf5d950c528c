package baylantern.app.exchange;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.CsvTable;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.bench.Cover;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The farm in open formats. */
@RestController
@RequestMapping("/api/exchange")
class ExchangeController {

    private final FarmZip zip;
    private final VisitCalendar calendar;
    private final GraftService grafts;

    ExchangeController(FarmZip zip, VisitCalendar calendar, GraftService grafts) {
        this.zip = zip;
        this.calendar = calendar;
        this.grafts = grafts;
    }

    @Needs(Role.OWNER)
    @GetMapping("/farm.zip")
    void exportFarm(HttpServletResponse response) throws IOException {
        download(response, "application/zip", "bay-lantern-farm.zip");
        zip.write(response.getOutputStream());
    }

    @Needs(Role.OWNER)
    @PostMapping(value = "/farm.zip", consumes = "application/octet-stream")
    Map<String, Integer> importFarm(HttpServletRequest request) throws IOException {
        return zip.read(request.getInputStream());
    }

    @Needs(Role.GUEST)
    @GetMapping("/visits.ics")
    void visits(HttpServletResponse response) throws IOException {
        String text = calendar.text();
        download(response, "text/calendar;charset=UTF-8", "visits.ics");
        response.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
    }

    @Needs(Role.GUEST)
    @GetMapping("/grafts.csv")
    void csv(HttpServletResponse response) throws IOException {
        download(response, "text/csv;charset=UTF-8", "grafts.csv");
        CsvTable csv = new CsvTable(new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8));
        csv.row(
                "code",
                "made_on",
                "species",
                "variety",
                "technique",
                "maker",
                "plant",
                "stem",
                "place",
                "lot",
                "wood_source",
                "wood_cut_on",
                "scion_mm",
                "stock_mm",
                "cover",
                "state",
                "outcome",
                "last_look_on",
                "notes");
        for (Graft g : grafts.list(GraftFilter.ALL, Integer.MAX_VALUE)) {
            csv.row(
                    g.code(),
                    g.madeOn(),
                    g.speciesKey(),
                    g.varietyName(),
                    g.techniqueKey(),
                    g.makerName(),
                    g.plantCode(),
                    g.stemLabel(),
                    g.spotName(),
                    g.lotCode(),
                    g.woodSource(),
                    g.woodCutOn(),
                    g.scionMm(),
                    g.stockMm(),
                    g.cover().equals(Cover.UNKNOWN.name()) ? null : g.cover(),
                    g.state(),
                    g.state().outcome(),
                    g.lastLookOn(),
                    g.notes());
        }
        csv.flush();
    }

    private static void download(HttpServletResponse response, String type, String name) {
        response.setContentType(type);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
    }
}
