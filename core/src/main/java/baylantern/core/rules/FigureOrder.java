package baylantern.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Figures that must stay in order, such as the warmth from which a union heals and that at which it heals best. */
public final class FigureOrder {

    /** Each at most the next. */
    private static final List<List<FigureName>> RISING = List.of(
            List.of(FigureName.HEALING_LEAST, FigureName.HEALING_BEST, FigureName.HEALING_MOST),
            List.of(FigureName.BASE, FigureName.UPPER),
            List.of(FigureName.LOW_FROM, FigureName.LIT_FROM),
            List.of(FigureName.SHELF_C, FigureName.SHELF_B, FigureName.SHELF_A),
            List.of(FigureName.LAST_SHARE, FigureName.GOOD_SHARE),
            List.of(FigureName.FRIDGE_C, FigureName.COOL_BOX_C, FigureName.AMBIENT_C),
            List.of(FigureName.LIMB_THINNEST_MM, FigureName.LIMB_THICKEST_MM),
            List.of(FigureName.CAUSE_CONTACT_LOW, FigureName.CAUSE_CONTACT_GOOD),
            List.of(FigureName.CAUSE_WOOD_FRESH, FigureName.CAUSE_WOOD_OLD),
            List.of(FigureName.CAUSE_RAIN_DRY, FigureName.CAUSE_RAIN_WET));

    private FigureOrder() {}

    /**
     * Two figures the wrong way round.
     *
     * @param less should be at most {@code more}
     */
    public record Crossed(FigureName less, FigureName more) {}

    /** The first pair a changed figure would cross, empty where none; {@code value} tells how each would stand. */
    public static Optional<Crossed> crossed(FigureName changed, ToDoubleFunction<FigureName> value) {
        for (List<FigureName> chain : RISING) {
            int at = chain.indexOf(changed);
            for (int i = Math.max(0, at - 1); at >= 0 && i < Math.min(at + 1, chain.size() - 1); i++) {
                if (value.applyAsDouble(chain.get(i)) > value.applyAsDouble(chain.get(i + 1))) {
                    return Optional.of(new Crossed(chain.get(i), chain.get(i + 1)));
                }
            }
        }
        return Optional.empty();
    }
}
