package baylantern.app.fit;

import baylantern.app.lineage.LineageService;
import baylantern.app.place.PlantService;
import baylantern.app.place.StemUse;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.fit.Taper;
import baylantern.core.lineage.Node;
import baylantern.core.rules.Quantity;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stems and what was measured of them. A new measure stands in the place of the old one, which is kept. */
@Service
public class StemService implements Undoer, StemUse {

    private static final int SHOWN = 120;

    private final FitMapper fits;
    private final ActService acts;
    private final FarmClock clock;
    private final PlantService plants;
    private final LineageService lineage;

    StemService(FitMapper fits, ActService acts, FarmClock clock, PlantService plants, LineageService lineage) {
        this.lineage = lineage;
        this.fits = fits;
        this.acts = acts;
        this.clock = clock;
        this.plants = plants;
    }

    /** Stems that carry no live graft, the measured ones first; the search is in code, place and species. */
    List<MeasuredStem> free(@Nullable String search) {
        String like =
                search == null || search.isBlank() ? null : "%" + search.strip().toLowerCase(Locale.ROOT) + "%";
        return fits.freeStems(like, SHOWN).stream().map(this::view).toList();
    }

    /** The stems of one plant, in the order they were added. */
    List<MeasuredStem> ofPlant(long plantId) {
        return fits.stemsOfPlant(plantId).stream().map(this::view).toList();
    }

    /** One stem; throws where there is none. */
    MeasuredStem stem(long stemId) {
        return Optional.ofNullable(fits.stem(stemId))
                .map(this::view)
                .orElseThrow(() -> FarmProblem.unknown("stem", stemId));
    }

    /** What was done, and the stem as it stands now. */
    record StemDone(long actId, MeasuredStem stem) {}

    /** Keeps a measure. */
    @Transactional
    StemDone measure(long stemId, StemMeasure measure) {
        MeasuredStem stem = stem(stemId);
        checked(measure);
        long act = acts.open(kind(), stem.name() + " measured");
        Rows.any(fits.endMeasures(stemId, act));
        Rows.one(fits.insertMeasure(stemId, clock.today(), written(measure.readings()), measure, false, act));
        return new StemDone(act, stem(stemId));
    }

    /**
     * A measure to keep.
     *
     * @param fresh true where the stem was added for it, so that undoing takes it away again
     */
    record NewMeasure(long stemId, StemMeasure measure, boolean fresh) {}

    /** Keeps many measures as one act. */
    @Transactional
    long measureAll(String sentence, List<NewMeasure> measures) {
        long act = acts.open(kind(), sentence);
        for (NewMeasure one : measures) {
            Rows.any(fits.endMeasures(one.stemId(), act));
            Rows.one(fits.insertMeasure(
                    one.stemId(),
                    clock.today(),
                    written(checked(one.measure()).readings()),
                    one.measure(),
                    one.fresh(),
                    act));
        }
        return act;
    }

    static StemMeasure checked(StemMeasure measure) {
        Taper taper = new Taper(measure.readings());
        if (measure.barkMm() != null) {
            taper.readings().forEach(r -> new Round(r.diameterMm() / 2, measure.barkMm()));
        }
        if (measure.topMm() != null && measure.leafMm() != null && measure.leafMm() > measure.topMm()) {
            throw new FitRefused(
                    "leafMm",
                    Quantity.mm(measure.leafMm()),
                    "up to " + Quantity.mm(measure.topMm()),
                    "The nurse leaf stands above the tip of the stem.");
        }
        return measure;
    }

    static String written(List<Taper.StemReading> readings) {
        return readings.stream().map(r -> r.heightMm() + ":" + r.diameterMm()).collect(Collectors.joining(";"));
    }

    static List<Taper.StemReading> read(String written) {
        return Arrays.stream(written.split(";"))
                .map(one -> one.split(":"))
                .map(two -> new Taper.StemReading(Double.parseDouble(two[0]), Double.parseDouble(two[1])))
                .toList();
    }

    private MeasuredStem view(StemRow row) {
        String held = lineage.heldWords(Node.plant(row.stem().plantId()));
        List<Taper.StemReading> readings = row.readings() != null ? read(row.readings()) : first(row);
        return new MeasuredStem(
                row.stemId(),
                row.label().equals("1") ? row.plantCode() : row.plantCode() + " " + row.label(),
                row.plantCode(),
                row.label(),
                row.speciesKey(),
                row.spotName(),
                new StemMeasure(readings, row.barkMm(), row.topMm(), row.leafMm(), row.directionDeg()),
                row.onDay(),
                row.takenBy(),
                held == null ? null : row.plantCode() + " is held: " + held + ".");
    }

    // The diameter it was entered with, where that can be of a stem one grafts.
    private static List<Taper.StemReading> first(StemRow row) {
        boolean can =
                row.diameterMm() != null && row.diameterMm() >= Round.LEAST_MM && row.diameterMm() <= Round.MOST_MM;
        return can && row.diameterMm() != null
                ? List.of(new Taper.StemReading(row.heightMm() == null ? 0 : row.heightMm(), row.diameterMm()))
                : List.of();
    }

    @Override
    public void thicknessPutRight(long stemId) {
        Rows.any(fits.endMeasures(stemId, null));
    }

    @Override
    public String kind() {
        return "measure";
    }

    @Override
    public void undo(long actId) {
        List<Long> fresh = fits.freshStemsOfAct(actId);
        Rows.any(fits.deleteMeasuresOfAct(actId));
        fresh.forEach(plants::removeStem);
        Rows.any(fits.bringBackMeasuresOfAct(actId));
    }
}
