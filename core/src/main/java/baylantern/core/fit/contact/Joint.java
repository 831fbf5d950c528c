package baylantern.core.fit.contact;

import baylantern.core.fit.Round;

/** A stick, a stem and how they lie together. */
public record Joint(Round stock, Round scion, Placing placing) {

    /** The same with another placing. */
    public Joint at(Placing other) {
        return new Joint(stock, scion, other);
    }

    double bigR() {
        return stock.radiusMm();
    }

    double bigC() {
        return stock.cambiumMm();
    }

    double r() {
        return scion.radiusMm();
    }

    double c() {
        return scion.cambiumMm();
    }

    double length() {
        return placing.cutMm();
    }
}
