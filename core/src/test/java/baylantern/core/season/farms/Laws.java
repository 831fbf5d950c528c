package baylantern.core.season.farms;

import java.util.ArrayList;
import java.util.List;

/** Ways in which trees flush, none of them written with the forecast in mind. */
public final class Laws {

    private Laws() {}

    private static double degreeDays(MadeUpFarm farm, int day, double base) {
        return Math.max(0, Math.min(30, farm.meanC(day)) - base);
    }

    /** By warmth from swell to swell alone. */
    public static MadeUpFarm.Law byWarmth(double base, double usual) {
        return (farm, tree, random) -> {
            double own = Math.log(usual) + 0.12 * Math.sin(farm.latitudeDeg) + 0.15 * random.nextGaussian();
            List<Integer> swells = new ArrayList<>();
            double left = random.nextDouble() * Math.exp(own);
            for (int day = 0; day < farm.days(); day++) {
                left -= degreeDays(farm, day, base);
                if (left <= 0) {
                    swells.add(day);
                    left = Math.exp(own + 0.18 * random.nextGaussian());
                }
            }
            return swells;
        };
    }

    /** Long days, and rain after a dry spell, start a flush in rested buds; the spring one waits for chill. */
    public static MadeUpFarm.Law byRain() {
        return (farm, tree, random) -> {
            List<Integer> swells = new ArrayList<>();
            double keen = 1 + 0.2 * random.nextGaussian();
            double chill = 10;
            int last = -80;
            double pressure = 0;
            double wanted = 1 + 0.25 * random.nextGaussian();
            for (int day = 0; day < farm.days(); day++) {
                double mean = farm.meanC(day);
                chill += mean < 17 ? 1 : 0;
                double length = dayLength(farm, day);
                double week = 0;
                double before = 0;
                for (int back = 0; back < 49; back++) {
                    double rain = day - back < 0 ? 3 : farm.rainMm[day - back];
                    week += back < 7 ? rain : 0;
                    before += back < 7 ? 0 : rain;
                }
                boolean broken = week > 25 && before < 70;
                boolean ready = day - last > 55;
                boolean cold = mean < 14;
                double grows =
                        (0.006 + 0.010 * Math.max(0, length - 11.5) + (chill > 25 && mean > 15 ? 0.02 : 0)) * keen
                                + (broken ? 0.12 : 0);
                if (ready && !cold) {
                    pressure += grows;
                }
                if (ready && pressure >= wanted) {
                    swells.add(day + random.nextInt(5));
                    last = day;
                    pressure = 0;
                    chill = 0;
                    wanted = Math.max(0.3, 1 + 0.22 * random.nextGaussian());
                }
            }
            return swells;
        };
    }

    static double dayLength(MadeUpFarm farm, int day) {
        int year = MadeUpFarm.START.plusDays(day).getDayOfYear();
        double declination = -0.4091 * Math.cos(2 * Math.PI * (year + 10) / 365.25);
        double x = -Math.tan(Math.toRadians(farm.latitudeDeg)) * Math.tan(declination);
        return 24 / Math.PI * Math.acos(Math.max(-1, Math.min(1, x)));
    }

    /** On three dates of the year, with a spread; each tree a little earlier or later. */
    public static MadeUpFarm.Law byCalendar(int... datesOfYear) {
        return (farm, tree, random) -> {
            List<Integer> swells = new ArrayList<>();
            double own = 10 * random.nextGaussian();
            int first = MadeUpFarm.START.getDayOfYear();
            for (int year = 0; year <= farm.days() / 365 + 1; year++) {
                double shift = 5 * random.nextGaussian();
                for (int date : datesOfYear) {
                    int day = (int) Math.round(year * 365.25 + date - first + own + shift + 7 * random.nextGaussian());
                    if (day > 0 && day < farm.days()) {
                        swells.add(day);
                    }
                }
            }
            swells.sort(null);
            return swells;
        };
    }

    /** Warmth, more of it after a crop, hurried by rain, slower each year as trees grow old, later in the shade of winter. */
    public static MadeUpFarm.Law mixed(double base, double usual) {
        return (farm, tree, random) -> {
            double own = Math.log(usual) + 0.15 * random.nextGaussian();
            boolean oddCrop = random.nextBoolean();
            List<Integer> swells = new ArrayList<>();
            double left = random.nextDouble() * Math.exp(own);
            for (int day = 0; day < farm.days(); day++) {
                double wet = 0;
                for (int back = 0; back < 14 && back <= day; back++) {
                    wet += farm.rainMm[day - back];
                }
                left -= degreeDays(farm, day, base) * (wet > 40 ? 1.3 : 0.9);
                if (left <= 0) {
                    swells.add(day);
                    int year = MadeUpFarm.START.plusDays(day).getYear();
                    boolean crop = (year % 2 == 1) == oddCrop;
                    int month = MadeUpFarm.START.plusDays(day).getMonthValue();
                    boolean autumn = farm.latitudeDeg < 0 ? month >= 2 && month <= 5 : month >= 8 && month <= 11;
                    double more = 0.03 * day / 365.0 + (crop ? 0.12 : -0.06) + (autumn ? 0.35 : -0.1);
                    left = Math.exp(own + more + 0.16 * random.nextGaussian());
                }
            }
            return swells;
        };
    }
}
