package baylantern.core.season.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Course;
import baylantern.core.season.flush.FlushLength;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.Stages;
import baylantern.core.season.flush.Wave;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Which days are lit, and the reasons given. */
class WindowTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FlushRules FLUSH = RULES.flush();
    private static final int DAYS = 120;

    private final Species avocado = RULES.species("avocado").orElseThrow();

    /** A farm at a latitude on a day, with plants at given stages. */
    private final class Setting {
        final LocalDate today;
        final Climate climate;
        final GraftSky sky;
        final WeatherYears years;

        Setting(double latitudeDeg, LocalDate today) {
            this.today = today;
            this.climate = StartingClimates.of(StartingClimates.Kind.MILD_COAST, latitudeDeg);
            Weather weather = new Weather(climate, List.of());
            this.years = WeatherYears.draw(weather, today, 100, 500, 8);
            this.sky = new GraftSky(avocado, FLUSH, climate, years, DAYS);
        }

        Outlook at(BudStage stage) {
            List<BudNote> notes = List.of(BudNote.of(today.minusDays(1), CanopyShares.all(stage)));
            return Watch.alone(avocado, new Weather(climate, List.of()), years, notes, 5);
        }

        WindowFinder.Found find(Growth stock, Growth wood, Technique.Bark bark) {
            return new WindowFinder(FLUSH, sky, "avocado", bark, 14).find(stock, wood);
        }
    }

    private static Growth growth(String name, @Nullable LocalDate flowersUntil, Outlook... outlooks) {
        return new Growth(name, List.of(outlooks), flowersUntil, List.of());
    }

    private final Setting may = new Setting(31.4, LocalDate.of(2026, 5, 14));

    @Test
    void swellingWoodOnWakingStocksInMayIsLitAndGoesOutWhenBudsOpen() {
        WindowFinder.Found found = may.find(
                growth("Kiln stocks", null, may.at(BudStage.S)),
                growth("Ternlight", null, may.at(BudStage.S)),
                Technique.Bark.NO);
        assertThat(found.lamp().lit()).isTrue();
        assertThat(found.windows().get(0).first()).isEqualTo(may.today);
        assertThat(found.windows().get(0).last()).isBetween(may.today.plusDays(3), may.today.plusDays(30));
        assertThat(found.windows().get(0).confidence()).isBetween(0.5, 1.0);
        LocalDate low = Objects.requireNonNull(found.windows().get(0).ends().low());
        assertThat(low)
                .isBeforeOrEqualTo(
                        Objects.requireNonNull(found.windows().get(0).ends().high()));
    }

    @Test
    void theScoreIsTheProductOfItsPartsInTheMeanAndRanksTheBestDay() {
        WindowFinder.Found found = may.find(
                growth("Kiln stocks", null, may.at(BudStage.H)),
                growth("Ternlight", null, may.at(BudStage.M)),
                Technique.Bark.NO);
        for (WindowDay day : found.days()) {
            assertThat(day.score()).isBetween(0.0, 1.0);
            assertThat(day.score()).isLessThanOrEqualTo(Math.min(day.stock(), day.wood()) + 1e-9);
            assertThat(day.weather()).isBetween(day.healing() * day.risk() - 1e-9, 1.0);
        }
        for (GraftWindow window : found.windows()) {
            double best = Objects.requireNonNull(WindowFinder.on(found.days(), window.best()))
                    .score();
            assertThat(found.days())
                    .filteredOn(
                            d -> !d.day().isBefore(window.first()) && !d.day().isAfter(window.last()))
                    .allSatisfy(d -> assertThat(d.score()).isLessThanOrEqualTo(best));
        }
    }

    @Test
    void matureWoodWaitsForItsPinch() {
        WindowFinder.Found found = may.find(
                growth("Kiln stocks", null, may.at(BudStage.S), may.at(BudStage.P)),
                growth("Ternlight", null, may.at(BudStage.M)),
                Technique.Bark.NO);
        assertThat(found.lamp().wood().level()).isEqualTo(Wick.Level.LOW);
        assertThat(found.lamp().wood().words()).contains("mature").contains("wanted is buds swelling");
        assertThat(found.days()).as("nothing is pinched yet").noneMatch(WindowDay::pinched);
        WindowDay later = found.planned().get(16);
        assertThat(later.pinched()).isTrue();
        assertThat(later.wood()).isGreaterThan(found.days().get(0).wood());
        WindowFinder.Offer offer = Objects.requireNonNull(found.offer());
        assertThat(offer.window().pinched()).isTrue();
        assertThat(offer.pinchBy()).isEqualTo(offer.window().first().minusDays(14));
        assertThat(offer.pinchBy()).isAfterOrEqualTo(may.today);
    }

    /** What is offered for pinching today comes, once it was pinched today: told before and after, it is one window. */
    @Test
    void anOfferComesTrueOnceItsTipsArePinched() {
        Growth stocks = growth("Kiln stocks", null, may.at(BudStage.S), may.at(BudStage.P));
        WindowFinder.Offer offer = Objects.requireNonNull(
                may.find(stocks, growth("Ternlight", null, may.at(BudStage.M)), Technique.Bark.NO)
                        .offer());
        Pinched done = new Pinched(may.today, may.today.plusDays(14), may.today.plusDays(60), 12);
        Growth pinched =
                new Growth("Ternlight", List.of(may.at(BudStage.M)), null, List.of(), List.of(done), List.of(), null);
        WindowFinder.Found then = may.find(stocks, pinched, Technique.Bark.NO);
        assertThat(then.windows()).isNotEmpty();
        assertThat(then.windows().get(0).first()).isEqualTo(offer.window().first());
        assertThat(then.windows().get(0).confidence()).isEqualTo(offer.window().confidence());
        assertThat(then.offer()).isNull();
    }

    @Test
    void aLitDayHasNoFrostFlowerOrLeafedOutWoodAndItsChanceIsOverTheLine() {
        Setting winter = new Setting(31.4, LocalDate.of(2026, 12, 1));
        for (Setting at : List.of(may, winter)) {
            for (BudStage stage : BudStage.values()) {
                Growth wood = growth("Ternlight", at.today.plusDays(20), at.at(stage));
                WindowFinder.Found found =
                        at.find(growth("Kiln stocks", null, at.at(BudStage.S)), wood, Technique.Bark.NO);
                for (WindowDay day : found.days()) {
                    int t = at.sky.years().ahead(day.day());
                    long frosty = java.util.stream.IntStream.range(0, 100)
                            .filter(run -> at.sky.stopped(run, t))
                            .count();
                    assertThat(day.lit()).isEqualTo(day.chance().lit() >= 0.5);
                    assertThat(day.chance().lit()).isLessThanOrEqualTo(1 - frosty / 100.0 + 1e-9);
                    assertThat(day.chance().lit())
                            .isLessThanOrEqualTo(day.chance().wood() + 1e-9);
                    if (wood.flowering(day.day())) {
                        assertThat(day.lit()).isFalse();
                    }
                }
            }
        }
    }

    /** Pinched on its day, the wood serves on its days, from wherever one looks: they do not recede as days pass. */
    @Test
    void whatWasPinchedServesFromItsOwnDayOn() {
        LocalDate from = LocalDate.of(2026, 5, 18);
        Pinched shoots = new Pinched(LocalDate.of(2026, 5, 9), from, from.plusDays(6), 20);
        for (int passed = 0; passed < 11; passed++) {
            Setting on = new Setting(31.4, LocalDate.of(2026, 5, 14).plusDays(passed));
            Growth wood = new Growth(
                    "Ternlight", List.of(on.at(BudStage.M)), null, List.of(), List.of(shoots), List.of(), null);
            WindowFinder.Found found = on.find(growth("Kiln stocks", null, on.at(BudStage.S)), wood, Technique.Bark.NO);
            for (WindowDay day : found.days().subList(0, 12)) {
                if (shoots.ready(day.day())) {
                    assertThat(day.wood())
                            .as("%s seen on %s", day.day(), on.today)
                            .isGreaterThan(0.6);
                    assertThat(day.pinched()).as("a pinch still to be done").isFalse();
                }
            }
            boolean serves = shoots.ready(on.today);
            assertThat(found.lamp().wood().level()).isEqualTo(serves ? Wick.Level.LIT : Wick.Level.LOW);
            assertThat(found.lamp().wood().words().contains("20 shoots pinched"))
                    .as(found.lamp().wood().words())
                    .isEqualTo(serves);
        }
        assertThatThrownBy(() -> new Pinched(from, from.minusDays(1), from, 3))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void timeToPinchOnlyHelpsAndOnlyWoodAtRest() {
        Growth stocks = growth("Kiln stocks", null, may.at(BudStage.S));
        for (BudStage stage : BudStage.values()) {
            Growth wood = growth("Ternlight", null, may.at(stage));
            WindowFinder.Found never =
                    new WindowFinder(FLUSH, may.sky, "avocado", Technique.Bark.NO, 9999).find(stocks, wood);
            WindowFinder.Found atOnce =
                    new WindowFinder(FLUSH, may.sky, "avocado", Technique.Bark.NO, 0).find(stocks, wood);
            assertThat(never.offer()).isNull();
            assertThat(atOnce.days()).isEqualTo(never.days());
            if (atOnce.offer() != null && !never.windows().isEmpty()) {
                assertThat(atOnce.offer().window().first())
                        .isBefore(never.windows().get(0).first());
            }
            boolean today =
                    atOnce.offer() != null && atOnce.offer().window().first().equals(may.today);
            if (stage == BudStage.M) {
                assertThat(today).as(stage.words()).isTrue();
            } else if (stage.active()) {
                assertThat(today).as(stage.words()).isFalse();
            }
        }
    }

    @Test
    void flowersLeavesAndIgnoranceStopIt() {
        Growth stocks = growth("Kiln stocks", null, may.at(BudStage.S));
        Growth flowering = growth("Ternlight", may.today.plusDays(12), may.at(BudStage.S));
        Growth leafed = growth("Ternlight", null, may.at(BudStage.F));
        Growth unknown = growth("Ternlight", null);
        WindowFinder.Found inFlower = may.find(stocks, flowering, Technique.Bark.NO);
        assertThat(inFlower.lamp().wood().score()).isZero();
        assertThat(inFlower.lamp().wood().words()).contains("in flower");
        assertThat(inFlower.days().get(12).wood()).isZero();
        assertThat(inFlower.days().get(13).wood()).isPositive();
        assertThat(may.find(stocks, leafed, Technique.Bark.NO).lamp().wood().words())
                .contains("opened");
        assertThat(may.find(stocks, unknown, Technique.Bark.NO).lamp().wood().words())
                .contains("noted");
        assertThat(may.find(stocks, unknown, Technique.Bark.NO).windows()).isEmpty();
    }

    @Test
    void slippingBarkHasWindowsOfItsOwn() {
        Growth stocks = growth("Kiln stocks", null, may.at(BudStage.M));
        Growth wood = growth("Ternlight", null, may.at(BudStage.S));
        double cleft = may.find(stocks, wood, Technique.Bark.NO).days().get(0).stock();
        double bark = may.find(stocks, wood, Technique.Bark.YES).days().get(0).stock();
        assertThat(bark).isLessThan(cleft);
    }

    @Test
    void winterIsColdOnBothSidesOfTheEquator() {
        Setting north = new Setting(31.4, LocalDate.of(2026, 1, 10));
        Setting south = new Setting(-31.4, LocalDate.of(2026, 7, 12));
        double inNorth = weather(north);
        assertThat(inNorth).isLessThan(0.6);
        assertThat(weather(south)).isCloseTo(inNorth, within(0.05));
        assertThat(weather(may)).isGreaterThan(0.6);
    }

    private double weather(Setting at) {
        Growth any = growth("any", null, at.at(BudStage.S));
        return at.find(any, any, Technique.Bark.NO).days().get(0).weather();
    }

    @Test
    void theLaneIsWithoutGapsAndTheWaveAgreesWithItsPlants() {
        Outlook outlook = may.at(BudStage.F);
        var sums = BudWarmth.of(avocado, FLUSH)
                .along(new Weather(may.climate, List.of()), may.today.minusDays(400), may.today.plusDays(900));
        Lane lane = Lane.of(
                List.of(), Optional.of(outlook), sums, new Course(Stages.of(FLUSH), FlushLength.BY_NEXT), may.today);
        assertThat(lane.stage(may.today)).contains(BudStage.F);
        List<Lane.Run> runs = new ArrayList<>(lane.runs());
        for (int i = 1; i < runs.size(); i++) {
            assertThat(runs.get(i).from()).isEqualTo(runs.get(i - 1).to().plusDays(1));
        }
        assertThat(lane.coming()).hasSize(3);
        List<Wave.Point> wave = Wave.of(
                List.of(new Wave.Member(lane, Optional.of(outlook))), may.today, may.today.plusDays(70), may.today);
        // Not one: in a tenth of the runs the next swell comes so soon that the flush seen must be nearly done.
        assertThat(wave.get(0).share()).isGreaterThan(0.85);
        assertThat(wave).allSatisfy(p -> assertThat(p.share()).isBetween(p.low() - 1e-9, p.high() + 1e-9));
    }
}
