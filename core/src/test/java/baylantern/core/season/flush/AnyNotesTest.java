package baylantern.core.season.flush;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.warmth.DailySums;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/** Whatever anybody notes, in whatever order: no crash, no silly date. */
class AnyNotesTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FlushRules FLUSH = RULES.flush();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final Weather MILD = weather(31.4, StartingClimates.Kind.MILD_COAST);
    private static final WeatherYears YEARS = WeatherYears.draw(MILD, TODAY, 40, 500, 3);

    private static Weather weather(double latitudeDeg, StartingClimates.Kind kind) {
        return new Weather(StartingClimates.of(kind, latitudeDeg), List.of());
    }

    private static Species mango() {
        return RULES.species("mango").orElseThrow();
    }

    @Provide
    Arbitrary<List<BudNote>> notes() {
        Arbitrary<CanopyShares> shares = Combinators.combine(
                        Arbitraries.of(BudStage.values()),
                        Arbitraries.of(BudStage.values()),
                        Arbitraries.integers().between(1, 9))
                .as((a, b, tenths) -> a == b
                        ? CanopyShares.all(a)
                        : CanopyShares.parse(a.name() + tenths * 10 + " " + b.name() + (100 - tenths * 10)));
        return Combinators.combine(
                        Arbitraries.integers().between(0, 900),
                        shares,
                        shares.injectNull(0.6),
                        Arbitraries.of(true, false))
                .as((ago, sun, shade, flowers) -> new BudNote(TODAY.minusDays(ago), sun, shade, flowers))
                .list()
                .ofMinSize(1)
                .ofMaxSize(25);
    }

    @Property(tries = 60)
    void theForecastStaysWithinReason(@ForAll("notes") List<BudNote> notes) {
        Fixture fixture = new Fixture(notes, MILD, YEARS);
        Outlook outlook = fixture.outlook();
        LocalDate before = null;
        for (DayRange range : outlook.next()) {
            if (range.low() == null || range.mid() == null || range.high() == null) {
                continue;
            }
            assertThat(range.low()).isBeforeOrEqualTo(range.mid());
            assertThat(range.mid()).isBeforeOrEqualTo(range.high());
            // One that may or may not have come unseen is still the next.
            assertThat(range.high()).isAfterOrEqualTo(TODAY.minusDays(1));
            assertThat(range.mid()).isBeforeOrEqualTo(TODAY.plusDays(501));
            if (before != null) {
                assertThat(range.mid()).isAfterOrEqualTo(before);
            }
            before = range.mid();
        }
        for (int ahead = 0; ahead < 400; ahead += 20) {
            assertThat(outlook.likeliest(ahead).share()).isBetween(1.0 / 6, 1.0);
        }
    }

    @Property(tries = 60)
    void lanesHaveNoGapsAndNoOverlaps(@ForAll("notes") List<BudNote> notes) {
        Fixture fixture = new Fixture(notes, MILD, YEARS);
        Lane lane = Lane.of(
                fixture.swells,
                Optional.of(fixture.outlook()),
                fixture.sums,
                new Course(Stages.of(FLUSH), FlushLength.BY_NEXT),
                TODAY);
        for (int i = 0; i < lane.runs().size(); i++) {
            Lane.Run run = lane.runs().get(i);
            assertThat(run.from()).isBeforeOrEqualTo(run.to());
            assertThat(run.forecast()).isEqualTo(!run.from().isBefore(TODAY));
            if (i > 0) {
                assertThat(run.from()).isAfter(lane.runs().get(i - 1).to());
            }
        }
    }

    @Property(tries = 60)
    void swellsRiseAndLieBetweenNotes(@ForAll("notes") List<BudNote> notes) {
        List<Swell> swells = Swells.in(notes, FLUSH.value(FigureName.SWELL_SHARE));
        LocalDate first =
                notes.stream().map(BudNote::day).min(Comparator.naturalOrder()).orElseThrow();
        LocalDate last =
                notes.stream().map(BudNote::day).max(Comparator.naturalOrder()).orElseThrow();
        assertThat(swells).extracting(Swell::day).isSorted();
        assertThat(swells).allSatisfy(s -> {
            assertThat(s.day()).isBetween(first, last);
            assertThat(s.halfGapDays()).isPositive();
        });
    }

    @Property(tries = 40)
    void checksNeverFailAndOnlyRefuseTheFuture(@ForAll("notes") List<BudNote> notes) {
        NoteChecks checks = new NoteChecks(FLUSH);
        BudNote first = notes.get(0);
        checks.of(first, notes.subList(1, notes.size()), TODAY)
                .forEach(f -> assertThat(f.weight().name()).isEqualTo("WARNS"));
    }

    @Property(tries = 60)
    void sharesAreReadAsTheyAreWritten(@ForAll("notes") List<BudNote> notes) {
        notes.forEach(note -> {
            CanopyShares again = CanopyShares.parse(note.sun().written());
            for (BudStage stage : BudStage.values()) {
                assertThat(again.of(stage)).isCloseTo(note.sun().of(stage), within(1e-9));
            }
        });
    }

    /** A mango with these notes and nothing else on the farm. */
    private static final class Fixture {
        final List<BudNote> notes;
        final List<Swell> swells;
        final DailySums sums;
        private final Weather weather;
        private final WeatherYears years;

        Fixture(List<BudNote> notes, Weather weather, WeatherYears years) {
            this.notes = notes;
            this.weather = weather;
            this.years = years;
            this.sums = BudWarmth.of(mango(), FLUSH).along(weather, TODAY.minusDays(1000), TODAY.plusDays(900));
            this.swells = Swells.in(notes, FLUSH.value(FigureName.SWELL_SHARE));
        }

        Outlook outlook() {
            return Watch.alone(mango(), weather, years, notes, 11);
        }
    }

    @Test
    void sameSeedSameForecastAndNoNoteNoForecast() {
        List<BudNote> notes = List.of(BudNote.of(TODAY.minusDays(4), CanopyShares.all(BudStage.M)));
        Fixture fixture = new Fixture(notes, MILD, YEARS);
        assertThat(fixture.outlook().next()).isEqualTo(fixture.outlook().next());
        Watch watch = new Watch(mango(), MILD, 30, TODAY.minusDays(400), TODAY.minusDays(1));
        assertThat(watch.foresight(watch.learned(List.of(), TODAY), YEARS).of(Watch.record(1, List.of()), 1))
                .isEmpty();
    }

    @Test
    void aTreeNotLookedAtForAYearHasProbablyFlushedUnseen() {
        List<BudNote> notes = List.of(BudNote.of(TODAY.minusDays(330), CanopyShares.all(BudStage.M)));
        Outlook outlook = new Fixture(notes, MILD, YEARS).outlook();
        assertThat(outlook.unseen()).isBetween(1, 4);
        assertThat(outlook.next().get(0).mid()).isAfterOrEqualTo(TODAY);
    }

    @Test
    void aLaterStageBringsTheNextFlushNearer() {
        LocalDate before = null;
        for (BudStage stage : List.of(BudStage.S, BudStage.F, BudStage.H, BudStage.M)) {
            List<BudNote> notes = List.of(BudNote.of(TODAY.minusDays(1), CanopyShares.all(stage)));
            LocalDate mid =
                    new Fixture(notes, MILD, YEARS).outlook().next().get(0).mid();
            if (before != null) {
                assertThat(mid).as(stage.words()).isBefore(before);
            }
            before = mid;
        }
    }

    @Test
    void winterHoldsTheBudsUntilItIsWarm() {
        LocalDate december = LocalDate.of(2026, 12, 10);
        WeatherYears winter = WeatherYears.draw(MILD, december, 40, 400, 3);
        List<BudNote> notes = List.of(BudNote.of(december.minusDays(1), CanopyShares.all(BudStage.R)));
        DayRange next = Watch.alone(mango(), MILD, winter, notes, 1).next().get(0);
        assertThat(next.mid()).isAfter(LocalDate.of(2027, 2, 10));
    }

    @Test
    void whereNothingEverGrowsTheForecastSaysLaterInsteadOfADate() {
        Climate cold = new Climate(java.util.Collections.nCopies(12, new Climate.Month(-4, 6, 70, 2, 50, 1)));
        Weather weather = new Weather(cold, List.of());
        WeatherYears years = WeatherYears.draw(weather, TODAY, 20, 300, 3);
        List<BudNote> notes = new ArrayList<>(List.of(BudNote.of(TODAY.minusDays(2), CanopyShares.all(BudStage.M))));
        DayRange next = new Fixture(notes, weather, years).outlook().next().get(0);
        assertThat(next.low()).isNull();
        assertThat(next.high()).isNull();
    }
}
