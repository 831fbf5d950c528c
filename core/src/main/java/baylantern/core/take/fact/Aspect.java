package baylantern.core.take.fact;

import baylantern.core.rules.FactRules.Steps;
import org.jspecify.annotations.Nullable;

/**
 * Something by which grafts are told apart.
 *
 * @param words as a grower says it
 * @param hand true where the grower can choose it
 * @param steps how it is cut from a number, null where it is none
 */
public record Aspect(
        String key, String words, boolean hand, @Nullable Steps steps) {}
