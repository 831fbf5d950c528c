package baylantern.core.rules;

import static baylantern.core.rules.FigureName.Subject.KEEPING;
import static baylantern.core.rules.FigureName.Subject.STICK;

import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.rules.WoodRules.Keep;
import baylantern.core.rules.WoodRules.LookRule;
import baylantern.core.rules.WoodRules.MeasureRule;
import baylantern.core.rules.WoodRules.Verdict;
import baylantern.core.rules.WoodRules.WoodKind;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Turns the file about wood into its rules. */
final class WoodReader {

    private static final List<String> MEASURES = List.of("lengthMm", "buds", "diameterMm", "eyeMm");

    /** Points of a grade where the file gives none. */
    private static final Map<Grade, Double> POINTS = Map.of(Grade.A, 1.0, Grade.B, 0.7, Grade.C, 0.35, Grade.X, 0.0);

    /** How far growers differ in what a state is worth. */
    private static final double WORTH = 0.2;

    /** The longest a fridge is believed to keep wood, times what is usual. */
    private static final double MORE = 2;

    private static final double CHILL_C = 4;

    private final Figure pinch;
    private final RowNumbers numbers;

    private WoodReader(Figure pinch, RowNumbers numbers) {
        this.pinch = pinch;
        this.numbers = numbers;
    }

    /** The rules of wood; how long a pinched tip takes stands elsewhere. */
    static WoodRules read(Yaml file, Figure pinch, RowNumbers numbers) {
        WoodReader reader = new WoodReader(pinch, numbers);
        return new WoodRules(
                file.at("looks").each(reader::look),
                file.at("measures").each(reader::measure),
                file.at("species").each(reader::kind),
                file.at("keeping").each(reader::keep),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private LookRule look(String key, Yaml file) {
        return new LookRule(
                weight("look." + key, file),
                file.at("states").each((state, verdict) -> verdict("look." + key + "." + state, verdict)));
    }

    private double weight(String key, Yaml file) {
        Figure shipped = Span.times(file.number("weight"), "beside the others", "how much it counts in a grade");
        return numbers.read(STICK, key + ".weight", shipped);
    }

    private MeasureRule measure(String name, Yaml file) {
        String key = "measure." + name;
        Figure far = Span.about(file.number("far"), WORTH, "of the limit", "beyond this it is much worse");
        return new MeasureRule(
                file.text("unit"),
                weight(key, file),
                numbers.read(STICK, key + ".far", far),
                verdict(key + ".below", file.at("below")),
                verdict(key + ".above", file.at("above")),
                verdict(key + ".farBelow", file.at("farBelow")),
                verdict(key + ".farAbove", file.at("farAbove")));
    }

    private Verdict verdict(String key, Yaml file) {
        Grade grade = Grade.valueOf(file.text("grade"));
        double points = file.maybe("points").map(Double::valueOf).orElseGet(() -> Known.in(POINTS, grade));
        Figure worth = Span.about(points, WORTH, "of 1", file.text("why"));
        // What is left on its tree is worth nothing, whatever one thinks of it.
        return new Verdict(
                grade,
                grade == Grade.X ? points : numbers.read(STICK, key, worth),
                file.maybe("act").orElse(null),
                file.maybe("wait").map(text -> healingDays(key, text)).orElse(0.0),
                file.text("why"),
                file.maybe("cut").isEmpty() ? null : verdict(key + ".cut", file.at("cut")));
    }

    private double healingDays(String key, String text) {
        return text.equals(FigureName.PINCH.key())
                ? numbers.now(text, pinch)
                : numbers.read(
                        STICK,
                        key + ".wait",
                        Span.times(Double.parseDouble(text), "healing days", "so long to wait on its tree"));
    }

    private WoodKind kind(String species, Yaml file) {
        String key = "wants." + species + ".";
        Map<String, Figure> measures = new LinkedHashMap<>();
        MEASURES.stream()
                .filter(name -> file.maybe(name).isPresent())
                .forEach(name -> measures.put(
                        name,
                        TechniqueReader.ends(STICK, key + name, file.at(name).figure(), numbers)));
        Map<String, Map<String, Verdict>> states = file.maybe("states").isEmpty()
                ? Map.of()
                : file.at("states")
                        .each((look, own) -> own.each((state, verdict) -> verdict(key + look + "." + state, verdict)));
        return new WoodKind(file.text("wants"), measures, states);
    }

    private Keep keep(String species, Yaml file) {
        String key = "keep." + species + ".";
        double shade = file.number("ambient");
        double coolBox = file.number("coolBox");
        double fridge = file.number("fridge");
        String why = "so long until seven of ten sticks would still live";
        Optional<Double> chill = file.maybe("chillBelow").map(Double::valueOf);
        return new Keep(
                numbers.read(KEEPING, key + "coolBox", Span.between(shade, coolBox, fridge, "days", why)),
                numbers.read(KEEPING, key + "fridge", Span.between(coolBox, fridge, fridge * MORE, "days", why)),
                numbers.read(KEEPING, key + "ambient", Span.between(0, shade, coolBox, "days", why)),
                numbers.read(
                        KEEPING,
                        key + "q10",
                        Span.factor(
                                file.number("q10"),
                                "times",
                                "so many times as fast it ages where it is ten degrees Celsius warmer")),
                chill.map(limit -> numbers.read(
                                KEEPING,
                                key + "chill",
                                new Figure(limit, limit - CHILL_C, limit + CHILL_C, "°C", "below it buds are hurt")))
                        .orElse(null),
                file.maybe("chillWhy").orElse(null));
    }
}
