package baylantern.app.rules;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.bench.Cover;
import baylantern.core.care.Sign;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.SchoolQuestion;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.rules.WoodRules;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rulebook, for reading and for choosing from. */
@RestController
@RequestMapping("/api/rules")
class RulesController {

    private final Rulebook rules;

    RulesController(Rulebook rules) {
        this.rules = rules;
    }

    /** A cover and its words. */
    record CoverWords(Cover cover, String words) {}

    /** A sign, its key and its words. */
    record SignWords(Sign sign, String key, String words) {}

    /** Everything to choose from. */
    record RulesView(
            List<Species> species,
            List<Technique> techniques,
            List<SchoolQuestion> schools,
            List<CoverWords> covers,
            List<SignWords> signs,
            FlushRules flush,
            WoodRules wood,
            FitRules fit,
            Map<String, Figure> day) {}

    @Needs(Role.GUEST)
    @GetMapping
    RulesView rules() {
        return new RulesView(
                List.copyOf(rules.species()),
                List.copyOf(rules.techniques()),
                List.copyOf(rules.schools()),
                Arrays.stream(Cover.values())
                        .map(c -> new CoverWords(c, c.words()))
                        .toList(),
                Arrays.stream(Sign.values())
                        .map(s -> new SignWords(s, "" + s.letter(), s.words()))
                        .toList(),
                rules.flush(),
                rules.wood(),
                rules.fit(),
                rules.day());
    }
}
