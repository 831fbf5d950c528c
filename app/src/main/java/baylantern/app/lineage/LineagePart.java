package baylantern.app.lineage;

import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import java.util.Collection;
import java.util.List;
import java.util.Map;

/** A feature that adds members to the lineage. */
public interface LineagePart {

    /** What its members are. */
    Node.Kind kind();

    /** Every link to or from its members that it knows of; grafts, of which there are many, have {@link GraftLinks}. */
    List<Link> links();

    /** What blades did, in any order. */
    List<BladeMoment> blades();

    /** Its members as they are shown, by id. */
    Map<Long, Member> members(Collection<Long> ids);
}
