package baylantern.app.cause;

import baylantern.core.care.Trace;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is told of a failure, as stored: signs as {@link Trace#written}, the cause once it is taken as known. */
record CaseRow(
        long graftId,
        String seen,
        String unseen,
        @Nullable String verdict,
        @Nullable LocalDate decidedOn) {

    /** Nothing was told yet. */
    static CaseRow blank(long graftId) {
        return new CaseRow(graftId, "", "", null, null);
    }

    CaseRow signs(Set<Trace> nowSeen, Set<Trace> nowUnseen) {
        return new CaseRow(graftId, Trace.written(nowSeen), Trace.written(nowUnseen), verdict, decidedOn);
    }

    CaseRow decided(String cause, LocalDate day) {
        return new CaseRow(graftId, seen, unseen, cause, day);
    }
}
