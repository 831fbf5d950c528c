package baylantern.app.platform;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what was done, so that it can be taken back. */
@Service
public class ActService {

    private final ActMapper acts;
    private final FarmClock clock;
    private final ObjectProvider<Undoer> undoers;

    ActService(ActMapper acts, FarmClock clock, ObjectProvider<Undoer> undoers) {
        this.acts = acts;
        this.clock = clock;
        this.undoers = undoers;
    }

    /** Opens an act within the caller's transaction; the sentence tells what was done, at most 400 characters. */
    @Transactional
    public long open(String kind, String sentence) {
        return acts.insert(kind, sentence.substring(0, Math.min(400, sentence.length())), clock.now(), clock.today());
    }

    /** Takes an act back, whole. */
    @Transactional
    public Act undo(long id) {
        Act act = acts.find(id);
        if (act == null) {
            throw FarmProblem.unknown("act", id);
        }
        if (acts.markUndone(id) == 0) {
            throw FarmProblem.conflict("That was taken back already.");
        }
        undoer(act.kind()).undo(id);
        return act;
    }

    private Undoer undoer(String kind) {
        Map<String, Undoer> byKind = undoers.stream().collect(Collectors.toMap(Undoer::kind, Function.identity()));
        Undoer undoer = byKind.get(kind);
        if (undoer == null) {
            throw FarmProblem.conflict("This cannot be taken back.");
        }
        return undoer;
    }

    /** The latest acts that still stand, newest first. */
    public List<Act> recent(int limit) {
        return acts.recent(limit);
    }

    /** Takes back everything done after a day, newest first; for stepping the demo clock back. */
    @Transactional
    public int undoAfter(LocalDate day) {
        List<Act> later = acts.after(day);
        later.forEach(act -> undo(act.id()));
        return later.size();
    }
}
