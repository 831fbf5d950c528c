package baylantern.core.exchange.phrase;

import baylantern.core.care.Sign;
import org.jspecify.annotations.Nullable;

/**
 * What a phrase about a graft's fate says, or why it must be asked.
 *
 * @param sign what was seen, null where it is asked
 * @param ask why it is asked, a sentence; null where it is understood
 */
public record ResultReading(@Nullable Sign sign, @Nullable String ask) {

    static ResultReading of(Sign sign) {
        return new ResultReading(sign, null);
    }

    static ResultReading asked(String why) {
        return new ResultReading(null, why);
    }

    /** True where it is understood. */
    public boolean understood() {
        return sign != null;
    }
}
