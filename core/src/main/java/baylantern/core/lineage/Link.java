package baylantern.core.lineage;

import java.time.LocalDate;

/** Wood went from one to the other on a day. */
public record Link(Node from, Node to, LocalDate on) {}
