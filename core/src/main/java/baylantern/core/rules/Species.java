package baylantern.core.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    /** The named figure; throws {@link IllegalArgumentException} where the rulebook has none of that name. */
    public Figure figure(String figureName) {
        return Optional.ofNullable(figures.get(figureName))
                .orElseThrow(() -> new IllegalArgumentException(key + " has no figure " + figureName));
    }

    /** A plain kind of stock with scores from 1 (least) to 5 (most). */
    public record StockKind(
            String key, String name, int cold, int vigour, int dwarfing, int rotResistance, String why) {}
}
