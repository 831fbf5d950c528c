package baylantern.core.take.fact;

import baylantern.core.rules.FactRules.Steps;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something by which grafts are told apart.
 *
 * @param words as a grower says it
 * @param hand true where the grower can choose it
 * @param steps how it is cut from a number, null where it is none
 */
public record Aspect(
        String key, String words, boolean hand, @Nullable Steps steps) {

    /** By which technique. */
    public static final String TECHNIQUE = "technique";

    /** Under what. */
    public static final String COVER = "cover";

    private static final String SCHOOL = "school.";

    /** The key of a question growers disagree on. */
    public static String school(String question) {
        return SCHOOL + question;
    }

    /** The question an aspect is about, empty where it is about none. */
    public static Optional<String> question(String aspect) {
        return aspect.startsWith(SCHOOL) ? Optional.of(aspect.substring(SCHOOL.length())) : Optional.empty();
    }
}
