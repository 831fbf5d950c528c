package baylantern.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * When visits are due, as figures: the day aimed at, between the earliest and the latest that growers give, and of what comes
 * again, after how many days. A key holds the mark of its row, so that a row another edition words otherwise is another figure.
 */
final class VisitFigures {

    private static final int MARK = 5;
    private static final String AIM = "aim";
    private static final String AGAIN = "again";

    /** What comes again may come twice as often, or half as often. */
    private static final double TIMES = 2;

    private final Map<String, VisitKind> kinds;
    private final Map<String, List<Keyed>> keyed = new LinkedHashMap<>();
    private final Map<String, Row> rows = new LinkedHashMap<>();

    /** A row with the keys of its figures. */
    private record Keyed(VisitRule rule, String aim, String again) {}

    /** A row of visits that a figure is of. */
    record Row(VisitKind kind, VisitRule rule, boolean again) {}

    /** The figures of these visits. Throws where two rows of a kind are the same. */
    VisitFigures(Map<String, VisitKind> kinds) {
        this.kinds = kinds;
        for (VisitKind kind : kinds.values()) {
            List<Keyed> own = new ArrayList<>();
            for (VisitRule rule : kind.rules()) {
                Keyed one = new Keyed(rule, key(kind, rule, AIM), key(kind, rule, AGAIN));
                own.add(one);
                put(one.aim(), new Row(kind, rule, false));
                if (rule.when().every().isPresent()) {
                    put(one.again(), new Row(kind, rule, true));
                }
            }
            keyed.put(kind.key(), own);
        }
    }

    private void put(String key, Row row) {
        if (rows.put(key, row) != null) {
            throw new IllegalStateException("two rows of " + row.kind().key() + " cannot be told apart");
        }
    }

    /** Every row by the keys of its figures, in the order of visits. */
    Map<String, Row> rows() {
        return rows;
    }

    private static String key(VisitKind kind, VisitRule rule, String part) {
        VisitRule.When when = rule.when();
        VisitRule.Where where = rule.where();
        String text = Stream.of(
                        when.after(),
                        when.from(),
                        when.aim(),
                        when.to(),
                        when.every(),
                        when.until(),
                        when.unit(),
                        when.size(),
                        new TreeSet<>(rule.groups()),
                        new TreeSet<>(where.covers()),
                        new TreeSet<>(where.schools()),
                        new TreeSet<>(where.species()),
                        new TreeSet<>(where.not()),
                        new TreeSet<>(where.settings()),
                        where.stockFromMm())
                .map(String::valueOf)
                .collect(Collectors.joining("|"));
        return kind.key() + "." + Mark.of(text).substring(0, MARK) + "." + part;
    }

    /** The figures as shipped. */
    Map<String, Figure> shipped() {
        Map<String, Figure> figures = new LinkedHashMap<>();
        rows.forEach((key, row) -> figures.put(key, figure(row)));
        return figures;
    }

    private static Figure figure(Row row) {
        VisitRule.When when = row.rule().when();
        String unit = switch (when.unit()) {
            case HEALING_DAYS -> "healing days";
            case DAYS -> "days";
            case MIDWINTER -> "days about midwinter";
        };
        if (row.again()) {
            double every = when.every().orElseThrow();
            return new Figure(
                    every, every / TIMES, every * TIMES, unit, row.kind().risk());
        }
        return new Figure(when.aim(), when.from(), when.to(), unit, row.kind().why());
    }

    /** The kinds of visit with their rows as these figures have them. */
    Map<String, VisitKind> now(Map<String, Figure> figures) {
        Map<String, VisitKind> now = new LinkedHashMap<>();
        kinds.forEach((key, kind) -> now.put(key, now(kind, Known.in(keyed, key), figures)));
        return now;
    }

    private static VisitKind now(VisitKind kind, List<Keyed> rows, Map<String, Figure> figures) {
        List<VisitRule> rules = rows.stream().map(row -> now(row, figures)).toList();
        return rules.equals(kind.rules()) ? kind : kind.with(rules);
    }

    private static VisitRule now(Keyed row, Map<String, Figure> figures) {
        VisitRule.When when = row.rule().when();
        double aim = Known.in(figures, row.aim()).value();
        Optional<Double> every =
                when.every().map(shipped -> Known.in(figures, row.again()).value());
        if (aim == when.aim() && every.equals(when.every())) {
            return row.rule();
        }
        return new VisitRule(
                row.rule().groups(),
                new VisitRule.When(
                        when.after(), when.from(), aim, when.to(), every, when.until(), when.unit(), when.size()),
                row.rule().where());
    }
}
