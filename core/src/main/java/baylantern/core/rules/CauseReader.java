package baylantern.core.rules;

import static baylantern.core.rules.FigureName.Subject.WEIGHT;

import java.util.LinkedHashMap;
import java.util.Map;

/** Turns the file about failures into its rules. */
final class CauseReader {

    private static final String CASES = "beside the others";
    private static final String SEEN = "of the failures";

    private CauseReader() {}

    static CauseRules read(Yaml file, RowNumbers numbers) {
        return new CauseRules(
                file.at("causes").each((key, cause) -> cause(key, cause, numbers)),
                file.at("signs").each((key, sign) -> sign(key, sign, numbers)),
                file.at("circumstances").each((key, one) -> circumstance(key, one, numbers)),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private static CauseRules.CauseRule cause(String key, Yaml file, RowNumbers numbers) {
        Map<String, Double> byGroup = new LinkedHashMap<>();
        file.numbers("byGroup")
                .forEach((group, weight) -> byGroup.put(group, weight(numbers, "cause." + key + "." + group, weight)));
        return new CauseRules.CauseRule(
                file.text("name"),
                weight(numbers, "cause." + key, file.number("weight")),
                Map.copyOf(byGroup),
                file.text("change"),
                file.text("link"));
    }

    private static double weight(RowNumbers numbers, String key, double weight) {
        String why = "how common it is, before anything is seen";
        return numbers.read(WEIGHT, key, Span.times(weight, CASES, why));
    }

    private static CauseRules.SignRule sign(String key, Yaml file, RowNumbers numbers) {
        String why = "how often it is seen where that is the cause";
        Map<String, Double> with = new LinkedHashMap<>();
        file.numbers("with")
                .forEach((cause, share) -> with.put(
                        cause, numbers.read(WEIGHT, "sign." + key + "." + cause, Span.odds(share, SEEN, why))));
        Figure other = Span.odds(file.number("other"), SEEN, "how often it is seen with any other cause");
        return new CauseRules.SignRule(numbers.read(WEIGHT, "sign." + key, other), Map.copyOf(with));
    }

    private static CauseRules.CircumstanceRule circumstance(String key, Yaml file, RowNumbers numbers) {
        String why = "how many times likelier the cause is where that is on record";
        Map<String, Double> times = new LinkedHashMap<>();
        file.numbers("times")
                .forEach((cause, factor) -> times.put(
                        cause,
                        numbers.read(WEIGHT, "circumstance." + key + "." + cause, Span.factor(factor, "times", why))));
        return new CauseRules.CircumstanceRule(
                file.text("group"), file.text("words"), file.set("late"), Map.copyOf(times));
    }
}
