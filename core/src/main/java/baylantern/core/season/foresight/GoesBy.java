package baylantern.core.season.foresight;

import baylantern.core.season.account.Account;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Says in a sentence what a tree goes by. */
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
}
