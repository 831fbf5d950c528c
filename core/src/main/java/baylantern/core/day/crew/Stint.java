package baylantern.core.day.crew;

/**
 * A block of the day as work: so many grafts alike, with what comes before the first of them.
 *
 * @param block what the caller knows it by
 * @param grafts 1 or more
 * @param cleanMinutes cleaning of blades before it
 * @param walkMinutes the way to it
 */
public record Stint(String block, int grafts, Seconds each, double cleanMinutes, double walkMinutes) {

    /** Usual seconds one graft takes, by what is done; 0 or more each. */
    public record Seconds(double prepare, double cut, double wrap, double label) {

        /** Throws where one is under 0. */
        public Seconds {
            if (!(prepare >= 0 && cut >= 0 && wrap >= 0 && label >= 0)) {
                throw new IllegalArgumentException("seconds of work are 0 or more");
            }
        }

        /** All of it. */
        public double whole() {
            return prepare + cut + wrap + label;
        }
    }

    /** Throws where there is no graft. */
    public Stint {
        if (grafts < 1) {
            throw new IllegalArgumentException(grafts + " grafts: 1 or more are wanted");
        }
    }
}
