package baylantern.app.platform;

import java.util.Set;

/** What must hold of the farm also after something was taken back, whatever else was done since. */
public interface TakeBackRule {

    /** Where it does not hold as the farm stands, in words a grower knows; empty where it does everywhere. */
    Set<String> broken();
}
