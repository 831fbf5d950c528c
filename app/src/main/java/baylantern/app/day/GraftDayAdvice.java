package baylantern.app.day;

import baylantern.app.platform.Advice;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The graft days ahead: how long they take and what goes into the box, as advice. */
@Component
class GraftDayAdvice implements Advice {

    private final BenchDayService days;

    GraftDayAdvice(BenchDayService days) {
        this.days = days;
    }

    @Override
    public Map<String, String> told() {
        Map<String, String> told = new HashMap<>();
        for (BenchDayService.DayHead head : days.heads()) {
            BenchDayService.DayView view = days.view(head.day());
            told.put("" + head.day(), view.done() + " " + view.box());
        }
        return told;
    }

    @Override
    public List<String> sentences(Moved moved) {
        return new ArrayList<>(Moved.words(
                moved.other(),
                "graft day takes another time or another box",
                "graft days take another time or another box"));
    }
}
