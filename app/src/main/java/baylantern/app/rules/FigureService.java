package baylantern.app.rules;

import baylantern.app.platform.Advice;
import baylantern.app.platform.Changes;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FigureOrder;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import jakarta.validation.constraints.NotBlank;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;

/** Figures of the rulebook changed by the grower within their range, and what a change would do before it is kept. */
@Service
class FigureService {

    private final FigureMapper figures;
    private final Rulebook rules;
    private final VisitWords visits;
    private final RowWords rows;
    private final FarmClock clock;
    private final TrailService trail;
    private final Changes changes;
    private final ObjectProvider<Advice> advice;

    FigureService(
            FigureMapper figures,
            Rulebook rules,
            VisitWords visits,
            RowWords rows,
            FarmClock clock,
            TrailService trail,
            Changes changes,
            ObjectProvider<Advice> advice) {
        this.figures = figures;
        this.rules = rules;
        this.visits = visits;
        this.rows = rows;
        this.clock = clock;
        this.trail = trail;
        this.changes = changes;
        this.advice = advice;
    }

    /**
     * A figure as it is now.
     *
     * @param speciesKey the species it is about, null where it is about all
     * @param figure as it is now, with its range, unit and reason
     * @param starting what it is as shipped
     * @param words what it is about, of a row; null where its key says it
     * @param since since when it is the grower's own, null where it is not
     */
    record FigureView(
            FigureName.Subject subject,
            String key,
            @Nullable String speciesKey,
            @Nullable String words,
            Figure figure,
            double starting,
            @Nullable LocalDate since) {}

    /** Every figure there is. */
    List<FigureView> all() {
        Map<List<String>, LocalDate> own = figures.all().stream()
                .collect(Collectors.toMap(one -> List.of(one.speciesKey(), one.figure()), FigureMapper.Own::since));
        return rules.figures().stream()
                .map(one -> new FigureView(
                        one.subject(),
                        one.key(),
                        one.of().isEmpty() ? null : one.of(),
                        words(one).orElse(null),
                        one.figure(),
                        one.starting().value(),
                        own.get(List.of(one.of(), one.key()))))
                .toList();
    }

    // What has no name of its own is told by its row.
    private Optional<String> words(Rulebook.Named figure) {
        return rules.visitRow(figure.key()).map(visits::of).or(() -> rows.of(figure));
    }

    /**
     * A figure to change.
     *
     * @param number null to go back to what it was as shipped
     */
    record FigureEntry(
            @Nullable String speciesKey,
            @NotBlank(message = "needs a figure") String key,
            @Nullable Double number) {}

    /** What was done. */
    record FigureDone(long actId, String sentence) {}

    /** Keeps an own number, or goes back to the starting one. */
    @Transactional
    FigureDone set(FigureEntry entry) {
        Rulebook.Named named = checked(entry);
        double number = entry.number() == null ? named.starting().value() : entry.number();
        String unit = named.figure().unit();
        String sentence = Quantity.of(number, unit) + " now, "
                + Quantity.of(named.figure().value(), unit) + " before: "
                + words(named).orElse(named.figure().why())
                + (named.of().isEmpty() ? "" : " (" + named.of() + ")");
        long act = trail.follow(sentence);
        write(named, entry.number());
        return new FigureDone(act, sentence);
    }

    private void write(Rulebook.Named named, @Nullable Double number) {
        Rows.any(figures.delete(named.of(), named.key()));
        if (number != null && number != named.starting().value()) {
            Rows.one(figures.insert(new FigureMapper.Own(named.of(), named.key(), number, clock.today())));
        }
    }

    private Rulebook.Named checked(FigureEntry entry) {
        String of = Objects.requireNonNullElse(entry.speciesKey(), "");
        Rulebook.Named named =
                rules.named(of, entry.key()).orElseThrow(() -> FarmProblem.unknown("figure", entry.key()));
        double number = entry.number() == null ? named.starting().value() : entry.number();
        if (!named.starting().spans(number)) {
            String range = Quantity.of(
                    named.starting().low(),
                    named.starting().high(),
                    named.starting().unit());
            throw FarmProblem.wrong("number", number, range, "This figure lies within " + range + ".");
        }
        inOrder(named, number, of);
        return named;
    }

    private void inOrder(Rulebook.Named named, double number, String of) {
        if (named.name() == null) {
            return;
        }
        FigureName changed = named.name();
        FigureOrder.crossed(
                        changed,
                        name -> name == changed ? number : figure(name, of).value())
                .ifPresent(crossed -> {
                    Figure less = figure(crossed.less(), of);
                    Figure more = figure(crossed.more(), of);
                    boolean most = crossed.less() == changed;
                    Figure beside = most ? more : less;
                    throw FarmProblem.wrong(
                            "number",
                            number,
                            (most ? "at most " : "at least ") + Quantity.of(beside.value(), beside.unit()),
                            "It may not pass another figure, " + Quantity.of(beside.value(), beside.unit()) + ": "
                                    + beside.why() + ".");
                });
    }

    private Figure figure(FigureName name, String of) {
        return rules.named(of, name.key()).map(Rulebook.Named::figure).orElseThrow();
    }

    /** What a change would do, phrase by phrase; none where nothing that is advised now changes. */
    record Tried(List<String> sentences) {}

    /** Keeps the change, looks at what is advised then, and lets it go again with the transaction. */
    @Transactional
    Tried tried(FigureEntry entry) {
        Rulebook.Named named = checked(entry);
        List<Advice> all = advice.orderedStream().toList();
        List<Map<String, String>> before = told(all);
        write(named, entry.number());
        changes.settle();
        List<Map<String, String>> after = told(all);
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return new Tried(IntStream.range(0, all.size())
                .boxed()
                .flatMap(i -> all.get(i).changes(before.get(i), after.get(i)).stream())
                .toList());
    }

    private static List<Map<String, String>> told(List<Advice> all) {
        return all.stream().map(one -> one.told().get()).toList();
    }
}
