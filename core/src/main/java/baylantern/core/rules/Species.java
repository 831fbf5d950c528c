package baylantern.core.rules;

import java.util.List;
import java.util.Map;

/**
 * A species as the rulebook knows it.
 *
 * @param key stable short name, for instance "mango"
 * @param figures figures by name: base, upper, healingLeast, healingBest, healingMost, coldLimit, flushes,
 *     swellToSwell, winterHold
 * @param refusedTechniques technique key to the reason it cannot work on this species
 */
public record Species(
        String key,
        String name,
        String family,
        String genus,
        Map<String, Figure> figures,
        List<String> notes,
        Map<String, String> refusedTechniques,
        List<StockKind> stockKinds) {

    /** Stands where a farm holds a species this rulebook does not know; it is never offered. */
    public static final String UNKNOWN = "unknown";

    /** Holds just the figures every species has. */
    public Species {
        FigureName.checked(FigureName.Subject.SPECIES, figures);
    }

    /** The named figure. */
    public Figure figure(FigureName figureName) {
        return figureName.in(figures);
    }

    Species with(FigureChange change) {
        return new Species(key, name, family, genus, change.of(key, figures), notes, refusedTechniques, stockKinds);
    }

    /** A plain kind of stock with scores from 1 (least) to 5 (most). */
    public record StockKind(
            String key, String name, int cold, int vigour, int dwarfing, int rotResistance, String why) {}
}
