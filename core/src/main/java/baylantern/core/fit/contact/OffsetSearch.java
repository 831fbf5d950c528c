package baylantern.core.fit.contact;

import baylantern.core.fit.contact.FitBench.Wrap;
import java.util.ArrayList;
import java.util.List;

/** Moves a scion sideways: where most meets, and how far it may stray from there. */
final class OffsetSearch {

    private static final double COARSE_MM = 0.2;
    private static final double FINE_MM = 0.02;
    private static final double NEARLY_ONE_MM = 0.5;
    private static final double SLIP_STEP_MM = 0.1;
    private static final int HALVINGS = 12;
    private static final double SAME = 1e-6;

    private OffsetSearch() {}

    private static double met(ContactModel model, Joint joint, double offset) {
        return model.met(joint.at(joint.placing().offset(offset)));
    }

    /** The offset with most contact, mm; the middle of the best stretch where several are as good. */
    static double best(ContactModel model, Joint joint, Wrap wrap) {
        double reach = reach(joint);
        double best = 0;
        double most = met(model, joint, 0);
        List<Double> tries = new ArrayList<>(model.goodOffsets(joint));
        for (double at = COARSE_MM; at <= reach; at += COARSE_MM) {
            tries.add(at);
        }
        double centred = most;
        for (double tried : tries) {
            for (int side : wrap.sides()) {
                double at = clamp(side * tried, reach);
                double met = met(model, joint, at);
                if (met > most + SAME) {
                    most = met;
                    best = at;
                }
            }
        }
        Peak first = climbed(model, joint, new Peak(best, most));
        if (best == 0 || Math.abs(joint.bigC() - joint.c()) > NEARLY_ONE_MM) {
            return middle(model, joint, first);
        }
        // Stems of nearly one size meet best just beside the middle, on a peak narrower than the coarse steps.
        Peak other = climbed(model, joint, new Peak(0, centred));
        return middle(model, joint, other.met() > first.met() + SAME ? other : first);
    }

    private record Peak(double at, double met) {}

    // Climbs in small steps, then in ever smaller ones.
    private static Peak climbed(ContactModel model, Joint joint, Peak start) {
        Peak best = start;
        for (double step = FINE_MM, span = COARSE_MM; step > FINE_MM / 10; span = step, step /= 5) {
            double from = best.at();
            for (double at = from - span; at <= from + span; at += step) {
                double met = met(model, joint, at);
                if (met > best.met() + SAME) {
                    best = new Peak(at, met);
                }
            }
        }
        return best;
    }

    // The middle of the stretch that is as good.
    private static double middle(ContactModel model, Joint joint, Peak peak) {
        double left = plateau(model, joint, peak.at(), peak.met(), -FINE_MM);
        double right = plateau(model, joint, peak.at(), peak.met(), FINE_MM);
        return (left + right) / 2;
    }

    private static double plateau(ContactModel model, Joint joint, double best, double most, double step) {
        double at = best;
        for (int i = 0; i < 1 / FINE_MM && Math.abs(at) < Placing.MOST_OFFSET_MM; i++) {
            if (met(model, joint, at + step) < most - SAME) {
                break;
            }
            at += step;
        }
        return at;
    }

    private static double clamp(double x, double reach) {
        return Math.max(-reach, Math.min(reach, x));
    }

    private static double reach(Joint joint) {
        return Math.abs(joint.bigR() - joint.r()) + Math.min(joint.bigR(), joint.r()) / 2;
    }

    /** How far the scion may stray to either side before contact falls under half of {@code met}, mm. */
    static double slip(ContactModel model, Joint joint, double met) {
        if (!(met > SAME)) {
            return 0;
        }
        double most = joint.bigR() + joint.r();
        for (double by = SLIP_STEP_MM; by <= most; by += SLIP_STEP_MM) {
            if (halved(model, joint, met, by)) {
                return bisect(model, joint, met, by - SLIP_STEP_MM, by);
            }
        }
        return most;
    }

    private static double bisect(ContactModel model, Joint joint, double met, double holds, double halves) {
        double a = holds;
        double b = halves;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (a + b) / 2;
            if (halved(model, joint, met, middle)) {
                b = middle;
            } else {
                a = middle;
            }
        }
        return (a + b) / 2;
    }

    private static boolean halved(ContactModel model, Joint joint, double met, double by) {
        double x = joint.placing().offsetMm();
        return met(model, joint, x - by) < met / 2 || met(model, joint, x + by) < met / 2;
    }
}
