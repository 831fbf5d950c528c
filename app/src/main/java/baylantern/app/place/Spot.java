package baylantern.app.place;

/** A place within the site, in walking order from 1. */
public record Spot(long id, String name, int walkOrder, boolean insectProof, int version) {}
