package baylantern.core.season.farms;

import baylantern.core.season.weather.StartingClimates;

/** Kinds of made-up farms: where they lie, what grows there, and by which law it flushes. */
public enum Kind {
    WARMTH_NORTH(StartingClimates.Kind.MILD_COAST, 31, "avocado", Laws.byWarmth(10, 1150)),
    WARMTH_SOUTH(StartingClimates.Kind.SUBTROPICAL, -27, "mango", Laws.byWarmth(15, 620)),
    RAIN_SOUTH(StartingClimates.Kind.SUBTROPICAL, -27, "citrus", Laws.byRain()),
    RAIN_NORTH(StartingClimates.Kind.TROPICAL_EDGE, 22, "mango", Laws.byRain()),
    DATES_NORTH(StartingClimates.Kind.MILD_COAST, 31, "avocado", Laws.byCalendar(70, 170, 260)),
    DATES_EQUATOR(StartingClimates.Kind.TROPICAL_EDGE, 4, "citrus", Laws.byCalendar(30, 150, 270)),
    MIXED_SOUTH(StartingClimates.Kind.MILD_COAST, -29, "citrus", Laws.mixed(12, 750)),
    MIXED_NORTH(StartingClimates.Kind.TROPICAL_EDGE, 22, "mango", Laws.mixed(14, 900));

    public final StartingClimates.Kind climate;
    public final double latitudeDeg;
    public final String species;
    public final MadeUpFarm.Law law;

    Kind(StartingClimates.Kind climate, double latitudeDeg, String species, MadeUpFarm.Law law) {
        this.climate = climate;
        this.latitudeDeg = latitudeDeg;
        this.species = species;
        this.law = law;
    }

    /** A farm of this kind, looked at as usual. */
    public MadeUpFarm farm(int trees, int days, long seed) {
        return new MadeUpFarm(law, MadeUpFarm.Eye.USUAL, climate, latitudeDeg, trees, days, seed * 7919L);
    }
}
