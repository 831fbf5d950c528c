package baylantern.app.demo;

import baylantern.core.rules.Known;
import java.util.Map;
import java.util.Optional;

/**
 * What decides a demo graft's fate: a logistic model the analysis does not know and should find again.
 *
 * <p>log-odds = variety + technique + maker's hand at slopes + old mango wood + the hot week of August 2025.
 */
final class HiddenModel {

    static final double OLD_MANGO_WOOD = -1.6;
    static final double HOT_WEEK = -2.0;
    static final double STEADY_HAND = 0.9;
    static final double YOUNG_HAND = -0.5;

    static final Map<String, Double> VARIETY = Map.ofEntries(
            Map.entry("Amber Sickle", 1.3),
            Map.entry("Tollkeeper", 0.7),
            Map.entry("Late Ferry", 0.9),
            Map.entry("Saltglow", 0.2),
            Map.entry("Ternlight", 1.5),
            Map.entry("Grey Quay", 0.8),
            Map.entry("Harbourmaster", 1.1),
            Map.entry("Petrel Deep", 0.3),
            Map.entry("Cistern Blood", 1.9),
            Map.entry("Noonbell", 1.4),
            Map.entry("Pilot Lime", 2.2),
            Map.entry("Bellwether", 1.0),
            Map.entry("Quillpearl", 0.5),
            Map.entry("Ropewalk", 2.0),
            Map.entry("Old Wall Black", 1.6),
            Map.entry("Sailcloth", 1.2),
            Map.entry("Smoke Plum", 0.9),
            Map.entry("Lamp Pink", 0.4),
            Map.entry("Cloister", 0.9),
            Map.entry("Kittiwake", -0.2),
            Map.entry("Early Tide", 0.8),
            Map.entry("Bollard", 0.1));

    static final Map<String, Double> TECHNIQUE = Map.of(
            "cleft",
            0.0,
            "offset-cleft",
            -0.3,
            "whip",
            0.1,
            "whip-tongue",
            0.4,
            "veneer",
            0.3,
            "side-splice",
            0.2,
            "chip",
            0.1,
            "t-bud",
            0.2,
            "approach",
            0.6,
            "bark",
            -0.1);

    private HiddenModel() {}

    /** What the farm's people took as the cause of failures of a session, by its key; empty where nobody could tell. */
    static Optional<String> cause(DemoSession s) {
        if (hot(s)) {
            return Optional.of("DRIED");
        }
        return oldMangoWood(s) ? Optional.of("POOR_WOOD") : Optional.empty();
    }

    private static boolean hot(DemoSession s) {
        return s.day().getYear() == 2025 && s.day().getMonthValue() == 8;
    }

    private static boolean oldMangoWood(DemoSession s) {
        return s.species().equals("mango") && s.woodAgeDays() > 10;
    }

    /** Probability of take, 0 to 1. */
    static double take(DemoSession s) {
        double odds = Known.in(VARIETY, s.variety()) + Known.in(TECHNIQUE, s.technique());
        boolean slopes = s.technique().startsWith("whip") || s.technique().equals("cleft");
        if (slopes && s.maker().equals("Odile")) {
            odds += STEADY_HAND;
        }
        if (s.maker().equals("Teo")) {
            odds += YOUNG_HAND;
        }
        if (oldMangoWood(s)) {
            odds += OLD_MANGO_WOOD;
        }
        if (hot(s)) {
            odds += HOT_WEEK;
        }
        return 1 / (1 + Math.exp(-odds));
    }
}
