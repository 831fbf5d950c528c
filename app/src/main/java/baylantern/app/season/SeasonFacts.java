package baylantern.app.season;

import baylantern.app.platform.Fact;
import java.util.Arrays;
import java.util.stream.Stream;

/** The facts that warmth, flushes and windows rest on. */
public final class SeasonFacts {

    /** Weather past and expected. */
    static final Fact[] SKY = {Fact.WEATHER, Fact.CLIMATE, Fact.SITE, Fact.DAY};

    /** Notes of plants, with the plants and their names. */
    static final Fact[] NOTES = {Fact.NOTES, Fact.PEOPLE, Fact.PLANTS, Fact.SPOTS, Fact.VARIETIES};

    /** Both. */
    static final Fact[] ALL = {
        Fact.WEATHER,
        Fact.CLIMATE,
        Fact.SITE,
        Fact.DAY,
        Fact.NOTES,
        Fact.PEOPLE,
        Fact.PLANTS,
        Fact.SPOTS,
        Fact.VARIETIES
    };

    /** What decides whether pinched shoots and lots can be counted on. */
    private static final Fact[] WOOD = {
        Fact.SHOOTS,
        Fact.LOTS,
        Fact.CHECKS,
        Fact.STORES,
        Fact.SOURCES,
        Fact.TESTS,
        Fact.PARENTS,
        Fact.MOVES,
        Fact.HOLDS,
        Fact.GRAFTS,
        Fact.GRAFT_STATES
    };

    /** Both, with the wood at hand and whether it may be used. */
    static final Fact[] WINDOWS =
            Stream.concat(Arrays.stream(ALL), Arrays.stream(WOOD)).toArray(Fact[]::new);

    private SeasonFacts() {}

    /** Weather past and expected, and other facts beside. */
    public static Fact[] skyAnd(Fact... others) {
        return Stream.concat(Arrays.stream(SKY), Arrays.stream(others)).toArray(Fact[]::new);
    }
}
