package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.weather.WeatherDay;
import baylantern.core.season.weather.WeatherDay.Origin;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Avocado bears cold to 2 °C; heat is over 35 °C, heavy rain over 40 mm in the first three days. */
class WeatherCareTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final WeatherCare CARE = new WeatherCare(RULES);
    private static final LocalDate TODAY = LocalDate.of(2026, 1, 10);

    private static WeatherDay mild(LocalDate day) {
        return new WeatherDay(day, 11, 19, 75, 2, 0, day.isBefore(TODAY) ? Origin.RECORDED : Origin.FORECAST);
    }

    private static List<WeatherDay> weather(WeatherDay... others) {
        return CARE.days(TODAY).stream()
                .map(day -> List.of(others).stream()
                        .filter(o -> o.day().equals(day))
                        .findFirst()
                        .orElseGet(() -> mild(day)))
                .toList();
    }

    private static WeatherDay frost(LocalDate day) {
        return new WeatherDay(day, 0.5, 9, 80, 1, 0, Origin.FORECAST);
    }

    private static List<PlannedVisit> visits(int madeDaysAgo, List<WeatherDay> weather, Look... looks) {
        return visits(madeDaysAgo, weather, false, looks);
    }

    private static List<PlannedVisit> visits(int madeDaysAgo, List<WeatherDay> weather, boolean staked, Look... looks) {
        LocalDate made = TODAY.minusDays(madeDaysAgo);
        CareSubject subject = new CareSubject(
                "avocado", RULES.technique("cleft").orElseThrow(), made, "FILM", Map.of(), CareSubject.Stand.POT);
        GraftLife life = GraftLife.of(made, List.of(looks), HealingClock.atBest(), 120);
        return CARE.visits(new WeatherCare.Exposed(subject, life, staked, 2), weather, TODAY);
    }

    @Test
    void aFrostIsMetTheEveningBeforeAndLookedAfter() {
        LocalDate night = TODAY.plusDays(3);
        List<PlannedVisit> visits = visits(12, weather(frost(night), frost(night.plusDays(1))));
        assertThat(visits).extracting(PlannedVisit::kind).containsExactly("FROST_COVER", "UNCOVER");
        assertThat(visits.get(0).target()).isEqualTo(night.minusDays(1));
        assertThat(visits.get(0).latest()).isEqualTo(night.minusDays(1));
        assertThat(visits.get(1).target()).isEqualTo(night.plusDays(2));
    }

    @Test
    void itIsGoneWhenTheForecastTakesItBackAndWhereTheDayIsOnlyGuessed() {
        assertThat(visits(12, weather())).isEmpty();
        WeatherDay guessed = new WeatherDay(TODAY.plusDays(3), 0.5, 9, 80, 1, 0, Origin.FILLED);
        assertThat(visits(12, weather(guessed))).isEmpty();
    }

    @Test
    void aLookAnswersTheCoverAndALaterOneTheUncovering() {
        LocalDate night = TODAY.plusDays(1);
        Look evening = Look.of(TODAY, Sign.GREEN);
        List<PlannedVisit> left = visits(12, weather(frost(night)), evening);
        assertThat(left).extracting(PlannedVisit::kind).containsExactly("UNCOVER");
        LocalDate past = TODAY.minusDays(2);
        WeatherDay was = new WeatherDay(past, 0.5, 9, 80, 1, 0, Origin.RECORDED);
        assertThat(visits(12, weather(was))).extracting(PlannedVisit::kind).containsExactly("UNCOVER");
        assertThat(visits(12, weather(was), Look.of(TODAY.minusDays(1), Sign.GREEN)))
                .isEmpty();
    }

    @Test
    void aSleeveThatIsOnAsksForNoOther() {
        LocalDate made = TODAY.minusDays(12);
        CareSubject sleeved = new CareSubject(
                "avocado", RULES.technique("cleft").orElseThrow(), made, "SLEEVE", Map.of(), CareSubject.Stand.POT);
        List<WeatherDay> weather = weather(frost(TODAY.plusDays(3)));
        GraftLife bare = GraftLife.of(made, List.of(), HealingClock.atBest(), 120);
        assertThat(CARE.visits(new WeatherCare.Exposed(sleeved, bare, false, 2), weather, TODAY))
                .isEmpty();
        GraftLife leaf =
                GraftLife.of(made, List.of(Look.of(TODAY.minusDays(1), Sign.LEAFED)), HealingClock.atBest(), 120);
        assertThat(CARE.visits(new WeatherCare.Exposed(sleeved, leaf, false, 2), weather, TODAY))
                .isNotEmpty();
    }

    @Test
    void eachDangerConcernsTheGraftsItHarms() {
        LocalDate day = TODAY.plusDays(1);
        WeatherDay rain = new WeatherDay(day, 11, 19, 90, 2, 55, Origin.FORECAST);
        assertThat(visits(0, weather(rain))).extracting(PlannedVisit::kind).contains("RAIN_CAP");
        assertThat(visits(9, weather(rain))).isEmpty();
        WeatherDay hot = new WeatherDay(day, 24, 39, 25, 5, 0, Origin.FORECAST);
        assertThat(visits(9, weather(hot))).extracting(PlannedVisit::kind).contains("HEAT_SHADE", "WIND_BAG");
        WeatherDay storm = new WeatherDay(day, 11, 19, 80, 12, 4, Origin.FORECAST);
        assertThat(visits(9, weather(storm))).isEmpty();
        Look leaf = Look.of(TODAY.minusDays(2), Sign.LEAFED);
        assertThat(visits(40, weather(storm), leaf))
                .extracting(PlannedVisit::kind)
                .containsExactly("WIND_STAKE");
        assertThat(visits(40, weather(storm), true, leaf)).isEmpty();
        assertThat(visits(40, weather(storm, frost(TODAY.plusDays(3))), Look.of(TODAY.minusDays(2), Sign.DEAD)))
                .isEmpty();
    }
}
