package baylantern.core.fit.contact;

/** Of which of the two a drawn part is. */
enum Whose {
    STOCK(Part.STOCK_BARK, Part.STOCK_WOOD, Part.STOCK_CAMBIUM),
    SCION(Part.SCION_BARK, Part.SCION_WOOD, Part.SCION_CAMBIUM);

    private final Part bark;
    private final Part wood;
    private final Part cambium;

    Whose(Part bark, Part wood, Part cambium) {
        this.bark = bark;
        this.wood = wood;
        this.cambium = cambium;
    }

    Part bark() {
        return bark;
    }

    Part wood() {
        return wood;
    }

    Part cambium() {
        return cambium;
    }
}
