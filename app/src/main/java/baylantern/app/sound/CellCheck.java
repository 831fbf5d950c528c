package baylantern.app.sound;

import baylantern.app.platform.FarmDays;
import baylantern.app.sound.StoreShape.Column;
import baylantern.app.sound.StoreShape.Sort;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.temporal.ChronoField;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Judges one cell by what the store and its feature say of it. */
final class CellCheck {

    /** As the store writes a moment: with or without the offset of its zone. */
    private static final DateTimeFormatter MOMENT = new DateTimeFormatterBuilder()
            .append(DateTimeFormatter.ISO_LOCAL_DATE)
            .appendLiteral(' ')
            .appendPattern("HH:mm:ss")
            .appendFraction(ChronoField.NANO_OF_SECOND, 0, 9, true)
            .optionalStart()
            .appendOffset("+HH:mm", "+00")
            .optionalEnd()
            .toFormatter(java.util.Locale.ROOT);

    private final CellBook book;
    private final LocalDate today;

    CellCheck(CellBook book, LocalDate today) {
        this.book = book;
        this.today = today;
    }

    /** Why a cell cannot be, null where it can. */
    @Nullable
    String amiss(String table, Column column, @Nullable String text) {
        if (text == null) {
            return column.empty() ? null : "is missing";
        }
        if (column.sort() == Sort.TEXT && text.length() > column.letters()) {
            return "has more than " + column.letters() + " letters";
        }
        String unread = unread(column, text);
        if (unread != null) {
            return unread;
        }
        CellRule rule = book.of(table, column.name());
        return rule == null ? null : rule.amiss().apply(text);
    }

    private @Nullable String unread(Column column, String text) {
        try {
            return switch (column.sort()) {
                case WHOLE -> whole(Long.parseLong(text), column.most());
                case NUMBER -> Double.isFinite(Double.parseDouble(text)) ? null : "is no number";
                case TRUTH ->
                    List.of("true", "false").contains(text.toLowerCase(java.util.Locale.ROOT))
                            ? null
                            : "is neither true nor false";
                case DAY -> farmDay(LocalDate.parse(text));
                case MOMENT -> farmDay(MOMENT.parse(text, LocalDate::from));
                case TEXT -> null;
            };
        } catch (NumberFormatException e) {
            return "is no number";
        } catch (DateTimeException e) {
            return "is no day";
        }
    }

    private static @Nullable String whole(long x, long most) {
        return Math.abs(x) > most ? "is a number no store of a farm holds" : null;
    }

    private @Nullable String farmDay(LocalDate day) {
        return FarmDays.has(day, today) ? null : "is no day a farm has";
    }
}
