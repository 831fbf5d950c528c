package baylantern.app.season;

import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.Swell;
import baylantern.core.season.flush.Swells;
import java.time.LocalDate;
import java.util.List;

/**
 * The standing notes of one plant, oldest first: as stored, as read, and what they show.
 *
 * @param swells the swells found in them
 * @param record the same as the accounts read it
 */
record PlantNotes(List<NoteRow> rows, List<BudNote> notes, List<Swell> swells, TreeRecord record) {

    /**
     * Reads rows of one plant, at least one.
     *
     * @param swellShare share of the canopy at which a flush begins
     */
    static PlantNotes of(List<NoteRow> rows, double swellShare) {
        List<BudNote> notes = rows.stream().map(NoteRow::note).toList();
        return new PlantNotes(
                List.copyOf(rows),
                notes,
                Swells.in(notes, swellShare),
                TreeRecord.of(rows.get(0).plantId(), notes, swellShare));
    }

    NoteRow last() {
        return rows.get(rows.size() - 1);
    }

    /** The rows up to a day. */
    List<NoteRow> until(LocalDate day) {
        int count = rows.size();
        while (count > 0 && rows.get(count - 1).onDay().isAfter(day)) {
            count--;
        }
        return rows.subList(0, count);
    }
}
