package baylantern.app.platform;

/** Keeps what is stored beside the facts it follows from, within the transaction that changed them. */
public interface ChangeListener {

    /**
     * Told before the commit what has changed since it was last told; what it writes itself is told again, until nothing
     * more changes.
     */
    void farmChanged(Change change);
}
