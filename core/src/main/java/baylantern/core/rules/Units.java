package baylantern.core.rules;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** The units a grower reads in. What is reckoned and kept is always mm, °C, ml and m/s. */
public record Units(Length length, Warmth warmth, Volume volume, Wind wind) {

    /** As everything is kept: mm, °C, ml, m/s. */
    public static final Units KEPT = new Units(Length.MM, Warmth.CELSIUS, Volume.ML, Wind.METRES_A_SECOND);

    private static final double MM_PER_INCH = 25.4;
    private static final double ML_PER_FLUID_OUNCE = 29.5735295625;
    private static final double MM_PER_M = 1000;
    private static final int INCHES_IN_FOOT = 12;
    private static final int SIXTEENTHS = 16;
    private static final double F_PER_C = 1.8;
    private static final double F_AT_ZERO = 32;

    /** How lengths are read. */
    public enum Length {
        MM,
        /** Inches with fractions to the sixteenth. */
        INCH,
        /** Inches with three places. */
        DECIMAL
    }

    /** How temperatures are read. */
    public enum Warmth {
        CELSIUS,
        FAHRENHEIT
    }

    /** How volumes are read. */
    public enum Volume {
        ML,
        FLUID_OUNCES
    }

    /** How wind is read. */
    public enum Wind {
        METRES_A_SECOND("m/s", 1),
        KILOMETRES_AN_HOUR("km/h", 3.6),
        MILES_AN_HOUR("mph", 3.6 / 1.609344);

        private final String unit;
        private final double perMetreASecond;

        Wind(String unit, double perMetreASecond) {
            this.unit = unit;
            this.perMetreASecond = perMetreASecond;
        }
    }

    /**
     * Reads what a device sends, words in any order: "mm", "inch" or "decimal", "C" or "F", "ml" or "floz", "ms", "kmh" or
     * "mph". What is not understood or not said stays as kept.
     */
    public static Units parse(String words) {
        Units units = KEPT;
        for (String word : words.strip().split("\\s+")) {
            units = switch (word) {
                case "inch" -> new Units(Length.INCH, units.warmth, units.volume, units.wind);
                case "decimal" -> new Units(Length.DECIMAL, units.warmth, units.volume, units.wind);
                case "F" -> new Units(units.length, Warmth.FAHRENHEIT, units.volume, units.wind);
                case "floz" -> new Units(units.length, units.warmth, Volume.FLUID_OUNCES, units.wind);
                case "kmh" -> new Units(units.length, units.warmth, units.volume, Wind.KILOMETRES_AN_HOUR);
                case "mph" -> new Units(units.length, units.warmth, units.volume, Wind.MILES_AN_HOUR);
                default -> units;
            };
        }
        return units;
    }

    /** A length in mm without its unit: "7.5", "5/16" or "0.295"; a length that is not nothing is never told as 0. */
    public String lengthNumber(double mm) {
        return switch (length) {
            case MM -> Plain.number(mm);
            case DECIMAL ->
                BigDecimal.valueOf(mm / MM_PER_INCH)
                        .setScale(3, RoundingMode.HALF_UP)
                        .toPlainString();
            case INCH -> sixteenths(mm / MM_PER_INCH);
        };
    }

    /** "mm" or "in". */
    public String lengthUnit() {
        return length == Length.MM ? "mm" : "in";
    }

    /** A long length in m without its unit; feet are told whole. */
    public String longNumber(double metres) {
        return length == Length.MM ? Plain.number(metres) : whole(metres * MM_PER_M / (MM_PER_INCH * INCHES_IN_FOOT));
    }

    /** "m" or "ft". */
    public String longUnit() {
        return length == Length.MM ? "m" : "ft";
    }

    /** An area in mm² without its unit. */
    public String areaNumber(double mm2) {
        return length == Length.MM
                ? Plain.number(mm2)
                : BigDecimal.valueOf(mm2 / (MM_PER_INCH * MM_PER_INCH))
                        .setScale(3, RoundingMode.HALF_UP)
                        .toPlainString();
    }

    /** "mm²" or "in²". */
    public String areaUnit() {
        return lengthUnit() + "²";
    }

    /** A temperature in °C without its unit. */
    public String warmthNumber(double celsius) {
        return warmth == Warmth.CELSIUS ? Plain.number(celsius) : whole(celsius * F_PER_C + F_AT_ZERO);
    }

    /** A difference of temperatures in °C without its unit. */
    public String warmthApartNumber(double celsius) {
        return warmth == Warmth.CELSIUS ? Plain.number(celsius) : whole(celsius * F_PER_C);
    }

    /** "°C" or "°F". */
    public String warmthUnit() {
        return warmth == Warmth.CELSIUS ? "°C" : "°F";
    }

    /** A volume in ml without its unit. */
    public String volumeNumber(double ml) {
        return volume == Volume.ML ? Plain.number(ml) : Plain.number(ml / ML_PER_FLUID_OUNCE);
    }

    /** "ml" or "fl oz". */
    public String volumeUnit() {
        return volume == Volume.ML ? "ml" : "fl oz";
    }

    /** A speed in m/s without its unit; km/h and mph are told whole. */
    public String windNumber(double metresASecond) {
        return wind == Wind.METRES_A_SECOND ? Plain.number(metresASecond) : whole(metresASecond * wind.perMetreASecond);
    }

    /** "m/s", "km/h" or "mph". */
    public String windUnit() {
        return wind.unit;
    }

    private static String whole(double x) {
        return String.valueOf(Math.round(x));
    }

    private static String sixteenths(double inches) {
        long parts = Math.round(Math.abs(inches) * SIXTEENTHS);
        if (parts == 0) {
            return inches == 0 ? "0" : "less than 1/16";
        }
        long top = parts % SIXTEENTHS;
        long bottom = SIXTEENTHS;
        while (top > 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String fraction = top == 0 ? "" : top + "/" + bottom;
        long inch = parts / SIXTEENTHS;
        String sign = inches < 0 ? "−" : "";
        return sign + (inch == 0 ? fraction : fraction.isEmpty() ? inch + "" : inch + " " + fraction);
    }
}
