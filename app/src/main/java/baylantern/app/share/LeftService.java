package baylantern.app.share;

import baylantern.app.platform.DayListener;
import baylantern.app.platform.DoneAway;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What devices still held when they were taken away or signed out. It is kept apart until an owner decides on it. */
@Service
class LeftService implements DayListener {

    private static final int MOST_OF_ONE = 500;

    private final LeftMapper left;
    private final Clock machine;

    LeftService(LeftMapper left, Clock machine) {
        this.left = left;
        this.machine = machine;
    }

    /** Something that was kept on a device; ago in seconds. */
    record Kept(
            @NotNull(message = "needs its name")
            @Pattern(regexp = "[A-Za-z0-9-]{8,64}", message = "has 8 to 64 letters, digits and dashes")
            String request,

            @NotNull(message = "needs a mark") @Size(max = 36, message = "has at most 36 letters")
            String farm,

            @NotNull(message = "needs a day") LocalDate day,

            @Min(value = 0, message = "is 0 or more") @Max(value = DoneAway.LONGEST_S, message = "is at most 60 days")
            long ago,

            @NotNull(message = "needs words") @Size(max = 400, message = "has at most 400 letters")
            String words,

            @NotNull(message = "needs a way") @Size(max = 200, message = "has at most 200 letters")
            String way,

            @NotNull(message = "needs a content") @Size(max = 3400, message = "has at most 3400 letters")
            String body) {}

    /** Takes something in from a device that was taken away or signed out; what was taken in already is not taken again. */
    @Transactional
    void handIn(@Nullable String token, Kept kept) {
        LeftMapper.Gone gone = token == null ? null : left.gone(Secrets.mark(token));
        if (gone == null) {
            throw FarmProblem.notSignedIn("This device was never signed in here.");
        }
        if (left.count(gone.name()) >= MOST_OF_ONE) {
            throw FarmProblem.tooLarge("More than " + MOST_OF_ONE + " are not taken from one device.");
        }
        Rows.any(left.insert(kept, gone, Instant.now(machine).minusSeconds(kept.ago())));
    }

    List<Left> all() {
        return left.all();
    }

    /** It was decided on. */
    @Transactional
    void decided(long id) {
        Rows.oneOr(left.delete(id), FarmProblem.conflict("This was decided on already."));
    }

    @Override
    @Transactional
    public void dayTurned() {
        Rows.any(left.deleteGone(Instant.now(machine).minus(DoneAway.LONGEST)));
    }
}
