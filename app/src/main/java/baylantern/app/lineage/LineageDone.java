package baylantern.app.lineage;

import org.jspecify.annotations.Nullable;

/** Something was done; the act takes it back, where it can be. */
public record LineageDone(@Nullable Long actId, String sentence, long id) {}
