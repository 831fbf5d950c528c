package baylantern.core.season.weather;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What is known of a site's weather: its record, its forecast, and its climate for every other day. */
public final class Weather {

    private final Climate climate;
    // Asked for every day of many years, and the same in each.
    private final List<Climate.Month> normals;
    // From the first known day to the last, one after the other; null where one between them is not known.
    private final @Nullable WeatherDay[] known;
    private final long firstKnown;

    /** Of two tellings of one day the later in the list counts. */
    public Weather(Climate climate, Collection<WeatherDay> known) {
        this.climate = climate;
        this.normals = climate.wholeYear();
        LongSummaryStatistics span =
                known.stream().mapToLong(day -> day.day().toEpochDay()).summaryStatistics();
        this.firstKnown = span.getMin();
        this.known = new WeatherDay[known.isEmpty() ? 0 : (int) (span.getMax() - firstKnown) + 1];
        known.forEach(day -> this.known[(int) (day.day().toEpochDay() - firstKnown)] = day);
    }

    /** The weather of any day; {@link WeatherDay.Origin#FILLED} where nothing is known of it. */
    public WeatherDay on(LocalDate day) {
        WeatherDay found = known(day);
        return found != null ? found : normal(day).weather(day);
    }

    /**
     * What a day gives by its lowest and its highest temperature alone, °C. What is normal gives the same in every year and is
     * reckoned once.
     */
    public ToDoubleFunction<LocalDate> byWarmth(DoubleBinaryOperator each) {
        double[] normal = normals.stream()
                .mapToDouble(month -> each.applyAsDouble(month.minC(), month.maxC()))
                .toArray();
        return day -> {
            WeatherDay found = known(day);
            return found != null ? each.applyAsDouble(found.minC(), found.maxC()) : normal[day.getDayOfYear() - 1];
        };
    }

    /** The days from {@code first} to {@code last}, both included. */
    public List<WeatherDay> between(LocalDate first, LocalDate last) {
        return first.datesUntil(last.plusDays(1)).map(this::on).toList();
    }

    /** True where the day is recorded or forecast. */
    public boolean knows(LocalDate day) {
        return known(day) != null;
    }

    /** The last day that is recorded or forecast; empty where none is. */
    public Optional<LocalDate> lastDay() {
        return known.length == 0 ? Optional.empty() : Optional.of(LocalDate.ofEpochDay(firstKnown + known.length - 1));
    }

    /** The days on record before a day, in order. */
    List<WeatherDay> recordedBefore(LocalDate day) {
        return Stream.of(known)
                .filter(Objects::nonNull)
                .filter(one -> one.day().isBefore(day) && one.origin() == WeatherDay.Origin.RECORDED)
                .toList();
    }

    /** The climate behind. */
    public Climate climate() {
        return climate;
    }

    /** How much warmer than normal a day was, °C; 0 where it is not known. */
    public double departureC(LocalDate day) {
        WeatherDay found = known(day);
        return found == null ? 0 : found.meanC() - normal(day).meanC();
    }

    private @Nullable WeatherDay known(LocalDate day) {
        long at = day.toEpochDay() - firstKnown;
        return at >= 0 && at < known.length ? known[(int) at] : null;
    }

    private Climate.Month normal(LocalDate day) {
        return normals.get(day.getDayOfYear() - 1);
    }
}
