package baylantern.core.fit.contact;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import org.jspecify.annotations.Nullable;

/** Measures how a stick and a stem lie together, and finds where they would lie best. */
public final class FitBench {

    private static final double SAME = 1e-6;
    private static final int STRAYS = 2;

    private final Rulebook rules;
    private final FitRules fit;
    private final ContactModels models;

    /** A bench under these rules. */
    public FitBench(Rulebook rules) {
        this.rules = rules;
        this.fit = rules.fit();
        this.models = new ContactModels(fit);
    }

    /** The model of a technique; throws {@link FitRefused} where there is none. */
    public ContactModel model(String techniqueKey) {
        return models.model(techniqueKey)
                .orElseThrow(() -> new FitRefused(
                        "techniqueKey",
                        techniqueKey,
                        "a technique of the rulebook",
                        "\"" + techniqueKey + "\" is not a technique here."));
    }

    /** Which way the tape is wound, seen from above. */
    public enum Wrap {
        CLOCKWISE(1),
        COUNTER(-1);

        private final int side;

        Wrap(int side) {
            this.side = side;
        }

        // The side the tape pulls toward first, so that it wins among equals.
        int[] sides() {
            return new int[] {side, -side};
        }
    }

    /** Parts of a placing that the grower chose; what is null is chosen for them. */
    public record Wish(
            @Nullable Way way,
            @Nullable Double cutMm,
            @Nullable Double offsetMm,
            @Nullable Double tiltDeg,
            @Nullable Double depthMm,
            @Nullable Double splitMm) {

        /** Nothing chosen. */
        public static final Wish NONE = new Wish(null, null, null, null, null, null);
    }

    /**
     * A joint with what was not chosen filled in: the usual way, the middle length of cut, and the offset with most
     * contact, to the side the tape pulls toward.
     */
    public Joint joint(String techniqueKey, Round stock, Round scion, Wish wish, Wrap wrap) {
        ContactModel model = model(techniqueKey);
        Technique technique = rules.technique(techniqueKey).orElseThrow();
        notTooThick(technique, stock, scion);
        Way way = wish.way() != null && model.hasRoom(wish.way(), stock, scion)
                ? wish.way()
                : model.ways().get(0);
        double cut =
                model.cutLength(stock, scion, or(wish.cutMm(), technique.cutMm().value()));
        Joint joint = new Joint(
                stock,
                scion,
                new Placing(
                        way,
                        cut,
                        or(wish.offsetMm(), 0),
                        model.tilts() ? or(wish.tiltDeg(), 0) : 0,
                        or(wish.depthMm(), model.usualDepth(stock, scion, way)),
                        model.splits() ? or(wish.splitMm(), model.usualSplit(stock, scion)) : 0));
        return wish.offsetMm() != null
                ? joint
                : joint.at(joint.placing().offset(OffsetSearch.best(model, joint, wrap)));
    }

    private static double or(@Nullable Double told, double otherwise) {
        return told != null ? told : otherwise;
    }

    private static void notTooThick(Technique technique, Round stock, Round scion) {
        double ratio = scion.radiusMm() / stock.radiusMm();
        if (!(ratio <= technique.ratio().high() + SAME)) {
            double most = technique.ratio().high() * stock.diameterMm();
            throw new FitRefused(
                    "scionMm",
                    Quantity.mm(scion.diameterMm()),
                    "up to " + Quantity.mm(most),
                    "A scion of " + Quantity.mm(scion.diameterMm()) + " is too thick for a " + technique.name()
                            + " on " + Quantity.mm(stock.diameterMm()) + "; it takes up to " + Quantity.mm(most)
                            + ".");
        }
    }

    /**
     * The share of contact to be expected of a hand that strays: the mean over five placings from {@code strayMm} left
     * to as far right of the one laid well. Lines that run side by side lose all at once, lines that cross lose little.
     */
    public double expectedShare(String techniqueKey, Joint laidWell, double whole, double strayMm) {
        ContactModel model = model(techniqueKey);
        double sum = 0;
        for (int i = -STRAYS; i <= STRAYS; i++) {
            double x = laidWell.placing().offsetMm() + strayMm * i / STRAYS;
            sum += Math.min(whole, model.met(laidWell.at(laidWell.placing().offset(x))));
        }
        return Math.min(1, sum / (2 * STRAYS + 1) / whole);
    }

    /** The usual cut laid well, found quickly: only the offsets the model names are tried. */
    public Joint laidWell(String techniqueKey, Round stock, Round scion) {
        ContactModel model = model(techniqueKey);
        Joint joint = joint(techniqueKey, stock, scion, new Wish(null, null, 0.0, null, null, null), Wrap.CLOCKWISE);
        Joint best = joint;
        double most = -1;
        for (double good : model.goodOffsets(joint)) {
            Joint tried = joint.at(joint.placing().offset(good));
            double met = model.met(tried);
            if (met > most) {
                most = met;
                best = tried;
            }
        }
        return best;
    }

    /**
     * What a placing is worth.
     *
     * @param best the most this cut gives at any offset
     * @param bestOffsetMm where that is
     * @param slipMm how far the scion may stray before contact halves, mm
     * @param tilted contact with a slight tilt instead
     * @param barkFlush contact with the barks flush on the same side
     * @param barkErrorMm how far bark flush leaves the cambium apart, mm
     * @param depth level of the section drawn, mm below the top of the cut
     */
    public record Measured(
            Contact contact,
            Contact best,
            double bestOffsetMm,
            double slipMm,
            Contact tilted,
            Contact barkFlush,
            double barkErrorMm,
            double depth) {}

    /** Measures a joint. */
    public Measured measure(String techniqueKey, Joint joint, Wrap wrap) {
        ContactModel model = model(techniqueKey);
        Placing at = joint.placing();
        Contact contact = model.contact(joint);
        double bestAt = OffsetSearch.best(model, joint, wrap);
        double tilt = at.tiltDeg() == 0 ? fit.value(FigureName.TRY_TILT) : 0;
        double flush = Math.copySign(joint.bigR() - joint.r(), at.offsetMm() == 0 ? wrap.side : at.offsetMm());
        return new Measured(
                contact,
                model.contact(joint.at(at.offset(bestAt))),
                bestAt,
                OffsetSearch.slip(model, joint, contact.met()),
                model.contact(model.tilts() ? joint.at(at.tilt(tilt)) : joint),
                model.contact(joint.at(at.offset(flush))),
                Math.abs(joint.stock().barkMm() - joint.scion().barkMm()),
                level(model, joint));
    }

    // Where the longest stretch that meets has its middle, else the middle of the cut.
    private static double level(ContactModel model, Joint joint) {
        double longest = 0;
        double level = joint.length() / 2;
        for (Meets line : model.lines(joint)) {
            if (line instanceof EdgePair pair) {
                for (Span span : pair.spans()) {
                    if (span.length() > longest + SAME) {
                        longest = span.length();
                        level = (span.from() + span.to()) / 2;
                    }
                }
            }
        }
        return level;
    }
}
