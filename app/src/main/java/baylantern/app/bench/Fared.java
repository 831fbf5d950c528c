package baylantern.app.bench;

import baylantern.core.care.GraftState;

/** How a graft counts in a take rate. */
public record Fared(long graftId, GraftState.Outcome outcome) {}
