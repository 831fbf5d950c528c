package baylantern.core.season.account;

import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The weather of a site as the buds of one species meet it, and lines in which it goes on from any past day, without
 * knowing what came after.
 */
public final class Skies {

    private static final LocalDate ANY_YEAR = LocalDate.of(2023, 1, 1);
    private static final int YEAR = 365;
    private static final int AHEAD_DAYS = Steps.DAYS + 2;
    private static final double CHILL_OVER_HOLD_C = 2.5;
    private static final int MEMORY_DAYS = 80;

    private final BudWarmth warmth;
    private final Weather weather;
    private final SunTurn sun;
    private final int firstDay;
    private final Stretch past;
    private final double[] sums;
    private final double[][] drivers;
    private final List<Stretch> futures;

    /**
     * Reads the weather from {@code since} to {@code until}, both included, and draws {@code runs} years of the climate
     * to go on with.
     */
    public Skies(
            BudWarmth warmth,
            Weather weather,
            double latitudeDeg,
            LocalDate since,
            LocalDate until,
            int runs,
            long seed) {
        this.warmth = warmth;
        this.weather = weather;
        this.firstDay = (int) since.toEpochDay();
        Climate climate = weather.climate();
        int days = (int) until.toEpochDay() - firstDay + 1;
        this.sun = new SunTurn(firstDay, days + AHEAD_DAYS + MEMORY_DAYS, latitudeDeg);
        this.past = Stretch.of(days, t -> weather.on(since.plusDays(t)), climate, warmth.from(weather, since));
        this.sums = summed(0, past.warmth(), 0, days);
        this.drivers = drivers(firstDay, past, 0, days);
        int length = YEAR + AHEAD_DAYS + 1;
        WeatherYears years = WeatherYears.draw(new Weather(climate, List.of()), ANY_YEAR, runs, length, seed);
        this.futures = IntStream.range(0, runs)
                .mapToObj(run -> Stretch.of(length, t -> years.at(run, t), climate, warmth.fromNothing()))
                .toList();
    }

    private double[][] drivers(int first, Stretch days, int from, int end) {
        double yearRain = weather.climate().months().stream()
                .mapToDouble(Climate.Month::rainMm)
                .sum();
        return new Drivers(first, days, yearRain, warmth.holdC() + CHILL_OVER_HOLD_C, sun).from(from, end);
    }

    private static double[] summed(double begin, double[] daily, int from, int days) {
        double[] sums = new double[days];
        double sum = begin;
        for (int t = 0; t < days; t++) {
            sum += daily[from + t];
            sums[t] = sum;
        }
        return sums;
    }

    /** The days that were, going on for a day as a placeholder. */
    public SkyDays past() {
        return new SkyDays(firstDay, sums.length, sums, new double[] {sums[sums.length - 1]}, drivers, new double[][] {
            drivers[drivers.length - 1]
        });
    }

    /** Mean bud warmth of a day of the climate, degree-days. */
    public double warmthADay() {
        double sum = 0;
        for (Stretch run : futures) {
            for (int t = 0; t < YEAR; t++) {
                sum += run.warmth()[t];
            }
        }
        return Math.max(0.5, sum / futures.size() / YEAR);
    }

    /** Lines known to the evening of a day, counted from the epoch, and going on as the climate may. */
    public List<SkyDays> from(int day) {
        int begin = Math.min(LocalDate.ofEpochDay(day + 1L).getDayOfYear(), YEAR) - 1;
        return futures.stream()
                .map(future -> line(day - firstDay + 1, future, begin, AHEAD_DAYS))
                .toList();
    }

    /** Lines known to the last day read and going on as the first runs of these years do, which begin the day after. */
    public List<SkyDays> goingOn(WeatherYears years, int runs) {
        return IntStream.range(0, Math.min(runs, years.runs()))
                .mapToObj(run -> Stretch.of(
                        Math.min(years.days(), AHEAD_DAYS + MEMORY_DAYS),
                        t -> years.at(run, t),
                        weather.climate(),
                        warmth.from(weather, years.first())))
                .map(future -> line(sums.length, future, 0, future.days()))
                .toList();
    }

    private SkyDays line(int known, Stretch future, int begin, int days) {
        int memory = Math.min(MEMORY_DAYS, known);
        Stretch around = past.joined(known, memory, future, begin, days);
        return new SkyDays(
                firstDay,
                known,
                sums,
                summed(sums[known - 1], future.warmth(), begin, days),
                drivers,
                drivers(firstDay + known - memory, around, memory, memory + days));
    }
}
