package baylantern.core.season.weather;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/** What is known of a site's weather: its record, its forecast, and its climate for every other day. */
public final class Weather {

    private final Climate climate;
    // Asked for every day of many years, and the same in each.
    private final List<Climate.Month> normals;
    private final NavigableMap<LocalDate, WeatherDay> known = new TreeMap<>();

    /** Of two tellings of one day the later in the list counts. */
    public Weather(Climate climate, Collection<WeatherDay> known) {
        this.climate = climate;
        this.normals = climate.wholeYear();
        known.forEach(day -> this.known.put(day.day(), day));
    }

    /** The weather of any day; {@link WeatherDay.Origin#FILLED} where nothing is known of it. */
    public WeatherDay on(LocalDate day) {
        WeatherDay found = known.get(day);
        return found != null ? found : normal(day).weather(day);
    }

    /** The days from {@code first} to {@code last}, both included. */
    public List<WeatherDay> between(LocalDate first, LocalDate last) {
        return first.datesUntil(last.plusDays(1)).map(this::on).toList();
    }

    /** True where the day is recorded or forecast. */
    public boolean knows(LocalDate day) {
        return known.containsKey(day);
    }

    /** The last day that is recorded or forecast; empty where none is. */
    public Optional<LocalDate> lastDay() {
        return known.isEmpty() ? Optional.empty() : Optional.of(known.lastKey());
    }

    /** The days on record before a day, in order. */
    List<WeatherDay> recordedBefore(LocalDate day) {
        return known.headMap(day).values().stream()
                .filter(one -> one.origin() == WeatherDay.Origin.RECORDED)
                .toList();
    }

    /** The climate behind. */
    public Climate climate() {
        return climate;
    }

    /** How much warmer than normal a day was, °C; 0 where it is not known. */
    public double departureC(LocalDate day) {
        WeatherDay found = known.get(day);
        return found == null ? 0 : found.meanC() - normal(day).meanC();
    }

    private Climate.Month normal(LocalDate day) {
        return normals.get(day.getDayOfYear() - 1);
    }
}
