package baylantern.app.day;

import baylantern.app.bench.FreeStem;
import baylantern.app.place.PlantKind;
import baylantern.app.wood.LotView;
import baylantern.core.bench.Cover;
import baylantern.core.rules.Technique;
import java.util.List;

/** What a graft day is made of: its lines with their stocks and wood, and the blocks these fall into. */
final class Blocks {

    private Blocks() {}

    /** One graft to be: this stick's lot on this stem. */
    record Piece(FreeStem stem, LotView lot) {

        String host() {
            return Blocks.host(stem.kind(), stem.plantCode(), stem.spotName());
        }
    }

    /**
     * A line of the day.
     *
     * @param pieces what can be made of it
     * @param stemsShort grafts for which there is no free stock
     * @param woodShort of the rest, grafts for which there is no wood
     */
    record Line(DayRow plan, Technique technique, List<Piece> pieces, int stemsShort, int woodShort) {}

    /** Grafts made together: one line, one lot, one tree or bench. */
    record Made(String key, Line line, LotView lot, String host, List<Piece> pieces) {

        Cover cover() {
            return line.plan().cover();
        }
    }

    /** The tree it stands on, or the place of its stocks: blades are cleaned where that changes. */
    static String host(String kind, String plantCode, String spotName) {
        return onTree(kind) ? plantCode : spotName;
    }

    /** True of what is grafted on a tree, false of stocks that stand together. */
    static boolean onTree(String kind) {
        return !kind.equals(PlantKind.SEEDLING_STOCK.name());
    }
}
