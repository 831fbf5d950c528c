package baylantern.app.platform;

import java.util.Set;

/** What must hold of the whole farm, whatever is taken back or corrected out of its order. */
public interface FarmRule {

    /** Where it does not hold as the farm stands, in words a grower knows; empty where it does everywhere. */
    Set<String> broken();
}
