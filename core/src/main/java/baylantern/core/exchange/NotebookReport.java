package baylantern.core.exchange;

import baylantern.core.take.TakeCount;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Everything found in a notebook: the guesses, the grafts, and each row not taken with its reason. */
public record NotebookReport(
        Form form,
        int rowsRead,
        List<NotebookGraft> grafts,
        List<Refusal> refusals,
        List<WordGuess> words,
        List<SpellingGuess> spellings,
        List<Remark> remarks) {

    /** How the notebook is written, as it was understood. */
    public record Form(
            String encoding,
            String delimiter,
            List<Column> columns,
            boolean dayFirst,
            boolean dateOrderSure,
            String dateOrderWhy,
            boolean bareInches) {}

    /** See {@link Form}. */
    public String encoding() {
        return form.encoding();
    }

    /** See {@link Form}. */
    public String delimiter() {
        return form.delimiter();
    }

    /** See {@link Form}. */
    public List<Column> columns() {
        return form.columns();
    }

    /** See {@link Form}. */
    public boolean dayFirst() {
        return form.dayFirst();
    }

    /** See {@link Form}. */
    public boolean dateOrderSure() {
        return form.dateOrderSure();
    }

    /** See {@link Form}. */
    public String dateOrderWhy() {
        return form.dateOrderWhy();
    }

    /** See {@link Form}. */
    public boolean bareInches() {
        return form.bareInches();
    }

    /**
     * A column, what it is taken to hold, and some of its cells.
     *
     * @param ask why a column that is left out should be looked at; null where nothing speaks for it
     */
    public record Column(
            int number,
            String heading,
            ColumnRole role,
            List<String> samples,
            @Nullable String ask) {}

    /** A row not taken. */
    public record Refusal(long line, Reason reason, String sentence, List<String> cells) {}

    /** Why a row is not taken. */
    public enum Reason {
        DUPLICATE,
        ALREADY_HERE,
        TOTAL,
        HEADING_AGAIN,
        DATE_MISSING,
        DATE_UNREADABLE,
        DATE_FUTURE,
        VARIETY_MISSING,
        SPECIES_UNKNOWN,
        RESULT_UNKNOWN
    }

    /**
     * A word or phrase and what it is taken to mean.
     *
     * @param meaning null where that is not known and must be asked
     * @param ask why it is asked, a sentence; null where there is nothing to add
     */
    public record WordGuess(
            String topic,
            String word,
            @Nullable String meaning,
            @Nullable String ask,
            int rows) {}

    /** A spelling and whether it is merged. */
    public record SpellingGuess(ColumnRole role, Spelling spelling, boolean merged) {}

    /** Something the grower should know about a row that is taken. */
    public record Remark(long line, String sentence) {}

    /** How many rows were refused for each reason. */
    public Map<Reason, Integer> refusedByReason() {
        Map<Reason, Integer> counts = new TreeMap<>();
        refusals.forEach(refusal -> counts.merge(refusal.reason(), 1, Integer::sum));
        return counts;
    }

    /** Counts by "species / variety". */
    public Map<String, TakeCount> takes() {
        Map<String, TakeCount> counts = new TreeMap<>();
        for (NotebookGraft graft : grafts) {
            counts.merge(graft.species() + " / " + graft.variety(), one(graft), TakeCount::plus);
        }
        return counts;
    }

    private static TakeCount one(NotebookGraft graft) {
        return switch (graft.sign().shows().outcome()) {
            case TAKEN -> new TakeCount(1, 0, 0, 0);
            case FAILED -> new TakeCount(0, 1, 0, 0);
            case WAITING -> new TakeCount(0, 0, 1, 0);
            case LOST -> new TakeCount(0, 0, 0, 1);
        };
    }
}
