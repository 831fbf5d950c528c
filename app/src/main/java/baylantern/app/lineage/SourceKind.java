package baylantern.app.lineage;

/** Sorts of source. */
public enum SourceKind {
    OWN,
    NEIGHBOUR,
    POST,
    NURSERY,
    SCHEME
}
