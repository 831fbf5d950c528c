package baylantern.app.rules;

import baylantern.core.bench.Cover;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.SchoolQuestion.School;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.rules.VisitRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Says which visit a figure is about, and for which grafts. */
@Component
class VisitWords {

    private static final Map<Technique.Group, String> GROUPS = Map.of(
            Technique.Group.CLEFT, "clefts and whips",
            Technique.Group.SIDE, "side grafts",
            Technique.Group.BUD, "buds",
            Technique.Group.APPROACH, "approach grafts");

    private static final Map<String, String> SETTINGS = Map.of(
            "POT", "in pots",
            "ROOMY_POT", "in roomy pots",
            "SMALL_POT", "in small pots",
            "GROUND", "in the ground");

    private final Rulebook rules;

    VisitWords(Rulebook rules) {
        this.rules = rules;
    }

    /** Techniques that share their aftercare, such as "clefts and whips". */
    static String group(Technique.Group group) {
        return Objects.requireNonNull(GROUPS.get(group));
    }

    /** Such as "first water: buds, rest 4 days". */
    String of(Rulebook.VisitRow row) {
        List<String> which = new ArrayList<>();
        VisitRule rule = row.rule();
        if (rule.groups().size() < Technique.Group.values().length) {
            which.add(Arrays.stream(Technique.Group.values())
                    .filter(rule.groups()::contains)
                    .map(VisitWords::group)
                    .collect(Collectors.joining(", ")));
        }
        VisitRule.Where where = rule.where();
        add(which, "", where.covers().stream().map(cover -> Cover.valueOf(cover).words()));
        add(which, "", where.schools().stream().map(this::school));
        add(which, "", where.species().stream().map(this::species));
        add(which, "not ", where.not().stream().map(this::species));
        add(which, "", where.settings().stream().map(key -> SETTINGS.getOrDefault(key, key)));
        return row.kind().name()
                + (row.again() ? ", again" : "")
                + (which.isEmpty() ? "" : ": ")
                + String.join(", ", which);
    }

    private static void add(Collection<String> which, String before, java.util.stream.Stream<String> words) {
        String said = words.sorted().collect(Collectors.joining(" or "));
        if (!said.isEmpty()) {
            which.add(before + said);
        }
    }

    private String species(String key) {
        return rules.species(key).map(Species::name).orElse(key);
    }

    // Written question=school.
    private String school(String answer) {
        String[] parts = answer.split("=", 2);
        return rules.schools().stream()
                .filter(question -> question.key().equals(parts[0]))
                .map(question -> question.schools().get(parts[1]))
                .filter(Objects::nonNull)
                .map(School::name)
                .findFirst()
                .orElse(answer);
    }
}
