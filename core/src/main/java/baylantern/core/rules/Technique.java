package baylantern.core.rules;

/**
 * A grafting technique.
 *
 * @param ratio scion diameter over stock diameter at the cut
 * @param stockMm stock diameter in mm
 * @param cutMm length of cut in mm
 * @param buds buds used for one graft
 */
public record Technique(
        String key,
        String name,
        Group group,
        Figure ratio,
        Figure stockMm,
        Figure cutMm,
        Figure buds,
        Bark bark,
        StockTop stockTop,
        String scion,
        String note) {

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
