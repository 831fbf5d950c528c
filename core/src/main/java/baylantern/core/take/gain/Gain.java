package baylantern.core.take.gain;

import org.jspecify.annotations.Nullable;

/**
 * What a change of one aspect would bring, as an association in these records.
 *
 * @param aspect its key
 * @param hand true where the grower can choose it
 * @param told true where it is told apart from nothing
 */
public record Gain(String aspect, String words, boolean hand, To to, Points points, boolean told, Grounds grounds) {

    /**
     * The kind changed to.
     *
     * @param key finds it again, null where it is a side of a mark
     */
    public record To(String words, @Nullable String key) {}

    /**
     * Points of take, −1 to 1.
     *
     * @param low of the range that holds it nine times in ten
     * @param chance that it is a gain at all, 0 to 1
     */
    public record Points(double mean, double low, double high, double chance) {}

    /**
     * What it rests on.
     *
     * @param with decided grafts that were so
     * @param otherwise decided grafts that were not
     * @param reach grafts among the last that were not
     * @param last how many those last are
     * @param thin true where one side has too few
     * @param oneSided the side that all took or all failed, null where none did: then the range leans on what was assumed
     */
    public record Grounds(
            int with,
            int otherwise,
            int reach,
            int last,
            boolean thin,
            @Nullable String oneSided) {}
}
