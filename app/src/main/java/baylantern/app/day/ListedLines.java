package baylantern.app.day;

import baylantern.app.fit.PreparedPairs;
import baylantern.app.platform.FarmProblem;
import baylantern.core.bench.Cover;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lines of a day from what was prepared at the fit bench. */
@Service
class ListedLines {

    private final PreparedPairs pairs;
    private final DayService days;

    ListedLines(PreparedPairs pairs, DayService days) {
        this.pairs = pairs;
        this.days = days;
    }

    private record Alike(long spotId, String speciesKey, long varietyId, String techniqueKey) {}

    /** Plans what is open on a list for a day: a line for each variety, technique and place. */
    @Transactional
    BenchDayService.Done plan(LocalDate day, long listId) {
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
        List<DayEntry> entries = lines.entrySet().stream()
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
        return days.keepAll(
                own.size() + (own.size() == 1 ? " graft" : " grafts") + " of the list planned for " + day, entries);
    }
}
