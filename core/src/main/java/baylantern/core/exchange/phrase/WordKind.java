package baylantern.core.exchange.phrase;

import baylantern.core.care.Sign;
import org.jspecify.annotations.Nullable;

/** What a word does in a phrase about a graft's fate. Where a word has several kinds, the one that stands first here holds. */
enum WordKind {
    TAKE(Sign.LEAFED),
    ALIVE(Sign.LEAFED),
    LEAFED(Sign.LEAFED),
    PUSHED(Sign.PUSHED),
    SWELLING(Sign.SWELLING),
    GREEN(Sign.GREEN),
    DEAD(Sign.DEAD),
    MISSING(Sign.MISSING),
    WAITING(Sign.NOTHING),
    NOT,
    NEVER,
    NO_MORE,
    MORE,
    YET,
    STOCK,
    SCION,
    PART,
    DOUBT,
    WAS,
    SOME,
    ALL,
    THEN,
    BUT,
    TURN,
    NUMBER,
    UNIT,
    OF,
    FILLER,
    YES,
    NO,
    /** Stands in no list. */
    STRANGE,
    /** Where a clause ends. */
    STOP;

    private final @Nullable Sign sign;

    WordKind() {
        this.sign = null;
    }

    WordKind(Sign sign) {
        this.sign = sign;
    }

    /** What it says was seen; null for words that say nothing of it by themselves. */
    @Nullable
    Sign sign() {
        return sign;
    }

    /** True where its denial says that the graft is dead. */
    boolean joined() {
        return this == TAKE || this == ALIVE;
    }

    /** True where its denial says only that there is nothing to see yet. */
    boolean growth() {
        return this == LEAFED || this == PUSHED || this == SWELLING || this == GREEN;
    }

    /** True of what it is that stands so. */
    boolean subject() {
        return this == STOCK || this == SCION || this == PART;
    }

    /** True of words that deny. */
    boolean denies() {
        return this == NOT || this == NEVER || this == NO_MORE;
    }
}
