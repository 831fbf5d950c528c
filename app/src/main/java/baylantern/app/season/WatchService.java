package baylantern.app.season;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.NoteChecks;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bud watch: stages noted, corrected, removed; nothing of it is ever lost. */
@Service
public class WatchService implements Undoer {

    private final WatchMapper mapper;
    private final PlantService plants;
    private final NoteChecks checks;
    private final ActService acts;
    private final FarmClock clock;
    private final NoteShelf shelf;

    WatchService(
            WatchMapper mapper,
            PlantService plants,
            Rulebook rules,
            ActService acts,
            FarmClock clock,
            NoteShelf shelf) {
        this.mapper = mapper;
        this.plants = plants;
        this.checks = new NoteChecks(rules.flush());
        this.acts = acts;
        this.clock = clock;
        this.shelf = shelf;
    }

    /** What became of a note: the act takes it back; findings say what is odd about it. */
    public record Noted(long actId, String sentence, List<Finding> findings) {}

    /** Notes that stand, by plant. */
    Map<Long, PlantNotes> watched() {
        return shelf.all();
    }

    /** Every note of a plant, also those replaced or removed, newest first. */
    List<NoteRow> history(long plantId) {
        return mapper.history(plantId);
    }

    /** Notes one stage on every plant named. */
    @Transactional
    public Noted note(NoteEntry entry) {
        BudNote note = parsed(entry);
        List<Plant> named = plants.plants(entry.plantIds());
        if (named.size() < entry.plantIds().stream().distinct().count()) {
            throw FarmProblem.unknown("plant among", entry.plantIds());
        }
        List<Finding> findings = new ArrayList<>();
        named.forEach(plant -> findings.addAll(checked(note, plant.id(), null)));
        String which = named.size() == 1 ? named.get(0).code() : named.size() + " plants";
        String sentence = which + ": " + words(note);
        long act = acts.open(kind(), sentence);
        named.forEach(plant -> insert(plant.id(), note, entry, null, act));
        return new Noted(act, sentence, findings.stream().distinct().toList());
    }

    /** What the buds of these plants show today, as a part of an act that is followed; "S" or shares such as "S40 M60". */
    @Transactional
    public void firstNotes(List<Plant> named, String stage, long act) {
        BudNote note = new BudNote(clock.today(), shares("stage", stage), null, false);
        NoteEntry entry = new NoteEntry(List.of(), null, stage, null, null, null, null);
        named.forEach(plant -> insert(plant.id(), note, entry, null, act));
    }

    /** Replaces a note; the old one stays in the history. */
    @Transactional
    public Noted correct(long id, NoteEntry entry) {
        NoteRow old = standing(id);
        BudNote note = parsed(entry);
        List<Finding> findings = checked(note, old.plantId(), id);
        String sentence =
                plants.plant(old.plantId()).code() + ": note of " + old.onDay() + " corrected to " + words(note);
        long act = acts.open(kind(), sentence);
        Rows.superseded(mapper.end(id, old.plantId(), act), "The note");
        insert(old.plantId(), note, entry, id, act);
        return new Noted(act, sentence, findings);
    }

    /** Removes a note; it stays in the history. */
    @Transactional
    public Noted remove(long id) {
        NoteRow old = standing(id);
        String sentence = plants.plant(old.plantId()).code() + ": note of " + old.onDay() + " removed";
        long act = acts.open(kind(), sentence);
        Rows.superseded(mapper.end(id, old.plantId(), act), "The note");
        return new Noted(act, sentence, List.of());
    }

    private NoteRow standing(long id) {
        NoteRow row = mapper.find(id);
        if (row == null) {
            throw FarmProblem.unknown("note", id);
        }
        if (!row.stands()) {
            throw FarmProblem.conflict("That note was changed by somebody else meanwhile. Look again, then change it.");
        }
        return row;
    }

    private BudNote parsed(NoteEntry entry) {
        LocalDate day = Objects.requireNonNullElse(entry.day(), clock.today());
        CanopyShares sun = shares("sun", entry.sun());
        CanopyShares shade = entry.shade() == null || entry.shade().isBlank() ? null : shares("shade", entry.shade());
        return new BudNote(day, sun, shade, Boolean.TRUE.equals(entry.flowering()));
    }

    private static CanopyShares shares(String field, String written) {
        try {
            return CanopyShares.parse(written);
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong(
                    field, written, "for instance S40 M60, together up to 100", String.valueOf(e.getMessage()));
        }
    }

    private List<Finding> checked(BudNote note, long plantId, @Nullable Long except) {
        PlantNotes held = watched().get(plantId);
        List<NoteRow> rows = held == null ? List.of() : held.rows();
        List<BudNote> others = rows.stream()
                .filter(row -> !Objects.equals(row.id(), except))
                .map(NoteRow::note)
                .toList();
        List<Finding> found = checks.of(note, others, clock.today());
        FarmProblem.ifRefused(found);
        return found;
    }

    private void insert(long plantId, BudNote note, NoteEntry entry, @Nullable Long corrects, long act) {
        Rows.made(mapper.insert(
                plantId,
                note.day(),
                note.sun().written(),
                note.shade() == null ? null : note.shade().written(),
                note.flowering(),
                Objects.requireNonNullElse(entry.remark(), ""),
                entry.personId(),
                clock.now(),
                corrects,
                act));
    }

    private static String words(BudNote note) {
        return note.canopy().leading().words() + (note.flowering() ? ", in flower" : "");
    }

    @Override
    public String kind() {
        return "notes";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        List<Long> plantIds = mapper.plantsOfAct(actId);
        Rows.any(mapper.deleteOfAct(actId, plantIds));
        Rows.any(mapper.standAgain(actId, plantIds));
    }
}
