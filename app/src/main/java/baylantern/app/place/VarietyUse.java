package baylantern.app.place;

/** Hears that a variety is of another species than was written; whoever keeps the species beside the variety follows. */
public interface VarietyUse {

    /** The variety is of this species, within the caller's followed act. */
    void speciesPutRight(long varietyId, String speciesKey);
}
