package baylantern.core.exchange;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a diameter in mm, cm or inches, decimals or fractions, point or comma. */
final class LengthReader {

    static final double MM_PER_INCH = 25.4;

    /** Bare numbers mostly under this are inches: no stick is 2 mm thick, few are 2 inches. */
    private static final double INCHES_UNDER = 2;

    private static final Pattern LENGTH = Pattern.compile(
            "~?\\s*(?:(\\d+)[ -])?(\\d+)/(\\d+)\\s*(.*)|~?\\s*(\\d*[.,]?\\d+)\\s*([¼½¾⅛⅜⅝⅞]?)\\s*(.*)|([¼½¾⅛⅜⅝⅞])\\s*(.*)");
    private static final String FRACTIONS = "⅛¼⅜½⅝¾⅞";

    private final boolean bareIsInches;

    /** Judges bare numbers by the column they stand in. */
    LengthReader(List<String> cells, Optional<Boolean> chosen) {
        double[] bare = cells.stream()
                .map(LengthReader::parse)
                .flatMap(Optional::stream)
                .filter(found -> found.unit() == Unit.BARE)
                .mapToDouble(Parsed::number)
                .sorted()
                .toArray();
        boolean small = bare.length > 0 && bare[bare.length / 2] < INCHES_UNDER;
        bareIsInches = chosen.orElse(small);
    }

    boolean bareIsInches() {
        return bareIsInches;
    }

    private enum Unit {
        MM,
        CM,
        INCH,
        BARE
    }

    private record Parsed(double number, Unit unit) {}

    static boolean looksLikeLength(String cell) {
        return parse(cell).isPresent();
    }

    /** Millimetres, rounded to 0.001; empty where the cell is empty or no length. */
    OptionalDouble mm(String cell) {
        Optional<Parsed> parsed = parse(cell);
        if (parsed.isEmpty()) {
            return OptionalDouble.empty();
        }
        double number = parsed.get().number();
        double mm = switch (parsed.get().unit()) {
            case MM -> number;
            case CM -> number * 10;
            case INCH -> number * MM_PER_INCH;
            case BARE -> bareIsInches ? number * MM_PER_INCH : number;
        };
        return OptionalDouble.of(Math.round(mm * 1000) / 1000.0);
    }

    private static Optional<Parsed> parse(String cell) {
        Matcher m = LENGTH.matcher(cell.replaceFirst("^\\s*[øØ⌀]\\s*", "").strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        if (m.group(3) != null) {
            double whole = m.group(1) == null ? 0 : Double.parseDouble(m.group(1));
            double below = Double.parseDouble(m.group(3));
            return below == 0
                    ? Optional.empty()
                    : unit(m.group(4), Unit.INCH)
                            .map(u -> new Parsed(whole + Double.parseDouble(m.group(2)) / below, u));
        }
        if (m.group(8) != null) {
            return unit(m.group(9), Unit.INCH).map(u -> new Parsed(eighths(m.group(8)), u));
        }
        boolean mixed = !m.group(6).isEmpty();
        double number = Double.parseDouble(m.group(5).replace(',', '.')) + (mixed ? eighths(m.group(6)) : 0);
        return unit(m.group(7), mixed ? Unit.INCH : Unit.BARE).map(u -> new Parsed(number, u));
    }

    private static double eighths(String sign) {
        return (FRACTIONS.indexOf(sign) + 1) / 8.0;
    }

    private static Optional<Unit> unit(String text, Unit bare) {
        return switch (text.strip().replace(".", "").toLowerCase(java.util.Locale.ROOT)) {
            case "" -> Optional.of(bare);
            case "mm", "millimetres", "millimeters", "m/m" -> Optional.of(Unit.MM);
            case "cm" -> Optional.of(Unit.CM);
            case "\"", "in", "inch", "inches", "”", "″", "''", "zoll", "pulg", "pouce" -> Optional.of(Unit.INCH);
            default -> Optional.empty();
        };
    }
}
