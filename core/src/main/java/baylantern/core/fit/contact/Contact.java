package baylantern.core.fit.contact;

/**
 * How much cambium meets.
 *
 * @param met in the unit, 0 to whole
 * @param whole the most this cut could give, in the unit, above 0
 */
public record Contact(double met, double whole, Unit unit) {

    /** What contact is counted in. */
    public enum Unit {
        MM("mm"),
        SQUARE_MM("mm²");

        private final String words;

        Unit(String words) {
            this.words = words;
        }

        /** As written. */
        public String words() {
            return words;
        }
    }

    /** Share that meets, 0 to 1. */
    public double share() {
        return whole > 0 ? met / whole : 0;
    }
}
