package baylantern.core.rules;

import java.util.LinkedHashMap;
import java.util.Map;

/** The numbers that stand in rows of the data files, while they are read: each is a figure, taken as the grower has it. */
final class RowNumbers {

    private final Map<String, Double> own;
    private final Map<String, Row> rows = new LinkedHashMap<>();

    /**
     * A figure of a row, as shipped.
     *
     * @param subject what it is about
     */
    record Row(FigureName.Subject subject, Figure figure) {}

    /** Numbers with the grower's own in their place, by key; one outside its range is passed over. */
    RowNumbers(Map<String, Double> own) {
        this.own = own;
    }

    /** The number as it is now. Throws where two rows have one key, or where the key is too long to be kept. */
    double read(FigureName.Subject subject, String key, Figure shipped) {
        if (key.length() > MOST_LETTERS || rows.put(key, new Row(subject, shipped)) != null) {
            throw new IllegalStateException("a row's figure cannot be called " + key);
        }
        return now(key, shipped);
    }

    /** A figure read elsewhere, as it is now. */
    double now(String key, Figure shipped) {
        Double number = own.get(key);
        return number != null && shipped.spans(number) ? number : shipped.value();
    }

    /** All that were read, as shipped, in the order of the files. */
    Map<String, Row> rows() {
        return rows;
    }

    private static final int MOST_LETTERS = 40;
}
