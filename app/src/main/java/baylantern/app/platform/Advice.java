package baylantern.app.platform;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Something the farm is advised, and how a change of it is told. Each feature that advises makes one a bean; asked before
 * and after a change, it says what that changes.
 *
 * @param told what is advised now: each piece by a key of its own, in words that differ where the advice does
 * @param other how it is told that so many pieces are told otherwise
 * @param come that there are so many more
 * @param gone that there are so many fewer
 */
public record Advice(Supplier<Map<String, String>> told, Count other, Count come, Count gone) {

    /**
     * A number in words.
     *
     * @param one what follows a one, such as "visit moves"
     * @param many what follows any other number
     */
    public record Count(String one, String many) {

        /** Of which nothing is said. */
        public static final Count UNSAID = new Count("", "");

        private Stream<String> of(long number) {
            return number == 0 || equals(UNSAID)
                    ? Stream.empty()
                    : Stream.of(number + " " + (number == 1 ? one : many));
        }
    }

    /** What differs between what was told before and is told after, as phrases; none where nothing that is said does. */
    public List<String> changes(Map<String, String> before, Map<String, String> after) {
        long differ = before.keySet().stream()
                .filter(key -> after.containsKey(key) && !Objects.equals(before.get(key), after.get(key)))
                .count();
        return Stream.of(other.of(differ), come.of(only(after.keySet(), before)), gone.of(only(before.keySet(), after)))
                .flatMap(phrases -> phrases)
                .toList();
    }

    private static long only(Set<String> keys, Map<String, String> without) {
        return keys.stream().filter(key -> !without.containsKey(key)).count();
    }
}
