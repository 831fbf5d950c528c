package baylantern.app.lineage;

/** What proves that wood is the variety it is said to be, the surest first. */
public enum Identity {
    FRUITED_HERE,
    SEEN_FRUIT,
    LABEL_ONLY
}
