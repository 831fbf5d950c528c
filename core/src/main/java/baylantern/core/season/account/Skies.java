package baylantern.core.season.account;

import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * The weather of a site as the buds of one species meet it, and lines in which it goes on from any past day, without
 * knowing what came after.
 */
public final class Skies {

    private static final LocalDate ANY_YEAR = LocalDate.of(2023, 1, 1);
    private static final int YEAR = 365;
    private static final double CHILL_OVER_HOLD_C = 2.5;
    private static final int MEMORY_DAYS = 80;

    private final BudWarmth warmth;
    private final Climate climate;
    private final double latitudeDeg;
    private final int firstDay;
    private final double[] rain;
    private final double[] mean;
    private final double[] normal;
    private final double[] sums;
    private final double yearRain;
    private final double[][] drivers;
    private final int ahead;
    private final double[][] futureRain;
    private final double[][] futureMean;
    private final double[] futureNormal;
    private final double[][] futureWarmth;

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
        this.latitudeDeg = latitudeDeg;
        this.firstDay = (int) since.toEpochDay();
        this.ahead = Foretelling.DAYS + 2;
        int days = (int) until.toEpochDay() - firstDay + 1;
        this.rain = new double[days];
        this.mean = new double[days];
        this.normal = new double[days];
        this.sums = new double[days];
        var along = warmth.along(weather, since, until);
        this.climate = weather.climate();
        for (int i = 0; i < days; i++) {
            LocalDate day = since.plusDays(i);
            WeatherDay known = weather.on(day);
            rain[i] = known.rainMm();
            mean[i] = known.meanC();
            normal[i] = climate.on(day).meanC();
            sums[i] = along.upTo(day);
        }
        this.yearRain =
                climate.months().stream().mapToDouble(Climate.Month::rainMm).sum();
        this.drivers = drivers(firstDay, rain, mean, normal, 0, days);
        int length = YEAR + ahead + 1;
        WeatherYears years = WeatherYears.draw(new Weather(climate, List.of()), ANY_YEAR, runs, length, seed);
        this.futureRain = new double[runs][length];
        this.futureMean = new double[runs][length];
        this.futureWarmth = new double[runs][length];
        this.futureNormal = new double[length];
        for (int t = 0; t < length; t++) {
            futureNormal[t] = climate.on(ANY_YEAR.plusDays(t)).meanC();
        }
        for (int run = 0; run < runs; run++) {
            read(years, run);
        }
    }

    private void read(WeatherYears years, int run) {
        for (int t = 0; t < years.days(); t++) {
            WeatherDay day = years.at(run, t);
            futureRain[run][t] = day.rainMm();
            futureMean[run][t] = day.meanC();
            double held = 0;
            int back = Math.min(t + 1, warmth.holdDays());
            for (int i = 0; i < back; i++) {
                held += futureMean[run][t - i] / back;
            }
            futureWarmth[run][t] = held < warmth.holdC() ? 0 : warmth.degreeDays(day);
        }
    }

    private double[][] drivers(int first, double[] rain, double[] mean, double[] normal, int from, int end) {
        return new Drivers(first, rain, mean, normal, yearRain, warmth.holdC() + CHILL_OVER_HOLD_C, latitudeDeg)
                .from(from, end);
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
        for (double[] run : futureWarmth) {
            for (int t = 0; t < YEAR; t++) {
                sum += run[t];
            }
        }
        return Math.max(0.5, sum / futureWarmth.length / YEAR);
    }

    /** Lines known to the evening of {@code day} and going on as the climate may. */
    public List<SkyDays> from(int day) {
        int known = day - firstDay + 1;
        int begin = LocalDate.ofEpochDay(day + 1L).getDayOfYear() - 1;
        begin = Math.min(begin, YEAR - 1);
        int memory = Math.min(MEMORY_DAYS, known);
        List<SkyDays> lines = new ArrayList<>();
        for (int run = 0; run < futureRain.length; run++) {
            double[] go = new double[ahead];
            double sum = sums[known - 1];
            for (int i = 0; i < ahead; i++) {
                sum += futureWarmth[run][begin + i];
                go[i] = sum;
            }
            double[][] driven = drivers(
                    day + 1 - memory,
                    joined(rain, known, memory, futureRain[run], begin),
                    joined(mean, known, memory, futureMean[run], begin),
                    joined(normal, known, memory, futureNormal, begin),
                    memory,
                    memory + ahead);
            lines.add(new SkyDays(firstDay, known, sums, go, drivers, driven));
        }
        return lines;
    }

    /** Lines known to the last day read and going on as the first runs of these years do, which begin the day after. */
    public List<SkyDays> goingOn(WeatherYears years, int runs) {
        int known = sums.length;
        int memory = Math.min(MEMORY_DAYS, known);
        int days = Math.min(years.days(), Foretelling.DAYS + MEMORY_DAYS);
        List<SkyDays> lines = new ArrayList<>();
        for (int run = 0; run < Math.min(runs, years.runs()); run++) {
            double[] wet = new double[memory + days];
            double[] warm = new double[memory + days];
            double[] usual = new double[memory + days];
            System.arraycopy(rain, known - memory, wet, 0, memory);
            System.arraycopy(mean, known - memory, warm, 0, memory);
            System.arraycopy(normal, known - memory, usual, 0, memory);
            double[] go = new double[days];
            double sum = sums[known - 1];
            for (int t = 0; t < days; t++) {
                WeatherDay day = years.at(run, t);
                wet[memory + t] = day.rainMm();
                warm[memory + t] = day.meanC();
                usual[memory + t] = climate.on(day.day()).meanC();
                double held = 0;
                for (int back = 0; back < warmth.holdDays(); back++) {
                    held += warm[Math.max(0, memory + t - back)] / warmth.holdDays();
                }
                sum += held < warmth.holdC() ? 0 : warmth.degreeDays(day);
                go[t] = sum;
            }
            double[][] driven = drivers(firstDay + known - memory, wet, warm, usual, memory, memory + days);
            lines.add(new SkyDays(firstDay, known, sums, go, drivers, driven));
        }
        return lines;
    }

    private double[] joined(double[] past, int known, int memory, double[] future, int begin) {
        double[] all = new double[memory + ahead];
        System.arraycopy(past, known - memory, all, 0, memory);
        System.arraycopy(future, begin, all, memory, ahead);
        return all;
    }
}
