package baylantern.app.demo;

import java.time.LocalDate;

/** Some grafts of one variety made in one go. */
record DemoSession(
        LocalDate day,
        String species,
        String variety,
        String technique,
        String maker,
        int grafts,
        int woodAgeDays,
        String source,
        String place) {}
