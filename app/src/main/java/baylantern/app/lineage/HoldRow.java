package baylantern.app.lineage;

import baylantern.core.lineage.Node;
import baylantern.core.lineage.Recall;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** One thing held under a recall. */
record HoldRow(
        long id,
        @JsonUnwrapped Of of,
        String nodeKey,
        @JsonUnwrapped Cause cause,
        @JsonUnwrapped Release release) {

    /** The recall. */
    record Of(long recallId, String recallName, String subject, LocalDate recallDay) {}

    /** How it was reached. */
    record Cause(Recall.Why why, @Nullable LocalDate sinceDay, String byKey, boolean byBlade) {}

    /** Its release. */
    record Release(@Nullable LocalDate releasedOn, @Nullable String releaseReason) {}

    /** As the store tells it. */
    @AutomapConstructor
    HoldRow(
            long id,
            long recallId,
            String recallName,
            String subject,
            LocalDate recallDay,
            String nodeKey,
            Recall.Why why,
            @Nullable LocalDate sinceDay,
            String byKey,
            boolean byBlade,
            @Nullable LocalDate releasedOn,
            @Nullable String releaseReason) {
        this(
                id,
                new Of(recallId, recallName, subject, recallDay),
                nodeKey,
                new Cause(why, sinceDay, byKey, byBlade),
                new Release(releasedOn, releaseReason));
    }

    /** See {@link Of}. */
    public String recallName() {
        return of.recallName();
    }

    /** See {@link Of}. */
    public String subject() {
        return of.subject();
    }

    /** See {@link Of}. */
    public LocalDate recallDay() {
        return of.recallDay();
    }

    /** See {@link Cause}. */
    public Recall.Why why() {
        return cause.why();
    }

    /** See {@link Cause}. */
    public @Nullable LocalDate sinceDay() {
        return cause.sinceDay();
    }

    /** See {@link Cause}. */
    public String byKey() {
        return cause.byKey();
    }

    /** See {@link Cause}. */
    public boolean byBlade() {
        return cause.byBlade();
    }

    /** See {@link Release}. */
    public @Nullable LocalDate releasedOn() {
        return release.releasedOn();
    }

    /** See {@link Release}. */
    public @Nullable String releaseReason() {
        return release.releaseReason();
    }

    Node node() {
        return Node.parse(nodeKey);
    }
}
