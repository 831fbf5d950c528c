package baylantern.core.season.farms;

import baylantern.core.rules.BudStage;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * A farm whose trees flush by a law of their own, with weather of its own, and somebody who looks at them now and then.
 * Twigs follow the first fifth of the canopy over some days; stages last as long as on a tree, in days at a warmth.
 */
public final class MadeUpFarm {

    /** The first day. */
    public static final LocalDate START = LocalDate.of(2021, 7, 1);

    private static final int TWIGS = 20;

    public final Climate climate;
    public final Weather weather;
    public final double latitudeDeg;
    public final List<Tree> trees = new ArrayList<>();
    final double[] minC;
    final double[] maxC;
    final double[] rainMm;
    private final int days;
    private final List<Canopy> canopies = new ArrayList<>();

    /** The days on which a tree swells, and how long after it each of its twigs does. */
    private record Canopy(List<Integer> swells, double[] behind) {}

    /** A tree: the days its true swells came, and what was noted. */
    public record Tree(long id, List<LocalDate> swells, List<BudNote> notes) {}

    /** How a tree flushes: the days from the start on which it swells. */
    public interface Law {
        List<Integer> swells(MadeUpFarm farm, int tree, SplittableRandom random);
    }

    /** How somebody looks. */
    public record Eye(int leastDays, int mostDays, double missedFlush, double oneTwig, double slip, double canopyDays) {

        /** Looks every 7 to 21 days, misses a flush in ten. */
        public static final Eye USUAL = new Eye(7, 21, 0.1, 0.3, 0.04, 7);
    }

    public MadeUpFarm(
            Law law, Eye eye, StartingClimates.Kind kind, double latitudeDeg, int trees, int days, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        this.days = days;
        this.latitudeDeg = latitudeDeg;
        climate = StartingClimates.of(kind, latitudeDeg);
        WeatherYears years = WeatherYears.draw(new Weather(climate, List.of()), START, 1, days, random.nextLong());
        List<WeatherDay> known = new ArrayList<>();
        minC = new double[days];
        maxC = new double[days];
        rainMm = new double[days];
        // Rain comes in spells: a factor for the fortnight multiplies what the climate gives.
        double spell = 1;
        for (int t = 0; t < days; t++) {
            if (t % 14 == 0) {
                spell = random.nextDouble() < 0.45 ? 0.15 : 1.7;
            }
            WeatherDay drawn = years.at(0, t);
            WeatherDay day = new WeatherDay(
                    drawn.day(),
                    drawn.minC(),
                    drawn.maxC(),
                    drawn.humidityPct(),
                    drawn.windMs(),
                    drawn.rainMm() * spell,
                    WeatherDay.Origin.RECORDED);
            known.add(day);
            minC[t] = day.minC();
            maxC[t] = day.maxC();
            rainMm[t] = day.rainMm();
        }
        weather = new Weather(climate, known);
        for (int i = 0; i < trees; i++) {
            List<Integer> swells = law.swells(this, i, random.split());
            this.trees.add(new Tree(
                    i + 1L,
                    swells.stream()
                            .filter(s -> s > 0)
                            .map(s -> START.plusDays(s))
                            .toList(),
                    notes(eye, swells, random.split())));
        }
    }

    /** The stage that most twigs of a tree show on a day, whether or not anybody looks; trees count from 0. */
    public BudStage shows(int tree, LocalDate day) {
        Canopy canopy = canopies.get(tree);
        int t = (int) ChronoUnit.DAYS.between(START, day);
        int[] counts = new int[BudStage.values().length];
        for (double twig : canopy.behind) {
            counts[
                    stage(canopy.swells, new boolean[canopy.swells.size()], t, twig)
                            .ordinal()]++;
        }
        int most = 0;
        for (int i = 1; i < counts.length; i++) {
            most = counts[i] > counts[most] ? i : most;
        }
        return BudStage.values()[most];
    }

    /** The weather as it was known on the morning of a day. */
    public Weather weatherUntil(LocalDate day) {
        return new Weather(
                climate,
                IntStream.range(0, Math.min(days, (int) ChronoUnit.DAYS.between(START, day)))
                        .mapToObj(t -> weather.on(START.plusDays(t)))
                        .toList());
    }

    public int days() {
        return days;
    }

    double meanC(int day) {
        return (minC[day] + maxC[day]) / 2;
    }

    private List<BudNote> notes(Eye eye, List<Integer> swells, SplittableRandom random) {
        boolean[] missed = new boolean[swells.size()];
        for (int i = 0; i < missed.length; i++) {
            missed[i] = random.nextDouble() < eye.missedFlush;
        }
        double[] twigs = new double[TWIGS];
        for (int i = 0; i < TWIGS; i++) {
            // A fifth of the twigs has begun on the day of the swell.
            twigs[i] = eye.canopyDays * (random.nextGaussian() * 0.6 + 0.5);
        }
        canopies.add(new Canopy(swells, twigs));
        List<BudNote> notes = new ArrayList<>();
        int t = random.nextInt(eye.mostDays);
        while (t < days) {
            BudNote note = look(eye, swells, missed, twigs, t, random);
            if (note != null) {
                notes.add(note);
            }
            t += eye.leastDays + random.nextInt(eye.mostDays - eye.leastDays + 1);
        }
        return notes;
    }

    private BudNote look(
            Eye eye, List<Integer> swells, boolean[] missed, double[] twigs, int t, SplittableRandom random) {
        Map<BudStage, Integer> counts = new EnumMap<>(BudStage.class);
        BudStage one = BudStage.R;
        int chosen = random.nextInt(TWIGS);
        for (int i = 0; i < TWIGS; i++) {
            BudStage stage = stage(swells, missed, t, twigs[i]);
            if (random.nextDouble() < eye.slip) {
                int slipped = stage.ordinal() + (random.nextBoolean() ? 1 : -1);
                stage = BudStage.values()[Math.max(0, Math.min(5, slipped))];
            }
            counts.merge(stage, 1, Integer::sum);
            one = i == chosen ? stage : one;
        }
        if (random.nextDouble() < eye.oneTwig) {
            return BudNote.of(START.plusDays(t), CanopyShares.all(one));
        }
        Map<BudStage, Double> shares = new EnumMap<>(BudStage.class);
        double left = 1;
        BudStage most = BudStage.R;
        int top = 0;
        for (Map.Entry<BudStage, Integer> e : counts.entrySet()) {
            double share = Math.round(e.getValue() * 10.0 / TWIGS) / 10.0;
            if (share > 0) {
                shares.put(e.getKey(), share);
                left -= share;
            }
            if (e.getValue() > top) {
                top = e.getValue();
                most = e.getKey();
            }
        }
        if (Math.abs(left) > 1e-9) {
            shares.merge(most, left, Double::sum);
        }
        shares.values().removeIf(share -> share < 1e-9);
        return BudNote.of(START.plusDays(t), new CanopyShares(shares));
    }

    // A twig's stage by the way it has gone from its own begin, in warm days.
    private BudStage stage(List<Integer> swells, boolean[] missed, int t, double behind) {
        int last = -1;
        for (int i = 0; i < swells.size(); i++) {
            if (swells.get(i) + behind <= t && !missed[i]) {
                last = i;
            }
        }
        if (last < 0) {
            return BudStage.M;
        }
        double warmDays = 0;
        for (int day = (int) Math.max(0, swells.get(last) + behind); day < t; day++) {
            warmDays += Math.max(0.15, Math.min(1.5, (meanC(day) - 8) / 12));
        }
        double gone = warmDays + Math.max(0, -(swells.get(last) + behind));
        return gone < 8
                ? BudStage.S
                : gone < 14
                        ? BudStage.P
                        : gone < 32 ? BudStage.F : gone < 58 ? BudStage.H : gone < 90 ? BudStage.M : BudStage.R;
    }
}
