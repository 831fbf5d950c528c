package baylantern.app.season;

import baylantern.app.platform.Advice;
import baylantern.core.season.window.Standing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** The lamps that are lit today, as advice. */
@Component
class LampAdvice implements Advice {

    private final WindowService windows;

    LampAdvice(WindowService windows) {
        this.windows = windows;
    }

    @Override
    public Map<String, String> told() {
        Map<String, String> lit = new HashMap<>();
        for (WindowService.Named named : windows.pairings(WindowService.Bark.ANY)) {
            Standing standing = windows.standing(named.pair());
            if (standing == Standing.LIT || standing == Standing.CLOSING) {
                lit.put(named.pair().toString(), "lit");
            }
        }
        return lit;
    }

    @Override
    public List<String> sentences(Moved moved) {
        List<String> sentences = new ArrayList<>(Moved.words(moved.gone(), "lamp goes out", "lamps go out"));
        sentences.addAll(Moved.words(moved.come(), "lamp is lit", "lamps are lit"));
        return sentences;
    }
}
