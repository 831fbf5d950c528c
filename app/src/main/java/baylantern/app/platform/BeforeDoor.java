package baylantern.app.platform;

/** Is called once, when the farm's store is open and before anybody is let in, so that whoever is sees the farm as it is today. */
public interface BeforeDoor {

    /** When it is called; what stands earlier is done by then. */
    enum Turn {
        /** What nobody understands is set aside. */
        LOOKED_THROUGH,
        /** A demo farm stands. */
        GROWN,
        /** Devices have told what they measured while it was shut, and what hangs on the day is brought up to it. */
        OF_TODAY,
        /** All that needs no more than that. */
        IN_ORDER
    }

    /** Its turn. */
    Turn turn();

    /** Puts in order what is its own. */
    void beforeDoor();
}
