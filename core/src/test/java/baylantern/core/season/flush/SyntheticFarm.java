package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Species;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/** A farm whose trees follow the model exactly, with weather of its own and somebody who looks every so often. */
final class SyntheticFarm {

    static final LocalDate START = LocalDate.of(2022, 3, 1);
    private static final double CANOPY_WIDTH = 0.04;
    private static final double FIRST_FIFTH = 0.2;

    final Climate climate;
    final Weather weather;
    final DailySums warmth;
    final List<Tree> trees = new ArrayList<>();

    record Tree(long id, List<LocalDate> swells, List<BudNote> notes) {}

    SyntheticFarm(
            Species species, FlushRules rules, double latitudeDeg, int trees, int days, int everyDays, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        climate = StartingClimates.of(StartingClimates.Kind.MILD_COAST, latitudeDeg);
        WeatherYears years = WeatherYears.draw(new Weather(climate, List.of()), START, 1, days, random.nextLong());
        List<WeatherDay> known = new ArrayList<>();
        for (int t = 0; t < days; t++) {
            WeatherDay drawn = years.at(0, t);
            known.add(drawn.as(drawn.day(), WeatherDay.Origin.RECORDED));
        }
        weather = new Weather(climate, known);
        warmth = BudWarmth.of(species, rules).along(weather, START, START.plusDays(days - 1L));
        double farm = Math.log(species.figure(FigureName.SWELL_TO_SWELL).value())
                + rules.value(FigureName.FARM_SPREAD) * random.nextGaussian();
        for (int i = 0; i < trees; i++) {
            double mean = farm + rules.value(FigureName.PLANT_SPREAD) * random.nextGaussian();
            this.trees.add(tree(i, mean, rules, days, everyDays, random));
        }
    }

    private Tree tree(int id, double mean, FlushRules rules, int days, int everyDays, SplittableRandom random) {
        List<Double> at = new ArrayList<>();
        double next = -random.nextDouble() * Math.exp(mean);
        double end = warmth.upTo(START.plusDays(days - 1L));
        while (next <= end) {
            at.add(next);
            next += Math.exp(mean + rules.value(FigureName.CYCLE_SPREAD) * random.nextGaussian());
        }
        at.add(next);
        List<LocalDate> swells =
                at.stream().filter(w -> w > 0 && w <= end).map(warmth::reaching).toList();
        List<BudNote> notes = new ArrayList<>();
        for (int t = random.nextInt(everyDays); t < days; t += Math.max(2, everyDays - 2 + random.nextInt(5))) {
            LocalDate day = START.plusDays(t);
            notes.add(BudNote.of(day, canopy(at, warmth.upTo(day), rules)));
        }
        return new Tree(id, swells, notes);
    }

    // Twigs are spread about the tree's phase so that a fifth of them is ahead of it.
    private static CanopyShares canopy(List<Double> swells, double now, FlushRules rules) {
        Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
        for (int i = 0; i < 10; i++) {
            double offset = CANOPY_WIDTH * ((i + 0.5) / 10 - (1 - FIRST_FIFTH));
            shares.merge(rules.stageAt(phase(swells, now, offset)), 0.1, Double::sum);
        }
        return new CanopyShares(shares);
    }

    private static double phase(List<Double> swells, double now, double offset) {
        int k = 0;
        while (k < swells.size() - 2 && swells.get(k + 1) <= now) {
            k++;
        }
        double phase = (now - swells.get(k)) / (swells.get(k + 1) - swells.get(k)) + offset;
        return phase >= 1 ? phase - 1 : phase < 0 ? 0.99 : phase;
    }
}
