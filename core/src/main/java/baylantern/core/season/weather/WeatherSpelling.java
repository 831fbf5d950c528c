package baylantern.core.season.weather;

import baylantern.core.season.weather.WeatherColumns.Column;
import baylantern.core.season.weather.WeatherColumns.Role;
import baylantern.core.table.DateReader;
import baylantern.core.table.DateReading;
import baylantern.core.table.DayOrder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the rows of other programs' weather files as ours: headings by their words, °F, km/h, mph, knots and inches into
 * °C, m/s and mm, days in any order of day and month. What it took for granted is told.
 */
final class WeatherSpelling {

    // No place on earth has such a middle of its daily highs in °C.
    private static final double HOT_C = 50;
    private static final double MM_PER_INCH = 25.4;
    private static final double KMH_PER_MS = 3.6;
    private static final double MS_PER_MPH = 0.44704;
    private static final double MS_PER_KNOT = 1852 / 3600.0;
    private static final Pattern NUMBER = Pattern.compile("([-−+]?\\d*[.,]?\\d+)\\s*(?:[°%\\p{L}].*)?");
    private static final Pattern NOTHING = Pattern.compile("(?i)|-+|n/?a|nan|null|missing|\\*+");
    private static final Pattern TRACE = Pattern.compile("(?i)t|tr|trace");

    private final Map<Role, Column> columns;
    private final List<Map<String, String>> rows;
    private final List<String> told = new ArrayList<>();

    /** Of rows by the headings as they were written. */
    WeatherSpelling(List<Map<String, String>> rows) {
        this.rows = rows;
        this.columns =
                rows.isEmpty() ? Map.of() : new WeatherColumns(rows.get(0).keySet()).byRole();
    }

    /** The rows under our own headings, in °C, %, m/s and mm, days as year-month-day; what cannot be read as it was. */
    List<Map<String, String>> plain() {
        List<Map<String, String>> plain = new ArrayList<>();
        rows.forEach(row -> plain.add(new HashMap<>()));
        days(plain);
        temperatures(plain);
        number(plain, Role.HUMIDITY, x -> x);
        number(plain, Role.WIND, wind());
        number(plain, Role.RAIN, rain());
        return plain;
    }

    /** What was taken for granted, as the end of a sentence: "°F, the month first"; empty where all is as ours. */
    String told() {
        return String.join(", ", told);
    }

    private List<String> cells(Role role) {
        Column column = columns.get(role);
        return column == null
                ? List.of()
                : rows.stream()
                        .map(row -> row.getOrDefault(column.heading(), "").strip())
                        .toList();
    }

    private void days(List<Map<String, String>> plain) {
        DateReader reader = new DateReader(WeatherColumns.WORDS);
        List<String> cells = cells(Role.DATE);
        List<DateReading> readings = cells.stream().map(reader::read).toList();
        DayOrder order = order(readings);
        if (readings.stream().anyMatch(r -> r.readable() && r.trait() != DateReading.Trait.CERTAIN)) {
            told.add("the " + order.word() + " first in its dates");
        }
        for (int i = 0; i < cells.size(); i++) {
            DateReading reading = readings.get(i);
            boolean whole = reading.readable() && reading.trait() != DateReading.Trait.MONTH_ONLY;
            plain.get(i).put(Role.DATE.key, whole ? reading.in(order).toString() : cells.get(i));
        }
    }

    // What only one order can be decides; else the order in which day follows on day.
    private static DayOrder order(List<DateReading> readings) {
        long day = count(readings, DateReading.Trait.DAY_FIRST);
        long month = count(readings, DateReading.Trait.MONTH_FIRST);
        return DayOrder.of(
                day != month
                        ? day > month
                        : follow(readings, DayOrder.DAY_FIRST) >= follow(readings, DayOrder.MONTH_FIRST));
    }

    private static long count(List<DateReading> readings, DateReading.Trait trait) {
        return readings.stream().filter(r -> r.trait() == trait).count();
    }

    private static int follow(List<DateReading> readings, DayOrder order) {
        int following = 0;
        for (int i = 1; i < readings.size(); i++) {
            if (readings.get(i).readable() && readings.get(i - 1).readable()) {
                LocalDate before = readings.get(i - 1).in(order);
                LocalDate day = readings.get(i).in(order);
                following += day.equals(before.plusDays(1)) || day.equals(before.minusDays(1)) ? 1 : 0;
            }
        }
        return following;
    }

    private void temperatures(List<Map<String, String>> plain) {
        boolean fahrenheit = fahrenheit();
        if (fahrenheit) {
            told.add("°F");
        }
        DoubleUnaryOperator celsius = f -> fahrenheit ? (f - 32) / 1.8 : f;
        number(plain, Role.MIN, celsius);
        number(plain, Role.MAX, celsius);
    }

    private boolean fahrenheit() {
        Column max = columns.get(Role.MAX);
        if (max == null || max.says("celsius")) {
            return false;
        }
        if (max.says("fahrenheit")) {
            return true;
        }
        double[] highs = cells(Role.MAX).stream()
                .map(NUMBER::matcher)
                .filter(Matcher::matches)
                .mapToDouble(found -> value(found.group(1)))
                .sorted()
                .toArray();
        return highs.length > 0 && highs[highs.length / 2] > HOT_C;
    }

    private DoubleUnaryOperator wind() {
        Column column = columns.get(Role.WIND);
        if (column == null) {
            return x -> x;
        }
        if (column.says("mph")) {
            told.add("wind in mph");
            return x -> x * MS_PER_MPH;
        }
        if (column.says("kmh")) {
            told.add("wind in km/h");
            return x -> x / KMH_PER_MS;
        }
        if (column.says("knots")) {
            told.add("wind in knots");
            return x -> x * MS_PER_KNOT;
        }
        return x -> x;
    }

    private DoubleUnaryOperator rain() {
        Column column = columns.get(Role.RAIN);
        if (column == null || column.says("mm")) {
            return x -> x;
        }
        if (column.says("inch")) {
            told.add("rain in inches");
            return x -> x * MM_PER_INCH;
        }
        if (column.says("cm")) {
            told.add("rain in cm");
            return x -> x * 10;
        }
        return x -> x;
    }

    private void number(List<Map<String, String>> plain, Role role, DoubleUnaryOperator unit) {
        List<String> cells = cells(role);
        for (int i = 0; i < cells.size(); i++) {
            plain.get(i).put(role.key, number(cells.get(i), role, unit));
        }
    }

    private static String number(String cell, Role role, DoubleUnaryOperator unit) {
        if (NOTHING.matcher(cell).matches()) {
            return "";
        }
        if (role == Role.RAIN && TRACE.matcher(cell).matches()) {
            return "0";
        }
        Matcher found = NUMBER.matcher(cell);
        if (!found.matches()) {
            return cell;
        }
        double value = unit.applyAsDouble(value(found.group(1)));
        return String.format(Locale.ROOT, "%.3f", value).replaceAll("\\.?0+$", "");
    }

    private static double value(String written) {
        return Double.parseDouble(written.replace(',', '.').replace('−', '-'));
    }
}
