package baylantern.app.day;

import baylantern.core.bench.Cover;
import baylantern.core.day.order.Block;
import baylantern.core.rules.Technique;

/**
 * A block of a day as it is laid out: grafts of one line, made of one lot, on one tree or bench.
 *
 * @param stockMm usual thickness of its stocks, mm
 */
record DayBlock(String key, int planNo, Of of, Wood wood, Where where, How how, int grafts, double stockMm) {

    /** What is grafted. */
    record Of(long varietyId, String varietyName) {}

    /** Its wood; see {@link Block.Wood}. */
    record Wood(long lotId, String lotCode, boolean suspect, double lossPerHour) {}

    /** Where, with the place's turn on the walk. */
    record Where(String host, int place) {}

    /** How. */
    record How(Technique technique, Cover cover) {}

    /** As the order sees it, with so many seconds of work on each graft. */
    Block block(double seconds) {
        return new Block(
                key,
                new Block.Wood(of.varietyName(), wood.lotCode(), wood.suspect(), wood.lossPerHour()),
                new Block.Where(where.host(), where.place()),
                grafts * seconds / 60);
    }
}
