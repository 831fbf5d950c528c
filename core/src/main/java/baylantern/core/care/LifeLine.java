package baylantern.core.care;

import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The life of a graft as a line in healing days.
 *
 * @param now healing days since it was made
 * @param length where the line ends, in healing days
 * @param pushFrom when the first push is expected at the soonest, in healing days
 * @param pushTo and at the latest
 * @param marks what was seen and when
 * @param notches the visits still to come
 * @param sizes the lengths that were measured
 * @param next the next size that matters, null where no length is known or none is left
 */
public record LifeLine(
        double now,
        double length,
        double pushFrom,
        double pushTo,
        Pace pace,
        List<Mark> marks,
        List<Notch> notches,
        List<Size> sizes,
        @Nullable Next next) {

    private static final double ROOM = 12;

    /** Where the graft stands against what is expected of it. */
    public enum Pace {
        AHEAD,
        ON_TIME,
        BEHIND,
        ENDED
    }

    /** A look on the line. */
    public record Mark(double at, Sign sign) {}

    /** A visit on the line; {@code at} is its target. */
    public record Notch(double at, String kind, boolean overdue) {}

    /** A length on the line, mm. */
    public record Size(double at, double mm) {}

    /** A size that matters and when it comes, in healing days: one time in ten before the first, nine in ten by the last. */
    public record Next(double mm, double from, double mid, double to) {}

    /** Sizes at which something is done, mm. */
    private static final double[] MATTER = {75, 100, 150, 500, 600};

    /** Draws the line of a graft as it stands today. */
    public static LifeLine of(
            @Nullable Technique technique,
            LocalDate madeOn,
            GraftLife life,
            List<PlannedVisit> visits,
            HealingClock clock,
            Rulebook rules,
            LocalDate today) {
        Figure push = rules.life(pushFigure(technique));
        double now = clock.between(madeOn, today);
        double full = rules.life(FigureName.ESTABLISHED_AFTER).value() + ROOM;
        List<Mark> marks = life.steps().stream()
                .map(step -> new Mark(
                        clock.between(madeOn, step.look().seenOn()), step.look().sign()))
                .toList();
        List<Notch> notches = visits.stream()
                .map(visit -> new Notch(clock.between(madeOn, visit.target()), visit.kind(), visit.overdue(today)))
                .toList();
        Pace pace = pace(life, push, now, clock, madeOn);
        List<Size> sizes = life.lengths().stream()
                .map(l -> new Size(clock.between(madeOn, l.day()), l.mm()))
                .toList();
        Next next = life.state().live() ? next(life, clock, madeOn, rules) : null;
        return new LifeLine(now, full, push.low(), push.high(), pace, marks, notches, sizes, next);
    }

    private static @Nullable Next next(GraftLife life, HealingClock clock, LocalDate madeOn, Rulebook rules) {
        ScionGrowth growth = ScionGrowth.of(life.lengths(), rules.life(FigureName.GROWTH), clock)
                .orElse(null);
        if (growth == null) {
            return null;
        }
        double last = life.lengths().get(life.lengths().size() - 1).mm();
        for (double mm : MATTER) {
            if (mm > last) {
                ScionGrowth.Span span = growth.reaches(mm);
                return new Next(
                        mm,
                        clock.between(madeOn, span.low()),
                        clock.between(madeOn, span.mid()),
                        clock.between(madeOn, span.high()));
            }
        }
        return null;
    }

    private static FigureName pushFigure(@Nullable Technique technique) {
        Technique.Group group = technique == null ? Technique.Group.CLEFT : technique.group();
        return switch (group) {
            case CLEFT -> FigureName.PUSH_CLEFT;
            case SIDE -> FigureName.PUSH_SIDE;
            case BUD -> FigureName.PUSH_BUD;
            case APPROACH -> FigureName.PUSH_APPROACH;
        };
    }

    private static Pace pace(GraftLife life, Figure push, double now, HealingClock clock, LocalDate madeOn) {
        if (!life.state().live()) {
            return Pace.ENDED;
        }
        double pushed = life.reached(GraftState.PUSHED)
                .map(day -> clock.between(madeOn, day))
                .orElse(Double.NaN);
        if (Double.isNaN(pushed)) {
            return now > push.high() ? Pace.BEHIND : Pace.ON_TIME;
        }
        return pushed < push.low() ? Pace.AHEAD : pushed > push.high() ? Pace.BEHIND : Pace.ON_TIME;
    }
}
