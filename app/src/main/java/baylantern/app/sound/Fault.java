package baylantern.app.sound;

import java.util.Locale;

/**
 * Something in a farm that cannot be.
 *
 * @param line the line of the table's file, counted from 1 with its heading
 * @param column the cell, empty where it is the whole row
 */
public record Fault(String table, long line, String column, String value, String why) {

    private static final int SHOWN = 60;

    /** As a sentence: file, line, cell and why. */
    public String words() {
        String what = value.length() > SHOWN ? value.substring(0, SHOWN) + "…" : value;
        return String.format(
                Locale.ROOT,
                "%s.csv, line %d%s: %s%s.",
                table,
                line,
                column.isEmpty() ? "" : ", " + column,
                column.isEmpty() ? "" : "\"" + what + "\" – ",
                why);
    }
}
