package baylantern.core.care;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What may be found at a graft beside how it stands: on a dead one its cause speaks through it, on a living one the next step. */
public enum Trace {
    BROWN_BRITTLE("scion brown and brittle", Of.CAUSE),
    BLACK_AT_CUT("black at the cut", Of.CAUSE),
    GREEN_SHUT("green, but the buds stay shut", Of.CAUSE),
    OPEN_LIMP("buds opened, then went limp", Of.CAUSE),
    BARK_WET("bark peels off wet", Of.CAUSE),
    MOULD("mould under the film", Of.CAUSE),
    TAPE_BITTEN("the tape has bitten in", Of.CAUSE),
    CALLUS_ONE_SIDE("callus on one side only", Of.CAUSE),
    GAP("a gap at the union", Of.CAUSE),
    SHOOTS_MANY("a flood of stock shoots", Of.CAUSE),
    SNAPPED("snapped clean off", Of.CAUSE),
    CHEWED("chewed", Of.CAUSE),
    STOCK_BARE("the stock drops its leaves", Of.CAUSE),
    CALLUS("callus all round", Of.APPROACH),
    TWIG_FRESH("the severed twig wilted, the scion stayed fresh", Of.APPROACH),
    TWIG_LIMP("the scion went limp with the severed twig", Of.APPROACH),
    SEVERED("severed, scion first, then the stock", Of.APPROACH),
    /** Each time it tears it is bound up anew. */
    TORN("cracked or half torn", Of.HARM);

    private final String words;
    private final Of of;

    Trace(String words, Of of) {
        this.words = words;
        this.of = of;
    }

    /** What it tells of. */
    public enum Of {
        CAUSE,
        APPROACH,
        HARM
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }

    /** What it tells of. */
    public Of of() {
        return of;
    }

    /** Those of one sort, in the order they are asked. */
    public static List<Trace> all(Of of) {
        return Arrays.stream(values()).filter(trace -> trace.of == of).toList();
    }

    /** True where only its last time counts. */
    boolean again() {
        return this == TORN;
    }

    /** Some of them as one word, commas between, in their own order. */
    public static String written(Set<Trace> found) {
        return String.join(",", found.stream().sorted().map(Enum::name).toList());
    }

    /** Reads what {@link #written} wrote; throws {@link IllegalArgumentException} where a word is none. */
    public static Set<Trace> read(String written) {
        Set<Trace> found = EnumSet.noneOf(Trace.class);
        Arrays.stream(written.split(","))
                .filter(word -> !word.isBlank())
                .map(Trace::valueOf)
                .forEach(found::add);
        return found;
    }
}
