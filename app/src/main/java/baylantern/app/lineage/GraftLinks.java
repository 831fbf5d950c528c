package baylantern.app.lineage;

import baylantern.core.lineage.Link;
import java.util.List;

/** Tells the links of grafts: wood goes from the lot to the graft, and from the graft into the plant that carries it. */
public interface GraftLinks {

    /** Links of the grafts with a higher number than this, in the order of their numbers; all of them after 0. */
    List<Numbered> after(long graftId);

    /** A link of a graft. */
    record Numbered(long graftId, Link link) {}
}
