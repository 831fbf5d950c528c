package baylantern.core.care;

import baylantern.core.rules.Technique;
import java.time.LocalDate;
import java.util.Map;

/**
 * What a care plan depends on.
 *
 * @param cover name of the cover
 * @param schools question key to the school followed
 */
public record CareSubject(
        String speciesKey, Technique technique, LocalDate madeOn, String cover, Map<String, String> schools) {}
