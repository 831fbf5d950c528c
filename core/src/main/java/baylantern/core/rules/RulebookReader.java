package baylantern.core.rules;

import baylantern.core.rules.Species.StockKind;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Turns the rulebook files into the rulebook. They came with the program, and so are read once. */
final class RulebookReader {

    private static @Nullable RulebookReader shipped;

    private final Yaml techniques = Yaml.file("techniques.yaml");
    private final Yaml flush = Yaml.file("flush.yaml");
    private final Yaml wood = Yaml.file("wood.yaml");
    private final Yaml fit = Yaml.file("fit.yaml");
    private final Yaml causes = Yaml.file("causes.yaml");

    // What stands in no rows of numbers is read once.
    private final Map<String, Species> species = Yaml.file("species.yaml").each(this::species);
    private final KinshipTable kinship = kinship(Yaml.file("compatibility.yaml"));
    private final VisitFigures visits =
            new VisitFigures(Yaml.file("visits.yaml").each(this::visit));
    private final Map<String, SchoolQuestion> schools =
            Yaml.file("schools.yaml").each(this::question);
    private final Map<String, Figure> life = Yaml.file("life.yaml").each((key, figure) -> figure.figure());
    private final Map<String, Figure> day = Yaml.file("day.yaml").each((key, figure) -> figure.figure());
    private final FactRules facts = facts(Yaml.file("facts.yaml"));

    private RulebookReader() {}

    /** The files as they came. Throws {@link IllegalStateException} naming the one that cannot be read. */
    static synchronized RulebookReader shipped() {
        RulebookReader files = shipped;
        if (files == null) {
            files = new RulebookReader();
            shipped = files;
        }
        return files;
    }

    /** The rulebook with these own numbers in its rows, by key. */
    Rulebook read(Map<String, Double> own) {
        RowNumbers numbers = new RowNumbers(own);
        Map<String, Figure> visitDays = visits.shipped();
        visitDays.replaceAll((key, shipped) -> shipped.at(numbers.now(key, shipped)));
        return new Rulebook(
                species,
                techniques.each((key, one) -> TechniqueReader.technique(key, one, numbers)),
                kinship,
                visits,
                visitDays,
                schools,
                life,
                day,
                FlushReader.read(flush, numbers),
                WoodReader.read(wood, pinchFigure(), numbers),
                TechniqueReader.fit(fit, numbers),
                CauseReader.read(causes, numbers),
                facts,
                RowFigures.of(numbers));
    }

    // How long a pinched tip takes stands once, among the figures of flushes.
    private Figure pinchFigure() {
        return flush.at("figures").at(FigureName.PINCH.key()).figure();
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
