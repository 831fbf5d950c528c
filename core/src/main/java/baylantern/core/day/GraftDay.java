package baylantern.core.day;

import baylantern.core.care.CarePlan;
import baylantern.core.care.CareSubject;
import baylantern.core.care.GraftLife;
import baylantern.core.care.PlannedVisit;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Everything that hangs on a chosen graft day: what must be done before, counted back from it, and the first visits
 * after. Pinching is counted in healing days, so it lies farther back in cool weather; the rest in days.
 */
public final class GraftDay {

    private final Rulebook rules;

    public GraftDay(Rulebook rules) {
        this.rules = rules;
    }

    /**
     * What is planned.
     *
     * @param day the day of grafting
     * @param woodSpecies species of the scion
     * @param grafts how many, 1 or more
     * @param cover name of the cover
     * @param schools question key to the school followed
     */
    public record Plan(
            LocalDate day,
            String woodSpecies,
            Technique technique,
            int grafts,
            String cover,
            Map<String, String> schools) {}

    /** Steps before and on the day. */
    public enum Step {
        PINCH,
        TOP_STOCKS,
        WATER,
        COLLECT_WOOD,
        MIX,
        GRAFT
    }

    /**
     * A step with its day and the days between which it serves.
     *
     * @param ask what to do
     * @param why one sentence
     * @param caution a short warning where the step can hurt, else empty
     */
    public record StepDay(
            Step step,
            LocalDate earliest,
            LocalDate target,
            LocalDate latest,
            String ask,
            String why,
            String caution) {}

    /**
     * The days around a graft day.
     *
     * @param shoots shoots to pinch
     * @param visits the visits that follow, soonest first
     */
    public record Around(List<StepDay> tasks, int shoots, List<PlannedVisit> visits) {}

    /** Reckons the days around a plan; the clocks are the wood's for pinching and the stock's for the visits. */
    public Around around(Plan plan, HealingClock woodClock, HealingClock stockClock) {
        int shoots = shoots(plan);
        List<StepDay> tasks = new ArrayList<>();
        tasks.add(pinch(plan, shoots, woodClock));
        if (plan.technique().stockTop() == Technique.StockTop.REMOVED) {
            tasks.add(daysBefore(
                    plan,
                    Step.TOP_STOCKS,
                    FigureName.TOP_STOCK,
                    "take the tops off the stocks, leave one or two leaves below",
                    "Cut away from you; keep the other hand behind the blade."));
        }
        tasks.add(daysBefore(plan, Step.WATER, FigureName.WATER, "water the stocks well, then let them rest", ""));
        tasks.add(daysBefore(
                plan,
                Step.COLLECT_WOOD,
                FigureName.COLLECT,
                "cut the wood, take its leaves off, wrap it, label it",
                "Protected varieties and movement of wood: local rules decide."));
        tasks.add(new StepDay(
                Step.MIX,
                plan.day(),
                plan.day(),
                plan.day(),
                bleach(),
                "It loses its strength within a day.",
                "Never with ammonia or acids; ventilate, wear gloves; follow the label and local rules."));
        tasks.add(new StepDay(
                Step.GRAFT,
                plan.day(),
                plan.day(),
                plan.day(),
                "graft " + plan.grafts(),
                "The day that was chosen.",
                ""));
        return new Around(List.copyOf(tasks), shoots, visits(plan, stockClock));
    }

    // Bottles differ in strength: the strength wanted is said, and what that is of the usual one.
    private String bleach() {
        double product = rules.wood().value(FigureName.BLEACH_PCT);
        double parts = rules.wood().value(FigureName.BLEACH_PARTS);
        return String.format(
                Locale.ROOT,
                "mix the bleach fresh to %.1f %%: 1 part in %.0f of a %.0f %% one",
                product / parts,
                parts,
                product);
    }

    private int shoots(Plan plan) {
        double perGraft = rules.flush().woodOf(plan.woodSpecies()).shootsPerGraft();
        return (int) Math.ceil(plan.grafts() * perGraft * rules.flush().value(FigureName.SPARE));
    }

    private StepDay pinch(Plan plan, int shoots, HealingClock clock) {
        Figure figure = rules.flush().figure(FigureName.PINCH);
        return new StepDay(
                Step.PINCH,
                clock.before(plan.day(), figure.high()),
                clock.before(plan.day(), figure.value()),
                clock.before(plan.day(), figure.low()),
                "pinch the tips of " + shoots + (shoots == 1 ? " shoot" : " shoots"),
                "The side buds swell in about " + (int) figure.value()
                        + " healing days; with this warmth that is from here.",
                "");
    }

    private StepDay daysBefore(Plan plan, Step step, FigureName key, String ask, String caution) {
        Figure figure = rules.flush().figure(key);
        return new StepDay(
                step,
                plan.day().minusDays((long) figure.high()),
                plan.day().minusDays((long) figure.value()),
                plan.day().minusDays((long) figure.low()),
                ask,
                figure.why().substring(0, 1).toUpperCase(Locale.ROOT)
                        + figure.why().substring(1) + ".",
                caution);
    }

    private List<PlannedVisit> visits(Plan plan, HealingClock clock) {
        CareSubject subject = new CareSubject(
                plan.woodSpecies(), plan.technique(), plan.day(), plan.cover(), plan.schools(), CareSubject.Stand.POT);
        double established = rules.life(FigureName.ESTABLISHED_AFTER).value();
        GraftLife life = GraftLife.of(plan.day(), List.of(), clock, established);
        return new CarePlan(rules).open(subject, life, clock);
    }
}
