package baylantern.core.season.window;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Quantity;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.warmth.Hazard;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Reads the three wicks of today in words, with the figures they rest on. */
final class LampWords {

    private static final double TOLD_FROM = 0.1;
    private static final int LOTS_TOLD = 2;

    private final FlushRules rules;
    private final GraftSky sky;
    private final FlushRules.WoodRule woodRule;

    LampWords(FlushRules rules, GraftSky sky, FlushRules.WoodRule woodRule) {
        this.rules = rules;
        this.sky = sky;
        this.woodRule = woodRule;
    }

    Lamp lamp(Growth stock, Growth wood, WindowDay today) {
        return new Lamp(
                wick(today.stock(), today.chance().stock(), stock(stock)),
                wick(today.wood(), today.chance().wood(), wood(wood, today)),
                wick(today.weather(), today.chance().weather(), weather(today)),
                today.chance().lit(),
                today.lit());
    }

    // Lit by its chance; low where the mean promises something.
    private Wick wick(double score, double chance, String words) {
        double line = rules.value(FigureName.LIT_CHANCE);
        boolean low = chance >= line / 2 || score >= rules.value(FigureName.LOW_FROM);
        return new Wick(chance >= line ? Wick.Level.LIT : low ? Wick.Level.LOW : Wick.Level.OUT, score, words);
    }

    private static String stock(Growth stock) {
        if (stock.unwatched()) {
            return "No stage of " + stock.name() + " has been noted; look at their buds first.";
        }
        Outlook.Likely now = stock.likeliest(0);
        return stock.name() + " are most likely " + now.stage().words() + " (" + percent(now.share()) + ").";
    }

    private String wood(Growth wood, WindowDay today) {
        String shelf = shelf(wood, today.day());
        String barred = wood.barred() == null ? "" : wood.barred() + " ";
        return (shelf + barred + tree(wood, today, shelf.isEmpty())).strip();
    }

    // What lies cut and good serves whatever the tree does.
    private String shelf(Growth wood, LocalDate day) {
        return wood.shelf().stream()
                .filter(lot -> lot.score() > 0 && lot.good(day) > 0)
                .sorted(Comparator.comparing(Shelved::score).reversed().thenComparing(Shelved::mid))
                .limit(LOTS_TOLD)
                .map(lot -> lot.code() + " lies in store: " + lot.sticks() + (lot.sticks() == 1 ? " stick" : " sticks")
                        + (lot.score() < rules.value(FigureName.LIT_FROM) ? ", a last resort" : "")
                        + ", good until about " + lot.mid() + ". ")
                .collect(Collectors.joining());
    }

    private String tree(Growth wood, WindowDay today, boolean alone) {
        if (wood.unwatched()) {
            return !alone || wood.barred() != null
                    ? ""
                    : "No stage of " + wood.name() + " has been noted; look at its buds first.";
        }
        if (wood.flowering(today.day())) {
            return wood.name() + " is in flower; wood cut now flowers instead of growing.";
        }
        Outlook.Likely now = wood.likeliest(0);
        String stands = wood.name() + (alone ? "" : " on the tree") + " is most likely "
                + now.stage().words() + " (" + percent(now.share()) + "); ";
        return stands
                + (today.chance().wood() >= rules.value(FigureName.LIT_CHANCE) ? done(wood, today.day()) : "")
                + want(now.stage());
    }

    private static String done(Growth wood, LocalDate day) {
        return wood.pinchedReady(day).stream()
                .map(shoots -> shoots.shoots() + (shoots.shoots() == 1 ? " shoot" : " shoots") + " pinched "
                        + ChronoUnit.DAYS.between(shoots.on(), day) + " days ago should swell now; ")
                .collect(Collectors.joining());
    }

    private String want(BudStage stage) {
        return switch (stage) {
            case F -> "its buds have opened, so the wood would dry out before it joins.";
            case H -> "too soft and angular yet; wanted is " + woodRule.best() + ".";
            case P -> "its buds are opening; wanted is " + woodRule.best() + ".";
            default -> "wanted is " + woodRule.best() + ".";
        };
    }

    private String weather(WindowDay today) {
        List<WeatherDay> days = sky.after(0, 0);
        double low = 0;
        double high = 0;
        int count = Math.min(10, days.size());
        for (int run = 0; run < sky.years().runs(); run++) {
            for (int t = 0; t < count; t++) {
                low += sky.years().at(run, t).minC();
                high += sky.years().at(run, t).maxC();
            }
        }
        double all = (double) sky.years().runs() * count;
        String healing = String.format(
                Locale.ROOT,
                "The next %d days lie about %s; a union forms at %s of the best rate",
                count,
                Quantity.celsius(Math.rint(low / all), Math.rint(high / all)),
                percent(today.healing()));
        return healing + danger() + ".";
    }

    // A danger is told where it comes in at least one run of ten.
    private String danger() {
        int runs = sky.years().runs();
        int[] runsWith = new int[Hazard.Kind.values().length];
        String[] answers = new String[runsWith.length];
        for (int run = 0; run < runs; run++) {
            for (Hazard hazard : sky.hazards().in(sky.after(run, 0))) {
                runsWith[hazard.kind().ordinal()]++;
                answers[hazard.kind().ordinal()] = hazard.answer();
            }
        }
        StringBuilder told = new StringBuilder();
        for (Hazard.Kind kind : Hazard.Kind.values()) {
            double share = runsWith[kind.ordinal()] / (double) runs;
            if (share >= TOLD_FROM) {
                told.append("; ").append(kind.words()).append(" is possible (").append(percent(share));
                told.append("), answered by ").append(answers[kind.ordinal()]);
            }
        }
        return told.toString();
    }

    private static String percent(double share) {
        return Math.round(share * 100) + " %";
    }
}
