package baylantern.core.rules;

import java.util.Map;

/**
 * A question on which growers disagree.
 *
 * @param schools school key to school, in the order they are offered
 * @param bySpecies species key to the default school there
 * @param byTechnique technique key to the default school there; wins over the species
 */
public record SchoolQuestion(
        String key,
        String question,
        String standard,
        String why,
        Map<String, School> schools,
        Map<String, String> bySpecies,
        Map<String, String> byTechnique) {

    /** One school and what it risks. */
    public record School(String key, String name, String risk) {}

    /** The school followed unless the grower picks another. */
    public String standardFor(String speciesKey, String techniqueKey) {
        String forSpecies = bySpecies.getOrDefault(speciesKey, standard);
        return byTechnique.getOrDefault(techniqueKey, forSpecies);
    }
}
