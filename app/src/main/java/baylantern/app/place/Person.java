package baylantern.app.place;

/** Somebody who makes or looks at grafts. */
public record Person(long id, String name, int version) {}
