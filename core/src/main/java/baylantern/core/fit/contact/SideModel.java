package baylantern.core.fit.contact;

import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import java.util.List;

/** A flat face cut down the side of the stock, and one on the scion laid against it. */
abstract class SideModel extends ContactModel {

    SideModel(String key, FitRules rules) {
        super(key, rules);
    }

    @Override
    public String depthName() {
        return "How deep into the stock";
    }

    /** Deep enough that the stock's face is as wide as the scion's, where it can be. */
    @Override
    public double usualDepth(Round stock, Round scion, Way way) {
        double half = Faces.half(scion.cambiumMm(), scionLevel(scion));
        return stock.radiusMm() - Faces.half(stock.cambiumMm(), Math.min(half, 0.98 * stock.cambiumMm()));
    }

    /** How far the scion's face lies from its axis, mm. */
    double scionLevel(Round scion) {
        return figure(FigureName.FACE_SHARE) * scion.cambiumMm();
    }

    /** How far the stock's face lies from its axis, mm. */
    static double stockLevel(Joint joint) {
        return joint.bigR() - Math.min(joint.placing().depthMm(), joint.bigR());
    }

    Edge stockEdge(Joint joint, int side, double radius) {
        return Arc.chord(0, 0, side, radius, stockLevel(joint));
    }

    Edge scionEdge(Joint joint, int side, double radius) {
        double lean = joint.placing().lean();
        return Arc.chord(
                joint.placing().offsetMm() - lean * joint.length() / 2, lean, side, radius, scionLevel(joint.scion()));
    }

    Meets pair(Joint joint, int side, double from, double to, boolean drawn) {
        return new EdgePair(
                scionEdge(joint, side, joint.c()), stockEdge(joint, side, joint.bigC()), from, to, near(), drawn);
    }

    @Override
    public List<Double> goodOffsets(Joint joint) {
        double z = joint.length() / 2;
        double flush = Math.abs(stockEdge(joint, 1, joint.bigC()).at(z)
                - (scionEdge(joint, 1, joint.c()).at(z) - joint.placing().offsetMm()));
        return Double.isNaN(flush) ? List.of(0.0) : List.of(0.0, flush);
    }

    double[] levels(Joint joint, double z) {
        return new double[] {stockLevel(joint), scionLevel(joint.scion())};
    }

    @Override
    public Sketch section(Joint joint, double level) {
        Sketch sketch = Sketch.empty();
        double bigR = joint.bigR();
        double[] at = levels(joint, level);
        sketch.slice(Whose.STOCK, 0, 0, bigR, joint.bigC(), -bigR, at[0], 0);
        double x = joint.placing().offsetMm() + joint.placing().lean() * (level - joint.length() / 2);
        double middle = at[0] + at[1];
        sketch.slice(Whose.SCION, x, middle, joint.r(), joint.c(), at[0], middle + joint.r(), 0);
        for (int side = -1; side <= 1; side += 2) {
            double scion = scionEdge(joint, side, joint.c()).at(level);
            sketch.spot(
                    scion, at[0], scion - stockEdge(joint, side, joint.bigC()).at(level), near());
        }
        double below = Math.max(bigR, middle + joint.r()) + 3;
        return sketch.ruler(-bigR, below, bigR, below, 2 * bigR);
    }

    @Override
    public Sketch face(Joint joint) {
        Sketch sketch = Sketch.empty();
        double length = joint.length();
        double x = joint.placing().offsetMm();
        Faces.stem(
                sketch,
                Whose.STOCK,
                0,
                joint.bigR(),
                joint.bigC(),
                -WedgeModel.ABOVE * length,
                length + WedgeModel.BELOW_MM);
        sketch.area(Part.OPENED, strip(joint, Whose.STOCK, joint.bigC()));
        Faces.stem(sketch, Whose.SCION, x, joint.r(), joint.c(), -WedgeModel.ABOVE * length, 0);
        sketch.area(Part.SCION_BARK, strip(joint, Whose.SCION, joint.r()));
        sketch.area(Part.SCION_WOOD, strip(joint, Whose.SCION, joint.c()));
        for (int side = -1; side <= 1; side += 2) {
            sketch.line(Part.STOCK_CAMBIUM, EdgePair.line(stockEdge(joint, side, joint.bigC()), 0, length));
            sketch.line(Part.SCION_CAMBIUM, EdgePair.line(scionEdge(joint, side, joint.c()), 0, length));
        }
        double right = Math.max(joint.bigR(), x + joint.r()) + 4;
        return glow(sketch, joint).ruler(right, 0, right, length, length);
    }

    private double[] strip(Joint joint, Whose whose, double radius) {
        return whose == Whose.STOCK
                ? Faces.strip(stockEdge(joint, -1, radius), stockEdge(joint, 1, radius), 0, joint.length())
                : Faces.strip(scionEdge(joint, -1, radius), scionEdge(joint, 1, radius), 0, joint.length());
    }
}
