package baylantern.core.wood;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Sticks needed against sticks to be had, for one variety. Needs are served in the order of their days; each takes first
 * from the lot that runs out soonest but still lives on that day, then from shoots that will be ready by it.
 */
public final class Supply {

    private Supply() {}

    /** Grafts planned for a day. */
    public record Need(String name, LocalDate day, int sticks) {}

    /**
     * Sticks to be had.
     *
     * @param from first day they can be used
     * @param until last day they are good
     * @param sure true for cut sticks, false for shoots on the tree
     */
    public record Offer(String name, int sticks, LocalDate from, LocalDate until, boolean sure) {}

    /** What one offer gives to a need. */
    public record Share(String name, int sticks, boolean sure) {}

    /** A need, what serves it, and how many sticks are missing. */
    public record Served(Need need, List<Share> shares, int missing) {}

    /** Serves the needs. */
    public static List<Served> serve(List<Need> needs, List<Offer> offers) {
        List<Offer> order = offers.stream()
                .sorted(Comparator.comparing(Offer::sure).reversed().thenComparing(Offer::until))
                .toList();
        int[] left = order.stream().mapToInt(Offer::sticks).toArray();
        return needs.stream()
                .sorted(Comparator.comparing(Need::day).thenComparing(Need::name))
                .map(need -> one(need, order, left))
                .toList();
    }

    private static Served one(Need need, List<Offer> order, int[] left) {
        List<Share> shares = new ArrayList<>();
        int missing = need.sticks();
        for (int i = 0; i < order.size() && missing > 0; i++) {
            Offer offer = order.get(i);
            boolean fits = !offer.from().isAfter(need.day()) && !offer.until().isBefore(need.day());
            int given = fits ? Math.min(missing, left[i]) : 0;
            if (given > 0) {
                left[i] -= given;
                missing -= given;
                shares.add(new Share(offer.name(), given, offer.sure()));
            }
        }
        return new Served(need, List.copyOf(shares), missing);
    }
}
