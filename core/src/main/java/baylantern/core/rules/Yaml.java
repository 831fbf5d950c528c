package baylantern.core.rules;

import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/** One mapping of a rulebook file, with accessors that name the missing key. */
record Yaml(String where, Map<?, ?> map) {

    static Yaml file(String name) {
        try (InputStream in = Yaml.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("the rulebook file " + name + " is missing");
            }
            Object root = new Load(LoadSettings.builder().setLabel(name).build()).loadFromInputStream(in);
            return of(name, root);
        } catch (IOException e) {
            throw new IllegalStateException("the rulebook file " + name + " cannot be read", e);
        }
    }

    private static Yaml of(String where, @Nullable Object value) {
        if (value instanceof Map<?, ?> found) {
            return new Yaml(where, found);
        }
        throw new IllegalStateException(where + " should be a mapping, not " + value);
    }

    Yaml at(String key) {
        return of(where + " › " + key, map.get(key));
    }

    String text(String key) {
        Object value = map.get(key);
        if (value == null) {
            throw new IllegalStateException(where + " lacks " + key);
        }
        return Quantity.fixed(value.toString());
    }

    Optional<String> maybe(String key) {
        return Optional.ofNullable(map.get(key)).map(Object::toString).map(Quantity::fixed);
    }

    double number(String key) {
        return Double.parseDouble(text(key));
    }

    List<String> texts(String key) {
        return map.get(key) instanceof List<?> list
                ? list.stream().map(String::valueOf).map(Quantity::fixed).toList()
                : List.of();
    }

    Set<String> set(String key) {
        return new LinkedHashSet<>(texts(key));
    }

    List<Yaml> items(String key) {
        return map.get(key) instanceof List<?> list
                ? list.stream().map(item -> of(where + " › " + key, item)).toList()
                : List.of();
    }

    /** The numbers under a key, by their own keys; none where there is no such key. */
    Map<String, Double> numbers(String key) {
        Map<String, Double> numbers = new LinkedHashMap<>();
        textMap(key).forEach((name, number) -> numbers.put(name, Double.valueOf(number)));
        return numbers;
    }

    Map<String, String> textMap(String key) {
        Map<String, String> texts = new LinkedHashMap<>();
        if (map.get(key) instanceof Map<?, ?> found) {
            found.forEach((k, v) -> texts.put(String.valueOf(k), Quantity.fixed(String.valueOf(v))));
        }
        return texts;
    }

    <T> Map<String, T> each(BiFunction<String, Yaml, T> read) {
        Map<String, T> found = new LinkedHashMap<>();
        map.keySet().forEach(key -> found.put(key.toString(), read.apply(key.toString(), at(key.toString()))));
        return found;
    }

    Figure figure() {
        List<String> range = texts("range");
        return new Figure(
                number("value"),
                Double.parseDouble(range.get(0)),
                Double.parseDouble(range.get(1)),
                text("unit"),
                text("why"));
    }
}
