package baylantern.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Codes written as a run or a list, as one does in a notebook: "AV-124 … 135", "AV-1, AV-4 to AV-9", "CT-7 .. 9; CT-12".
 */
public final class CodeRange {

    /** More in one go are no longer meant. */
    public static final int MOST = 500;

    private static final Pattern RUN = Pattern.compile(
            "(?<stem>.*?)(?<from>\\d{1,6})\\s*(?:…|\\.{2,}|\\bto\\b|–|—)\\s*(?<again>\\D*?)(?<to>\\d{1,6})");
    private static final Pattern ONE = Pattern.compile("\\p{L}[\\p{L}\\p{N}-]*\\d");

    private CodeRange() {}

    /**
     * The codes of a run or a list, each once, in its order, letters large; none where the text is neither.
     *
     * @throws IllegalArgumentException with a sentence where a run goes backwards, from one kind of code to another, or on
     *     for more than {@value #MOST}
     */
    public static List<String> read(String typed) {
        String text = typed.strip().toUpperCase(Locale.ROOT);
        boolean several = text.matches(".*[,;].*")
                || RUN.matcher(text.replace("TO", "to")).matches();
        if (!several) {
            return List.of();
        }
        List<String> codes = new ArrayList<>();
        for (String part : text.split("\\s*[,;]\\s*")) {
            List<String> own = part(part);
            if (own.isEmpty()) {
                return List.of();
            }
            own.stream().filter(code -> !codes.contains(code)).forEach(codes::add);
        }
        if (codes.size() > MOST) {
            throw new IllegalArgumentException("These are " + codes.size() + " codes: at most " + MOST + " in one go.");
        }
        return List.copyOf(codes);
    }

    private static List<String> part(String part) {
        Matcher run = RUN.matcher(part.replaceAll("\\bTO\\b", "to"));
        if (run.matches()) {
            return run(run);
        }
        return ONE.matcher(part).matches() ? List.of(part) : List.of();
    }

    private static List<String> run(Matcher run) {
        String stem = run.group("stem");
        String again = run.group("again").strip();
        int from = Integer.parseInt(run.group("from"));
        int to = Integer.parseInt(run.group("to"));
        if (stem.isBlank()) {
            return List.of();
        }
        if (!again.isEmpty() && !again.equals(stem.strip())) {
            throw new IllegalArgumentException(
                    "A run goes on with codes of one kind: not from " + stem + from + " to " + again + to + ".");
        }
        if (to < from) {
            throw new IllegalArgumentException("A run goes forward: not from " + from + " to " + to + ".");
        }
        if (to - from >= MOST) {
            throw new IllegalArgumentException("From " + from + " to " + to + " are " + (to - from + 1)
                    + " codes: at most " + MOST + " in one go.");
        }
        int width = run.group("from").startsWith("0") ? run.group("from").length() : 1;
        List<String> codes = new ArrayList<>();
        for (int number = from; number <= to; number++) {
            codes.add(stem + String.format(Locale.ROOT, "%0" + width + "d", number));
        }
        return codes;
    }
}
