package baylantern.core.season.window;

/** The lamp of a day: it glows when stock, wood and weather are all lit. */
public record Lamp(Wick stock, Wick wood, Wick weather) {

    /** True where all three are lit. */
    public boolean lit() {
        return stock.level() == Wick.Level.LIT && wood.level() == Wick.Level.LIT && weather.level() == Wick.Level.LIT;
    }
}
