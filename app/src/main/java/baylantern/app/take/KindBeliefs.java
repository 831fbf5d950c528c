package baylantern.app.take;

import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import baylantern.core.take.TakeCount;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What is believed of each kind of an aspect. A kind has one range whatever is looked at under it: that among the kinds of
 * its aspect; a species and a variety have the one they have everywhere, from the tree in which varieties have their seasons.
 *
 * @param own the kinds pooled with one another
 * @param paths where kinds stand in {@code seasons} that have their range from there
 */
record KindBeliefs(KinPooling own, KinPooling seasons, Map<String, List<String>> paths) {

    TakeCount count(String kind) {
        return own.count(List.of(kind));
    }

    Belief of(String kind) {
        return paths.containsKey(kind)
                ? seasons.belief(Objects.requireNonNull(paths.get(kind)))
                : own.belief(List.of(kind));
    }
}
