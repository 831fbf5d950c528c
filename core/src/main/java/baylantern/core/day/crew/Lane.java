package baylantern.core.day.crew;

import java.util.ArrayList;
import java.util.List;

/** The day of one person as it fills up. */
final class Lane {

    /** Shorter gaps are no waiting. */
    private static final double GAP_MINUTES = 0.02;

    private final Hand hand;
    private final List<Pause> pauses;
    private final List<Span> spans = new ArrayList<>();
    private double free;
    private int stint = -1;

    Lane(Hand hand, List<Pause> pauses) {
        this.hand = hand;
        this.pauses = pauses;
        this.free = hand.fromMinute();
    }

    Hand hand() {
        return hand;
    }

    /** When they stand ready for a stint: what is in hand done, blades clean, there. */
    double ready(int of, Stint next) {
        return free + (of == stint ? 0 : clean(next) + next.walkMinutes());
    }

    /** When they would begin a graft that lies there from a minute on: nothing is begun in a pause. */
    double begins(int of, Stint next, double from) {
        double at = Math.max(from, ready(of, next));
        for (Pause pause : pauses) {
            at = at >= pause.from() && at < pause.until() ? pause.until() : at;
        }
        return at;
    }

    private double clean(Stint next) {
        return hand.role().hasBlade() ? next.cleanMinutes() : 0;
    }

    /** Works on a graft from a minute on, at the earliest when free, and tells when it is done. */
    double work(int of, Stint on, double from, double minutes) {
        if (of != stint) {
            change(of, on);
        }
        double begins = Math.max(from, free);
        gap(on.block(), begins);
        free = begins + minutes;
        int last = spans.size() - 1;
        Span before = last < 0 ? null : spans.get(last);
        if (before != null
                && before.doing() == Span.Doing.WORK
                && before.block().equals(on.block())
                && begins - before.until() < GAP_MINUTES) {
            spans.set(last, new Span(Span.Doing.WORK, on.block(), before.from(), free, before.grafts() + 1));
        } else {
            spans.add(new Span(Span.Doing.WORK, on.block(), begins, free, 1));
        }
        return free;
    }

    private void change(int of, Stint to) {
        double clean = clean(to);
        if (clean > 0) {
            spans.add(new Span(Span.Doing.CLEAN, to.block(), free, free + clean, 0));
        }
        if (to.walkMinutes() > 0) {
            spans.add(new Span(Span.Doing.WALK, to.block(), free + clean, free + clean + to.walkMinutes(), 0));
        }
        free += clean + to.walkMinutes();
        stint = of;
    }

    // What lies between is a pause where one is made then, else waiting.
    private void gap(String block, double until) {
        if (until - free < GAP_MINUTES) {
            return;
        }
        double at = free;
        for (Pause pause : pauses) {
            double from = Math.max(at, pause.from());
            double to = Math.min(until, pause.until());
            if (to - from >= GAP_MINUTES) {
                waits(block, at, from);
                spans.add(new Span(Span.Doing.PAUSE, block, from, to, 0));
                at = to;
            }
        }
        waits(block, at, until);
    }

    private void waits(String block, double from, double until) {
        if (until - from >= GAP_MINUTES) {
            spans.add(new Span(Span.Doing.WAIT, block, from, until, 0));
        }
    }

    List<Span> spans() {
        return List.copyOf(spans);
    }
}
