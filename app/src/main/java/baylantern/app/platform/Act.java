package baylantern.app.platform;

import java.time.LocalDate;

/** Something done that can be taken back. */
public record Act(long id, String kind, String sentence, LocalDate farmDay, boolean undone) {}
