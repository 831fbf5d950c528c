package baylantern.core.care;

import java.util.Arrays;
import java.util.Optional;

/** What was seen at a look: one key each. A letter that a bud stage has too says the same of both; {@code E} is an empty place. */
public enum Sign {
    NOTHING('N', "nothing yet", GraftState.HEALING),
    GREEN('G', "green", GraftState.ALIVE),
    SWELLING('S', "swelling", GraftState.ALIVE),
    PUSHED('P', "pushed", GraftState.PUSHED),
    LEAFED('L', "leafed", GraftState.LEAFED),
    FIRM('H', "first flush firm", GraftState.FIRM),
    SECOND_FLUSH('W', "second wave", GraftState.SECOND_FLUSH),
    PLANTED_OUT('O', "planted out", GraftState.PLANTED_OUT),
    /** A held graft was set apart from the others; it says nothing of its life. */
    APART('I', "set apart", GraftState.HEALING),
    DEAD('D', "dead", GraftState.FAILED),
    /** Waited for long enough: its stock goes back to the bench. */
    GIVEN_UP('B', "given up, stock back to the bench", GraftState.FAILED),
    MISSING('E', "missing", GraftState.LOST);

    private final char letter;
    private final String words;
    private final GraftState shows;

    Sign(char letter, String words, GraftState shows) {
        this.letter = letter;
        this.words = words;
        this.shows = shows;
    }

    /** The key that answers it. */
    public char letter() {
        return letter;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }

    /** The life this sign shows. */
    public GraftState shows() {
        return shows;
    }

    /** False for what tells where a graft stands and nothing of its life. */
    public boolean ofItsLife() {
        return this != APART;
    }

    /** True for a sign of life beyond waiting. */
    public boolean living() {
        return shows.atLeast(GraftState.ALIVE);
    }

    /** The sign of a key, either case. */
    public static Optional<Sign> ofLetter(char letter) {
        return Arrays.stream(values())
                .filter(sign -> sign.letter == Character.toUpperCase(letter))
                .findFirst();
    }
}
