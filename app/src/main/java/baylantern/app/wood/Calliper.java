package baylantern.app.wood;

/** A calliper at the bench. */
public interface Calliper {

    /** The diameter between its jaws now, in mm. */
    double readMm();

    /** Puts something of this thickness, in mm, between the jaws of a stand-in; a real calliper is closed by hand. */
    default void closeOn(double mm) {}
}
