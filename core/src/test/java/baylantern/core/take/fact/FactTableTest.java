package baylantern.core.take.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import baylantern.core.rules.FactRules;
import baylantern.core.rules.FactRules.Side;
import baylantern.core.rules.FactRules.Steps;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.TakeCount;
import baylantern.core.take.gain.Company;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The table of facts, how its numbers are cut into kinds, and the moon. */
class FactTableTest {

    private static final FactRules RULES = Rulebook.shipped().facts();

    private static Steps steps(String aspect) {
        return RULES.aspects().get(aspect).steps();
    }

    @Test
    void kindsOfANumberAreSaidAsAGrowerWould() {
        Steps age = steps("woodAge");
        assertThat(age.words(0)).isEqualTo("under 3 days");
        assertThat(age.words(2)).isEqualTo("7 to 14 days");
        assertThat(age.words(4)).isEqualTo("28 days and over");
        assertThat(age.goodWords()).isEqualTo("under 7 days");
        assertThat(steps("lifeLeft").goodWords()).isEqualTo("50 % and over");
        assertThat(steps("tilt").words(1)).isEqualTo("1 to 4°");
        assertThat(steps("healing").words(3)).isEqualTo("16 and over");
    }

    @Property(tries = 200)
    void everyNumberIsOfOneKindAndTheGoodSideEndsAtTheMark(@ForAll @DoubleRange(max = 100) double number) {
        for (String aspect : List.of("woodAge", "lifeLeft", "contact", "tilt", "hour", "healing")) {
            Steps steps = steps(aspect);
            int kind = steps.kind(number);
            assertThat(kind).isBetween(0, steps.at().size());
            assertThat(kind == 0 || number >= steps.at().get(kind - 1)).isTrue();
            assertThat(kind == steps.at().size() || number < steps.at().get(kind))
                    .isTrue();
            boolean good = switch (steps.good()) {
                case LESS -> number < steps.mark();
                case MORE -> number >= steps.mark();
                case NONE -> false;
            };
            assertThat(steps.isGood(kind)).as(aspect + " " + number).isEqualTo(good);
        }
    }

    @Test
    void stepsThatDoNotRiseOrHaveNoMarkAreNotTaken() {
        assertThatThrownBy(() -> new Steps("days", List.of(3.0, 2.0), Side.LESS, 3))
                .isInstanceOf(IllegalStateException.class);
        assertThatThrownBy(() -> new Steps("days", List.of(3.0, 7.0), Side.LESS, 5))
                .hasMessageContaining("hold their mark");
    }

    private static FactTable table() {
        FactColumn.Builder age =
                new FactColumn.Builder(new Aspect("woodAge", "age of the wood", true, steps("woodAge")), 6);
        FactColumn.Builder maker = new FactColumn.Builder(new Aspect("maker", "maker", true, null), 6);
        Double[] days = {1.0, 2.0, null, 9.0, 30.0, Double.NaN};
        String[] makers = {"a", "a", "b", null, "b", "b"};
        FactTable.End[] ends = {
            FactTable.End.TAKEN,
            FactTable.End.FAILED,
            FactTable.End.TAKEN,
            FactTable.End.WAITING,
            FactTable.End.LOST,
            FactTable.End.FAILED
        };
        List<FactTable.Row> rows = new ArrayList<>();
        for (int i = 0; i < ends.length; i++) {
            age.number(i, days[i]);
            if (makers[i] != null) {
                maker.kind(i, makers[i], "maker " + makers[i]);
            }
            rows.add(new FactTable.Row("FT-" + i, LocalDate.of(2026, 3, 1 + i), ends[i]));
        }
        return new FactTable(rows, List.of(age.done(), maker.done()));
    }

    @Test
    void everyGraftIsCountedOnceByEachAspectAlsoWhereNothingWasWrittenDown() {
        FactTable table = table();
        int[] all = table.where(graft -> true);
        for (FactColumn column : table.columns()) {
            TakeCount sum = Arrays.stream(table.counts(column, all)).reduce(TakeCount.NONE, TakeCount::plus);
            assertThat(sum).as(column.aspect().key()).isEqualTo(new TakeCount(2, 2, 1, 1));
        }
        TakeCount[] byAge = table.counts(table.column("woodAge").orElseThrow(), all);
        assertThat(byAge[0]).isEqualTo(new TakeCount(1, 1, 0, 0));
        assertThat(byAge[byAge.length - 1]).isEqualTo(new TakeCount(1, 1, 0, 0));
        FactColumn maker = table.column("maker").orElseThrow();
        assertThat(maker.kinds()).extracting(FactColumn.Kind::words).containsExactly("maker a", "maker b");
        assertThat(maker.kind("b")).isEqualTo(1);
        assertThat(maker.kind("z")).isEqualTo(FactColumn.UNKNOWN);
        assertThat(maker.of(3)).isEqualTo(FactColumn.UNKNOWN);
        assertThat(table.column("zodiac")).isEmpty();
    }

    @Test
    void inWhatElseTwoGroupsDifferIsFoundAndWhatIsAlikeIsNot() {
        int grafts = 40;
        FactColumn.Builder cover = new FactColumn.Builder(new Aspect("cover", "cover", true, null), grafts);
        FactColumn.Builder maker = new FactColumn.Builder(new Aspect("maker", "maker", true, null), grafts);
        FactColumn.Builder moon = new FactColumn.Builder(new Aspect("moon", "moon", true, null), grafts);
        List<FactTable.Row> rows = new ArrayList<>();
        for (int i = 0; i < grafts; i++) {
            boolean bag = i < 20;
            cover.kind(i, bag ? "BAG" : "FILM", bag ? "bag" : "film");
            // Of the bags four in five are one maker's, of the films one in five.
            maker.kind(i, bag == (i % 5 > 0) ? "1" : "2", bag == (i % 5 > 0) ? "Nerea" : "Bram");
            moon.kind(i, "" + i % 2, "phase " + i % 2);
            rows.add(new FactTable.Row("CO-" + i, LocalDate.of(2026, 3, 1), FactTable.End.TAKEN));
        }
        FactTable table = new FactTable(rows, List.of(cover.done(), maker.done(), moon.done()));
        FactColumn by = table.column("cover").orElseThrow();
        List<Company> company =
                Company.of(table, by, table.where(graft -> graft < 20), table.where(graft -> graft >= 20));
        assertThat(company).hasSize(1);
        assertThat(company.get(0).words()).isEqualTo("maker");
        assertThat(Math.max(company.get(0).inFirst(), company.get(0).inSecond()))
                .isEqualTo(0.8);
        assertThat(Math.min(company.get(0).inFirst(), company.get(0).inSecond()))
                .isEqualTo(0.2);
        assertThat(Company.of(table, by, new int[0], new int[0])).isEmpty();
    }

    /** Full moons of 2024 to 2026 as printed in any almanac. */
    @Test
    void theMoonIsFullWhenItIs() {
        List<LocalDate> full = List.of(
                LocalDate.of(2024, 1, 25),
                LocalDate.of(2024, 8, 19),
                LocalDate.of(2025, 3, 14),
                LocalDate.of(2025, 10, 7),
                LocalDate.of(2026, 5, 1),
                LocalDate.of(2026, 11, 24));
        for (LocalDate day : full) {
            assertThat(MoonPhase.of(day)).as("" + day).isEqualTo(MoonPhase.FULL);
            assertThat(MoonPhase.of(day.plusDays(15))).as("" + day.plusDays(15)).isEqualTo(MoonPhase.NEW);
            assertThat(MoonPhase.of(day.minusDays(7))).isEqualTo(MoonPhase.WAXING);
            assertThat(MoonPhase.of(day.plusDays(8))).isEqualTo(MoonPhase.WANING);
        }
    }

    @Property(tries = 60)
    void inAMoonEachQuarterHasItsSevenDays(@ForAll @IntRange(max = 3000) int from) {
        LocalDate start = LocalDate.of(2020, 1, 1).plusDays(from);
        int[] days = new int[MoonPhase.values().length];
        LocalDate end = start.plusDays(59);
        for (LocalDate day = start; day.isBefore(end); day = day.plusDays(1)) {
            days[MoonPhase.of(day).ordinal()]++;
        }
        assertThat(ChronoUnit.DAYS.between(start, end)).isEqualTo(59);
        for (MoonPhase phase : MoonPhase.values()) {
            assertThat(days[phase.ordinal()]).as(phase.words()).isBetween(12, 18);
        }
    }
}
