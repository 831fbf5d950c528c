package baylantern.core.season.flush;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The flush waves of many plants of a species: what share of them is in flush, week by week. */
public final class Wave {

    private static final int MOST_PLANTS = 60;
    private static final int STEP_DAYS = 7;

    private Wave() {}

    /**
     * A point of the wave.
     *
     * @param share of the plants in flush, 0 to 1
     * @param low in one run of ten it is less; the share itself where it lies in the past
     * @param high in one run of ten it is more
     */
    public record Point(LocalDate day, double share, double low, double high, boolean forecast) {}

    /** One plant of the wave. */
    public record Member(Lane lane, java.util.Optional<Outlook> outlook) {}

    /** The wave from one day to another; of many plants every so-manieth counts. */
    public static List<Point> of(List<Member> plants, LocalDate from, LocalDate to, LocalDate today) {
        int every = Math.max(1, (plants.size() + MOST_PLANTS - 1) / MOST_PLANTS);
        List<Member> counted = new ArrayList<>();
        for (int i = 0; i < plants.size(); i += every) {
            counted.add(plants.get(i));
        }
        List<Point> points = new ArrayList<>();
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(STEP_DAYS)) {
            points.add(day.isBefore(today) ? seen(counted, day) : coming(counted, day, today));
        }
        return List.copyOf(points);
    }

    private static Point seen(List<Member> plants, LocalDate day) {
        double active = plants.stream()
                .filter(p -> p.lane().stage(day).map(s -> s.active()).orElse(false))
                .count();
        double share = plants.isEmpty() ? 0 : active / plants.size();
        return new Point(day, share, share, share, false);
    }

    private static Point coming(List<Member> plants, LocalDate day, LocalDate today) {
        List<Outlook> outlooks =
                plants.stream().flatMap(p -> p.outlook().stream()).toList();
        int ahead = (int) (day.toEpochDay() - today.toEpochDay());
        if (outlooks.isEmpty() || ahead >= outlooks.get(0).days()) {
            return new Point(day, 0, 0, 0, true);
        }
        double[] shares = new double[outlooks.get(0).runs()];
        for (int run = 0; run < shares.length; run++) {
            for (Outlook outlook : outlooks) {
                shares[run] += outlook.stage(run, ahead).active() ? 1.0 / outlooks.size() : 0;
            }
        }
        double mean = Arrays.stream(shares).average().orElse(0);
        Arrays.sort(shares);
        double low = Math.min(mean, shares[shares.length / 10]);
        double high = Math.max(mean, shares[shares.length * 9 / 10]);
        return new Point(day, mean, low, high, true);
    }
}
