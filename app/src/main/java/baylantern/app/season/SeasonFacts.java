package baylantern.app.season;

import baylantern.app.platform.Fact;
import java.util.Arrays;
import java.util.stream.Stream;

/** The facts that warmth, flushes and windows rest on. */
final class SeasonFacts {

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

    /** Both, with what was pinched. */
    static final Fact[] WINDOWS =
            Stream.concat(Arrays.stream(ALL), Stream.of(Fact.SHOOTS)).toArray(Fact[]::new);

    private SeasonFacts() {}
}
