package baylantern.core.season.farms;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Further ways in which trees flush, looked at once the forecast stood: nothing of it was chosen on them. */
public final class FurtherLaws {

    private FurtherLaws() {}

    /** Leaves fill a store; a full store swells the buds, not in cool days nor in drought. */
    public static MadeUpFarm.Law byStore() {
        return (farm, tree, random) -> {
            List<Integer> swells = new ArrayList<>();
            double own = 1 + 0.12 * random.nextGaussian();
            double store = random.nextDouble();
            double full = 1;
            double wet = 40;
            int last = -100;
            for (int day = 0; day < farm.days(); day++) {
                wet = Math.min(90, Math.max(0, wet + farm.rainMm[day] - 3));
                double light = light(farm, day);
                double warm = Math.max(0, 1 - Math.pow((farm.meanC(day) - 25) / 14, 2));
                double leaves = day - last < 45 ? 0.25 : 1;
                store += own * leaves * light * warm * (wet > 5 ? 1 : 0.3) / 75;
                if (store >= full && farm.meanC(day) > 13 && wet > 5) {
                    swells.add(day);
                    last = day;
                    store = 0;
                    full = 1 + 0.15 * random.nextGaussian();
                }
            }
            return swells;
        };
    }

    private static double light(MadeUpFarm farm, int day) {
        return Math.max(0.2, (Laws.dayLength(farm, day) - 8) / 5);
    }

    /** A rest of so many days after each flush, then the first rise of warmth after cooler days; slower from year to year. */
    public static MadeUpFarm.Law byRise() {
        return (farm, tree, random) -> {
            List<Integer> swells = new ArrayList<>();
            double own = 70 + 12 * random.nextGaussian();
            int last = -random.nextInt(100);
            double rest = own;
            for (int day = 10; day < farm.days(); day++) {
                double now = 0;
                double then = 0;
                for (int back = 0; back < 5; back++) {
                    now += farm.meanC(day - back) / 5;
                    then += farm.meanC(day - 5 - back) / 5;
                }
                boolean rise = now > then + 2.0 && now > 12;
                boolean waited = day - last > rest + 60;
                if (day - last > rest && now > 12 && ((rise && random.nextDouble() < 0.4) || waited)) {
                    swells.add(day + random.nextInt(4));
                    last = day;
                    rest = own + 10 * random.nextGaussian() + 4.0 * day / 365;
                }
            }
            return swells;
        };
    }

    /** After so many days whatever the weather, slower in the dark half of the year. */
    public static MadeUpFarm.Law byDays(double usual) {
        return (farm, tree, random) -> {
            List<Integer> swells = new ArrayList<>();
            double own = usual * Math.exp(0.15 * random.nextGaussian());
            double left = own * random.nextDouble();
            for (int day = 0; day < farm.days(); day++) {
                left -= Laws.dayLength(farm, day) > 12 ? 1.25 : 0.7;
                if (left <= 0) {
                    swells.add(day);
                    left = own * Math.exp(0.14 * random.nextGaussian());
                }
            }
            return swells;
        };
    }

    /** All trees of the farm go with the farm: the same waves for all, some trees sit one out. */
    public static MadeUpFarm.Law byWaves() {
        return (farm, tree, random) -> {
            // The same for all trees, and on each farm another: no two have the same first night.
            SplittableRandom waves = new SplittableRandom(Double.doubleToLongBits(farm.minC[0]));
            List<Integer> swells = new ArrayList<>();
            double own = 5 * random.nextGaussian();
            double day = 100 * waves.nextDouble();
            while (day < farm.days()) {
                if (random.nextDouble() > 0.15) {
                    swells.add((int) Math.max(0, Math.min(farm.days() - 1, day + own + 6 * random.nextGaussian())));
                }
                int on = (int) Math.min(farm.days() - 1, day);
                day += 90 + (farm.meanC(on) < 18 ? 50 : 0) + 18 * waves.nextGaussian();
            }
            swells.sort(null);
            return swells;
        };
    }
}
