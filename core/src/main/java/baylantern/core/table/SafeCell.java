package baylantern.core.table;

import java.util.regex.Pattern;

/**
 * Texts in tables that spreadsheets open. A text that a spreadsheet would reckon out instead of showing is written with an
 * apostrophe before it, which spreadsheets take for "this is text", and read without it.
 */
public final class SafeCell {

    private static final Pattern NUMBER = Pattern.compile("[-+]?\\d+(\\.\\d+)?([eE][-+]?\\d+)?");
    private static final char MARK = '\'';
    private static final String RECKONED = "=+-@\t\r" + MARK;

    private SafeCell() {}

    /** A text as it is written; plain numbers stay as they are. */
    public static String written(String text) {
        return reckoned(text, 0) && !NUMBER.matcher(text).matches() ? MARK + text : text;
    }

    /** The text that was meant by a written one. */
    public static String read(String written) {
        return !written.isEmpty() && written.charAt(0) == MARK && reckoned(written, 1) ? written.substring(1) : written;
    }

    private static boolean reckoned(String text, int at) {
        return text.length() > at && RECKONED.indexOf(text.charAt(at)) >= 0;
    }
}
