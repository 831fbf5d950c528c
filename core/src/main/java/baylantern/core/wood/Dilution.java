package baylantern.core.wood;

import baylantern.core.rules.Quantity;

/**
 * How much of a product and how much water make a wanted mixture: {@code V · wanted / product} of the product, water to
 * fill up. Volumes are taken to add up, as the kitchen jug does.
 *
 * @param productMl of the product, in ml
 * @param waterMl of water, in ml
 * @param parts the product is one part in so many, by volume
 */
public record Dilution(double productMl, double waterMl, double parts) {

    /**
     * Mixes.
     *
     * @param productPct strength of the product in %, over 0 and up to 100
     * @param wantedPct strength wanted in %, over 0 and up to that of the product
     * @param volumeMl volume wanted in ml, over 0 and up to 100 000
     * @throws IllegalArgumentException naming the figure and its range
     */
    public static Dilution of(double productPct, double wantedPct, double volumeMl) {
        within("The product’s strength", productPct, 0, 100, "%");
        within("The strength wanted", wantedPct, 0, productPct, "%");
        within("The volume wanted", volumeMl, 0, 100_000, "ml");
        double product = volumeMl * wantedPct / productPct;
        return new Dilution(product, volumeMl - product, productPct / wantedPct);
    }

    private static void within(String what, double x, double over, double upTo, String unit) {
        if (!(x > over && x <= upTo)) {
            throw new IllegalArgumentException(what + " of " + Quantity.of(x, unit) + " cannot be; it lies over "
                    + Quantity.of(over, unit) + " and up to " + Quantity.of(upTo, unit) + ".");
        }
    }
}
