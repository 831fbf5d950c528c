package baylantern.app.place;

/** How a plant leaves the farm. */
public enum PlantEnd {
    DEAD("dead"),
    SOLD("sold"),
    GIVEN("given away"),
    /** Nobody said why. */
    TAKEN_OFF("taken off the farm");

    private final String words;

    PlantEnd(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }

    /** True where there is somebody it goes to. */
    public boolean toSomebody() {
        return this == SOLD || this == GIVEN;
    }
}
