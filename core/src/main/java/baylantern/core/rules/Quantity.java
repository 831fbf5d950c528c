package baylantern.core.rules;

import java.util.function.DoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A measure within a sentence. It is written readably in mm, °C or ml between two marks no reader sees, so that whoever
 * tells the sentence can tell the measure in the units of the one it is told to. Only this class writes a unit behind a
 * number; a test holds that.
 */
public final class Quantity {

    /** Stands before and behind each measure; has no width and is not typed by anybody. */
    private static final char MARK = '\u2063';

    private static final String NUMBER = "([-−]?\\d[\\d.]*)";
    private static final String BARE = NUMBER + "(?:( to | of )" + NUMBER + ")? (mm²|mm|°C apart|°C|ml|m/s|m(?!\\w))";
    private static final Pattern MARKED = Pattern.compile(MARK + BARE + MARK);
    private static final Pattern UNMARKED = Pattern.compile(BARE);

    private Quantity() {}

    /** A length in mm. */
    public static String mm(double mm) {
        return of(mm, "mm");
    }

    /** A length of tape or of the way, in m. */
    public static String m(double metres) {
        return of(metres, "m");
    }

    /** Lengths from one to another, mm. */
    public static String mm(double low, double high) {
        return of(low, high, "mm");
    }

    /** A temperature in °C. */
    public static String celsius(double celsius) {
        return of(celsius, "°C");
    }

    /** Temperatures from one to another, °C. */
    public static String celsius(double low, double high) {
        return of(low, high, "°C");
    }

    /** A volume in ml. */
    public static String ml(double ml) {
        return of(ml, "ml");
    }

    /** A measure in a unit of the rulebook; one that is read alike everywhere (days, %, none) is written as it is. */
    public static String of(double x, String unit) {
        String said = Plain.number(x) + (unit.isEmpty() || !Double.isFinite(x) ? "" : " " + unit);
        return marked(said);
    }

    /** Measures from one to another in a unit of the rulebook. */
    public static String of(double low, double high, String unit) {
        return marked(Plain.number(low) + " to " + Plain.number(high) + (unit.isEmpty() ? "" : " " + unit));
    }

    /** How much of a whole, in mm or mm². */
    public static String part(double part, double whole, String unit) {
        return marked(Plain.number(part) + " of " + Plain.number(whole) + " " + unit);
    }

    /** A fixed sentence of ours with its measures marked, for instance "is 0.5 to 500 mm". Never for what was typed. */
    public static String fixed(String sentence) {
        return UNMARKED.matcher(sentence).replaceAll(m -> MARK + m.group() + MARK);
    }

    private static String marked(String measure) {
        return MARKED.matcher(MARK + measure + MARK).matches() ? MARK + measure + MARK : measure;
    }

    /** The sentence in these units. */
    public static String told(String sentence, Units units) {
        if (sentence.indexOf(MARK) < 0) {
            return sentence;
        }
        StringBuilder told = new StringBuilder();
        Matcher measures = MARKED.matcher(sentence);
        while (measures.find()) {
            measures.appendReplacement(told, Matcher.quoteReplacement(measure(measures, units)));
        }
        return measures.appendTail(told).toString();
    }

    /** The sentence in mm, °C and ml. */
    public static String plain(String sentence) {
        return told(sentence, Units.KEPT);
    }

    private static String measure(Matcher found, Units units) {
        return switch (found.group(4)) {
            case "mm²" -> span(found, units::areaNumber, units.areaUnit());
            case "mm" -> span(found, units::lengthNumber, units.lengthUnit());
            case "°C" -> span(found, units::warmthNumber, units.warmthUnit());
            case "°C apart" -> span(found, units::warmthApartNumber, units.warmthUnit());
            case "m" -> span(found, units::longNumber, units.longUnit());
            case "m/s" -> span(found, units::windNumber, units.windUnit());
            default -> span(found, units::volumeNumber, units.volumeUnit());
        };
    }

    private static String span(Matcher found, DoubleFunction<String> number, String unit) {
        String low = number.apply(value(found.group(1)));
        String high = found.group(3);
        if (high == null) {
            return low + " " + unit;
        }
        String most = number.apply(value(high));
        return (most.equals(low) && found.group(2).equals(" to ") ? "about " + low : low + found.group(2) + most) + " "
                + unit;
    }

    private static double value(String written) {
        return Double.parseDouble(written.replace('−', '-'));
    }
}
