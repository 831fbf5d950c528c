package baylantern.app.care;

import baylantern.core.care.Look;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A look as stored; answered lists the kinds of visits it answered, found what was found beside. */
public record LookRow(
        long id,
        long graftId,
        @Nullable String personName,
        LocalDate seenOn,
        Sign sign,
        boolean correction,
        String note,
        String answered,
        @Nullable Double lengthMm,
        String found) {

    Look look() {
        return new Look(seenOn, sign, correction, lengthMm, Trace.read(found));
    }
}
