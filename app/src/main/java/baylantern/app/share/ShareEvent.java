package baylantern.app.share;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Something that happened at the shared door. */
public record ShareEvent(
        long id,
        Instant at,
        Kind kind,
        @Nullable String personName,
        @Nullable String device,
        @Nullable String address) {

    /** What it was. */
    public enum Kind {
        CODE_MADE,
        PAIRED,
        SIGNED_IN,
        SIGNED_OUT,
        TAKEN_AWAY,
        WRONG_CODE,
        WRONG_PASSPHRASE,
        CODES_VOID,
        RIGHTS_SET,
        PASSPHRASE_SET
    }
}
