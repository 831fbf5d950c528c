package baylantern.core.rules;

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
import org.jspecify.annotations.Nullable;

/** Turns the file about wood into its rules. */
final class WoodReader {

    private static final List<String> MEASURES = List.of("lengthMm", "buds", "diameterMm", "eyeMm");

    /** Points of a grade where the file gives none. */
    private static final Map<Grade, Double> POINTS = Map.of(Grade.A, 1.0, Grade.B, 0.7, Grade.C, 0.35, Grade.X, 0.0);

    private WoodReader() {}

    static WoodRules read(Yaml file) {
        return new WoodRules(
                file.at("looks").each((key, look) -> look(look)),
                file.at("measures").each((key, measure) -> measure(measure)),
                file.at("species").each((key, kind) -> kind(kind)),
                file.at("keeping").each((key, keep) -> keep(keep)),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private static LookRule look(Yaml file) {
        return new LookRule(file.number("weight"), file.at("states").each((state, verdict) -> verdict(verdict)));
    }

    private static MeasureRule measure(Yaml file) {
        return new MeasureRule(
                file.text("unit"),
                file.number("weight"),
                file.number("far"),
                verdict(file.at("below")),
                verdict(file.at("above")),
                verdict(file.at("farBelow")),
                verdict(file.at("farAbove")));
    }

    private static Verdict verdict(Yaml file) {
        Grade grade = Grade.valueOf(file.text("grade"));
        return new Verdict(
                grade,
                file.maybe("points").map(Double::valueOf).orElseGet(() -> Known.in(POINTS, grade)),
                file.maybe("act").orElse(null),
                file.maybe("wait").map(WoodReader::healingDays).orElse(0.0),
                file.text("why"),
                cut(file));
    }

    // How long a pinched tip takes stands once, among the figures of flushes.
    private static double healingDays(String text) {
        return text.equals(FigureName.PINCH.key())
                ? Yaml.file("flush.yaml").at("figures").at(text).figure().value()
                : Double.parseDouble(text);
    }

    private static @Nullable Verdict cut(Yaml file) {
        return file.maybe("cut").isEmpty() ? null : verdict(file.at("cut"));
    }

    private static WoodKind kind(Yaml file) {
        Map<String, Figure> measures = new LinkedHashMap<>();
        MEASURES.stream()
                .filter(name -> file.maybe(name).isPresent())
                .forEach(name -> measures.put(name, file.at(name).figure()));
        Map<String, Map<String, Verdict>> states = file.maybe("states").isEmpty()
                ? Map.of()
                : file.at("states").each((look, own) -> own.each((state, verdict) -> verdict(verdict)));
        return new WoodKind(file.text("wants"), measures, states);
    }

    private static Keep keep(Yaml file) {
        Optional<Double> chill = file.maybe("chillBelow").map(Double::valueOf);
        return new Keep(
                file.number("coolBox"),
                file.number("fridge"),
                file.number("ambient"),
                file.number("q10"),
                chill.orElse(null),
                file.maybe("chillWhy").orElse(null));
    }
}
