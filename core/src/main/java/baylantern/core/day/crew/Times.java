package baylantern.core.day.crew;

/** How one time differs from what is usual for that person: 1 as usual. */
@FunctionalInterface
interface Times {

    double next();
}
