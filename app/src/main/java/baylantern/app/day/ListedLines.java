package baylantern.app.day;

import baylantern.app.fit.LimbWood;
import baylantern.app.fit.PreparedPairs;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.TrailService;
import baylantern.core.bench.Cover;
import baylantern.core.fit.limb.LimbPlan.TreeSchool;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lines of a day from what was prepared at the fit bench, and from the limbs of old trees. */
@Service
class ListedLines {

    private final PreparedPairs pairs;
    private final DayService days;
    private final LimbWood limbs;
    private final TrailService trail;

    ListedLines(PreparedPairs pairs, DayService days, LimbWood limbs, TrailService trail) {
        this.limbs = limbs;
        this.trail = trail;
        this.pairs = pairs;
        this.days = days;
    }

    private record Alike(long spotId, String speciesKey, long varietyId, String techniqueKey) {}

    /** Plans what is open on a list for a day: a line for each variety, technique and place. */
    @Transactional
    BenchDayService.Done plan(LocalDate day, long listId) {
        List<DayEntry> entries = lines(day, listId);
        return days.keepAll(grafts(entries) + " of the list planned for " + day, entries);
    }

    /**
     * Limbs to be grafted on a day.
     *
     * @param school how much of the old tree is kept, null for what is usual
     * @param slips true where the bark lifts, null where nobody tried
     */
    record LimbsEntry(
            @NotNull(message = "needs a lot") Long lotId,
            @Nullable TreeSchool school,
            @Nullable Boolean slips) {}

    /** Prepares this season's scions of an old tree, and plans them for a day. */
    @Transactional
    BenchDayService.Done planLimbs(LocalDate day, String code, LimbsEntry entry) {
        long act = trail.follow("This season's limbs of " + code + " planned for " + day);
        LimbWood.Listed listed = limbs.prepare(
                new LimbWood.LimbsWanted(code, entry.school(), Boolean.TRUE.equals(entry.slips()), entry.lotId()), act);
        List<DayEntry> entries = lines(day, listed.listId());
        days.keepAll(entries, act);
        return new BenchDayService.Done(act, grafts(entries) + " on limbs of " + code + " planned for " + day);
    }

    private static String grafts(List<DayEntry> entries) {
        int grafts = entries.stream().mapToInt(DayEntry::grafts).sum();
        return grafts + (grafts == 1 ? " graft" : " grafts");
    }

    private List<DayEntry> lines(LocalDate day, long listId) {
        Map<Alike, Integer> lines = new LinkedHashMap<>();
        List<PreparedPairs.Pair> own =
                pairs.open().stream().filter(pair -> pair.listId() == listId).toList();
        own.forEach(pair -> lines.merge(
                new Alike(pair.spotId(), pair.speciesKey(), pair.varietyId(), pair.techniqueKey()), 1, Integer::sum));
        if (own.isEmpty()) {
            throw FarmProblem.wrong(
                    "listId",
                    listId,
                    "a list with lots and stems of the farm",
                    "Nothing on this list can be planned: its stems are grafted, or no lot or stem of the farm is named.");
        }
        return lines.entrySet().stream()
                .map(line -> new DayEntry(
                        day,
                        line.getKey().spotId(),
                        line.getKey().speciesKey(),
                        line.getKey().varietyId(),
                        line.getKey().techniqueKey(),
                        line.getValue(),
                        Cover.FILM,
                        own.get(0).listName()))
                .toList();
    }
}
