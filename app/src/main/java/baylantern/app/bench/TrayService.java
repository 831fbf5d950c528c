package baylantern.app.bench;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Technique;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;

/** The free stocks in front of one who grafts, in the order they stand, and how a stick would meet each. */
@Service
class TrayService {

    /** So many stand in front of one; the rest are found by code or place. */
    private static final int MOST = 40;

    private final BenchService bench;
    private final PlaceService places;
    private final ObjectProvider<FitMeasure> fits;

    TrayService(BenchService bench, PlaceService places, ObjectProvider<FitMeasure> fits) {
        this.bench = bench;
        this.places = places;
        this.fits = fits;
    }

    /**
     * The stick in hand.
     *
     * @param techniqueKey how it is to be grafted, null while that is not said
     * @param scionMm its diameter in mm, null where it is not measured
     * @param makerId who grafts, null where that is not said
     */
    record Stick(
            @Nullable String techniqueKey,
            @Nullable Double scionMm,
            @Nullable Long makerId) {}

    /**
     * A free stock.
     *
     * @param share of the cambium that could meet what does, 0 to 1; null where a size is not measured or nothing meets
     * @param refused why this cannot be, null where it can
     * @param mind what speaks against it, null where nothing does
     */
    record Disc(
            @JsonUnwrapped FreeStem stem,
            @Nullable Double share,
            @Nullable String refused,
            @Nullable String mind) {}

    /** The first of the free stocks, and how many there are in all. */
    record Tray(int total, List<Disc> discs) {}

    /** The stocks for wood of a variety; the search is as for free stems. Throws where something is not known. */
    Tray of(long varietyId, Stick stick, @Nullable String search) {
        Variety variety = places.variety(varietyId);
        List<FreeStem> free = bench.freeStems(search, variety.speciesKey());
        List<FreeStem> front = free.subList(0, Math.min(MOST, free.size()));
        if (stick.techniqueKey() == null || stick.techniqueKey().isBlank()) {
            return new Tray(
                    free.size(),
                    front.stream().map(stem -> new Disc(stem, null, null, null)).toList());
        }
        Technique technique = bench.technique(stick.techniqueKey());
        Meeting meeting = new Meeting(fits.getIfAvailable(), variety, technique, stick);
        return new Tray(
                free.size(),
                front.stream()
                        .map(stem ->
                                disc(stem, meeting.on(stem), bench.onFree(stem, variety, technique, stick.scionMm())))
                        .toList());
    }

    /** How one stick meets stocks; stocks of one size are measured once. */
    private static final class Meeting {

        private final FitMeasure.@Nullable Measuring measuring;
        private final Technique technique;
        private final @Nullable Double scionMm;
        private final Map<String, Optional<GraftFit>> bySize = new HashMap<>();

        Meeting(@Nullable FitMeasure measure, Variety variety, Technique technique, Stick stick) {
            this.measuring = measure == null ? null : measure.of(variety.speciesKey(), stick.makerId());
            this.technique = technique;
            this.scionMm = stick.scionMm();
        }

        Optional<GraftFit> on(FreeStem stem) {
            Double stockMm = stem.diameterMm();
            if (measuring == null || scionMm == null || stockMm == null) {
                return Optional.empty();
            }
            return bySize.computeIfAbsent(
                    stem.speciesKey() + stockMm,
                    size -> measuring.fit(technique.key(), stem.speciesKey(), scionMm, stockMm, null));
        }
    }

    private static Disc disc(FreeStem stem, Optional<GraftFit> fit, List<Finding> found) {
        Double share = fit.filter(f -> f.whole() > 0)
                .map(f -> Math.min(1, f.met() / f.whole()))
                .orElse(null);
        return new Disc(stem, share, said(found, Finding.Weight.REFUSES), said(found, Finding.Weight.WARNS));
    }

    private static @Nullable String said(List<Finding> found, Finding.Weight weight) {
        return found.stream()
                .filter(finding -> finding.weight() == weight)
                .map(Finding::message)
                .findFirst()
                .orElse(null);
    }
}
