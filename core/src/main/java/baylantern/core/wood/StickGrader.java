package baylantern.core.wood;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.WoodRules;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.rules.WoodRules.MeasureRule;
import baylantern.core.rules.WoodRules.Verdict;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Judges a stick against what its species wants. The grade is that of the worst look, so that a single stop rejects; a
 * stick with many small faults, its weighted score under {@link #LAST_RESORT}, is a last resort whatever each look says.
 */
public final class StickGrader {

    /** Score, 0 to 1, under which many small faults make a stick a last resort. */
    public static final double LAST_RESORT = 0.6;

    /** Waiting is foretold with the range of pinching, 7 to 14 healing days about 10. */
    private static final double SOONEST = 0.7;

    private static final double LATEST = 1.4;

    private final WoodRules rules;
    private final String speciesKey;

    public StickGrader(WoodRules rules, String speciesKey) {
        this.rules = rules;
        this.speciesKey = speciesKey;
    }

    private record Judged(String look, String found, double weight, Verdict verdict, String wanted) {}

    /**
     * Judges a stick as seen on a day.
     *
     * @throws IllegalArgumentException naming the look and what it can be, or the measure and its range
     */
    public StickGrade grade(StickLook look, LocalDate day, HealingClock clock) {
        List<Judged> judged = new ArrayList<>();
        rules.looks().keySet().stream()
                .filter(look.states()::containsKey)
                .forEach(name -> judged.add(state(name, Known.in(look.states(), name), look.cut())));
        rules.measures().keySet().stream()
                .filter(look.measures()::containsKey)
                .filter(name -> rules.kind(speciesKey).measures().containsKey(name))
                .forEach(name -> judged.add(measure(name, Known.in(look.measures(), name), look.cut())));
        if (judged.isEmpty()) {
            throw new IllegalArgumentException("Nothing was looked at. Say at least the stage of its buds.");
        }
        return graded(judged, look.cut(), day, clock);
    }

    private Judged state(String name, String state, boolean cut) {
        WoodRules.LookRule rule = Known.in(rules.looks(), name);
        WoodRules.shown(name, rule, state);
        Verdict verdict = rules.verdict(speciesKey, name, state).held(cut);
        return new Judged(name, state, rule.weight(), verdict, "");
    }

    private Judged measure(String name, double x, boolean cut) {
        MeasureRule rule = Known.in(rules.measures(), name);
        Figure range = Known.in(rules.kind(speciesKey).measures(), name);
        WoodRules.measured(name, x);
        String wanted = Quantity.of(range.low(), range.high(), rule.unit());
        return new Judged(
                name,
                Quantity.of(x, rule.unit()),
                rule.weight(),
                verdict(rule, range, x).held(cut),
                wanted);
    }

    private static Verdict verdict(MeasureRule rule, Figure range, double x) {
        if (range.spans(x)) {
            return new Verdict(Grade.A, 1, null, 0, range.why(), null);
        }
        if (x < range.low()) {
            return x < range.low() * rule.far() ? rule.farBelow() : rule.below();
        }
        return x > range.high() / rule.far() ? rule.farAbove() : rule.above();
    }

    private StickGrade graded(List<Judged> judged, boolean cut, LocalDate day, HealingClock clock) {
        Grade grade = judged.stream().map(j -> j.verdict().grade()).reduce(Grade.A, Grade::worse);
        double faults = judged.stream()
                .mapToDouble(j -> j.weight() * (1 - j.verdict().points()))
                .sum();
        double score = Math.max(0, 1 - faults / rules.value(FigureName.FAULT_ROOM));
        if (score < LAST_RESORT) {
            grade = grade.worse(Grade.C);
        }
        // What is to be waited for comes with its days; a stick that is left alone is not worked on.
        double wait = judged.stream()
                .mapToDouble(j -> cut ? 0 : j.verdict().waitHd())
                .max()
                .orElse(0);
        Map<String, String> actions = new LinkedHashMap<>();
        for (Judged j : judged) {
            String act = j.verdict().act();
            if (act != null && !(grade == Grade.X && j.verdict().grade() != Grade.X)) {
                actions.putIfAbsent(act, act(act, j.verdict(), cut, day, clock));
            }
        }
        return new StickGrade(
                grade,
                score,
                List.copyOf(actions.values()),
                wait > 0 ? clock.after(day, wait * SOONEST) : null,
                wait > 0 ? clock.after(day, wait * LATEST) : null,
                reasons(judged));
    }

    private static String act(String act, Verdict verdict, boolean cut, LocalDate day, HealingClock clock) {
        if (cut || !(verdict.waitHd() > 0)) {
            return act;
        }
        long days = ChronoUnit.DAYS.between(day, clock.after(day, verdict.waitHd()));
        return act + ", about " + days + (days == 1 ? " day" : " days");
    }

    private static List<StickGrade.Reason> reasons(List<Judged> judged) {
        return judged.stream()
                .map(j -> new StickGrade.Reason(
                        j.look(),
                        j.found(),
                        j.verdict().grade(),
                        j.verdict().why(),
                        j.wanted().isEmpty() ? null : j.wanted()))
                .sorted(Comparator.comparing((StickGrade.Reason r) -> r.grade()).reversed())
                .toList();
    }
}
