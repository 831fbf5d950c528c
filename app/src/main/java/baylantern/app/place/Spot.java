package baylantern.app.place;

import org.jspecify.annotations.Nullable;

/**
 * A place within the site, in walking order from 1.
 *
 * @param potLitres how much its pots hold, null where nobody said
 */
public record Spot(
        long id,
        String name,
        int walkOrder,
        boolean insectProof,
        @Nullable Double potLitres,
        int version) {}
