package baylantern.core.copies;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Which copies stay. */
class CopyDaysTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    @Test
    void aFarmChangedEveryDayKeepsSevenDaysFiveWeeksAndTwelveMonths() {
        List<LocalDate> every =
                Stream.iterate(TODAY, day -> day.minusDays(1)).limit(800).toList();
        Set<LocalDate> kept = CopyDays.kept(every, TODAY);
        // A Saturday: its week's Monday is the 23rd, so the Sundays before are the last of their weeks.
        assertThat(kept)
                .contains(TODAY, LocalDate.of(2026, 11, 22), LocalDate.of(2026, 11, 15), LocalDate.of(2026, 11, 1))
                .contains(LocalDate.of(2026, 10, 31), LocalDate.of(2025, 12, 31))
                .doesNotContain(LocalDate.of(2026, 11, 21), LocalDate.of(2025, 11, 30), LocalDate.of(2026, 10, 30));
        // Seven days, three more Sundays (the first lies within them), eleven more ends of months.
        assertThat(kept).hasSize(7 + 3 + 11);
    }

    @Test
    void theNewestStaysHoweverOldAndOneDatedAheadToo() {
        LocalDate old = LocalDate.of(2019, 4, 2);
        assertThat(CopyDays.kept(List.of(old, old.minusDays(1)), TODAY)).containsExactly(old);
        LocalDate ahead = TODAY.plusYears(2);
        assertThat(CopyDays.kept(List.of(ahead, TODAY), TODAY)).containsExactly(TODAY, ahead);
        assertThat(CopyDays.kept(List.of(), TODAY)).isEmpty();
    }

    /** What is thrown away day by day is nothing that would be kept later: pruning each day ends as pruning once. */
    @Property(tries = 60)
    void prunedEachDayItIsAsIfItHadBeenPrunedAtTheEnd(
            @ForAll @IntRange(min = 1, max = 9) int often, @ForAll long seed) {
        java.util.Random luck = new java.util.Random(seed);
        Set<LocalDate> all = new TreeSet<>();
        Set<LocalDate> left = new TreeSet<>();
        for (LocalDate day = TODAY.minusDays(900); !day.isAfter(TODAY); day = day.plusDays(1)) {
            if (luck.nextInt(10) < often) {
                all.add(day);
                left.add(day);
            }
            left.retainAll(CopyDays.kept(left, day));
        }
        Set<LocalDate> atOnce = CopyDays.kept(all, TODAY);
        assertThat(left).isEqualTo(atOnce);
        assertThat(left).hasSizeLessThanOrEqualTo(7 + 5 + 12 + 1);
    }
}
