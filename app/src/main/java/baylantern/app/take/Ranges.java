package baylantern.app.take;

import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import java.util.List;

/**
 * What is believed of the groups of a view. The farm, a species and a variety have one belief each, whatever they are looked
 * at by: that of the tree in which every variety has its seasons; a variety's only technique has its variety's. Other groups
 * have that of their own tree.
 */
record Ranges(KinPooling seasons, KinPooling own) {

    /** Species, then variety. */
    private static final int VARIETY_DEPTH = 2;

    Belief of(List<String> path) {
        boolean ofVarieties = own.depth() > VARIETY_DEPTH;
        if (path.isEmpty() || (ofVarieties && path.size() <= VARIETY_DEPTH)) {
            return seasons.belief(path);
        }
        boolean only = ofVarieties && own.only(path);
        return only ? seasons.belief(path.subList(0, VARIETY_DEPTH)) : own.belief(path);
    }
}
