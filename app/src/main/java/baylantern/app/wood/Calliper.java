package baylantern.app.wood;

/** A calliper at the bench. */
public interface Calliper {

    /** The diameter between its jaws now, in mm. */
    double readMm();
}
