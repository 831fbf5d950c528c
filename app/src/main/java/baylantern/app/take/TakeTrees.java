package baylantern.app.take;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.TakeRow;
import baylantern.app.place.PlaceService;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.Season;
import baylantern.core.take.KinPooling;
import baylantern.core.take.KinPrior;
import baylantern.core.take.TakeCount;
import java.time.YearMonth;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** The trees in which takes are pooled: species, variety, and its seasons or its techniques. */
@Component
class TakeTrees {

    private final GraftService grafts;
    private final PlaceService places;
    private final Rulebook rules;

    TakeTrees(GraftService grafts, PlaceService places, Rulebook rules) {
        this.grafts = grafts;
        this.places = places;
        this.rules = rules;
    }

    /** Species, variety, season. */
    KinPooling seasons(GraftFilter filter) {
        Map<List<String>, TakeCount> leaves =
                leaves(grafts.takes("season", filter), row -> season(row).key());
        return new KinPooling(leaves, KinPrior.withSeasons(rules));
    }

    /** Species, variety, technique; an empty key where it was not written down. */
    KinPooling techniques(GraftFilter filter) {
        return lasting(leaves(grafts.takes("variety-technique", filter), TakeTrees::technique));
    }

    /** A tree of other lasting kinds. */
    KinPooling lasting(Map<List<String>, TakeCount> leaves) {
        return new KinPooling(leaves, KinPrior.lasting(rules));
    }

    /** The season a row's grafts were made in. */
    Season season(TakeRow row) {
        YearMonth month = YearMonth.of(Objects.requireNonNull(row.madeYear()), Objects.requireNonNull(row.madeMonth()));
        return Season.of(month, places.latitudeDeg());
    }

    static String technique(TakeRow row) {
        return Objects.requireNonNullElse(row.techniqueKey(), "");
    }

    /** Counts under species, variety and a third key. */
    static Map<List<String>, TakeCount> leaves(List<TakeRow> rows, Function<TakeRow, String> third) {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (TakeRow row : rows) {
            List<String> path =
                    List.of(Objects.requireNonNull(row.speciesKey()), "" + row.varietyId(), third.apply(row));
            leaves.merge(path, count(row), TakeCount::plus);
        }
        return leaves;
    }

    static TakeCount count(TakeRow row) {
        int n = row.grafts();
        return switch (row.outcome()) {
            case TAKEN -> new TakeCount(n, 0, 0, 0);
            case FAILED -> new TakeCount(0, n, 0, 0);
            case WAITING -> new TakeCount(0, 0, n, 0);
            case LOST -> new TakeCount(0, 0, 0, n);
        };
    }
}
