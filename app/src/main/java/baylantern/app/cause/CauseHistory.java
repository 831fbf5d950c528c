package baylantern.app.cause;

import baylantern.app.platform.Rows;
import java.time.LocalDate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Why grafts failed, as somebody knew before the farm began to keep its records here. */
@Service
@Transactional
public class CauseHistory {

    private final CauseMapper causes;

    CauseHistory(CauseMapper causes) {
        this.causes = causes;
    }

    /** A failed graft whose cause, by its key in the rulebook, was taken as known on a day. */
    public void known(long graftId, String cause, LocalDate day) {
        Rows.one(causes.write(CaseRow.blank(graftId).decided(cause, day)));
    }
}
