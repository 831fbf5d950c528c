package baylantern.app.wood;

import baylantern.core.wood.KeepSpan;
import java.util.List;

/** Tells how grafts fared by how much of its life their wood had used. */
public interface WoodTried {

    /** Decided grafts of a species whose lot is known, by the share of its life, to the nearest hundredth. */
    List<KeepSpan.Group> tried(String speciesKey);
}
