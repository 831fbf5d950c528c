package baylantern.core.season.account;

/** An account of what a tree goes by. None of them need be true: they are weighed by what each foretold. */
public enum Account {
    /** Bud warmth from swell to swell. */
    WARMTH("warmth from swell to swell", 0.35),
    /** The same, by the time of year it begins. */
    WARMTH_BY_SEASON("warmth that changes with the season", 0.27),
    /** Days from swell to swell. */
    DAYS("days from swell to swell", 0.06),
    /** The dates of other years, kept closely. */
    DATES("the dates of other years", 0.04),
    /** The dates of other years, roughly. */
    TIME_OF_YEAR("the time of year", 0.06),
    /** Warmth hurried or held by rain after a dry spell, day length, chill and the time of year. */
    RAINS("rain, cold and day length", 0.22);

    private final String words;
    private final double beforehand;

    Account(String words, double beforehand) {
        this.words = words;
        this.beforehand = beforehand;
    }

    /** What it goes by, to stand after "goes by". */
    public String words() {
        return words;
    }

    /** What it is worth before anything was foretold, 0 to 1, all together 1: a steady tree goes by warmth. */
    public double beforehand() {
        return beforehand;
    }

    /** Whether it knows of the season, and so of rain that breaks a dry spell ({@link Breaks}); the others stay plain. */
    boolean knowsTheSeason() {
        return switch (this) {
            case WARMTH_BY_SEASON, TIME_OF_YEAR, RAINS -> true;
            case WARMTH, DAYS, DATES -> false;
        };
    }

    /** Whether it knows nothing yet of most days of the year where trees were looked at for less than about a year. */
    boolean needsAYear() {
        return this == DATES;
    }
}
