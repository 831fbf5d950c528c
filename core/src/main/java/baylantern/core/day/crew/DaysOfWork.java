package baylantern.core.day.crew;

import java.util.ArrayList;
import java.util.List;

/** Work too long for one day, cut into days one after the other. */
public final class DaysOfWork {

    private DaysOfWork() {}

    /** When the last hand is done with everything but pauses, minutes after the day begins. */
    public static double done(Flow flow) {
        return flow.lanes().stream()
                .flatMap(lane -> lane.spans().stream())
                .filter(span -> span.doing() != Span.Doing.PAUSE)
                .mapToDouble(Span::until)
                .max()
                .orElse(0);
    }

    /**
     * The work in its order, cut so that each day is done within the limit and takes as much as it can; a day takes one graft
     * even where that alone is too long. A block that goes on the next day has its blades cleaned again and is walked to.
     *
     * @param limitMinutes from the beginning of a day to its end, pauses within
     */
    public static List<List<Stint>> cut(Crew crew, List<Stint> work, double limitMinutes) {
        List<List<Stint>> days = new ArrayList<>();
        List<Stint> left = work;
        while (!left.isEmpty()) {
            int all = left.stream().mapToInt(Stint::grafts).sum();
            int fit = 1;
            int over = all + 1;
            while (over - fit > 1) {
                int tried = (fit + over) / 2;
                if (done(crew.usual(first(left, tried))) <= limitMinutes) {
                    fit = tried;
                } else {
                    over = tried;
                }
            }
            days.add(first(left, fit));
            left = after(left, fit);
        }
        return days;
    }

    private static List<Stint> first(List<Stint> work, int grafts) {
        List<Stint> first = new ArrayList<>();
        int rest = grafts;
        for (Stint stint : work) {
            if (rest > 0) {
                first.add(of(stint, Math.min(rest, stint.grafts())));
                rest -= stint.grafts();
            }
        }
        return first;
    }

    private static List<Stint> after(List<Stint> work, int grafts) {
        List<Stint> after = new ArrayList<>();
        int gone = grafts;
        for (Stint stint : work) {
            if (gone < stint.grafts()) {
                after.add(of(stint, stint.grafts() - gone));
            }
            gone = Math.max(0, gone - stint.grafts());
        }
        return after;
    }

    private static Stint of(Stint stint, int grafts) {
        return new Stint(stint.block(), grafts, stint.each(), stint.cleanMinutes(), stint.walkMinutes());
    }
}
