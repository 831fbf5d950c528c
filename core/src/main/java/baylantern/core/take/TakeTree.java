package baylantern.core.take;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Counts arranged by kinship: farm, species, variety and so on. A node's count is the sum of its leaves. */
final class TakeTree {

    final String key;
    final int depth;
    final @Nullable TakeTree parent;
    final Map<String, TakeTree> children = new LinkedHashMap<>();
    TakeCount count = TakeCount.NONE;

    /** What its own grafts say, what that says of its parent, and what all the rest says of it. */
    LogOdds.Function[] own = {};

    LogOdds.Function[] up = {};
    LogOdds.Function[] down = {};

    private TakeTree(String key, int depth, @Nullable TakeTree parent) {
        this.key = key;
        this.depth = depth;
        this.parent = parent;
    }

    static TakeTree of(Map<List<String>, TakeCount> leaves) {
        TakeTree root = new TakeTree("", 0, null);
        leaves.forEach(root::add);
        return root;
    }

    private void add(List<String> path, TakeCount leaf) {
        TakeTree node = this;
        node.count = node.count.plus(leaf);
        for (String step : path) {
            node = node.child(step);
            node.count = node.count.plus(leaf);
        }
    }

    private TakeTree child(String step) {
        return children.computeIfAbsent(step, name -> new TakeTree(name, depth + 1, this));
    }

    Optional<TakeTree> at(List<String> path) {
        TakeTree node = this;
        for (String step : path) {
            node = node.children.get(step);
            if (node == null) {
                return Optional.empty();
            }
        }
        return Optional.of(node);
    }

    /** All nodes at one depth, 0 being this root. */
    List<TakeTree> level(int wanted) {
        List<TakeTree> found = new ArrayList<>();
        collect(wanted, found);
        return found;
    }

    private void collect(int wanted, List<TakeTree> found) {
        if (depth == wanted) {
            found.add(this);
        } else {
            children.values().forEach(child -> child.collect(wanted, found));
        }
    }

    /** How many of its members have decided grafts. */
    long decidedChildren() {
        return children.values().stream()
                .filter(child -> child.count.decided() > 0)
                .count();
    }

    /** The first member with decided grafts; there is one. */
    TakeTree decidedChild() {
        return children.values().stream()
                .filter(child -> child.count.decided() > 0)
                .findFirst()
                .orElseThrow();
    }
}
