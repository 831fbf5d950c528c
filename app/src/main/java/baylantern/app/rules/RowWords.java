package baylantern.app.rules;

import baylantern.core.care.Trace;
import baylantern.core.rules.BudStage;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Says what a figure that has no name of its own is about: a row's key, word by word. */
@Component
class RowWords {

    /** What the last words of a key mean; those not named here say it themselves. */
    private static final Map<String, String> WORDS = Map.ofEntries(
            Map.entry("ratio", "scion to stock"),
            Map.entry("stockMm", "stock"),
            Map.entry("cutMm", "cut"),
            Map.entry("low", "at least"),
            Map.entry("high", "at most"),
            Map.entry("hold", "holds itself"),
            Map.entry("insurance", "leaves of the stock"),
            Map.entry("rest", "at rest"),
            Map.entry("active", "in growth"),
            Map.entry("from", "made for at least"),
            Map.entry("to", "made for at most"),
            Map.entry("thickest", "scion cut true up to"),
            Map.entry("lengthMm", "length"),
            Map.entry("diameterMm", "thickness"),
            Map.entry("eyeMm", "eyes"),
            Map.entry("wait", "wait"),
            Map.entry("cut", "once cut"),
            Map.entry("below", "too little"),
            Map.entry("above", "too much"),
            Map.entry("farBelow", "far too little"),
            Map.entry("farAbove", "far too much"),
            Map.entry("far", "far off beyond"),
            Map.entry("coolBox", "in a cool box"),
            Map.entry("fridge", "in a fridge"),
            Map.entry("ambient", "in the shade"),
            Map.entry("q10", "ages faster when warmer"),
            Map.entry("chill", "hurt by cold below"),
            Map.entry("other", "other kinds"));

    private final Rulebook rules;

    RowWords(Rulebook rules) {
        this.rules = rules;
    }

    /** Such as "whip: stock, at least"; empty of a figure that is of no row. */
    Optional<String> of(Rulebook.Named figure) {
        List<String> key = new ArrayList<>(Arrays.asList(figure.key().split("\\.")));
        return switch (figure.subject()) {
            case STAGE -> Optional.of(stage(key));
            case TECHNIQUE, TRAIT ->
                Optional.of(
                        listed(rules.technique(key.get(1)).map(Technique::name).orElse(key.get(1)), key));
            case STICK, KEEPING -> Optional.of(listed(name(key.get(1)), key));
            case WEIGHT -> Optional.of(weight(key));
            default -> Optional.empty();
        };
    }

    private String stage(List<String> key) {
        String what = switch (key.get(0)) {
            case "until" -> "ends";
            case "stock" -> "stock ready";
            case "slip" -> "bark slips";
            case "shoots" -> "shoots to pinch";
            default -> "wood ready";
        };
        String last = key.get(key.size() - 1);
        return "shoots".equals(key.get(0))
                ? name(last) + ": " + what
                : (key.size() > 2 ? name(key.get(1)) + ", " : "")
                        + BudStage.valueOf(last).words() + ": " + what;
    }

    private String listed(String first, List<String> key) {
        return first + ": " + key.stream().skip(2).map(this::name).collect(Collectors.joining(", "));
    }

    private String weight(List<String> key) {
        String first = key.get(1);
        String what = switch (key.get(0)) {
            case "sign" -> Trace.valueOf(first).words();
            case "circumstance" ->
                Objects.requireNonNull(rules.causes().circumstances().get(first))
                        .words();
            default -> cause(first);
        };
        if (key.size() == 2) {
            return key.get(0).equals("sign") ? what + ": any other cause" : what;
        }
        return what + ": " + ("cause".equals(key.get(0)) ? group(key.get(2)) : cause(key.get(2)));
    }

    private static String group(String key) {
        return VisitWords.group(Technique.Group.valueOf(key));
    }

    private String cause(String key) {
        CauseRules.CauseRule rule = rules.causes().causes().get(key);
        return rule == null ? key : rule.name();
    }

    // A species, a bud stage, a word of the list above, or a word that says itself.
    private String name(String word) {
        return rules.species(word)
                .map(Species::name)
                .or(() -> Arrays.stream(BudStage.values())
                        .filter(stage -> stage.name().equals(word))
                        .findFirst()
                        .map(BudStage::words))
                .or(() -> Optional.ofNullable(WORDS.get(word)))
                .orElse(word.toLowerCase(Locale.ROOT).replace('_', ' '));
    }
}
