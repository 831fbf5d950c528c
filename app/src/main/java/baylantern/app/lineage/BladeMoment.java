package baylantern.app.lineage;

import baylantern.core.lineage.BladeEvent;
import java.time.Instant;

/** A blade's event and when it was; events of one moment come in the order of their numbers, cuts before cleanings. */
public record BladeMoment(Instant at, long order, BladeEvent event) {}
