package baylantern.app.season;

import baylantern.app.platform.Advice;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The lit days to come of every pairing, as advice. */
@Component
class LitDayAdvice implements Advice {

    private final WindowService windows;

    LitDayAdvice(WindowService windows) {
        this.windows = windows;
    }

    @Override
    public Map<String, String> told() {
        Map<String, String> lit = new HashMap<>();
        for (WindowService.Named named : windows.pairings(WindowService.Bark.ANY)) {
            windows.find(named.pair()).days().stream()
                    .filter(day -> day.lit())
                    .forEach(day -> lit.put(named.pair() + " " + day.day(), "lit"));
        }
        return lit;
    }

    @Override
    public List<String> sentences(Moved moved) {
        List<String> sentences =
                new ArrayList<>(Moved.words(moved.gone(), "lit day to come falls away", "lit days to come fall away"));
        sentences.addAll(Moved.words(moved.come(), "lit day to come more", "lit days to come more"));
        return sentences;
    }
}
