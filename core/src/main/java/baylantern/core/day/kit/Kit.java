package baylantern.core.day.kit;

import baylantern.core.bench.Cover;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What a day takes: tools by its techniques, and what is used up, with something to spare. */
public final class Kit {

    private static final double MM_IN_M = 1000;

    private final Rulebook rules;

    public Kit(Rulebook rules) {
        this.rules = rules;
    }

    /**
     * Grafts alike.
     *
     * @param stockMm usual thickness of the stocks at the cut, mm
     */
    public record Part(Technique technique, Cover cover, int grafts, double stockMm) {}

    /**
     * A thing for the box.
     *
     * @param much how much of it, empty where one is meant
     * @param why one sentence, empty where nobody asks
     */
    public record Thing(String name, String much, String why) {}

    /** Tools first, then what is used up. */
    public List<Thing> things(List<Part> parts, int cleanings, int blades) {
        List<Thing> things = new ArrayList<>(tools(parts, blades));
        int grafts = parts.stream().mapToInt(Part::grafts).sum();
        things.add(new Thing("grafting tape", metres(tapeM(parts)), "wound with half its width on the last turn"));
        double film =
                parts.stream().filter(Kit::filmed).mapToDouble(this::filmMm).sum() / MM_IN_M;
        if (film > 0) {
            things.add(
                    new Thing("wax film", metres(spare(film)), "one layer over what stands out, thin over the buds"));
        }
        covers(parts, things);
        things.add(new Thing("labels", "" + whole(grafts), "each hung before the next graft is begun"));
        things.add(new Thing("wound seal", "", "every cut that stays open is closed"));
        double alcohol = cleanings * rules.day(FigureName.CLEAN_ML);
        things.add(new Thing(
                "alcohol at " + (int) rules.wood().value(FigureName.ALCOHOL_PCT) + " %",
                Quantity.ml(Math.ceil(spare(alcohol) / 10) * 10),
                cleanings + (cleanings == 1 ? " cleaning" : " cleanings") + "; it burns, no flame near it"));
        things.add(new Thing(
                "bleach, mixed on the day",
                "",
                "for what was dropped or is suspect; good for "
                        + (int) rules.wood().value(FigureName.BLEACH_HOURS) + " hours"));
        things.add(new Thing("cool box with ice", "", "the wood waits in it, wrapped, with its label"));
        return List.copyOf(things);
    }

    private static List<Thing> tools(List<Part> parts, int blades) {
        List<Thing> tools = new ArrayList<>();
        tools.add(
                new Thing("grafting knives, sharp", "" + blades, "cut away from you, the other hand behind the blade"));
        tools.add(new Thing("shears", "" + blades, ""));
        Set<Technique.Group> groups = EnumSet.noneOf(Technique.Group.class);
        parts.forEach(part -> groups.add(part.technique().group()));
        if (parts.stream().anyMatch(part -> part.technique().key().equals("v-tool"))) {
            tools.add(new Thing("hand tool that cuts the V", "", "fingers clear of its blade"));
        }
        if (parts.stream().anyMatch(part -> part.technique().key().equals("bark"))) {
            tools.add(new Thing("saw", "", "for limbs; both feet on the ground"));
        }
        if (groups.contains(Technique.Group.BUD)) {
            tools.add(new Thing("bark lifter", "", "opens bark that slips without bruising it"));
        }
        tools.add(new Thing("callipers", "", ""));
        tools.add(new Thing("gloves, plaster, water", "", "sap of mango and fig burns skin and eyes"));
        return tools;
    }

    private void covers(List<Part> parts, List<Thing> things) {
        for (Cover cover : List.of(Cover.BAG, Cover.FOIL, Cover.SLEEVE)) {
            int grafts = parts.stream()
                    .filter(part -> part.cover() == cover || (part.cover() == Cover.FILM_FOIL && cover == Cover.FOIL))
                    .mapToInt(Part::grafts)
                    .sum();
            if (grafts > 0) {
                String name = cover == Cover.BAG ? "bags" : cover == Cover.FOIL ? "pieces of foil" : "padded sleeves";
                things.add(new Thing(name, "" + whole(grafts), ""));
                if (cover != Cover.FOIL) {
                    things.add(new Thing("ties for them", "" + 2 * whole(grafts), "above and below"));
                }
            }
        }
    }

    private static boolean filmed(Part part) {
        return part.cover() == Cover.FILM || part.cover() == Cover.FILM_FOIL || part.cover() == Cover.BAG;
    }

    private double filmMm(Part part) {
        boolean bud = part.technique().group() == Technique.Group.BUD;
        double length = bud ? part.technique().cutMm().value() : rules.day(FigureName.SCION_MM);
        return part.grafts() * tape().lengthMm(part.stockMm(), length);
    }

    /** Tape for all of them with what is to spare, m. */
    public double tapeM(List<Part> parts) {
        double mm = parts.stream()
                .mapToDouble(part -> part.grafts()
                        * tape().lengthMm(
                                        part.stockMm(),
                                        part.technique().cutMm().value() + rules.day(FigureName.TAPE_MARGIN_MM)))
                .sum();
        return spare(mm / MM_IN_M);
    }

    private Tape tape() {
        return new Tape(
                rules.day(FigureName.TAPE_WIDTH_MM),
                rules.day(FigureName.TAPE_OVERLAP),
                rules.day(FigureName.TAPE_REST_MM));
    }

    private double spare(double much) {
        return much * (1 + rules.day(FigureName.SPARE_SHARE));
    }

    private int whole(int pieces) {
        return (int) Math.ceil(spare(pieces));
    }

    private static String metres(double m) {
        return Quantity.m(Math.ceil(m));
    }
}
