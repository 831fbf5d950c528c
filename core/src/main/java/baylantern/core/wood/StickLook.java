package baylantern.core.wood;

import java.util.Map;

/**
 * What was seen of one stick. Things not looked at are left out.
 *
 * @param states what each look showed: stage, wood, bark, skin, section, side, pith
 * @param measures what was measured: diameterMm, lengthMm and eyeMm in mm, buds as a count
 * @param cut true once it is cut, false while it is on its tree
 */
public record StickLook(Map<String, String> states, Map<String, Double> measures, boolean cut) {

    /** Copies what it is given. */
    public StickLook {
        states = Map.copyOf(states);
        measures = Map.copyOf(measures);
    }
}
