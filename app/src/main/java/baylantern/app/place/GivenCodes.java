package baylantern.app.place;

import java.util.Collection;

/** A feature whose things bear codes with numbers. */
public interface GivenCodes {

    /** All codes in use. */
    Collection<String> codes();
}
