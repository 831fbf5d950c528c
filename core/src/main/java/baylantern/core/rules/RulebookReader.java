package baylantern.core.rules;

import baylantern.core.rules.Species.StockKind;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Turns the rulebook files into the rulebook. */
final class RulebookReader {

    /** A scion is never so thick. */
    private static final double NO_LIMIT_MM = 1000;

    Rulebook read() {
        VisitFigures visits = new VisitFigures(Yaml.file("visits.yaml").each(this::visit));
        return new Rulebook(
                Yaml.file("species.yaml").each(this::species),
                Yaml.file("techniques.yaml").each(this::technique),
                kinship(Yaml.file("compatibility.yaml")),
                visits,
                visits.shipped(),
                Yaml.file("schools.yaml").each(this::question),
                Yaml.file("life.yaml").each((key, figure) -> figure.figure()),
                Yaml.file("day.yaml").each((key, figure) -> figure.figure()),
                flush(Yaml.file("flush.yaml")),
                WoodReader.read(Yaml.file("wood.yaml")),
                fit(Yaml.file("fit.yaml")),
                causes(Yaml.file("causes.yaml")),
                facts(Yaml.file("facts.yaml")));
    }

    private static FactRules facts(Yaml file) {
        return new FactRules(
                file.at("aspects")
                        .each((key, one) -> new FactRules.AspectRule(
                                key,
                                one.text("words"),
                                one.text("hand").equals("true"),
                                one.maybe("inTime").isPresent(),
                                steps(one))),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private static FactRules.@Nullable Steps steps(Yaml file) {
        List<String> at = file.texts("steps");
        return at.isEmpty()
                ? null
                : new FactRules.Steps(
                        file.text("unit"),
                        at.stream().map(Double::valueOf).toList(),
                        FactRules.Side.valueOf(file.text("good")),
                        file.number("mark"));
    }

    private static CauseRules causes(Yaml file) {
        return new CauseRules(
                file.at("causes")
                        .each((key, cause) -> new CauseRules.CauseRule(
                                cause.text("name"),
                                cause.number("weight"),
                                numbers(cause, "byGroup"),
                                cause.text("change"),
                                cause.text("link"))),
                file.at("signs")
                        .each((key, sign) -> new CauseRules.SignRule(sign.number("other"), numbers(sign, "with"))),
                file.at("circumstances")
                        .each((key, one) -> new CauseRules.CircumstanceRule(
                                one.text("group"), one.text("words"), one.set("late"), numbers(one, "times"))),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private static Map<String, Double> numbers(Yaml file, String key) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        file.textMap(key).forEach((name, number) -> numbers.put(name, Double.valueOf(number)));
        return Map.copyOf(numbers);
    }

    private static FlushRules flush(Yaml file) {
        return new FlushRules(
                byStage(file.at("until")),
                byStage(file.at("stock")),
                byStage(file.at("slip")),
                file.at("wood")
                        .each((key, wood) -> new FlushRules.WoodRule(
                                byStage(wood.at("ready")), wood.text("best"), wood.number("shootsPerGraft"))),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private static FitRules fit(Yaml file) {
        return new FitRules(
                file.at("figures").each((key, figure) -> figure.figure()),
                file.at("traits").each((key, trait) -> trait(trait)),
                favours(file.at("favours")),
                favours(file.at("hinders")));
    }

    private static Map<String, FitRules.Favour> favours(Yaml file) {
        return file.each((key, favour) -> new FitRules.Favour(favour.texts("techniques"), favour.text("why")));
    }

    private static FitRules.Trait trait(Yaml file) {
        return new FitRules.Trait(
                (int) file.number("skill"),
                file.number("hold"),
                file.number("insurance"),
                file.number("rest"),
                file.number("active"),
                FitRules.Needs.valueOf(file.text("needs")),
                !file.texts("tools").isEmpty(),
                file.number("lowestMm"),
                new FitRules.MadeFor(
                        Double.parseDouble(file.texts("best").get(0)),
                        Double.parseDouble(file.texts("best").get(1)),
                        file.maybe("thickest").map(Double::valueOf).orElse(NO_LIMIT_MM)));
    }

    private static Map<BudStage, Double> byStage(Yaml file) {
        Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
        for (BudStage stage : BudStage.values()) {
            shares.put(stage, file.number(stage.name()));
        }
        return shares;
    }

    private Species species(String key, Yaml file) {
        return new Species(
                key,
                file.text("name"),
                file.text("family"),
                file.text("genus"),
                file.at("figures").each((name, figure) -> figure.figure()),
                file.texts("notes"),
                file.textMap("refusedTechniques"),
                stockKinds(file));
    }

    private List<StockKind> stockKinds(Yaml file) {
        if (file.maybe("stockKinds").isEmpty()) {
            return List.of();
        }
        return List.copyOf(file.at("stockKinds").each(this::stockKind).values());
    }

    private StockKind stockKind(String key, Yaml file) {
        return new StockKind(
                key,
                file.text("name"),
                (int) file.number("cold"),
                (int) file.number("vigour"),
                (int) file.number("dwarfing"),
                (int) file.number("rotResistance"),
                file.text("why"));
    }

    private Technique technique(String key, Yaml file) {
        Yaml figures = file.at("figures");
        return new Technique(
                key,
                file.text("name"),
                Technique.Group.valueOf(file.text("group")),
                new Technique.Sizes(
                        figures.at("ratio").figure(),
                        figures.at("stockMm").figure(),
                        figures.at("cutMm").figure(),
                        figures.at("buds").figure()),
                Technique.Bark.valueOf(file.text("bark")),
                Technique.StockTop.valueOf(file.text("stockTop")),
                file.text("scion"),
                file.text("note"));
    }

    private KinshipTable kinship(Yaml file) {
        Yaml kin = file.at("kinship");
        Map<String, Kinship> pairs = new HashMap<>();
        file.items("pairs").forEach(pair -> pairs.put(pair.text("scion") + " " + pair.text("stock"), verdict(pair)));
        return new KinshipTable(
                verdict(kin.at("sameSpecies")),
                verdict(kin.at("sameGenus")),
                verdict(kin.at("sameFamily")),
                verdict(kin.at("otherFamily")),
                Map.copyOf(pairs));
    }

    private Kinship verdict(Yaml file) {
        return new Kinship(Kinship.Verdict.valueOf(file.text("verdict")), file.text("why"));
    }

    private VisitKind visit(String key, Yaml file) {
        return new VisitKind(
                key,
                file.text("name"),
                file.text("ask"),
                file.text("risk"),
                file.text("why"),
                file.maybe("needs").orElse(""),
                file.maybe("caution").orElse(""),
                file.items("rules").stream().map(this::visitRule).toList());
    }

    private VisitRule visitRule(Yaml file) {
        List<String> size = file.texts("size");
        return new VisitRule(
                file.texts("for").stream()
                        .map(Technique.Group::valueOf)
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(Technique.Group.class))),
                new VisitRule.When(
                        file.text("after"),
                        file.number("from"),
                        file.number("aim"),
                        file.number("to"),
                        file.maybe("every").map(Double::valueOf),
                        file.maybe("until"),
                        VisitRule.Unit.valueOf(file.maybe("unit").orElse("HEALING_DAYS")),
                        size.isEmpty()
                                ? Optional.empty()
                                : Optional.of(new VisitRule.Size(
                                        Double.parseDouble(size.get(0)), Double.parseDouble(size.get(1))))),
                new VisitRule.Where(
                        file.set("covers"),
                        file.set("schools"),
                        file.set("species"),
                        file.set("not"),
                        file.set("settings"),
                        file.maybe("stockFromMm").map(Double::parseDouble).orElse(0.0)));
    }

    private SchoolQuestion question(String key, Yaml file) {
        return new SchoolQuestion(
                key,
                file.text("question"),
                file.text("default"),
                file.text("why"),
                file.at("schools")
                        .each((name, school) ->
                                new SchoolQuestion.School(name, school.text("name"), school.text("risk"))),
                file.textMap("species"),
                file.textMap("techniques"));
    }
}
