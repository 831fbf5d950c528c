package baylantern.app.fit;

import baylantern.app.bench.FitMeasure;
import baylantern.app.bench.GraftFit;
import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.fit.Taper;
import baylantern.core.fit.choice.BenchCase;
import baylantern.core.fit.choice.CutHeight;
import baylantern.core.fit.choice.CutHeight.CutPlace;
import baylantern.core.fit.choice.TechniqueChoice;
import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.ContactModel;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.contact.Joint;
import baylantern.core.fit.contact.Way;
import baylantern.core.rules.Figure;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The fit bench: one stick on one stem. */
@Service
class FitService implements FitMeasure {

    private static final double FLUSH_FROM_MM = 0.15;
    private static final double ABOVE = 1.25;
    private static final double HUNDREDTHS = 100;

    private final Rulebook rules;
    private final FitBench bench;
    private final CutHeight heights;
    private final TechniqueChoice choice;
    private final CaseService cases;

    FitService(Rulebook rules, CaseService cases) {
        this.rules = rules;
        this.bench = new FitBench(rules);
        this.heights = new CutHeight(rules.fit());
        this.choice = new TechniqueChoice(rules);
        this.cases = cases;
    }

    /** How a stick lies on a stem. Throws {@link FitRefused} where a measure cannot be. */
    FitView view(FitEntry entry) {
        Technique technique = rules.technique(entry.techniqueKey())
                .orElseThrow(() -> new FitRefused(
                        "techniqueKey",
                        entry.techniqueKey(),
                        "a technique of the rulebook",
                        "There is no such technique."));
        Wish wish = Objects.requireNonNullElse(entry.wish(), Wish.NONE);
        Round scion = Round.of(entry.scionMm(), entry.scionBarkMm(), rules.fit());
        double cut = wish.cutMm() != null ? wish.cutMm() : technique.cutMm().value();
        Taper taper = new Taper(entry.stem().readings());
        CutPlace place = null;
        String noRoom = null;
        try {
            place = heights.place(standing(entry, taper), entry.scionMm(), technique, cut);
        } catch (FitRefused refused) {
            noRoom = refused.getMessage();
        }
        double height = height(entry, place, taper);
        Round stock = Round.of(taper.diameterAt(height), entry.stem().barkMm(), rules.fit());
        Joint joint = bench.joint(entry.techniqueKey(), stock, scion, wish, entry.wrap());
        notLongerThanStem(entry, joint.placing().cutMm());
        return view(entry, technique, joint, height, place, noRoom, outline(entry, taper, height));
    }

    private static CutHeight.Standing standing(FitEntry entry, Taper taper) {
        return new CutHeight.Standing(taper, entry.stem().topMm(), entry.stem().leafMm(), entry.speciesKey());
    }

    private static double height(FitEntry entry, @Nullable CutPlace place, Taper taper) {
        if (entry.heightMm() != null) {
            double most = entry.stem().topMm() != null ? entry.stem().topMm() : 20_000;
            return FitRefused.within("heightMm", "A cut on this stem", entry.heightMm(), 0, most, "mm");
        }
        return place != null ? place.heightMm() : taper.readings().get(0).heightMm();
    }

    private static void notLongerThanStem(FitEntry entry, double cutMm) {
        Double top = entry.stem().topMm();
        if (top != null && cutMm > top) {
            throw new FitRefused(
                    "cutMm",
                    Quantity.mm(cutMm),
                    "up to " + Quantity.mm(top),
                    "A cut of " + Quantity.mm(cutMm) + " is longer than the stem, " + Quantity.mm(top) + ".");
        }
    }

    // From the soil to the tip, or so far above the cut that it is seen whole.
    private static List<FitView.StemPoint> outline(FitEntry entry, Taper taper, double height) {
        TreeSet<Double> heights = new TreeSet<>(List.of(0.0, height));
        taper.readings().forEach(r -> heights.add(r.heightMm()));
        Double top = entry.stem().topMm();
        heights.add(Math.max(heights.last() * ABOVE, top == null ? 0 : top));
        return heights.stream()
                .map(h -> new FitView.StemPoint(h, taper.diameterAt(h)))
                .toList();
    }

    private FitView view(
            FitEntry entry,
            Technique technique,
            Joint joint,
            double height,
            @Nullable CutPlace place,
            @Nullable String noRoom,
            List<FitView.StemPoint> outline) {
        ContactModel model = bench.model(technique.key());
        FitBench.Measured measured = bench.measure(technique.key(), joint, entry.wrap());
        return new FitView(
                technique.key(),
                technique.name(),
                new FitView.Sizes(
                        joint.stock().diameterMm(),
                        joint.stock().barkMm(),
                        joint.scion().diameterMm(),
                        joint.scion().barkMm(),
                        joint.scion().radiusMm() / joint.stock().radiusMm(),
                        height),
                joint.placing(),
                measured,
                new FitView.Drawn(
                        side(joint.placing().offsetMm()),
                        model.section(joint, measured.depth()),
                        model.face(joint),
                        cuts(model, joint, height, measured)),
                new FitView.Height(place, noRoom),
                ways(model, joint, entry.wrap()),
                new FitView.Can(
                        model.depthName(),
                        model.splits(),
                        model.tilts(),
                        model.cutLength(joint.stock(), joint.scion(), -1) != -1),
                new FitView.Told(outline, mind(technique, joint, measured)));
    }

    private static String side(double offset) {
        return Math.abs(offset) < FLUSH_FROM_MM ? "middle" : offset > 0 ? "right" : "left";
    }

    private static List<CutStep> cuts(ContactModel model, Joint joint, double height, FitBench.Measured measured) {
        List<CutStep> cuts = new ArrayList<>();
        cuts.add(new CutStep("height", "Stock, height", height, height, false));
        cuts.addAll(model.cuts(joint));
        double off = Math.abs(joint.placing().offsetMm());
        String side = side(joint.placing().offsetMm());
        String words = "Scion off the middle" + (side.equals("middle") ? "" : ", " + side);
        cuts.add(new CutStep("offset", words, off, off, false));
        cuts.add(new CutStep("slip", "May slip before contact halves", measured.slipMm(), measured.slipMm(), false));
        return cuts;
    }

    private List<FitView.WayView> ways(ContactModel model, Joint joint, Wrap wrap) {
        List<FitView.WayView> ways = new ArrayList<>();
        for (Way way : model.ways()) {
            if (!model.hasRoom(way, joint.stock(), joint.scion())) {
                continue;
            }
            Wish wish =
                    new Wish(way, joint.placing().cutMm(), null, joint.placing().tiltDeg(), null, null);
            Joint best = bench.joint(model.key(), joint.stock(), joint.scion(), wish, wrap);
            ways.add(new FitView.WayView(way, way.words(), model.contact(best)));
        }
        return ways;
    }

    private static List<Finding> mind(Technique technique, Joint joint, FitBench.Measured measured) {
        List<Finding> mind = new ArrayList<>();
        double ratio = joint.scion().radiusMm() / joint.stock().radiusMm();
        outside(mind, "ratio", "scionMm", "The scion ÷ stock of ", ratio, technique.ratio(), "");
        outside(mind, "stock", "stockMm", "A stock of ", joint.stock().diameterMm(), technique.stockMm(), "mm");
        outside(mind, "cut", "cutMm", "A cut of ", joint.placing().cutMm(), technique.cutMm(), "mm");
        if (!(measured.contact().met() > 0)) {
            mind.add(Finding.warns("apart", "offsetMm", "No cambium meets as it lies", 0, "move the scion"));
        }
        return mind;
    }

    private static void outside(
            List<Finding> mind, String rule, String field, String what, double x, Figure range, String unit) {
        if (!range.spans(Math.round(x * HUNDREDTHS) / HUNDREDTHS)) {
            String valid = Quantity.of(range.low(), range.high(), unit);
            mind.add(Finding.warns(
                    rule,
                    field,
                    what + Quantity.of(x, unit) + " is outside " + valid + ": " + range.why(),
                    Quantity.of(x, unit),
                    valid));
        }
    }

    @Override
    public Measuring of(String scionSpecies, @Nullable Long makerId) {
        return measuring(scionSpecies, makerId, cases.takes(scionSpecies));
    }

    @Override
    public Measuring plain(String scionSpecies) {
        return measuring(scionSpecies, null, CaseService.Takes.NONE);
    }

    private Measuring measuring(String scionSpecies, @Nullable Long makerId, CaseService.Takes takes) {
        int skill = cases.skill(makerId);
        return (technique, stockSpecies, scionMm, stockMm, laid) -> {
            try {
                Round scion = Round.of(scionMm, null, rules.fit());
                Round stock = Round.of(stockMm, null, rules.fit());
                BenchCase on = cases.logged(scionSpecies, stockSpecies, takes, skill, scion, stock);
                return Optional.of(fit(technique, scion, stock, laid, on));
            } catch (FitRefused outside) {
                return Optional.empty();
            }
        };
    }

    private GraftFit fit(String technique, Round scion, Round stock, @Nullable Wish laid, BenchCase on) {
        Joint joint = laid != null
                ? bench.joint(technique, stock, scion, laid, Wrap.CLOCKWISE)
                : bench.laidWell(technique, stock, scion);
        Contact contact = bench.model(technique).contact(joint);
        return new GraftFit(
                contact.met(),
                contact.whole(),
                on.ratio(),
                joint.placing().offsetMm(),
                joint.placing().tiltDeg(),
                choice.suited(rules.technique(technique).orElseThrow(), on).score(),
                laid != null);
    }
}
