package baylantern.app.place;

/** Hears that a stem is of another thickness than was known; whoever measured it follows, so that a stem has but one. */
public interface StemUse {

    /** The stem is of a thickness that was written down just now, within the caller's followed act. */
    void thicknessPutRight(long stemId);
}
