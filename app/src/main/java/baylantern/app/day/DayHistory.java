package baylantern.app.day;

import baylantern.app.platform.Rows;
import baylantern.core.bench.Cover;
import baylantern.core.day.crew.Role;
import baylantern.core.rules.Rulebook;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was so before the farm began to keep its records here: written as it was, on the days it was, without an act that
 * could be taken back.
 */
@Service
@Transactional
public class DayHistory {

    private static final int EIGHT = 480;
    private static final int NOON = 720;

    private final DayService days;
    private final RunMapper runs;
    private final Paces paces;
    private final Rulebook rules;

    DayHistory(DayService days, RunMapper runs, Paces paces, Rulebook rules) {
        this.paces = paces;
        this.rules = rules;
        this.days = days;
        this.runs = runs;
    }

    /** A graft day that was planned before. */
    public void plan(
            LocalDate day,
            long spotId,
            String speciesKey,
            long varietyId,
            String techniqueKey,
            int grafts,
            Cover cover) {
        days.insertNew(new DayEntry(day, spotId, speciesKey, varietyId, techniqueKey, grafts, cover, null), null);
    }

    /** Who worked on a day: people by what they did; from eight, with half an hour at noon. */
    public void team(LocalDate day, Map<Long, Role> roles) {
        Rows.one(runs.insertFrame(day, new TeamEntry(EIGHT, new TeamEntry.Break(NOON, NOON + 30), List.of())));
        List<TeamEntry.Member> hands = roles.entrySet().stream()
                .map(hand -> new TeamEntry.Member(hand.getKey(), hand.getValue(), 0))
                .toList();
        Rows.all(runs.insertHands(day, hands), hands.size());
    }

    /** Seconds one graft of a technique usually takes one person. */
    public double usualSeconds(String techniqueKey) {
        return paces.usual(rules.technique(techniqueKey).orElseThrow()).whole();
    }

    /** A graft that was made on a day, and when it was done. */
    public record Worked(
            String code,
            long varietyId,
            String techniqueKey,
            Cover cover,
            long stemId,
            long lotId,
            long person,
            Instant at) {}

    /** The grafts of one block of a day, in the order they were made. */
    public void worked(LocalDate day, String block, List<Worked> grafts) {
        for (Worked graft : grafts) {
            Rows.one(runs.insertJobs(
                    day,
                    List.of(new RunMapper.NewJob(
                            grafts.indexOf(graft) + 1,
                            block,
                            0,
                            graft.varietyId(),
                            graft.techniqueKey(),
                            graft.cover(),
                            graft.stemId(),
                            graft.lotId(),
                            graft.code()))));
            Rows.one(runs.setMade(graft));
        }
    }
}
