package baylantern.app.exchange;

import baylantern.app.platform.TableVault.Content;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What stood elsewhere in a farm that an older version wrote, put where it stands now. */
final class OlderFarm {

    private static final String JOBS = "day_job";
    private static final List<String> MADE = List.of("graft_code", "done_at", "done_by", "face_s");
    private static final Pattern MADE_CELLS =
            Pattern.compile("\"(" + String.join("|", MADE) + ")\":(null|\"[^\"]*\"),?");

    private OlderFarm() {}

    /** Until the tenth version a job of a graft day told itself that it was made, and by which graft's code. */
    static void jobsTellNoGraft(Map<String, Content> tables) {
        Content jobs = tables.getOrDefault(JOBS, Content.EMPTY);
        if (!jobs.columns().contains("graft_code")) {
            return;
        }
        Map<@Nullable String, String> ids = new HashMap<>();
        Content grafts = tables.getOrDefault("bench_graft", Content.EMPTY);
        grafts.rows().forEach(row -> ids.put(cell(grafts, row, "code"), cell(grafts, row, "id")));
        List<List<@Nullable String>> made = new ArrayList<>();
        for (List<@Nullable String> job : jobs.rows()) {
            String graft = ids.remove(cell(jobs, job, "graft_code"));
            if (graft != null) {
                List<@Nullable String> row = new ArrayList<>(List.of(String.valueOf(cell(jobs, job, "id")), graft));
                MADE.stream().skip(1).forEach(column -> row.add(cell(jobs, job, column)));
                made.add(row);
            }
        }
        tables.put("day_made", new Content(List.of("job_id", "graft_id", "done_at", "done_by", "face_s"), made));
        tables.put(JOBS, without(jobs));
        tables.computeIfPresent("house_trail", (name, trail) -> trailWithout(trail));
    }

    private static @Nullable String cell(Content content, List<@Nullable String> row, String column) {
        int at = content.columns().indexOf(column);
        return at < 0 || at >= row.size() ? null : row.get(at);
    }

    private static Content without(Content jobs) {
        int[] kept = IntStream.range(0, jobs.columns().size())
                .filter(i -> !MADE.contains(jobs.columns().get(i)))
                .toArray();
        return new Content(
                IntStream.of(kept).mapToObj(jobs.columns()::get).toList(),
                jobs.rows().stream()
                        .map(row -> {
                            List<@Nullable String> cells = new ArrayList<>();
                            IntStream.of(kept).filter(i -> i < row.size()).forEach(i -> cells.add(row.get(i)));
                            return cells;
                        })
                        .toList());
    }

    private static Content trailWithout(Content trail) {
        List<List<@Nullable String>> rows = new ArrayList<>();
        for (List<@Nullable String> row : trail.rows()) {
            if (!JOBS.equals(cell(trail, row, "table_name"))) {
                rows.add(row);
                continue;
            }
            List<@Nullable String> cells = new ArrayList<>();
            row.forEach(text -> cells.add(
                    text == null || !text.startsWith("{")
                            ? text
                            : MADE_CELLS.matcher(text).replaceAll("").replace(",}", "}")));
            if (!"{}".equals(cell(trail, cells, "was"))) {
                rows.add(cells);
            }
        }
        return new Content(trail.columns(), rows);
    }
}
