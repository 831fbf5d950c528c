package baylantern.app.take;

import baylantern.app.bench.FactRow;
import baylantern.app.bench.Fared;
import baylantern.app.bench.GraftService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.season.SeasonFacts;
import baylantern.core.care.GraftState;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/**
 * The table of facts: every graft once, with what was known of it. What was known when it was made is kept until that
 * changes; how grafts stand, which every look may change, is read beside it.
 */
@Service
class FactService {

    /** What was known of grafts when they were made, and the weather after. */
    private static final Fact[] MADE = SeasonFacts.skyAnd(
            Fact.GRAFTS,
            Fact.PLANTS,
            Fact.SPOTS,
            Fact.VARIETIES,
            Fact.PEOPLE,
            Fact.NOTES,
            Fact.CHECKS,
            Fact.LOTS,
            Fact.TRIALS,
            Fact.RUNS);

    /** Everything the table rests on. */
    static final Fact[] FACTS =
            Stream.concat(Arrays.stream(MADE), Stream.of(Fact.GRAFT_STATES)).toArray(Fact[]::new);

    private final GraftService grafts;
    private final FactReader reader;
    private final Derived<Made> made;
    private final Derived<FactTable> table;

    FactService(GraftService grafts, FactReader reader, Changes changes) {
        this.grafts = grafts;
        this.reader = reader;
        this.made = changes.derive(this::read, MADE);
        this.table = changes.derive(this::join, FACTS);
    }

    private record Made(List<FactRow> rows, List<FactColumn> columns) {}

    /** All grafts in the order they were made. */
    FactTable table() {
        return table.get();
    }

    private Made read() {
        List<FactRow> rows = grafts.facts();
        return new Made(rows, reader.columns(rows));
    }

    private FactTable join() {
        Made known = made.get();
        Map<Long, GraftState.Outcome> outcomes =
                grafts.outcomes().stream().collect(Collectors.toMap(Fared::graftId, Fared::outcome));
        List<FactTable.Row> rows = new ArrayList<>(known.rows().size());
        // Between both readings somebody may have logged a graft or taken one back: what is joined then is not kept.
        for (FactRow row : known.rows()) {
            GraftState.Outcome outcome = outcomes.getOrDefault(row.id(), GraftState.Outcome.LOST);
            rows.add(new FactTable.Row(row.code(), row.of().madeOn(), FactTable.End.valueOf(outcome.name())));
        }
        return new FactTable(rows, known.columns());
    }
}
