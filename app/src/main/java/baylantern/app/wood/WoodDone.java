package baylantern.app.wood;

import org.jspecify.annotations.Nullable;

/** Something was done; the act takes it back. */
public record WoodDone(
        long actId, String sentence, long id, @Nullable String code) {}
