package baylantern.app.exchange;

import baylantern.core.exchange.NotebookReport;
import baylantern.core.take.TakeCount;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** An import's report as text and as plain values for JSON. */
final class ReportText {

    private final NotebookReport report;
    private final boolean imported;

    ReportText(NotebookReport report, boolean imported) {
        this.report = report;
        this.imported = imported;
    }

    String text() {
        List<String> lines = new ArrayList<>();
        int taken = report.grafts().size();
        lines.add(report.rowsRead() + " rows read (" + report.encoding() + ", cells parted by "
                + (report.delimiter().equals("\t") ? "tab" : report.delimiter()) + ")");
        lines.add(taken + (imported ? " grafts imported" : " grafts can be taken; nothing was written"));
        lines.add("dates: " + (report.dayFirst() ? "day" : "month") + " first, " + report.dateOrderWhy());
        lines.add("columns: "
                + String.join(
                        ", ",
                        report.columns().stream()
                                .map(c -> c.heading() + " = " + c.role().words())
                                .toList()));
        report.columns().stream()
                .filter(column -> column.ask() != null)
                .forEach(column ->
                        lines.add("left out, but it may be useful: \"" + column.heading() + "\". " + column.ask()));
        report.spellings()
                .forEach(s -> lines.add((s.merged() ? "merged: \"" : "not merged, look alike: \"")
                        + s.spelling().from() + "\" → \"" + s.spelling().to() + "\", "
                        + rows(s.spelling().rows())));
        report.words().stream()
                .filter(word -> word.meaning() == null)
                .forEach(word -> lines.add("not understood: \"" + word.word() + "\" among " + word.topic() + ", "
                        + rows(word.rows()) + (word.ask() == null ? "" : ". " + word.ask())));
        report.refusals().forEach(r -> lines.add("row " + r.line() + " not taken: " + r.sentence()));
        report.takes()
                .forEach((group, count) -> lines.add(
                        group + ": " + count.taken() + " taken, " + count.failed() + " failed, " + count.waiting()
                                + " waiting" + (count.lost() > 0 ? ", " + count.lost() + " lost" : "")));
        return String.join(System.lineSeparator(), lines);
    }

    private static String rows(int count) {
        return count + (count == 1 ? " row" : " rows");
    }

    Map<String, Object> values() {
        Map<String, Object> values = new LinkedHashMap<>();
        Map<String, Integer> refused = new LinkedHashMap<>();
        report.refusedByReason()
                .forEach((reason, n) -> refused.put(reason.name().toLowerCase(Locale.ROOT), n));
        values.put("written", imported);
        values.put("rowsRead", report.rowsRead());
        values.put("imported", report.grafts().size());
        values.put("duplicates", report.refusedByReason().getOrDefault(NotebookReport.Reason.DUPLICATE, 0));
        values.put("refused", refused);
        values.put("byVariety", takes());
        values.put("encoding", report.encoding());
        values.put("delimiter", report.delimiter());
        values.put("dayFirst", report.dayFirst());
        values.put("dateOrderSure", report.dateOrderSure());
        values.put("columns", report.columns());
        values.put("spellings", report.spellings());
        values.put("words", report.words());
        values.put("refusals", report.refusals());
        values.put("remarks", report.remarks());
        return values;
    }

    private Map<String, Map<String, Integer>> takes() {
        Map<String, Map<String, Integer>> takes = new LinkedHashMap<>();
        report.takes().forEach((group, count) -> takes.put(group, counts(count)));
        return takes;
    }

    private static Map<String, Integer> counts(TakeCount count) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        counts.put("taken", count.taken());
        counts.put("failed", count.failed());
        counts.put("waiting", count.waiting());
        counts.put("lost", count.lost());
        return counts;
    }
}
