package baylantern.app.lineage;

import baylantern.app.platform.Change;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.core.lineage.Lineage;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/**
 * The links of all grafts, of which there may be many. They are read once; after a graft is made or a new one is taken
 * back only those of the newest are read anew. Anything else that changes has all read anew.
 */
@Component
class GraftLineage {

    /** So many grafts are read anew each time before they are put with the old ones. */
    private static final int MOST_NEW = 600;

    /** The grafts up to a number, and those made since. */
    private record Read(long upTo, Lineage old, Lineage since) {}

    private final ObjectProvider<GraftLinks> links;
    private final Derived<Read> kept;

    GraftLineage(ObjectProvider<GraftLinks> links, Changes changes) {
        this.links = links;
        this.kept = changes.renew(this::read, Fact.GRAFTS, Fact.PLANTS);
    }

    /** All links of grafts, in the order in which the grafts were made. */
    Lineage lineage() {
        Read now = kept.get();
        return now.old().and(now.since());
    }

    private Read read(@Nullable Read before, Change change) {
        if (before != null && newOnly(change, before.upTo())) {
            List<GraftLinks.Numbered> since = links.getObject().after(before.upTo());
            if (since.size() < MOST_NEW) {
                return new Read(before.upTo(), before.old(), lineage(since));
            }
        }
        List<GraftLinks.Numbered> all = links.getObject().after(0);
        long last = all.isEmpty() ? 0 : all.get(all.size() - 1).graftId();
        return new Read(last, lineage(all), Lineage.of(List.of()));
    }

    // A plant changed may be one that carries an old graft.
    private static boolean newOnly(Change change, long upTo) {
        Set<Long> rows = change.rows(Fact.GRAFTS);
        return rows != null && !change.touches(Fact.PLANTS) && rows.stream().allMatch(id -> id > upTo);
    }

    private static Lineage lineage(List<GraftLinks.Numbered> some) {
        return Lineage.of(some.stream().map(GraftLinks.Numbered::link).toList());
    }
}
