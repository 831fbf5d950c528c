package baylantern.core.rules;

import static baylantern.core.rules.FigureName.Subject.STAGE;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** Turns the file about flushes into its rules. */
final class FlushReader {

    /** How far growers differ in what a stage is worth. */
    private static final double WORTH = 0.2;

    private static final String OF_ONE = "of 1";

    private FlushReader() {}

    static FlushRules read(Yaml file, RowNumbers numbers) {
        return new FlushRules(
                until(file.at("until"), numbers),
                worth("stock", "how ready a stock is at this stage", file.at("stock"), numbers),
                worth("slip", "how well bark slips at this stage", file.at("slip"), numbers),
                file.at("wood").each((key, wood) -> wood(key, wood, numbers)),
                file.at("figures").each((key, figure) -> figure.figure()));
    }

    private static FlushRules.WoodRule wood(String species, Yaml file, RowNumbers numbers) {
        Figure shoots =
                Span.times(file.number("shootsPerGraft"), "shoots a graft", "shoots to be pinched for one graft");
        return new FlushRules.WoodRule(
                worth("ready." + species, "how ready its wood is at this stage", file.at("ready"), numbers),
                file.text("best"),
                numbers.read(STAGE, "shoots." + species, shoots));
    }

    // A stage ends before the next one does, whoever says when.
    private static Map<BudStage, Double> until(Yaml file, RowNumbers numbers) {
        BudStage[] stages = BudStage.values();
        return byStage(stage -> {
            double ends = file.number(stage.name());
            int at = stage.ordinal();
            if (at == stages.length - 1) {
                return ends;
            }
            double before = at == 0 ? 0 : file.number(stages[at - 1].name());
            double after = file.number(stages[at + 1].name());
            return numbers.read(
                    STAGE,
                    "until." + stage,
                    Span.between(
                            before, ends, after, "of the way", "where between two swells this stage ends, in warmth"));
        });
    }

    private static Map<BudStage, Double> worth(String key, String why, Yaml file, RowNumbers numbers) {
        return byStage(stage -> {
            double worth = file.number(stage.name());
            // What is never ready is so for everybody.
            return worth == 0 ? 0 : numbers.read(STAGE, key + "." + stage, Span.about(worth, WORTH, OF_ONE, why));
        });
    }

    private static Map<BudStage, Double> byStage(ToDoubleFunction<BudStage> of) {
        Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
        for (BudStage stage : BudStage.values()) {
            shares.put(stage, of.applyAsDouble(stage));
        }
        return shares;
    }
}
