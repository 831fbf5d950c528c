package baylantern.core.take.gain;

import java.util.List;

/**
 * How well the model foretells grafts of sessions it was not told of, beside the farm's plain rate.
 *
 * @param brier mean square of what was told less what came, 0 to 1; less is better
 * @param plain the same for the plain rate
 * @param grafts decided grafts that were foretold
 * @param stands true where it is better by more than chance often gives: one standard error over sessions
 * @param tenths what was told and what came, by tenths of what was told
 */
public record Foretelling(double brier, double plain, int sessions, int grafts, boolean stands, List<Tenth> tenths) {

    /**
     * Grafts told alike.
     *
     * @param told the mean of what was told, 0 to 1
     * @param came the share that took
     */
    public record Tenth(double told, double came, int grafts) {}
}
