package baylantern.core.season.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;

/** Heavy and light spells of rain are found in records made up apart from them, and come in the runs as they came there. */
class RainSpellsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 1);
    private static final Climate CLIMATE = StartingClimates.of(StartingClimates.Kind.SUBTROPICAL, -27);
    private static final Weather NORMAL = new Weather(CLIMATE, List.of());

    /** A record of so many days up to the day, each wet by chance; a factor by the day multiplies what falls. */
    private static List<WeatherDay> record(int days, long seed, IntToDoubleFunction heavy) {
        SplittableRandom random = new SplittableRandom(seed);
        List<WeatherDay> record = new ArrayList<>();
        for (int t = 0; t < days; t++) {
            WeatherDay normal = NORMAL.on(DAY.minusDays(days - (long) t));
            WeatherDay drawn = WeatherYears.drawn(normal.day(), CLIMATE.on(normal.day()), 0, random);
            record.add(new WeatherDay(
                    normal.day(),
                    normal.minC(),
                    normal.maxC(),
                    normal.humidityPct(),
                    normal.windMs(),
                    drawn.rainMm() * heavy.applyAsDouble(t),
                    WeatherDay.Origin.RECORDED));
        }
        return record;
    }

    // Two fortnights in five bring a seventh, the others more: made of two levels, not of a spread about a mean.
    private static IntToDoubleFunction fortnights(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] levels = random.doubles(200).map(x -> x < 0.45 ? 0.15 : 1.7).toArray();
        return t -> levels[t / 14];
    }

    private static RainSpells spells(List<WeatherDay> record) {
        return RainSpells.before(DAY, new Weather(CLIMATE, record));
    }

    @Test
    void whereNearWetDaysAreAlikeByChanceOnlyThereAreNone() {
        assertThat(spells(List.of()).spread()).isZero();
        double[] spreads = new double[40];
        for (int seed = 0; seed < spreads.length; seed++) {
            spreads[seed] = spells(record(1000, seed, t -> 1)).spread();
        }
        assertThat(Arrays.stream(spreads).average().orElseThrow()).isLessThan(0.12);
        // Normals that are wrong are no spell.
        assertThat(spells(record(1000, 3, t -> 2)).spread())
                .isCloseTo(spells(record(1000, 3, t -> 1)).spread(), within(1e-9));
    }

    /** The factor e^(s·z − s²/2) has the variance e^(s²) − 1; that of the two levels is 0.45·0.15² + 0.55·1.7² − 1 = 0.6. */
    @Test
    void spellsOfTwoLevelsSpreadAsWidelyAsTheyDid() {
        double variance = 0;
        for (int seed = 0; seed < 40; seed++) {
            double spread = spells(record(1000, seed, fortnights(seed))).spread();
            variance += (Math.exp(spread * spread) - 1) / 40;
        }
        assertThat(variance).isCloseTo(0.6, within(0.12));
    }

    @Test
    void theSpellUnderWayGoesOnForAWhileAndIsForgotten() {
        List<WeatherDay> heavy =
                record(1000, 5, t -> t > 980 ? 4 : fortnights(5).applyAsDouble(t));
        List<WeatherDay> light =
                record(1000, 5, t -> t > 980 ? 0.1 : fortnights(5).applyAsDouble(t));
        assertThat(rain(heavy, 0, 7)).isGreaterThan(1.3 * rain(light, 0, 7));
        assertThat(rain(heavy, 50, 110)).isCloseTo(rain(light, 50, 110), within(0.08 * rain(light, 50, 110)));
        // On the whole as much rain as the normals have.
        double usual = DAY.plusDays(50)
                .datesUntil(DAY.plusDays(110))
                .mapToDouble(day -> NORMAL.on(day).rainMm())
                .average()
                .orElseThrow();
        assertThat(rain(light, 50, 110)).isCloseTo(usual, within(0.08 * usual));
    }

    // Mean rain of a day in the runs, mm.
    private static double rain(List<WeatherDay> record, int from, int until) {
        WeatherYears years = WeatherYears.draw(new Weather(CLIMATE, record), DAY, 600, 110, 4);
        double sum = 0;
        for (int run = 0; run < years.runs(); run++) {
            for (int t = from; t < until; t++) {
                sum += years.at(run, t).rainMm();
            }
        }
        return sum / years.runs() / (until - from);
    }
}
