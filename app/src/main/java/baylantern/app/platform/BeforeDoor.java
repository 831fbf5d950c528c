package baylantern.app.platform;

/**
 * Is called once, when the farm's store is open and before anybody is let in, so that whoever is sees the farm as it is
 * today. {@link org.springframework.core.annotation.Order} says when: one of the turns named here.
 */
public interface BeforeDoor {

    /** What nobody understands is set aside. */
    int LOOKED_THROUGH = 0;

    /** A demo farm stands. */
    int GROWN = 1;

    /** Devices have told what they measured while it was shut, and what hangs on the day is brought up to it. */
    int OF_TODAY = 2;

    /** All that needs no more than that. */
    int IN_ORDER = 3;

    /** Puts in order what is its own. */
    void beforeDoor();
}
