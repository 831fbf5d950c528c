package baylantern.app.demo;

import baylantern.app.place.VarietyEntry;
import baylantern.core.rules.Known;
import java.util.List;
import java.util.Map;

/** The invented names of the demo farm. */
final class DemoNames {

    static final List<String> PLACES = List.of(
            "Shade House",
            "Kiln Terrace",
            "Windward Rows",
            "Cistern Court",
            "Old Wall",
            "Lower Steps",
            "Mother House",
            "Bench Shed",
            "Cold Press");
    static final List<String> PEOPLE = List.of("Nerea", "Bram", "Odile", "Teo");

    private static final Map<String, String> HOMES =
            Map.of("avocado", "Kiln Terrace", "mango", "Windward Rows", "citrus", "Cistern Court", "fig", "Old Wall");
    private static final Map<String, String> STOCKS = Map.of(
            "avocado",
            "AV",
            "mango",
            "MG",
            "citrus",
            "CT",
            "fig",
            "FG",
            "guava",
            "GV",
            "annona",
            "AN",
            "macadamia",
            "MC",
            "loquat",
            "LQ",
            "jackfruit",
            "JK");

    private DemoNames() {}

    static String home(String species) {
        return HOMES.getOrDefault(species, "Lower Steps");
    }

    static String stockLetters(String species) {
        return Known.in(STOCKS, species);
    }

    static List<VarietyEntry> varieties() {
        return List.of(
                v("mango", "Amber Sickle", null, "7,8", 3, "early, sweet, shy in wet springs"),
                v("mango", "Tollkeeper", null, "8,9", 4, "keeps well on the tree"),
                v("mango", "Late Ferry", null, "9,10", 3, "the last to ripen"),
                v("mango", "Saltglow", null, "8", 2, "bears salt wind"),
                v("avocado", "Ternlight", "A", "11,12,1", 4, "thin skin, light crop every year"),
                v("avocado", "Grey Quay", "B", "2,3,4", 3, "rough skin, hangs long"),
                v("avocado", "Harbourmaster", "A", "1,2,3", 5, "tall; pinch it often"),
                v("avocado", "Petrel Deep", "B", "9,10", 2, "black when ripe"),
                v("citrus", "Cistern Blood", null, "2,3", 3, "colours after cold nights"),
                v("citrus", "Noonbell", null, "12,1", 3, "easy to peel"),
                v("citrus", "Pilot Lime", null, "1,2,3,4,5,6,7,8,9,10,11,12", 4, "fruit all year, thorny"),
                new VarietyEntry(
                        "citrus", "Bellwether", null, "11,12", 2, true, "protected; licence no. in the office", null),
                v("citrus", "Quillpearl", null, "3,4", 3, "small and aromatic"),
                v("fig", "Ropewalk", null, "6,8,9", 4, "two crops"),
                v("fig", "Old Wall Black", null, "8,9", 3, "grown on the wall for three generations"),
                v("fig", "Sailcloth", null, "9", 2, "pale, splits in rain"),
                v("fig", "Smoke Plum", null, "8,9,10", 3, "dries well"),
                v("guava", "Lamp Pink", null, "9,10,11", 4, "pink flesh"),
                v("annona", "Cloister", null, "10,11", 3, "hand pollinate"),
                v("macadamia", "Kittiwake", null, "3,4", 3, "thin shell"),
                v("loquat", "Early Tide", null, "4,5", 3, "flowers in autumn"),
                v("jackfruit", "Bollard", null, "7,8", 4, "crisp flesh; joined by approach"));
    }

    private static VarietyEntry v(
            String species,
            String name,
            @org.jspecify.annotations.Nullable String type,
            String months,
            int vigour,
            String notes) {
        return new VarietyEntry(species, name, type, months, vigour, false, notes, null);
    }
}
