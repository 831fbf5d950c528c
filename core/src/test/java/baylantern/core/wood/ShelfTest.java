package baylantern.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Counting sticks, mixing, pinched shoots, needs against the shelf, the store's log. */
class ShelfTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);

    @Property
    void aLotNeverGoesBelowNothingAndItsCountsAgree(
            @ForAll @IntRange(min = 0, max = 30) int sticks,
            @ForAll @IntRange(min = 1, max = 9) int perStick,
            @ForAll @Size(max = 60) List<@IntRange(min = 0, max = 12) Integer> takes) {
        LotBalance left = LotBalance.full(sticks, perStick);
        for (int i = 0; i < takes.size(); i++) {
            int n = takes.get(i);
            LotBalance before = left;
            var after = i % 2 == 0 ? left.lessSticks(n) : left.lessBuds(n);
            assertThat(after.isPresent()).isEqualTo(n <= (i % 2 == 0 ? before.sticks() : before.buds()));
            left = after.orElse(before);
            assertThat(left.buds()).isLessThanOrEqualTo(left.sticks() * perStick);
            assertThat(left.sticks()).isEqualTo((left.buds() + perStick - 1) / perStick);
        }
    }

    /** What a graft is put right about is as if it had never been taken. */
    @Property
    void whatIsGivenBackWasNeverTaken(
            @ForAll @IntRange(min = 1, max = 30) int sticks,
            @ForAll @IntRange(min = 1, max = 9) int perStick,
            @ForAll @IntRange(min = 0, max = 20) int takenBefore,
            @ForAll LotBalance.Unit unit) {
        LotBalance before =
                LotBalance.full(sticks, perStick).less(takenBefore, unit).orElse(LotBalance.full(sticks, perStick));
        before.less(1, unit)
                .ifPresent(less -> assertThat(less.withOneBack(unit)).isEqualTo(before));
    }

    @Test
    void singleBudsLeaveAStickUntilItsLastBud() {
        LotBalance left = LotBalance.full(2, 4).lessBuds(3).orElseThrow();
        assertThat(left.sticks()).isEqualTo(2);
        assertThat(left.lessBuds(1).orElseThrow().sticks()).isEqualTo(1);
        assertThat(left.lessSticks(3)).isEmpty();
        assertThat(left.lessBuds(-1)).isEmpty();
    }

    /** 100 ml of 5 % in 1 l is 0.5 %, one part in ten; 729 ml of 96 % fill a litre of 70 %, both by hand. */
    @Test
    void mixturesAddUp() {
        Dilution bleach = Dilution.of(5, 0.5, 1000);
        assertThat(bleach.productMl()).isEqualTo(100, within(1e-9));
        assertThat(bleach.waterMl()).isEqualTo(900, within(1e-9));
        assertThat(bleach.parts()).isEqualTo(10, within(1e-9));
        assertThat(Dilution.of(96, 70, 1000).productMl()).isEqualTo(729.17, within(0.005));
        assertThat(Dilution.of(70, 70, 500).waterMl()).isZero();
        assertThatThrownBy(() -> Dilution.of(3, 5, 100)).hasMessageContaining("up to 3 %");
        assertThatThrownBy(() -> Dilution.of(5, 1, Double.NaN)).hasMessageContaining("NaN");
    }

    @Test
    void pinchedShootsSleepAreLookedAtAreReadyAndAreLate() {
        Rulebook rules = Rulebook.shipped();
        HealingClock best = HealingClock.atBest();
        for (int days : new int[] {0, 5, 6, 7, 10, 14, 15}) {
            Conditioning run = Conditioning.of(DAY.minusDays(days), DAY, best, rules);
            Conditioning.Phase wanted = days < 6
                    ? Conditioning.Phase.ASLEEP
                    : days < 7
                            ? Conditioning.Phase.LOOK
                            : days <= 14 ? Conditioning.Phase.READY : Conditioning.Phase.TOO_LATE;
            assertThat(run.phase()).as(days + " days").isEqualTo(wanted);
            assertThat(run.aim()).isEqualTo(run.pinchedOn().plusDays(10));
        }
    }

    @Test
    void needsTakeFirstWhatRunsOutFirstAndLivesThatLong() {
        Supply.Offer dying = new Supply.Offer("old", 5, DAY, DAY.plusDays(1), true);
        Supply.Offer keeps = new Supply.Offer("kept", 5, DAY, DAY.plusDays(30), true);
        Supply.Offer shoots = new Supply.Offer("shoots", 4, DAY.plusDays(9), DAY.plusDays(15), false);
        List<Supply.Served> served = Supply.serve(
                List.of(new Supply.Need("late", DAY.plusDays(10), 12), new Supply.Need("soon", DAY.plusDays(1), 6)),
                List.of(shoots, keeps, dying));
        assertThat(served.get(0).need().name()).isEqualTo("soon");
        assertThat(served.get(0).shares())
                .containsExactly(new Supply.Share("old", 5, true), new Supply.Share("kept", 1, true));
        assertThat(served.get(1).shares())
                .containsExactly(new Supply.Share("kept", 4, true), new Supply.Share("shoots", 4, false));
        assertThat(served.get(1).missing()).isEqualTo(4);
    }

    @Property
    void nothingIsGivenTwiceAndNothingUsableIsKeptBack(
            @ForAll @Size(min = 1, max = 6) List<@IntRange(min = 1, max = 9) Integer> needs,
            @ForAll @Size(min = 1, max = 5) List<@IntRange(min = 1, max = 9) Integer> offers) {
        List<Supply.Need> wanted = java.util.stream.IntStream.range(0, needs.size())
                .mapToObj(i -> new Supply.Need("n" + i, DAY.plusDays(i % 3), needs.get(i)))
                .toList();
        List<Supply.Offer> had = java.util.stream.IntStream.range(0, offers.size())
                .mapToObj(i -> new Supply.Offer("o" + i, offers.get(i), DAY, DAY.plusDays(5), i % 2 == 0))
                .toList();
        List<Supply.Served> served = Supply.serve(wanted, had);
        int given = served.stream()
                .flatMap(s -> s.shares().stream())
                .mapToInt(Supply.Share::sticks)
                .sum();
        int missing = served.stream().mapToInt(Supply.Served::missing).sum();
        int all = needs.stream().mapToInt(n -> n).sum();
        int stock = offers.stream().mapToInt(n -> n).sum();
        assertThat(given).isEqualTo(Math.min(all, stock));
        assertThat(given + missing).isEqualTo(all);
        had.forEach(offer -> assertThat(served.stream()
                        .flatMap(s -> s.shares().stream())
                        .filter(s -> s.name().equals(offer.name()))
                        .mapToInt(Supply.Share::sticks)
                        .sum())
                .isLessThanOrEqualTo(offer.sticks()));
    }

    @Test
    void aLogInTheWrongUnitIsAskedAboutAndBadRowsAreSaid() {
        StoreTable log = StoreTable.ofCsv(
                "time;temp\n2026-05-12 06:00;6,4\n2026-05-12 06:00;6,4\nlater;7\n2026-05-11;8\n2026-05-12 18:00;cold");
        assertThat(log.readings()).hasSize(2);
        assertThat(log.readings().get(0).at()).isEqualTo("2026-05-11T12:00");
        assertThat(log.refused()).extracting(StoreTable.Refused::row).containsExactly(2, 3, 5);
        assertThat(log.looksFahrenheit()).isFalse();
        assertThat(StoreTable.ofCsv("at,temp\n2026-05-12,41\n2026-05-13,43").looksFahrenheit())
                .isTrue();
        assertThat(StoreTable.celsius(41)).isEqualTo(5, within(1e-9));
        assertThatThrownBy(() -> StoreTable.ofCsv("a,b\n1,2")).hasMessageContaining("time and temp");
        assertThat(StoreTable.ofCsv("time,temp\n2026-05-12,400")
                        .refused()
                        .get(0)
                        .sentence())
                .contains("−30 to 120");
    }
}
