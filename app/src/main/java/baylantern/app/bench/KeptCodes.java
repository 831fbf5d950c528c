package baylantern.app.bench;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Codes that are kept for grafts to be: their labels lie ready before anything bears them. */
public interface KeptCodes {

    /** The day a graft is planned for, and what its label is for. */
    record Kept(LocalDate day, String words) {}

    /** What a code is kept for, null where for nothing. */
    @Nullable
    Kept kept(String code);
}
