package baylantern.core.season.weather;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;

/**
 * Many possible runs of the weather from a first day on. Known days are the same in every run, except that a forecast
 * is blurred the more the farther ahead it looks. Other days are the climate with noise.
 *
 * <p>Temperature: a_t = φ·a_{t−1} + √(1−φ²)·s·ε, s the month's spread, started from the last known departure (first-order
 * autoregression). Rain: a wet day with chance p, p from the month's rain and {@link #WET_DAY_MM}, more after a wet day and
 * less after a dry one (two-state chain, Gabriel and Neumann 1962), then an exponential amount, more of it in a heavy spell than in a light one where the record shows such
 * ({@link RainSpells}). Wind: the normal times a log-normal of mean 1. Humidity: the normal with a spread of 7 points, 8 higher when
 * wet. Same climate, record, seed: same runs.
 */
public final class WeatherYears {

    /** Persistence of a warm or cool spell from day to day. */
    public static final double PERSISTENCE = 0.72;

    /** Persistence of wet and of dry spells from day to day. */
    public static final double SPELL = 0.35;

    private static final double WET_DAY_MM = 10;
    private static final double MOST_WET = 0.65;
    private static final double WIND_SPREAD = 0.35;
    private static final double HUMIDITY_SPREAD = 7;
    private static final double WET_HUMIDITY = 8;
    private static final double RANGE_SPREAD = 0.18;
    private static final double FORECAST_BLUR = 0.35;
    private static final double DAYS_A_MONTH = 30.44;

    private final LocalDate first;
    private final int days;
    private final WeatherDay[][] runs;

    private WeatherYears(LocalDate first, int days, WeatherDay[][] runs) {
        this.first = first;
        this.days = days;
        this.runs = runs;
    }

    /**
     * Draws the runs.
     *
     * @param runs how many, 1 or more
     * @param days length of each, from {@code first}
     */
    public static WeatherYears draw(Weather weather, LocalDate first, int runs, int days, long seed) {
        Coming[] coming = new Coming[days];
        for (int t = 0; t < days; t++) {
            LocalDate day = first.plusDays(t);
            coming[t] = new Coming(day, weather.climate().on(day), weather.knows(day) ? weather.on(day) : null);
        }
        LocalDate before = first.minusDays(1);
        boolean wet = weather.knows(before) && weather.on(before).rainMm() > 0;
        RainSpells spells = RainSpells.before(first, weather);
        SplittableRandom seeds = new SplittableRandom(seed);
        SplittableRandom spellSeeds = new SplittableRandom(~seed);
        WeatherDay[][] all = new WeatherDay[runs][];
        for (int run = 0; run < runs; run++) {
            double[] heavy = spells.draw(days, spellSeeds.split());
            all[run] = run(coming, weather.departureC(before), wet, heavy, seeds.split());
        }
        return new WeatherYears(first, days, all);
    }

    // What every run shares of a day, looked up once.
    private record Coming(
            LocalDate day, Climate.Month normal, @Nullable WeatherDay told) {}

    private static WeatherDay[] run(
            Coming[] coming, double awayBefore, boolean wetBefore, double[] heavy, RandomGenerator random) {
        WeatherDay[] run = new WeatherDay[coming.length];
        double fresh = Math.sqrt(1 - PERSISTENCE * PERSISTENCE);
        double away = awayBefore;
        boolean wet = wetBefore;
        for (int t = 0; t < run.length; t++) {
            Climate.Month normal = coming[t].normal();
            WeatherDay told = coming[t].told();
            if (told != null) {
                run[t] = blurred(told, t, random);
                away = run[t].meanC() - normal.meanC();
            } else {
                away = PERSISTENCE * away + fresh * normal.spreadC() * random.nextGaussian();
                run[t] = following(coming[t].day(), normal, away, wet, heavy[t], random);
            }
            wet = run[t].rainMm() > 0;
        }
        return run;
    }

    private static WeatherDay blurred(WeatherDay told, int ahead, RandomGenerator random) {
        if (told.origin() != WeatherDay.Origin.FORECAST) {
            return told;
        }
        double shift = FORECAST_BLUR * Math.sqrt(ahead + 1.0) * random.nextGaussian();
        return new WeatherDay(
                told.day(),
                told.minC() + shift,
                told.maxC() + shift,
                told.humidityPct(),
                told.windMs(),
                told.rainMm(),
                told.origin());
    }

    /** One drawn day about the normals, {@code away} °C from them; also the simulated station's weather. */
    public static WeatherDay drawn(LocalDate day, Climate.Month normal, double away, RandomGenerator random) {
        return drawn(day, normal, away, wetChance(normal), 1, random);
    }

    /** What the normals have for a wet day, mm; 0 where none is wet. */
    static double wetDayMm(Climate.Month normal) {
        double chance = wetChance(normal);
        return chance == 0 ? 0 : normal.rainMm() / (DAYS_A_MONTH * chance);
    }

    private static double wetChance(Climate.Month normal) {
        return Math.min(MOST_WET, normal.rainMm() / (DAYS_A_MONTH * WET_DAY_MM));
    }

    // Wet days follow wet ones, dry dry ones; on the whole as many days are wet as the normals have.
    private static WeatherDay following(
            LocalDate day, Climate.Month normal, double away, boolean wetBefore, double heavy, RandomGenerator random) {
        double usual = wetChance(normal);
        double chance = wetBefore ? usual + SPELL * (1 - usual) : usual * (1 - SPELL);
        return drawn(day, normal, away, chance, heavy, random);
    }

    private static WeatherDay drawn(
            LocalDate day, Climate.Month normal, double away, double chance, double heavy, RandomGenerator random) {
        double wetChance = wetChance(normal);
        boolean wet = random.nextDouble() < chance;
        double rain = wet ? -heavy * wetDayMm(normal) * Math.log(1 - random.nextDouble()) : 0;
        double half = (normal.maxC() - normal.minC()) / 2 * Math.exp(RANGE_SPREAD * random.nextGaussian());
        double mean = normal.meanC() + away;
        double wind = normal.windMs() * Math.exp(WIND_SPREAD * random.nextGaussian() - WIND_SPREAD * WIND_SPREAD / 2);
        double humidity = normal.humidityPct()
                + HUMIDITY_SPREAD * random.nextGaussian()
                + WET_HUMIDITY * ((wet ? 1 : 0) - wetChance);
        return new WeatherDay(
                day,
                mean - half,
                mean + half,
                Math.max(5, Math.min(100, humidity)),
                wind,
                rain,
                WeatherDay.Origin.FILLED);
    }

    /** The first day of every run. */
    public LocalDate first() {
        return first;
    }

    /** How many runs. */
    public int runs() {
        return runs.length;
    }

    /** How many days each run has. */
    public int days() {
        return days;
    }

    /** The weather of one run, {@code ahead} days after the first. */
    public WeatherDay at(int run, int ahead) {
        return runs[run][ahead];
    }

    /** How many days after the first a day lies; negative before it. */
    public int ahead(LocalDate day) {
        return (int) ChronoUnit.DAYS.between(first, day);
    }
}
