package baylantern.core.season.window;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Counts in how many runs stocks and wood are ready on the same day. */
final class MeetingFinder {

    private static final int MOST_DAYS = 84;

    private final FlushRules rules;
    private final GraftSky sky;
    private final Readiness ready;

    MeetingFinder(FlushRules rules, GraftSky sky, Readiness ready) {
        this.rules = rules;
        this.sky = sky;
        this.ready = ready;
    }

    Meeting of(Growth stock, Growth wood) {
        int days = Math.min(MOST_DAYS, sky.days());
        double[][] meet = new double[Doing.values().length][days];
        double[][] lit = new double[meet.length][days];
        for (Doing doing : Doing.values()) {
            for (int t = 0; t < days; t++) {
                count(stock, wood, t, doing, meet[doing.ordinal()], lit[doing.ordinal()]);
            }
        }
        List<Meeting.Day> each = new ArrayList<>();
        for (int t = 0; t < days; t++) {
            each.add(new Meeting.Day(day(t), meet[0][t], meet[1][t], meet[2][t], meet[3][t]));
        }
        return new Meeting(List.copyOf(each), ways(meet, lit));
    }

    private LocalDate day(int t) {
        return sky.years().first().plusDays(t);
    }

    private void count(Growth stock, Growth wood, int t, Doing doing, double[] meet, double[] lit) {
        double line = rules.value(FigureName.LIT_FROM);
        int runs = sky.years().runs();
        Readiness.OnDay on = ready.on(stock, wood, day(t), t, doing);
        int met = 0;
        int shone = 0;
        for (int run = 0; run < runs; run++) {
            boolean both = on.stock(run) >= line && on.wood(run) >= line;
            met += both ? 1 : 0;
            shone += both && sky.fair(run, t, line) ? 1 : 0;
        }
        meet[t] = met / (double) runs;
        lit[t] = shone / (double) runs;
    }

    private List<Meeting.Way> ways(double[][] meet, double[][] lit) {
        List<Meeting.Way> ways = new ArrayList<>();
        Meeting.Way plain = way(Doing.NOTHING, meet, lit);
        ways.add(plain);
        for (Doing doing : new Doing[] {Doing.PINCH, Doing.TOP, Doing.PINCH_AND_TOP}) {
            Meeting.Way way = way(doing, meet, lit);
            // Two things to do must better it over each of them alone.
            double most = ways.stream().mapToDouble(Meeting.Way::lit).max().orElse(0);
            if (way.lit() >= most + rules.value(FigureName.WORTH_DOING)
                    || (doing == Doing.TOP && way.lit() >= plain.lit() + rules.value(FigureName.WORTH_DOING))) {
                ways.add(way);
            }
        }
        ways.subList(1, ways.size())
                .sort(Comparator.comparingDouble(Meeting.Way::lit).reversed());
        return List.copyOf(ways);
    }

    // Early days first where they are as good.
    private Meeting.Way way(Doing doing, double[][] meet, double[][] lit) {
        double[] chances = lit[doing.ordinal()];
        int best = 0;
        for (int t = 1; t < chances.length; t++) {
            best = chances[t] > chances[best] ? t : best;
        }
        return new Meeting.Way(
                doing,
                day(best),
                meet[doing.ordinal()][best],
                chances[best],
                before(best, doing.pinches(), ready.pinchDays()),
                before(best, doing.tops(), ready.topDays()));
    }

    private @Nullable LocalDate before(int best, boolean done, int days) {
        return done && best >= days ? day(best - days) : null;
    }
}
