package baylantern.app.platform;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.TypeMismatchException;
import org.springframework.util.ClassUtils;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.PropertyBindingException;

/** What was sent and could not even be read, told as any other entry that cannot be: what to give, and for which entry. */
final class OddEntry {

    private static final String NOT_WHOLE =
            "What was sent cannot be read: it breaks off, or is not written as entries and values.";

    private static final int MOST_SHOWN = 40;

    private OddEntry() {}

    /** A part of what was sent with a request. */
    static FarmProblem sent(Throwable unread) {
        for (Throwable why = unread; why != null; why = why.getCause()) {
            if (why instanceof PropertyBindingException odd) {
                return unknown(odd);
            }
            if (why instanceof InputCoercionException) {
                return of(name(unread), null, "a number nearer to 0");
            }
            if (why instanceof MismatchedInputException odd && odd.getTargetType() != null) {
                Object value = odd instanceof InvalidFormatException held ? held.getValue() : null;
                return of(name(odd), value, valid(odd.getTargetType()));
            }
        }
        return FarmProblem.unread("", null, "", NOT_WHOLE);
    }

    /** A part of the address of a request. */
    static FarmProblem asked(String name, TypeMismatchException odd) {
        return of(name, odd.getValue(), valid(Objects.requireNonNullElse(odd.getRequiredType(), String.class)));
    }

    /** Something that the address of a request must say. */
    static FarmProblem missing(String name) {
        return FarmProblem.unread(name, null, "", FieldWords.sentence(name, "is missing") + ".");
    }

    private static FarmProblem of(String name, @Nullable Object value, String valid) {
        String words = FieldWords.of(name);
        // "Give a day for day" says nothing.
        String given = words.isEmpty() || valid.contains(" " + words) ? "" : " for " + words;
        String told = shortened(Objects.toString(value, ""));
        String none = value == null ? "" : "; “" + told + "” is none";
        return FarmProblem.unread(name, told, valid, "Give " + valid + given + none + ".");
    }

    // As much of it as shows which it was.
    private static String shortened(String value) {
        return value.length() <= MOST_SHOWN ? value : value.substring(0, MOST_SHOWN) + " …";
    }

    private static FarmProblem unknown(PropertyBindingException odd) {
        String known = odd.getKnownPropertyIds() == null
                ? ""
                : odd.getKnownPropertyIds().stream()
                        .map(Object::toString)
                        .sorted()
                        .collect(Collectors.joining(", "));
        String name = shortened(odd.getPropertyName());
        return FarmProblem.unread(name, null, known, "There is no entry “" + name + "” here.");
    }

    // The innermost entry that has a name.
    private static String name(Throwable unread) {
        for (Throwable why = unread; why != null; why = why.getCause()) {
            List<JacksonException.Reference> path = why instanceof JacksonException odd ? odd.getPath() : List.of();
            for (int i = path.size() - 1; i >= 0; i--) {
                String name = path.get(i).getPropertyName();
                if (name != null) {
                    return name;
                }
            }
        }
        return "";
    }

    private static String valid(Class<?> sent) {
        Class<?> type = ClassUtils.resolvePrimitiveIfNecessary(sent);
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(Object::toString)
                            .collect(Collectors.joining(", "));
        }
        if (type == LocalDate.class) {
            return "a day (2026-05-14)";
        }
        if (type == LocalTime.class) {
            return "a time (07:30)";
        }
        if (type == Integer.class || type == Long.class) {
            return "a whole number";
        }
        if (Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        if (type == Boolean.class) {
            return "true or false";
        }
        if (type == String.class) {
            return "a text";
        }
        return Collection.class.isAssignableFrom(type) ? "a list" : "entries and their values";
    }
}
