package baylantern.app.season;

/** Is told when the warmth, past or expected, has changed. */
public interface WarmthListener {

    /** Moves what is counted in healing days. */
    void warmthChanged();
}
