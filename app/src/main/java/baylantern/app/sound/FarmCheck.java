package baylantern.app.sound;

import java.util.List;

/** A feature that can work out anew what it keeps beside its facts, and tell where the two differ. */
public interface FarmCheck {

    /** Where they do, a sentence each. */
    List<String> amiss();
}
