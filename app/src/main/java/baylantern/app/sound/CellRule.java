package baylantern.app.sound;

import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What the text of a cell must be. That it is a number, a day or a reference where the store says so needs no rule.
 *
 * @param amiss says why a text cannot be, null where it can
 * @param words all that it can be, empty where these are no few words
 * @param standIn what stands in the place of a word nobody understands until somebody says what it is; null where a cell
 *     may then be empty or where nothing can
 */
public record CellRule(
        Function<String, @Nullable String> amiss,
        List<String> words,
        @Nullable String standIn) {

    private static final Validator ENTRIES =
            Validation.buildDefaultValidatorFactory().getValidator();

    private static final Function<String, @Nullable String> ANYTHING = text -> null;

    /** Whatever somebody writes. */
    public static CellRule free() {
        return new CellRule(ANYTHING, List.of(), null);
    }

    /** True where anything is right that the store takes. */
    boolean any() {
        return amiss == ANYTHING;
    }

    /** The same, with something that stands in the place of what cannot be. */
    public CellRule or(String otherwise) {
        return new CellRule(amiss, words, otherwise);
    }

    /** What something is called: anything but nothing. */
    public static CellRule named() {
        return new CellRule(text -> text.isBlank() ? "needs a name" : null, List.of(), "unnamed");
    }

    /** The name of a thing of a few. */
    public static <E extends Enum<E>> CellRule word(Class<E> few, @Nullable E standIn) {
        List<String> names =
                Arrays.stream(few.getEnumConstants()).map(Enum::name).toList();
        return word(names, standIn == null ? null : standIn.name());
    }

    /** One of these words. */
    public static CellRule word(Collection<String> words, @Nullable String standIn) {
        List<String> all = List.copyOf(words);
        return new CellRule(text -> all.contains(text) ? null : "is none of " + String.join(", ", all), all, standIn);
    }

    /** A species of the rulebook; {@link Species#UNKNOWN} stands where nobody knows it. */
    public static CellRule species(Rulebook rules) {
        List<String> keys = rules.species().stream().map(Species::key).toList();
        CellRule known = word(keys, Species.UNKNOWN);
        return new CellRule(
                text -> text.equals(Species.UNKNOWN) ? null : known.amiss.apply(text), keys, Species.UNKNOWN);
    }

    /** A technique of the rulebook. */
    public static CellRule technique(Rulebook rules, @Nullable String standIn) {
        return word(rules.techniques().stream().map(Technique::key).toList(), standIn);
    }

    /** A number from one to another. */
    public static CellRule number(double least, double most) {
        return checked(text -> {
            double x = Double.parseDouble(text);
            return x >= least && x <= most ? null : "is from " + least + " to " + most;
        });
    }

    /** A number the store keeps for itself: any that is finite. */
    public static CellRule number() {
        return number(-Double.MAX_VALUE, Double.MAX_VALUE);
    }

    /** A whole number from 0 on. */
    public static CellRule count() {
        return checked(text -> Long.parseLong(text) >= 0 ? null : "is a whole number from 0 on");
    }

    /** A whole number, also under 0; that it is one the store says. */
    public static CellRule whole() {
        return free();
    }

    /** What a part of an entry may be, judged as when it is typed. */
    public static CellRule as(Class<? extends Record> entry, String part) {
        Class<?> type = Arrays.stream(entry.getRecordComponents())
                .filter(p -> p.getName().equals(part))
                .map(RecordComponent::getType)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(entry + " has no " + part));
        return checked(text -> ENTRIES.validateValue(entry, part, typed(text, type)).stream()
                .map(ConstraintViolation::getMessage)
                .findFirst()
                .orElse(null));
    }

    /** A text a reader understands; it throws {@link RuntimeException} where it does not. */
    public static CellRule read(Consumer<String> reader, @Nullable String standIn) {
        return new CellRule(
                text -> {
                    try {
                        reader.accept(text);
                        return null;
                    } catch (RuntimeException e) {
                        return "cannot be read";
                    }
                },
                List.of(),
                standIn);
    }

    private static CellRule checked(Function<String, @Nullable String> amiss) {
        return new CellRule(
                text -> {
                    try {
                        return amiss.apply(text);
                    } catch (NumberFormatException e) {
                        return "is a number";
                    }
                },
                List.of(),
                null);
    }

    private static Object typed(String text, Class<?> type) {
        if (type == double.class || type == Double.class) {
            return Double.valueOf(text);
        }
        return type == int.class || type == Integer.class ? (Object) Integer.valueOf(text) : text;
    }
}
