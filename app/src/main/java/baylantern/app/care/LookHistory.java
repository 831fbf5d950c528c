package baylantern.app.care;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.Rows;
import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was seen of grafts before the farm began to keep its records here, as an old notebook tells it. */
@Service
@Transactional
public class LookHistory {

    private final CareMapper care;
    private final FarmClock clock;

    LookHistory(CareMapper care, FarmClock clock) {
        this.care = care;
        this.clock = clock;
    }

    /** A graft seen on a past day; of the act that brings it in, or null. */
    public void seen(long graftId, @Nullable Long personId, Look look, @Nullable Long actId) {
        Past past = new Past(
                graftId, personId, look.seenOn(), look.sign(), "", look.lengthMm(), Trace.written(look.found()));
        seenAll(List.of(past), actId);
    }

    /** A graft seen on a past day, by somebody or nobody known. */
    public record Past(
            long graftId,
            @Nullable Long personId,
            LocalDate seenOn,
            Sign sign,
            String note,
            @Nullable Double lengthMm,
            String found) {

        /** Nothing was measured, nothing found beside. */
        public Past(long graftId, @Nullable Long personId, LocalDate seenOn, Sign sign, String note) {
            this(graftId, personId, seenOn, sign, note, null, "");
        }
    }

    /** Grafts seen on past days, many at once; of the act that brings them in. */
    public void seenAll(List<Past> looks, @Nullable Long actId) {
        if (!looks.isEmpty()) {
            List<Long> grafts = looks.stream().map(Past::graftId).toList();
            Rows.all(care.insertLooks(grafts, looks, clock.now(), actId), looks.size());
        }
    }
}
