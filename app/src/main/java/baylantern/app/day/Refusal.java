package baylantern.app.day;

/** Why a stock was not grafted, and what serves instead. */
public enum Refusal {
    BARK_TIGHT("its bark does not slip", "Chip it: a bud with its wood needs no bark that lifts. Or wait for growth."),
    ROTTEN("its pith is rotten or brown", "Cut lower until the wood is clean, or leave this stock out."),
    TOO_THICK("too thick for the stick", "Two scions, one at each side, or the bark graft while it slips."),
    TOO_THIN("too thin for the stick", "Take a thinner stick, bud it, or give it another season."),
    POORLY("it is poorly", "A failing stock gives a failed graft: let it recover first.");

    private final String words;
    private final String instead;

    Refusal(String words, String instead) {
        this.words = words;
        this.instead = instead;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }

    /** What to do instead, as a sentence. */
    public String instead() {
        return instead;
    }
}
