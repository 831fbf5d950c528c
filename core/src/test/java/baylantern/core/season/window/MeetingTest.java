package baylantern.core.season.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Wood on the shelf as a wick, and whether stocks and wood meet. */
class MeetingTest {

    private static final FlushRules FLUSH = Rulebook.shipped().flush();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final int PINCH_DAYS = 14;
    private static final double LINE = FLUSH.value(FigureName.LIT_FROM);

    private final Species avocado = Rulebook.shipped().species("avocado").orElseThrow();
    private final Climate climate = StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31.4);
    private final WeatherYears years = WeatherYears.draw(new Weather(climate, List.of()), TODAY, 100, 500, 8);
    private final GraftSky sky = new GraftSky(avocado, FLUSH, climate, years, 120);

    private Outlook at(BudStage stage) {
        return Watch.alone(
                avocado,
                new Weather(climate, List.of()),
                years,
                List.of(BudNote.of(TODAY.minusDays(1), CanopyShares.all(stage))),
                5);
    }

    private WindowFinder finder(Technique.Bark bark) {
        return new WindowFinder(FLUSH, sky, "avocado", bark, PINCH_DAYS);
    }

    private static Growth stocks(Outlook... outlooks) {
        return new Growth("Kiln stocks", List.of(outlooks), null, List.of());
    }

    private static Growth wood(
            @Nullable LocalDate flowers, @Nullable String barred, List<Outlook> own, Shelved... shelf) {
        return new Growth("Ternlight", own, flowers, List.of(), List.of(), List.of(shelf), barred);
    }

    private static Shelved lot(double score, int low, int mid, int high) {
        return new Shelved("TE-26-W1", 8, score, TODAY.plusDays(low), TODAY.plusDays(mid), TODAY.plusDays(high));
    }

    @Test
    void nothingLightsTheWickWhereThereIsNoWood() {
        WindowFinder.Found found = finder(Technique.Bark.NO).find(stocks(at(BudStage.S)), wood(null, null, List.of()));
        assertThat(found.days()).allSatisfy(day -> assertThat(day.wood()).isZero());
        assertThat(found.windows()).isEmpty();
        assertThat(found.offer()).as("nothing to pinch").isNull();
    }

    @Test
    void aGoodLotLightsItUntilItIsPastItsGoodDaysWhateverTheTreeDoes() {
        Growth shelved = wood(TODAY.plusDays(60), null, List.of(at(BudStage.F)), lot(0.8, 6, 10, 16));
        WindowFinder.Found found = finder(Technique.Bark.NO).find(stocks(at(BudStage.S)), shelved);
        assertThat(found.lamp().wood().level()).isEqualTo(Wick.Level.LIT);
        assertThat(found.lamp().wood().words())
                .startsWith("TE-26-W1 lies in store: 8 sticks, good until about 2026-05-24. Ternlight is in flower");
        assertThat(found.windows().get(0).first()).isEqualTo(TODAY);
        assertThat(found.days().get(6).chance().wood()).isCloseTo(0.9, within(0.01));
        assertThat(found.days().get(10).chance().wood()).isCloseTo(0.5, within(0.01));
        assertThat(found.days().get(16).chance().wood()).isCloseTo(0.1, within(0.01));
        assertThat(found.days().get(30).chance().wood()).isZero();
    }

    @Test
    void aLastResortLightsNothing() {
        double last = FLUSH.value(FigureName.SHELF_C);
        WindowFinder.Found found = finder(Technique.Bark.NO)
                .find(stocks(at(BudStage.S)), wood(null, null, List.of(), lot(last, 6, 10, 16)));
        assertThat(found.lamp().wood().score()).isCloseTo(last, within(1e-9));
        assertThat(found.lamp().lit()).isFalse();
    }

    @Test
    void aLifeIsStraightBetweenItsDaysAndNeverGrows() {
        Shelved lot = lot(1, 0, 4, 4);
        double before = 1;
        for (int ahead = -10; ahead < 20; ahead++) {
            double good = lot.good(TODAY.plusDays(ahead));
            assertThat(good).isBetween(0.0, before);
            before = good;
        }
        assertThat(lot.good(TODAY.plusDays(2))).isCloseTo(0.7, within(1e-9));
        assertThat(lot.good(TODAY.plusDays(5))).isZero();
        assertThatThrownBy(() -> lot(1, 5, 4, 6)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void woodThatIsHeldIsNotCountedAndItIsSaidWhy() {
        WindowFinder.Found found = finder(Technique.Bark.NO)
                .find(stocks(at(BudStage.S)), wood(null, "TE-M1 is held: a test was positive.", List.of()));
        assertThat(found.lamp().wood().level()).isEqualTo(Wick.Level.OUT);
        assertThat(found.lamp().wood().words()).isEqualTo("TE-M1 is held: a test was positive.");
    }

    private static double mean(Growth growth, Map<BudStage, Double> scores, int run, int ahead) {
        return growth.outlooks().stream()
                .mapToDouble(plant -> scores.getOrDefault(plant.stage(run, ahead), 0.0))
                .average()
                .orElse(0);
    }

    @Test
    void theChanceThatTheyMeetIsTheShareOfRunsInWhichBothAreReady() {
        Growth stocks = stocks(at(BudStage.H), at(BudStage.M));
        Growth wood = wood(null, null, List.of(at(BudStage.M)));
        Meeting meeting = finder(Technique.Bark.NO).meeting(stocks, wood);
        Map<BudStage, Double> ready = FLUSH.woodOf("avocado").ready();
        for (int t = 0; t < 84; t += 7) {
            double both = 0;
            for (int run = 0; run < years.runs(); run++) {
                boolean meets = mean(stocks, FLUSH.stock(), run, t) >= LINE && mean(wood, ready, run, t) >= LINE;
                both += meets ? 1.0 / years.runs() : 0;
            }
            Meeting.Day day = meeting.days().get(t);
            assertThat(day.asTheyAre()).isCloseTo(both, within(1e-9));
            assertThat(day.both()).isGreaterThanOrEqualTo(Math.max(day.pinched(), day.topped()) - 1e-9);
            assertThat(Math.min(day.pinched(), day.topped())).isGreaterThanOrEqualTo(day.asTheyAre() - 1e-9);
        }
    }

    @Test
    void whatBettersTheMeetingIsToldWithItsDays() {
        Meeting meeting =
                finder(Technique.Bark.NO).meeting(stocks(at(BudStage.M)), wood(null, null, List.of(at(BudStage.M))));
        Meeting.Way plain = meeting.ways().get(0);
        assertThat(plain.doing()).isEqualTo(Doing.NOTHING);
        Meeting.Way best = meeting.ways().get(1);
        assertThat(best.doing()).isEqualTo(Doing.PINCH_AND_TOP);
        assertThat(best.lit()).isGreaterThan(plain.lit() + 0.3);
        assertThat(best.pinchBy()).isEqualTo(best.best().minusDays(PINCH_DAYS));
        assertThat(best.topBy()).isEqualTo(best.best().minusDays(4));
        Meeting slipping =
                finder(Technique.Bark.YES).meeting(stocks(at(BudStage.M)), wood(null, null, List.of(at(BudStage.M))));
        assertThat(slipping.ways())
                .as("bark slips no sooner for a top that came off")
                .noneMatch(way -> way.doing() == Doing.TOP);
        Meeting awake = finder(Technique.Bark.NO)
                .meeting(stocks(at(BudStage.S)), wood(null, null, List.of(), lot(1, 20, 30, 40)));
        assertThat(awake.ways()).as("what is ready wants nothing done").hasSize(1);
    }
}
