package baylantern.core.exchange;

import baylantern.core.care.Sign;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A row taken as a graft.
 *
 * @param line row number in the file
 * @param dayKnown false where only the month was written and the 15th stands for the day
 * @param sign what was seen at the last look; NOTHING for a waiting graft
 * @param seenOn day of that look, null where nobody looked
 * @param fingerprint the row's text, to know it again
 */
public record NotebookGraft(
        long line,
        LocalDate madeOn,
        boolean dayKnown,
        @Nullable String plant,
        String variety,
        String species,
        @Nullable String technique,
        @Nullable String maker,
        @Nullable String source,
        @Nullable LocalDate woodCutOn,
        @Nullable Double scionMm,
        @Nullable Double stockMm,
        @Nullable LocalDate seenOn,
        Sign sign,
        @Nullable String place,
        String notes,
        String fingerprint) {}
