package baylantern.core.exchange;

import baylantern.core.rules.Words;
import java.util.Optional;

/**
 * A heading that names the scion or the stock, and whether it speaks of thickness.
 *
 * @param scion true where a word of the scion stands in it
 * @param stock likewise of the stock
 * @param thick true where a word or sign of thickness does
 * @param around true where it speaks of a measure around, three times a thickness and more
 */
record PartHeading(boolean scion, boolean stock, boolean thick, boolean around) {

    static PartHeading of(String heading, Words words) {
        boolean scion = false;
        boolean stock = false;
        boolean thick = false;
        boolean around = false;
        for (String word : Words.plain(heading).split("[^\\p{L}\\p{N}⌀]+")) {
            String part = words.meaning("parts", word).orElse("");
            scion |= part.equals("scion");
            stock |= part.equals("stock");
            thick |= part.equals("thick");
            around |= part.equals("around");
        }
        // "Porta-enxerto" and "porta innesto" name the stock by the graft it bears.
        return new PartHeading(scion && !stock, stock, thick, around);
    }

    /** Whose thickness it is, where its cells are thicknesses. */
    Optional<ColumnRole> thickness() {
        if (around) {
            return Optional.empty();
        }
        return scion ? Optional.of(ColumnRole.SCION_MM) : stock ? Optional.of(ColumnRole.STOCK_MM) : Optional.empty();
    }
}
