package baylantern.app.bench;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.bench.BenchChecks;
import baylantern.core.bench.Cover;
import baylantern.core.care.GraftState;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.SchoolQuestion;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What grafts hold in the store. */
@Component
class GraftCells implements Cells {

    private static final String GRAFTS = "bench_graft";
    private static final String SCHOOLS = "bench_school";
    private static final String HABITS = "bench_habit";

    private final Rulebook rules;

    GraftCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        book.cell(GRAFTS, "code", CellRule.named());
        book.cell(GRAFTS, "species_key", CellRule.species(rules));
        book.cell(GRAFTS, "technique_key", CellRule.technique(rules, null));
        book.cell(GRAFTS, "cover", CellRule.word(Cover.class, Cover.NONE));
        book.cell(GRAFTS, "state", CellRule.word(GraftState.class, GraftState.MADE));
        book.cell(GRAFTS, "outcome", CellRule.word(GraftState.Outcome.class, GraftState.Outcome.WAITING));
        book.cells(GRAFTS, CellRule.free(), "wood_source", "notes", "fingerprint");
        book.cell(GRAFTS, "version", CellRule.count().or("0"));
        book.cells(GRAFTS, CellRule.number(BenchChecks.LEAST_MM, BenchChecks.MOST_MM), "scion_mm", "stock_mm");
        book.cells(GRAFTS, CellRule.number(0, Double.MAX_VALUE), "wood_used", "fit_met", "fit_whole", "fit_ratio");
        book.cells(GRAFTS, CellRule.number(), "fit_offset_mm", "fit_tilt_deg", "fit_score");
        book.row(GRAFTS, GraftCells::cutBeforeItWasUsed);
        book.cell(
                SCHOOLS,
                "question",
                CellRule.word(rules.schools().stream().map(SchoolQuestion::key).toList(), null));
        book.cell(SCHOOLS, "school", CellRule.free());
        book.row(SCHOOLS, this::school);
        habits(book);
    }

    private void habits(CellBook book) {
        book.cell(HABITS, "species_key", CellRule.free());
        book.cell(HABITS, "plan_no", CellRule.count().or("0"));
        book.cell(
                HABITS,
                "question",
                CellRule.word(rules.schools().stream().map(SchoolQuestion::key).toList(), null));
        book.cell(HABITS, "school", CellRule.free());
        book.row(HABITS, this::school);
    }

    // Days are written so that they sort as they lie.
    private static @Nullable String cutBeforeItWasUsed(Map<String, String> row) {
        String cut = row.get("wood_cut_on");
        return cut == null || cut.compareTo(row.getOrDefault("made_on", cut)) <= 0
                ? null
                : "its wood was cut after it was made";
    }

    private @Nullable String school(Map<String, String> row) {
        String answer = row.getOrDefault("school", "");
        return rules.schools().stream()
                        .filter(q -> q.key().equals(row.get("question")))
                        .anyMatch(q -> q.schools().containsKey(answer))
                ? null
                : "\"" + answer + "\" is no school of that question";
    }
}
