package baylantern.app.care;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A picture of a graft as stored; file is the name of the picture itself, width and height are in points. */
record PictureRow(
        long id,
        long graftId,
        LocalDate takenOn,
        String file,
        int wide,
        int high,
        @Nullable String personName) {}
