package baylantern.core.rules;

/**
 * A grafting technique.
 */
public record Technique(
        String key, String name, Group group, Sizes sizes, Bark bark, StockTop stockTop, String scion, String note) {

    /**
     * What it is made for.
     *
     * @param ratio scion diameter over stock diameter at the cut
     * @param stockMm stock diameter in mm
     * @param cutMm length of cut in mm
     * @param buds buds used for one graft
     */
    public record Sizes(Figure ratio, Figure stockMm, Figure cutMm, Figure buds) {}

    /** See {@link Sizes}. */
    public Figure ratio() {
        return sizes.ratio();
    }

    /** See {@link Sizes}. */
    public Figure stockMm() {
        return sizes.stockMm();
    }

    /** See {@link Sizes}. */
    public Figure cutMm() {
        return sizes.cutMm();
    }

    /** See {@link Sizes}. */
    public Figure buds() {
        return sizes.buds();
    }

    /** Techniques that share their aftercare. */
    public enum Group {
        CLEFT,
        SIDE,
        BUD,
        APPROACH
    }

    /** Whether the bark must lift cleanly. */
    public enum Bark {
        NO,
        HELPS,
        YES
    }

    /** What becomes of the stock above the union. */
    public enum StockTop {
        REMOVED,
        KEPT,
        SHORTENED,
        BENT,
        AFTER_UNION
    }
}
