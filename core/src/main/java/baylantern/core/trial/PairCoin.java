package baylantern.core.trial;

import java.util.SplittableRandom;

/** Which of a pair is made the first way: chance, but the same from the same seed, so that it can be checked afterwards. */
public final class PairCoin {

    private static final long APART = 0x9E3779B97F4A7C15L;

    private PairCoin() {}

    /** Whether the first of a pair goes to arm A, the second to B; else the other way round. */
    public static boolean firstIsA(long seed, int pair) {
        return new SplittableRandom(seed + APART * pair).nextBoolean();
    }
}
