package baylantern.core.table;

import baylantern.core.rules.Words;
import baylantern.core.table.DateReading.Trait;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a cell as a date in any of the ways growers write one. */
public final class DateReader {

    private static final String SEP = "[-/. ]\\s*";
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})" + SEP + "(\\d{1,2})" + SEP + "(\\d{1,2})");
    private static final Pattern PACKED = Pattern.compile("((?:19|20)\\d{2})(\\d{2})(\\d{2})");
    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2})" + SEP + "(\\d{1,2})" + SEP + "(\\d{4}|\\d{2})");
    private static final Pattern DAY_NAME_YEAR = Pattern.compile(
            "(\\d{1,2})(?:st|nd|rd|th)?[-/. ]*(?:of |de )?(\\p{L}{3,10})\\.?[-/., ]*(?:de )?'?(\\d{4}|\\d{2})");
    // The same mark twice, or spaces and a comma: "March 5/2024" may be the fifth or half of 5/2024.
    private static final Pattern NAME_DAY_YEAR =
            Pattern.compile("(\\p{L}{3,10})\\.?(?:([-/])| *)(\\d{1,2})(?:st|nd|rd|th)?(?:\\2|, *| )'?(\\d{4}|\\d{2})");
    private static final Pattern NAME_YEAR = Pattern.compile("(\\p{L}{3,10})\\.?[-/ ]*(?:de )?(\\d{4})");
    private static final Pattern MONTH_YEAR = Pattern.compile("(\\d{1,2})[-/.](\\d{4})");
    private static final Pattern YEAR_MONTH = Pattern.compile("(\\d{4})[-/.](\\d{1,2})");
    private static final Pattern FIRST_WORD = Pattern.compile("^(\\p{L}{2,10})\\.?,?\\s+(?=\\S)(.*)$");
    private static final String TIME = "(?i)[T ,]+\\d{1,2}:\\d{2}(:\\d{2}(\\.\\d+)?)?\\s*([ap]m)?Z?$";

    private final Words words;

    /** Reads months by these words. */
    public DateReader(Words words) {
        this.words = words;
    }

    /** Whether a cell is, or is written as, a date. */
    public boolean looksLikeDate(String cell) {
        DateReading reading = read(cell);
        return reading.readable() || NUMBERS.matcher(cell).matches();
    }

    /** What a cell may say. */
    public DateReading read(String cell) {
        if (cell.isBlank()) {
            return DateReading.EMPTY;
        }
        String text = cell.strip().replaceAll(TIME, "").replaceAll("\\s+", " ").strip();
        DateReading plain = numbers(text).or(() -> named(text)).orElse(DateReading.UNREADABLE);
        return plain.readable() ? plain : afterWeekday(text).orElse(plain);
    }

    // A first word is left aside only where it is a day of the week: "May 5 2024" is no 5th month.
    private Optional<DateReading> afterWeekday(String text) {
        Matcher m = FIRST_WORD.matcher(text);
        if (!m.matches() || !words.weekday(m.group(1))) {
            return Optional.empty();
        }
        String rest = m.group(2);
        return numbers(rest).or(() -> named(rest));
    }

    private Optional<DateReading> numbers(String text) {
        Matcher m = YEAR_FIRST.matcher(text);
        if (m.matches()) {
            return Optional.of(single(day(m.group(1), m.group(2), m.group(3))));
        }
        m = PACKED.matcher(text);
        if (m.matches()) {
            return Optional.of(single(day(m.group(1), m.group(2), m.group(3))));
        }
        m = NUMBERS.matcher(text);
        if (m.matches()) {
            return Optional.of(either(m.group(1), m.group(2), m.group(3)));
        }
        m = MONTH_YEAR.matcher(text);
        if (m.matches()) {
            return Optional.of(month(day(m.group(2), m.group(1), "15")));
        }
        m = YEAR_MONTH.matcher(text);
        return m.matches() ? Optional.of(month(day(m.group(1), m.group(2), "15"))) : Optional.empty();
    }

    private Optional<DateReading> named(String text) {
        Matcher m = DAY_NAME_YEAR.matcher(text);
        if (m.matches()) {
            String year = m.group(3);
            String day = m.group(1);
            return words.month(m.group(2)).map(month -> single(day(year, "" + month, day)));
        }
        m = NAME_DAY_YEAR.matcher(text);
        if (m.matches()) {
            String year = m.group(4);
            String day = m.group(3);
            return words.month(m.group(1)).map(month -> single(day(year, "" + month, day)));
        }
        m = NAME_YEAR.matcher(text);
        if (m.matches()) {
            String year = m.group(2);
            return words.month(m.group(1)).map(month -> month(day(year, "" + month, "15")));
        }
        return Optional.empty();
    }

    private static DateReading single(List<LocalDate> day) {
        return day.isEmpty() ? DateReading.UNREADABLE : DateReading.certain(day.get(0));
    }

    // Only the month is known: the middle of it stands for the day.
    private static DateReading month(List<LocalDate> middle) {
        return middle.isEmpty() ? DateReading.UNREADABLE : DateReading.monthOnly(middle.get(0));
    }

    private static DateReading either(String first, String second, String year) {
        List<LocalDate> dayFirst = day(year, second, first);
        List<LocalDate> monthFirst = day(year, first, second);
        if (dayFirst.isEmpty() && monthFirst.isEmpty()) {
            return DateReading.UNREADABLE;
        }
        if (dayFirst.equals(monthFirst)) {
            return DateReading.certain(dayFirst.get(0));
        }
        Trait trait = dayFirst.isEmpty() ? Trait.MONTH_FIRST : monthFirst.isEmpty() ? Trait.DAY_FIRST : Trait.EITHER;
        return new DateReading(dayFirst, monthFirst, trait);
    }

    // Empty where there is no such day. Two-figure years are of this century up to 69, as ISO 8601:2000 users do.
    private static List<LocalDate> day(String year, String month, String day) {
        int y = Integer.parseInt(year);
        int full = year.length() > 2 ? y : y < 70 ? 2000 + y : 1900 + y;
        try {
            return List.of(LocalDate.of(full, Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException e) {
            return List.of();
        }
    }
}
