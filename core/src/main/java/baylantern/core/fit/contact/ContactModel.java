package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;

/** How one technique lets cambium meet cambium. Stems are round, cuts are flat unless a model says otherwise. */
public abstract class ContactModel {

    private final String key;
    private final FitRules rules;

    ContactModel(String key, FitRules rules) {
        this.key = key;
        this.rules = rules;
    }

    /** The technique's key in the rulebook. */
    public final String key() {
        return key;
    }

    final double figure(FigureName name) {
        return rules.value(name);
    }

    final double near() {
        return rules.value(FigureName.NEAR_MM);
    }

    /** Ways in which it is cut, the usual one first. */
    public List<Way> ways() {
        return List.of(Way.USUAL);
    }

    /** True where there is room for this way of cutting. */
    public boolean hasRoom(Way way, Round stock, Round scion) {
        return ways().contains(way);
    }

    /** What the depth of a placing is here, as the grower says it; empty where there is none to choose. */
    public abstract String depthName();

    /** The depth unless told otherwise, mm. */
    public abstract double usualDepth(Round stock, Round scion, Way way);

    /** How far off centre the split lies unless told otherwise, mm. */
    public double usualSplit(Round stock, Round scion) {
        return 0;
    }

    /** True where the split can be moved off the pith. */
    public boolean splits() {
        return false;
    }

    /** True where the scion can lean. */
    public boolean tilts() {
        return true;
    }

    /** The length of the cut; a tool with an angle of its own makes its own length. */
    public double cutLength(Round stock, Round scion, double wantedMm) {
        return wantedMm;
    }

    /** Offsets worth trying first, all to the right, mm. */
    public abstract List<Double> goodOffsets(Joint joint);

    /** The lines that should meet. */
    abstract List<Meets> lines(Joint joint);

    /** How much meets as it lies. */
    public Contact contact(Joint joint) {
        List<Meets> lines = lines(joint);
        double whole = lines.stream().mapToDouble(Meets::wholeMm).sum();
        double met = lines.stream().mapToDouble(Meets::metMm).sum();
        return new Contact(Math.min(met, whole), whole, Contact.Unit.MM);
    }

    /** How much meets, without what it could be; the quick half of {@link #contact}. */
    double met(Joint joint) {
        return lines(joint).stream().mapToDouble(Meets::metMm).sum();
    }

    /** From above, at a depth below the top of the cut, mm. */
    public abstract Sketch section(Joint joint, double level);

    /** The cut face from the side. */
    public abstract Sketch face(Joint joint);

    /** What to cut, in the order it is cut. */
    public abstract List<CutStep> cuts(Joint joint);

    /** The stretches that meet, drawn on the face. */
    final Sketch glow(Sketch sketch, Joint joint) {
        lines(joint).forEach(line -> line.glow().forEach(run -> sketch.line(Part.MEETS, run)));
        return sketch;
    }
}
