package baylantern.core.wood;

import java.util.Optional;

/**
 * What is left of a lot: sticks, and usable buds on them. Whole sticks go with all their buds; a stick stays while one bud
 * is left on it.
 *
 * @param sticks 0 or more
 * @param buds 0 or more
 * @param budsPerStick usable buds on a whole stick, 1 or more
 */
public record LotBalance(int sticks, int buds, int budsPerStick) {

    /** What a graft takes of a lot. */
    public enum Unit {
        STICK,
        BUD
    }

    /** Requires counts that can be. */
    public LotBalance {
        if (!(sticks >= 0 && buds >= 0 && budsPerStick >= 1)) {
            throw new IllegalArgumentException(
                    sticks + " sticks with " + buds + " buds, " + budsPerStick + " a stick, cannot be");
        }
    }

    /** A full lot. */
    public static LotBalance full(int sticks, int budsPerStick) {
        return new LotBalance(sticks, sticks * budsPerStick, budsPerStick);
    }

    /** What is left after taking some; empty where there are not so many. */
    public Optional<LotBalance> less(int taken, Unit unit) {
        return unit == Unit.BUD ? lessBuds(taken) : lessSticks(taken);
    }

    /** What is there after giving one back that was taken: a bud, or a stick with all its buds. */
    public LotBalance withOneBack(Unit unit) {
        int all = buds + (unit == Unit.BUD ? 1 : budsPerStick);
        int needed = (all + budsPerStick - 1) / budsPerStick;
        return new LotBalance(unit == Unit.BUD ? Math.max(sticks, needed) : sticks + 1, all, budsPerStick);
    }

    /** What is left after taking sticks; empty where there are not so many. */
    public Optional<LotBalance> lessSticks(int taken) {
        if (!(taken >= 0 && taken <= sticks)) {
            return Optional.empty();
        }
        return Optional.of(withBuds(Math.max(0, buds - taken * budsPerStick)));
    }

    /** What is left after taking single buds; empty where there are not so many. */
    public Optional<LotBalance> lessBuds(int taken) {
        if (!(taken >= 0 && taken <= buds)) {
            return Optional.empty();
        }
        return Optional.of(withBuds(buds - taken));
    }

    private LotBalance withBuds(int left) {
        return new LotBalance(Math.min(sticks, (left + budsPerStick - 1) / budsPerStick), left, budsPerStick);
    }
}
