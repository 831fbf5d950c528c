package baylantern.app.season;

import baylantern.core.rules.BudStage;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** At what stage plants were seen to be. */
@Service
public class StageRecord {

    private final NoteShelf notes;

    StageRecord(NoteShelf notes) {
        this.notes = notes;
    }

    /**
     * The stage most of a plant was seen at, by the last look up to a day; empty where nobody looked in so many days before.
     */
    public Optional<BudStage> stage(long plantId, LocalDate day, int days) {
        PlantNotes own = notes.all().get(plantId);
        List<NoteRow> before = own == null ? List.of() : own.until(day);
        if (before.isEmpty()) {
            return Optional.empty();
        }
        NoteRow last = before.get(before.size() - 1);
        return last.onDay().isBefore(day.minusDays(days))
                ? Optional.empty()
                : last.note().sun().shares().entrySet().stream()
                        .max(Map.Entry.<BudStage, Double>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                        .map(Map.Entry::getKey);
    }
}
