package baylantern.app.exchange;

import baylantern.core.bench.Cover;
import baylantern.core.exchange.NotebookChoices;
import baylantern.core.exchange.NotebookReader;
import baylantern.core.exchange.NotebookReport;
import baylantern.core.rules.Mark;
import baylantern.core.rules.Words;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Where notebooks are read. The last one read stays on the desk: while all it was read by is still so, it is not read again.
 * So who looked at a notebook and then brings it in holds others up for the writing alone.
 */
@Component
class ReadingDesk {

    private static final int MARK_DIGITS = 48;

    private final NotebookReader reader;
    private final AtomicReference<@Nullable Reading> last = new AtomicReference<>();

    ReadingDesk(Words words) {
        this.reader = new NotebookReader(words);
    }

    /** What a reading goes by, but for which of its rows are here already. */
    private record By(String file, NotebookChoices choices, LocalDate today, Map<String, String> varieties) {}

    /** A reading, and of each row it asked about whether that was here. */
    private record Reading(By by, Map<String, Boolean> asked, NotebookReport report) {
        boolean standsBy(By now, Set<String> here) {
            return by.equals(now)
                    && asked.entrySet().stream().allMatch(row -> here.contains(row.getKey()) == row.getValue());
        }
    }

    /**
     * Reads a file.
     *
     * @param varieties the species of each variety known here
     * @param here the marks of all rows brought in before
     */
    NotebookReport read(
            byte[] file, NotebookChoices choices, LocalDate today, Map<String, String> varieties, Set<String> here) {
        By by = new By(Mark.of(new String(file, StandardCharsets.ISO_8859_1)), choices, today, varieties);
        Reading before = last.get();
        if (before != null && before.standsBy(by, here)) {
            return before.report();
        }
        Map<String, Boolean> asked = new HashMap<>();
        NotebookReport report =
                reader.read(file, choices, today, varieties, row -> asked.computeIfAbsent(hash(row), here::contains));
        last.set(new Reading(by, asked, report));
        return report;
    }

    /** The cover a note names, unknown where it names none. */
    Cover cover(String notes) {
        return reader.cover(notes).orElse(Cover.UNKNOWN);
    }

    /** By what a row is known again. */
    static String hash(String row) {
        return Mark.of(row).substring(0, MARK_DIGITS);
    }
}
