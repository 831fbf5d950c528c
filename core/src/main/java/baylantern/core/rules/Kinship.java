package baylantern.core.rules;

/** How well a scion species suits a stock species, with the reason. */
public record Kinship(Verdict verdict, String why) {

    /** From surest to impossible. */
    public enum Verdict {
        GOOD,
        USUAL,
        TRIAL,
        REFUSED
    }
}
