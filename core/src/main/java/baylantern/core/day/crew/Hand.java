package baylantern.core.day.crew;

/**
 * A person at work.
 *
 * @param fromMinute when they come, minutes after the day begins, 0 or more
 * @param pace how long they take beside what is usual: 1 as usual, 1.2 a fifth longer; over 0
 */
public record Hand(String name, Role role, double fromMinute, double pace) {

    /** Throws where a number is not one of these. */
    public Hand {
        if (!(fromMinute >= 0 && pace > 0)) {
            throw new IllegalArgumentException(
                    name + " from minute " + fromMinute + " at pace " + pace + ": from 0, at over 0 are wanted");
        }
    }

    Hand at(double otherPace) {
        return new Hand(name, role, fromMinute, otherPace);
    }
}
