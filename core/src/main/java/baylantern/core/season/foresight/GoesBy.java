package baylantern.core.season.foresight;

import baylantern.core.rules.BudStage;
import baylantern.core.season.account.Account;
import baylantern.core.season.flush.Stages;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Says in sentences what a tree goes by. */
public final class GoesBy {

    private static final double ABOVE_ALL = 2;

    private GoesBy() {}

    /**
     * An account and what it is worth.
     *
     * @param share of all, 0 to 1
     */
    public record Part(Account account, String words, double share) {}

    /** The accounts, those worth most first. */
    public static List<Part> parts(Map<Account, Double> weights) {
        return weights.entrySet().stream()
                .map(one -> new Part(one.getKey(), one.getKey().words(), one.getValue()))
                .sorted(Comparator.comparingDouble(Part::share).reversed())
                .toList();
    }

    /** The sentence. */
    public static String words(Map<Account, Double> weights) {
        List<Part> parts = parts(weights);
        Part first = parts.get(0);
        Part second = parts.get(1);
        return first.share > ABOVE_ALL * second.share
                ? "Goes by " + first.words + " above all."
                : "Goes by " + first.words + " more than by " + second.words + ".";
    }

    /** Says where on the way from swell to swell stages end here, beside where the rulebook has them. */
    public static String words(Stages here, Stages byTheBook) {
        String parts = ending().map(stage -> stage.words() + " until " + percent(here, stage) + " %")
                .collect(Collectors.joining(", "));
        String book = ending().map(stage -> percent(byTheBook, stage) + " %").collect(Collectors.joining(", "));
        return "Of the way from swell to swell it is " + parts + ", then " + BudStage.R.words()
                + ", as the looks here show it; the rulebook has " + book + ".";
    }

    private static Stream<BudStage> ending() {
        return Arrays.stream(BudStage.values()).filter(stage -> stage != BudStage.R);
    }

    private static long percent(Stages stages, BudStage stage) {
        return Math.round(100 * stages.until(stage));
    }
}
