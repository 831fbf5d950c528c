package baylantern.app.platform;

/** Takes back acts of one kind. */
public interface Undoer {

    /** The kind of act it takes back. */
    String kind();

    /** Takes back everything done under the act, or throws {@link FarmProblem} and changes nothing. */
    void undo(long actId);
}
