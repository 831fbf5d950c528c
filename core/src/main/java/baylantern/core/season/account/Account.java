package baylantern.core.season.account;

/** An account of what a tree goes by. None of them need be true: they are weighed by what each foretold. */
public enum Account {
    /** Bud warmth from swell to swell. */
    WARMTH("warmth from swell to swell"),
    /** The same, by the time of year it begins. */
    WARMTH_BY_SEASON("warmth that changes with the season"),
    /** Days from swell to swell. */
    DAYS("days from swell to swell"),
    /** The dates of other years, kept closely. */
    DATES("the dates of other years"),
    /** The dates of other years, roughly. */
    TIME_OF_YEAR("the time of year"),
    /** Warmth, season, rain after a dry spell, day length and chill together. */
    RAINS("rain, cold and day length");

    private final String words;

    Account(String words) {
        this.words = words;
    }

    /** What it goes by, to stand after "goes by". */
    public String words() {
        return words;
    }
}
