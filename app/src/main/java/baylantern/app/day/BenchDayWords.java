package baylantern.app.day;

import baylantern.core.day.crew.Crew;
import baylantern.core.day.crew.DaysOfWork;
import baylantern.core.day.crew.Flow;
import baylantern.core.day.crew.Forecast;
import baylantern.core.day.crew.Role;
import baylantern.core.day.crew.Span;
import baylantern.core.day.crew.Stint;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is to be said of a day's work: who waits, whether a face dries, whether the day is too short. */
final class BenchDayWords {

    private static final double OFTEN_IDLE = 0.25;
    private static final double MINUTES = 60;

    private final Rulebook rules;

    BenchDayWords(Rulebook rules) {
        this.rules = rules;
    }

    List<String> of(Crew crew, List<Stint> stints, Forecast forecast, List<DayBlock> order) {
        Flow flow = forecast.typical();
        List<String> said = new ArrayList<>();
        double limit = SpreadService.limit(rules);
        if (DaysOfWork.done(flow) > limit) {
            said.add(tooLong(stints, flow, limit, order));
        }
        double face = rules.day(FigureName.FACE_MINUTES);
        if (forecast.longestFace().high() > face) {
            said.add(String.format(
                    Locale.ROOT,
                    "Now and then a cut face may wait %.0f to %.0f minutes for who wraps; more than %.0f dries it. Cut no"
                            + " more than %d ahead.",
                    Math.max(1, forecast.longestFace().mid()),
                    Math.ceil(forecast.longestFace().high()),
                    face,
                    crew.ahead(stints.get(0).each())));
        }
        flow.lanes().stream().filter(lane -> lane.idle() > OFTEN_IDLE).forEach(lane -> said.add(idle(lane, flow)));
        return said;
    }

    private static String tooLong(List<Stint> stints, Flow flow, double limit, List<DayBlock> order) {
        int fits = 0;
        for (int i = 0; i < stints.size(); i++) {
            String key = stints.get(i).block();
            double until = flow.lanes().stream()
                    .flatMap(lane -> lane.spans().stream())
                    .filter(span -> span.block().equals(key) && span.doing() == Span.Doing.WORK)
                    .mapToDouble(Span::until)
                    .max()
                    .orElse(0);
            fits = until <= limit ? i + 1 : fits;
        }
        String from = fits < order.size() ? order.get(fits).of().varietyName() : "";
        return String.format(
                Locale.ROOT,
                "This is more than a day of %.0f hours: move %s and what comes after it to another day, or have more hands.",
                limit / MINUTES,
                from);
    }

    private static String idle(Flow.Of lane, Flow flow) {
        long wrapping = flow.lanes().stream()
                .filter(other -> other.hand().role() == Role.WRAP)
                .count();
        String why = lane.hand().role() == Role.WRAP
                ? wrapping > 1 ? "one who wraps could cut" : "who wraps could prepare sticks or label meanwhile"
                : lane.hand().role() == Role.CUT ? "one more could wrap" : "they could help elsewhere";
        return lane.hand().name() + " waits " + Math.round(lane.idle() * 100) + " % of the time: " + why + ".";
    }

    /** Minutes after midnight as a time of day. */
    static String clock(double minutes) {
        int whole = (int) Math.round(minutes);
        return String.format(Locale.ROOT, "%02d:%02d", whole / (int) MINUTES, whole % (int) MINUTES);
    }
}
