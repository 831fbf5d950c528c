package baylantern.core.fit.contact;

/** What a drawn shape is. */
public enum Part {
    STOCK_BARK,
    STOCK_WOOD,
    STOCK_CAMBIUM,
    SCION_BARK,
    SCION_WOOD,
    SCION_CAMBIUM,
    OPENED,
    MEETS,
    CUT
}
