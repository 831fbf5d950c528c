package baylantern.app.share;

import java.time.Instant;
import java.time.LocalDate;

/**
 * Something that was done without contact on a device that was then taken away or signed out: an owner decides on it.
 *
 * @param request its name, so that it is written once whoever sends it
 * @param farm the mark of the farm it was done for
 * @param words what was done, as it was told on the device
 * @param way where it was to be sent, method and address
 * @param body what was to be sent
 */
public record Left(
        long id,
        String request,
        String device,
        String personName,
        String farm,
        LocalDate doneOn,
        Instant doneAt,
        String words,
        String way,
        String body) {}
