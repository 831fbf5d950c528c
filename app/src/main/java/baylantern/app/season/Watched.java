package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.core.season.account.Rhythm;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Outlook;
import java.util.Optional;

/** A watched plant with everything reckoned of it. */
record Watched(Plant plant, PlantNotes notes, Rhythm rhythm, Optional<Outlook> outlook, Lane lane) {

    NoteRow last() {
        return notes.last();
    }
}
