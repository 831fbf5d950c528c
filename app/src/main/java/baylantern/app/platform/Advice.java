package baylantern.app.platform;

import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What the farm is advised, as it stands now; asked before and after a change, it tells what that would change. */
public interface Advice {

    /** Each piece of advice by a key of its own, in words that differ where the advice does. */
    Map<String, String> told();

    /** What a change does to this advice, as sentences without their full stop; none where it does nothing. */
    List<String> sentences(Moved moved);

    /**
     * How many pieces of advice a change touches.
     *
     * @param come there are so many new ones
     * @param gone so many there were are no more
     * @param other so many are told otherwise
     */
    record Moved(int come, int gone, int other) {

        /** What differs between advice before and after. */
        public static Moved between(Map<String, String> before, Map<String, String> after) {
            int come = (int) after.keySet().stream()
                    .filter(key -> !before.containsKey(key))
                    .count();
            int gone = (int) before.keySet().stream()
                    .filter(key -> !after.containsKey(key))
                    .count();
            int other = (int) before.entrySet().stream()
                    .filter(one ->
                            after.containsKey(one.getKey()) && !Objects.equals(after.get(one.getKey()), one.getValue()))
                    .count();
            return new Moved(come, gone, other);
        }

        /** Such as "12 visits move", "1 visit moves"; empty where there are none. */
        public static List<String> words(int number, String one, String many) {
            return number == 0 ? List.of() : List.of(number == 1 ? "1 " + one : number + " " + many);
        }
    }
}
