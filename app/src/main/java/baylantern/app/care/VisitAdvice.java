package baylantern.app.care;

import baylantern.app.platform.Advice;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The open visits, as advice. */
@Component
class VisitAdvice implements Advice {

    private final CareMapper care;

    VisitAdvice(CareMapper care) {
        this.care = care;
    }

    @Override
    public Map<String, String> told() {
        Map<String, String> visits = new HashMap<>();
        for (VisitRow visit : care.open()) {
            visits.put(
                    visit.graftId() + " " + visit.kind() + " " + visit.repeatNo(),
                    visit.earliest() + " " + visit.target() + " " + visit.latest());
        }
        return visits;
    }

    @Override
    public List<String> sentences(Moved moved) {
        List<String> sentences = new ArrayList<>(Moved.words(moved.other(), "visit moves", "visits move"));
        sentences.addAll(Moved.words(moved.come(), "visit more", "visits more"));
        sentences.addAll(Moved.words(moved.gone(), "visit fewer", "visits fewer"));
        return sentences;
    }
}
