package baylantern.app.lineage;

import baylantern.app.platform.Rows;
import baylantern.core.lineage.Node;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was so before the farm began to keep its records here: written as it was, on the days it was, without an act that
 * could be taken back.
 */
@Service
@Transactional
public class LineageHistory {

    private final LineageMapper mapper;
    private final RecallMapper recallRows;
    private final RecallService recalls;
    private final TestService tests;

    LineageHistory(LineageMapper mapper, RecallMapper recallRows, RecallService recalls, TestService tests) {
        this.mapper = mapper;
        this.recallRows = recallRows;
        this.recalls = recalls;
        this.tests = tests;
    }

    /** Where a plant came from. */
    public void parent(long plantId, Node from, LocalDate day) {
        Rows.one(mapper.insertParent(plantId, from.key(), day, null));
    }

    /** A plant, or a visitor, moved between places; the plant stands where it stands today. */
    public void move(@Nullable Long plantId, @Nullable String visitor, LocalDate day, @Nullable Long from, long to) {
        Rows.one(mapper.insertMove(plantId, visitor, day, from, to, "", null));
    }

    /** A source of wood. */
    public long source(SourceEntry entry) {
        return mapper.insertSource(entry, null);
    }

    /** A test of a past day, with what its recall reached by then. */
    public long test(TestEntry entry) {
        return recalls.write(entry, tests.checkTest(entry), recalls.holds(entry, entry.day()), null);
    }

    /** A recall released, whole. */
    public void release(long id, String reason, LocalDate day) {
        Rows.any(recallRows.release(id, null, day, reason, null));
    }
}
