package baylantern.core.season.hindcast;

import java.util.ArrayList;
import java.util.List;

/**
 * How well ranges told on past looks have held.
 *
 * @param looks how many were held against what came
 * @param meanErrorDays mean distance of the middle from the day it came
 * @param heldShare how often the 10–90 % range held, 0 to 1
 * @param priorErrorDays the mean distance had nothing been learned
 * @param byLead the same by how far ahead it was told
 */
public record Kept(int looks, double meanErrorDays, double heldShare, double priorErrorDays, List<ByLead> byLead) {

    /**
     * Those told so far ahead.
     *
     * @param untilDays up to so many days, null for all beyond
     */
    public record ByLead(@org.jspecify.annotations.Nullable Integer untilDays, int looks, double heldShare) {}

    /** Sums up. */
    public static Kept of(List<Hindcast.Told> told) {
        List<ByLead> byLead = new ArrayList<>();
        for (int lead = 0; lead < Widths.LEADS.size(); lead++) {
            int own = lead;
            List<Hindcast.Told> at = told.stream()
                    .filter(t -> Widths.lead(t.said().range().mid()) == own)
                    .toList();
            int until = Widths.LEADS.get(lead);
            byLead.add(new ByLead(until == Integer.MAX_VALUE ? null : until, at.size(), mean(at)));
        }
        double error = told.stream()
                .mapToDouble(t -> Math.abs(t.said().range().mid() - t.came()))
                .average()
                .orElse(0);
        double prior = told.stream()
                .mapToDouble(t -> Math.abs(t.said().prior() - t.came()))
                .average()
                .orElse(0);
        return new Kept(told.size(), error, mean(told), prior, List.copyOf(byLead));
    }

    private static double mean(List<Hindcast.Told> told) {
        return told.stream().mapToDouble(Hindcast.Told::held).average().orElse(0);
    }
}
