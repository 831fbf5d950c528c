package baylantern.core.rules;

import static baylantern.core.rules.FigureName.Subject.TECHNIQUE;
import static baylantern.core.rules.FigureName.Subject.TRAIT;

import java.util.Map;

/** Turns the files about techniques and fit into their rules. */
final class TechniqueReader {

    /** A scion is never so thick. */
    private static final double NO_LIMIT_MM = 1000;

    /** How far growers differ in what a technique asks and gives. */
    private static final double TRAITS = 0.25;

    /** How far the sizes a technique bears may be moved outward: to three fifths, or to half as much again. */
    private static final double LESS = 0.6;

    private static final double MORE = 1.5;

    private TechniqueReader() {}

    static Technique technique(String key, Yaml file, RowNumbers numbers) {
        Yaml figures = file.at("figures");
        return new Technique(
                key,
                file.text("name"),
                Technique.Group.valueOf(file.text("group")),
                new Technique.Sizes(
                        size(key, "ratio", figures, numbers),
                        size(key, "stockMm", figures, numbers),
                        size(key, "cutMm", figures, numbers),
                        size(key, "buds", figures, numbers)),
                Technique.Bark.valueOf(file.text("bark")),
                Technique.StockTop.valueOf(file.text("stockTop")),
                file.text("scion"),
                file.text("note"));
    }

    private static Figure size(String technique, String name, Yaml figures, RowNumbers numbers) {
        return ends(
                TECHNIQUE,
                "technique." + technique + "." + name,
                figures.at(name).figure(),
                numbers);
    }

    /** A figure whose ends are figures as well: the usual one never leaves them. */
    static Figure ends(FigureName.Subject subject, String key, Figure shipped, RowNumbers numbers) {
        String unit = shipped.unit();
        String why = shipped.why();
        double middle = shipped.value();
        double low =
                numbers.read(subject, key + ".low", Span.ends(shipped.low(), shipped.low() * LESS, middle, unit, why));
        double usual = numbers.read(subject, key, shipped);
        double high = numbers.read(
                subject, key + ".high", Span.ends(shipped.high(), middle, shipped.high() * MORE, unit, why));
        return new Figure(Math.min(high, Math.max(low, usual)), low, high, unit, why);
    }

    static FitRules fit(Yaml file, RowNumbers numbers) {
        return new FitRules(
                file.at("figures").each((key, figure) -> figure.figure()),
                file.at("traits").each((key, trait) -> trait(key, trait, numbers)),
                favours(file.at("favours")),
                favours(file.at("hinders")));
    }

    private static Map<String, FitRules.Favour> favours(Yaml file) {
        return file.each((key, favour) -> new FitRules.Favour(favour.texts("techniques"), favour.text("why")));
    }

    private static FitRules.Trait trait(String key, Yaml file, RowNumbers numbers) {
        return new FitRules.Trait(
                (int) file.number("skill"),
                given(key, "hold", "how firmly it holds itself while it heals", file, numbers),
                given(key, "insurance", "share of the stock left for another try", file, numbers),
                given(key, "rest", "how well it does while the stock rests", file, numbers),
                given(key, "active", "how well it does while the stock grows", file, numbers),
                FitRules.Needs.valueOf(file.text("needs")),
                !file.texts("tools").isEmpty(),
                file.number("lowestMm"),
                madeFor(key, file, numbers));
    }

    private static double given(String technique, String name, String why, Yaml file, RowNumbers numbers) {
        return numbers.read(
                TRAIT, "trait." + technique + "." + name, Span.about(file.number(name), TRAITS, "of 1", why));
    }

    private static FitRules.MadeFor madeFor(String technique, Yaml file, RowNumbers numbers) {
        double from = Double.parseDouble(file.texts("best").get(0));
        double to = Double.parseDouble(file.texts("best").get(1));
        String unit = "scion ÷ stock";
        double middle = (from + to) / 2;
        return new FitRules.MadeFor(
                numbers.read(
                        TRAIT,
                        "trait." + technique + ".from",
                        Span.ends(from, from * LESS, middle, unit, "the thinnest scion it was made for")),
                numbers.read(
                        TRAIT,
                        "trait." + technique + ".to",
                        Span.ends(to, middle, to * MORE, unit, "the thickest scion it was made for")),
                file.maybe("thickest")
                        .map(Double::valueOf)
                        .map(mm -> numbers.read(
                                TRAIT,
                                "trait." + technique + ".thickest",
                                Span.ends(mm, mm * LESS, mm * MORE, "mm", "thicker scions are hard to cut true")))
                        .orElse(NO_LIMIT_MM));
    }
}
