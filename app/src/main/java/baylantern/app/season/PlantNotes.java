package baylantern.app.season;

import baylantern.core.season.flush.BudNote;
import java.util.List;

/** The standing notes of one plant, oldest first, as stored and as read. */
record PlantNotes(List<NoteRow> rows, List<BudNote> notes) {

    static PlantNotes of(List<NoteRow> rows) {
        return new PlantNotes(
                List.copyOf(rows), rows.stream().map(NoteRow::note).toList());
    }

    NoteRow last() {
        return rows.get(rows.size() - 1);
    }
}
