package baylantern.app.lineage;

import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.core.lineage.Node;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The holds that stand, at hand. */
@Component
class HoldBook {

    private final RecallMapper mapper;
    private final Derived<Map<Node, HoldRow>> standing;

    HoldBook(RecallMapper mapper, Changes changes) {
        this.mapper = mapper;
        this.standing = changes.derive(this::read, Fact.HOLDS);
    }

    private Map<Node, HoldRow> read() {
        Map<Node, HoldRow> holds = new HashMap<>();
        List<HoldRow> rows = mapper.standing();
        rows.forEach(row -> holds.putIfAbsent(row.node(), row));
        return holds;
    }

    @Nullable
    HoldRow on(Node node) {
        return standing.get().get(node);
    }

    Set<Node> nodes() {
        return Set.copyOf(standing.get().keySet());
    }

    /** True where a hold on it was released with a reason: somebody has decided. */
    boolean released(Node node) {
        return !mapper.releasedOf(node.key()).isEmpty();
    }

    /** Why it is held, in a sentence without its end. */
    String words(HoldRow hold) {
        String test = hold.recallName() + " tested for " + hold.subject() + " on " + hold.recallDay();
        return switch (hold.why()) {
            case TESTED -> "it was tested itself, for " + hold.subject() + ", on " + hold.recallDay();
            case DESCENDS -> "it descends from " + test;
            case EXPOSED ->
                (hold.byBlade()
                                ? "an uncleaned blade touched it after wood of "
                                : "it stands with or comes from wood exposed to ")
                        + test;
        };
    }
}
