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

    private static final int MOST_LETTERS = 400;

    private final ActMapper acts;
    private final FarmClock clock;
    private final Doer doer;
    private final ObjectProvider<Undoer> undoers;
    private final FarmRules rules;

    ActService(ActMapper acts, FarmClock clock, Doer doer, ObjectProvider<Undoer> undoers, FarmRules rules) {
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
        this.doer = doer;
        this.undoers = undoers;
    }

    /** Opens an act within the caller's transaction; the sentence tells what was done, at most 400 characters. */
    @Transactional
    public long open(String kind, String sentence) {
        return acts.insert(kind, told(sentence), clock.now(), clock.today(), doer.personId(), doer.device());
    }

    static String told(String sentence) {
        return sentence.substring(0, Math.min(MOST_LETTERS, sentence.length()));
    }

    /** Takes back an act of one's own, whole; who another chose on the device is told whose it is. */
    @Transactional
    public Act undo(long id) {
        Act act = acts.find(id);
        if (act == null) {
            throw FarmProblem.unknown("act", id);
        }
        if (act.personId() != null && doer.personId() != null && !act.personId().equals(doer.personId())) {
            throw FarmProblem.conflict(
                    "\"" + act.sentence() + "\" was done by " + act.personName() + ", so it is theirs to take back.");
        }
        if (act.personId() == null && !doer.role().may(Role.OWNER)) {
            throw FarmProblem.conflict("\"" + act.sentence()
                    + "\" was done at the farm's own screen by nobody in particular, so it is taken back there.");
        }
        return rules.kept(() -> takeBack(act), "Take back what was done later first.");
    }

    private Act takeBack(Act act) {
        Rows.oneOr(acts.markUndone(act.id()), FarmProblem.conflict("That was taken back already."));
        undoer(act.kind()).undo(act.id());
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

    /** The latest acts that still stand, newest first; of anybody or only of whoever is at work. */
    public List<Act> recent(Act.Whose whose, int limit) {
        return acts.recent(whose, doer.personId(), limit);
    }

    /** Takes back everything done after a day, newest first; for stepping the demo clock back. */
    @Transactional
    public int undoAfter(LocalDate day) {
        List<Act> later = acts.after(day);
        later.forEach(this::takeBack);
        return later.size();
    }
}
