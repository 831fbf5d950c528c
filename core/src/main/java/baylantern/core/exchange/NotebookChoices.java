package baylantern.core.exchange;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the grower corrected among the guesses; empty parts leave the guess.
 *
 * @param columns column number from 0 to what it holds
 * @param dayFirst whether the day comes before the month
 * @param bareInches whether bare numbers are inches
 * @param results word as written to the name of a sign
 * @param techniques word as written to a technique key
 * @param species word as written to a species key
 * @param varietySpecies variety to a species key
 * @param merge spellings to merge although they would not be
 * @param keepApart spellings to keep apart although they would be merged
 */
public record NotebookChoices(
        Map<Integer, ColumnRole> columns,
        Optional<Boolean> dayFirst,
        Optional<Boolean> bareInches,
        Map<String, String> results,
        Map<String, String> techniques,
        Map<String, String> species,
        Map<String, String> varietySpecies,
        Set<String> merge,
        Set<String> keepApart) {

    /** Every guess as it is. */
    public static NotebookChoices none() {
        return new NotebookChoices(
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Map.of(),
                Map.of(),
                Map.of(),
                Set.of(),
                Set.of());
    }
}
