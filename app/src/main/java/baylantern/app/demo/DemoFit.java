package baylantern.app.demo;

import baylantern.app.fit.StemHistory;
import baylantern.app.fit.StemMeasure;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantEntry;
import baylantern.app.place.PlantKind;
import baylantern.app.place.PlantService;
import baylantern.app.place.Stem;
import baylantern.app.place.StemEntry;
import baylantern.core.fit.Taper;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.springframework.stereotype.Service;

/** What was measured on the demo farm: the potted stocks for Saturday, and the limbs of the old fig on the wall. */
@Service
class DemoFit {

    private static final long SEED = 5;
    private static final int MEASURED = 9;
    private static final String OLD_FIG = "FG-OLD";

    private final StemHistory stems;
    private final PlantService plants;

    DemoFit(StemHistory stems, PlantService plants) {
        this.stems = stems;
        this.plants = plants;
    }

    /** Measures spare stocks and adds the old fig. */
    void now(List<Long> spareStocks, long wall) {
        Random random = new Random(SEED);
        for (Long plant : spareStocks.subList(0, Math.min(MEASURED, spareStocks.size()))) {
            stems.measure(plants.stems(List.of(plant)).get(0).id(), stock(random));
        }
        oldFig(wall);
    }

    // A potted stock thins by about a millimetre for each hundred of height.
    private static StemMeasure stock(Random random) {
        double low = tenth(7.8 + random.nextDouble() * 2.6);
        double taper = 0.8 + random.nextDouble() * 0.5;
        List<Taper.StemReading> readings = List.of(
                new Taper.StemReading(80, low),
                new Taper.StemReading(200, tenth(low - 1.2 * taper)),
                new Taper.StemReading(340, tenth(low - 2.6 * taper)));
        return new StemMeasure(readings, random.nextBoolean() ? tenth(0.08 * low) : null, 520.0, 130.0, null);
    }

    private record Limb(String label, double diameterMm, double heightMm, double directionDeg) {}

    private void oldFig(long wall) {
        List<Limb> limbs = List.of(
                new Limb("A", 64, 900, 20),
                new Limb("B", 38, 1100, 65),
                new Limb("C", 82, 700, 110),
                new Limb("D", 22, 1300, 150),
                new Limb("E", 95, 800, 215),
                new Limb("F", 46, 1000, 260),
                new Limb("G", 30, 2100, 300),
                new Limb("H", 52, 1200, 330),
                new Limb("J", 6, 600, 190));
        List<StemEntry> entries = new ArrayList<>();
        limbs.forEach(l -> entries.add(new StemEntry(l.label(), l.diameterMm(), l.heightMm())));
        Plant fig = plants.add(
                new PlantEntry(
                        OLD_FIG,
                        "fig",
                        PlantKind.FIELD_TREE,
                        null,
                        wall,
                        LocalDate.of(1974, 3, 1),
                        null,
                        "the old fig on the wall; to carry all four varieties",
                        entries,
                        null),
                null);
        for (Stem stem : plants.stems(List.of(fig.id()))) {
            Limb limb = limbs.stream()
                    .filter(l -> l.label().equals(stem.label()))
                    .findFirst()
                    .orElseThrow();
            stems.measure(stem.id(), limb(limb));
        }
    }

    private static StemMeasure limb(Limb limb) {
        return new StemMeasure(
                List.of(new Taper.StemReading(limb.heightMm(), limb.diameterMm())),
                null,
                null,
                null,
                limb.directionDeg());
    }

    private static double tenth(double mm) {
        return Math.round(mm * 10) / 10.0;
    }
}
