package baylantern.app.platform;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Entries as the screens name them, so that a refusal says "latitude" and not "latitudeDeg". */
final class FieldWords {

    private static final Pattern UNIT = Pattern.compile("(?<=[a-z])(Deg|Mm|Pct|Ml|M|C|Key|Id|Ids|On)$");
    private static final Pattern HUMP = Pattern.compile("(?<=[a-z])(?=[A-Z])");

    /** Names that split into no words of a grower's. */
    private static final Map<String, String> OWN = Map.ofEntries(
            Map.entry("altitudeM", "height above the sea"),
            Map.entry("spotId", "place"),
            Map.entry("toSpotId", "place"),
            Map.entry("madeOn", "day"),
            Map.entry("cutOn", "day of cutting"),
            Map.entry("pinchedOn", "day of pinching"),
            Map.entry("startedOn", "day it was sown or planted"),
            Map.entry("seenOn", "day it was seen"),
            Map.entry("setC", "warmth it is set to"),
            Map.entry("productPct", "strength of the product"),
            Map.entry("volumeMl", "how much to mix"),
            Map.entry("minC", "lowest warmth"),
            Map.entry("maxC", "highest warmth"),
            Map.entry("meanC", "mean warmth"));

    private FieldWords() {}

    /** The words for an entry as it was sent, also where it is a part of another. */
    static String of(String field) {
        String name = field.substring(field.lastIndexOf('.') + 1).replaceAll("\\[.*", "");
        String own = OWN.get(name);
        return own != null
                ? own
                : HUMP.matcher(UNIT.matcher(name).replaceFirst(""))
                        .replaceAll(" ")
                        .toLowerCase(Locale.ROOT);
    }

    /** A refusal as a sentence about an entry: "The latitude is from −90 to 90 degrees", "This needs a species". */
    static String sentence(String field, String message) {
        return (message.startsWith("needs ") ? "This " : "The " + of(field) + " ") + message;
    }
}
