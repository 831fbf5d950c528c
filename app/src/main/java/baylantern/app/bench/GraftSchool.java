package baylantern.app.bench;

/** A school followed by a graft. */
public record GraftSchool(long graftId, String question, String school) {}
