package baylantern.app.exchange;

import java.nio.charset.StandardCharsets;

/** Lines of at most 75 octets, each goes on after a space on the next (RFC 5545, 3.1); a letter is never cut in two. */
final class FoldedLines {

    private static final int MOST_OCTETS = 75;
    private static final String END = "\r\n";

    private FoldedLines() {}

    /** Unfolds what is folded already and folds it anew. */
    static String of(String text) {
        StringBuilder folded = new StringBuilder(text.length() + text.length() / 32);
        text.replaceAll("\r\n[ \t]", "").lines().forEach(line -> fold(line, folded));
        return folded.toString();
    }

    private static void fold(String line, StringBuilder folded) {
        int octets = 0;
        for (int at = 0; at < line.length(); ) {
            String letter = Character.toString(line.codePointAt(at));
            int length = letter.getBytes(StandardCharsets.UTF_8).length;
            if (octets + length > MOST_OCTETS) {
                folded.append(END).append(' ');
                octets = 1;
            }
            folded.append(letter);
            octets += length;
            at += letter.length();
        }
        folded.append(END);
    }
}
