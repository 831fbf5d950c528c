package baylantern.app.demo;

import baylantern.app.place.Variety;
import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Stages;
import baylantern.core.season.warmth.DegreeDays;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * How buds truly move on the demo farm; the forecast does not know this and has another form. The lower threshold lies a
 * degree under the rulebook's, rain of the last days hurries the buds, trees grow slower with the years, the sunny side
 * is ahead of the shaded one, and whoever looks is sometimes a stage off. Each tree is run backward in time from where it
 * stands on the demo's first day.
 */
final class DemoPhenology {

    static final LocalDate START = LocalDate.of(2023, 4, 1);
    static final double BASE_LOWER_C = 1.0;
    static final double RAIN_HURRY = 0.25;
    static final double SLOWER_A_YEAR = 0.04;
    static final double PLANT_SPREAD = 0.16;
    static final double CYCLE_SPREAD = 0.13;
    static final double SLIP_CHANCE = 0.02;

    private static final int RAIN_DAYS = 5;
    private static final double WET_MM = 15;
    private static final double SIDES_APART = 0.05;
    private static final double TWIGS_APART = 0.05;

    private static final Map<String, Double> STOCKS = Map.of("avocado", 0.06, "mango", 0.17, "citrus", 0.22);
    private static final Map<String, Double> MOTHERS = Map.ofEntries(
            Map.entry("Ternlight", 0.035),
            Map.entry("Grey Quay", 0.045),
            Map.entry("Harbourmaster", 0.68),
            Map.entry("Petrel Deep", 0.47),
            Map.entry("Amber Sickle", 0.088),
            Map.entry("Tollkeeper", 0.17),
            Map.entry("Late Ferry", 0.098),
            Map.entry("Saltglow", 0.24),
            Map.entry("Cistern Blood", 0.40),
            Map.entry("Noonbell", 0.47),
            Map.entry("Pilot Lime", 0.36),
            Map.entry("Bellwether", 0.44),
            Map.entry("Quillpearl", 0.42));

    private final Rulebook rules;
    private final List<WeatherDay> days;

    /** The weather must begin some days before {@link #START} and end on the demo's first day. */
    DemoPhenology(Rulebook rules, List<WeatherDay> days) {
        this.rules = rules;
        this.days = days;
    }

    /** What was noted of a mother tree, oldest first. */
    List<BudNote> mother(Variety variety, long seed) {
        Random random = new Random(seed * 7919);
        double phase = MOTHERS.getOrDefault(variety.name(), 0.35 + 0.5 * random.nextDouble());
        return notes(variety.speciesKey(), phase, random);
    }

    /** What was noted of a stock, oldest first. */
    List<BudNote> stock(String species, long seed) {
        Random random = new Random(seed * 7919);
        return notes(species, Known.in(STOCKS, species) + 0.03 * random.nextDouble(), random);
    }

    private List<BudNote> notes(String speciesKey, double phaseNow, Random random) {
        double[] phases = backward(rules.species(speciesKey).orElseThrow(), phaseNow, random);
        List<BudNote> notes = new ArrayList<>();
        int first = 10 + random.nextInt(300);
        int last = days.size() - 2 - random.nextInt(3);
        for (int t = first; t < last; t += 9 + random.nextInt(8)) {
            notes.add(note(speciesKey, t, phases[t], random));
        }
        notes.add(note(speciesKey, last, phases[last], random));
        return notes;
    }

    /** Where the tree stands between two swells on each day. */
    double[] backward(Species species, double phaseNow, Random random) {
        double plant = Math.exp(PLANT_SPREAD * random.nextGaussian());
        double[] phases = new double[days.size()];
        double phase = phaseNow;
        double interval = interval(species, plant, days.size() - 1, random);
        for (int t = days.size() - 1; t >= 0; t--) {
            phases[t] = phase;
            phase -= progress(species, t) / interval;
            if (phase < 0) {
                phase += 1;
                interval = interval(species, plant, t, random);
            }
        }
        return phases;
    }

    private double interval(Species species, double plant, int t, Random random) {
        double years = ChronoUnit.DAYS.between(START, days.get(t).day()) / 365.0;
        double ageing = 1 + SLOWER_A_YEAR * (years - 1.5);
        return species.figure(FigureName.SWELL_TO_SWELL).value()
                * plant
                * ageing
                * Math.exp(CYCLE_SPREAD * random.nextGaussian());
    }

    private double progress(Species species, int t) {
        double mean = 0;
        double rain = 0;
        int count = 0;
        for (int back = 0; back < 7 && back <= t; back++) {
            mean += days.get(t - back).meanC();
            rain += back < RAIN_DAYS ? days.get(t - back).rainMm() : 0;
            count++;
        }
        if (mean / count < species.figure(FigureName.WINTER_HOLD).value()) {
            return 0;
        }
        WeatherDay day = days.get(t);
        double base = species.figure(FigureName.BASE).value() - BASE_LOWER_C;
        double warmth = DegreeDays.of(
                day.minC(), day.maxC(), base, species.figure(FigureName.UPPER).value());
        return warmth * (rain > WET_MM ? 1 + RAIN_HURRY : 1);
    }

    private BudNote note(String species, int t, double phase, Random random) {
        LocalDate day = days.get(t).day();
        boolean sides = random.nextInt(5) == 0;
        boolean slip = random.nextDouble() < SLIP_CHANCE;
        double seen = slip ? phase + 0.12 : phase;
        CanopyShares sun = canopy(sides ? seen + SIDES_APART / 2 : seen);
        CanopyShares shade = sides ? canopy(seen - SIDES_APART / 2) : null;
        return new BudNote(day, sun, shade, flowering(species, day));
    }

    private CanopyShares canopy(double phase) {
        Stages stages = Stages.of(rules.flush());
        Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
        for (int i = 0; i < 10; i++) {
            double twig = phase + TWIGS_APART * ((i + 0.5) / 10 - 0.8);
            double turned = twig < 0 ? twig + 1 : twig >= 1 ? twig - 1 : twig;
            shares.merge(stages.at(turned), 0.1, Double::sum);
        }
        return new CanopyShares(shares);
    }

    private static boolean flowering(String species, LocalDate day) {
        int ofYear = day.getDayOfYear();
        return switch (species) {
            case "mango" -> ofYear > 45 && ofYear < 85;
            case "avocado" -> ofYear > 60 && ofYear < 100;
            case "citrus" -> ofYear > 75 && ofYear < 108;
            case "loquat" -> ofYear > 310 && ofYear < 345;
            default -> false;
        };
    }
}
