package baylantern.core.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * The text of a notebook file.
 *
 * @param encoding as told to the grower, for instance "UTF-8 with mark"
 */
public record NotebookText(String text, String encoding) {

    /** Largest file taken, in bytes: far beyond any notebook, small enough to hold. */
    public static final int MOST_BYTES = 32 * 1024 * 1024;

    private static final double MOST_CONTROL_SHARE = 0.01;

    /** Decodes a file; throws {@link NotebookRefused} for an empty or binary one. */
    public static NotebookText decode(byte[] bytes) {
        if (bytes.length == 0) {
            throw new NotebookRefused("The file is empty. Choose the file that holds the notebook.");
        }
        NotebookText found = byMark(bytes);
        if (found.text().isBlank()) {
            throw new NotebookRefused("The file holds no text. Choose the file that holds the notebook.");
        }
        if (binary(found.text())) {
            throw new NotebookRefused(
                    "This is not a text file. Save the notebook as CSV from the program that made it, then try again.");
        }
        return found;
    }

    private static NotebookText byMark(byte[] bytes) {
        if (starts(bytes, 0xEF, 0xBB, 0xBF)) {
            return new NotebookText(new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8), "UTF-8 with mark");
        }
        if (starts(bytes, 0xFF, 0xFE)) {
            return new NotebookText(new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE), "UTF-16");
        }
        if (starts(bytes, 0xFE, 0xFF)) {
            return new NotebookText(new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE), "UTF-16");
        }
        return unmarked(bytes);
    }

    private static NotebookText unmarked(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return new NotebookText(text, "UTF-8");
        } catch (CharacterCodingException e) {
            return new NotebookText(new String(bytes, Charset.forName("windows-1252")), "Windows-1252");
        }
    }

    private static boolean starts(byte[] bytes, int... mark) {
        for (int i = 0; i < mark.length; i++) {
            if (i >= bytes.length || (bytes[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }

    private static boolean binary(String text) {
        long control = text.chars().filter(NotebookText::control).count();
        return text.indexOf('\0') >= 0 || control > MOST_CONTROL_SHARE * text.length();
    }

    private static boolean control(int c) {
        return (c < 32 && c != '\t' && c != '\n' && c != '\r' && c != '\f') || c == 0xFFFD;
    }
}
