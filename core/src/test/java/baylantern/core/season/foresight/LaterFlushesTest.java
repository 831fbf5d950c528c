package baylantern.core.season.foresight;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Rulebook;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.Kind;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.DayRange;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Do the ranges of the second and the third flush hold as that of the next does, on farms of every kind. Trees of a farm
 * are told on some days only, and are late or early together, so that a kind alone tells little of a few farms;
 * {@code -Dlater.farms=8} prints what docs/models/flush.md says.
 */
class LaterFlushesTest {

    private static final int FARMS = Integer.getInteger("later.farms", 2);
    private static final int DAYS = 1500;
    private static final List<Integer> TOLD_ON = List.of(620, 790, 960);

    /** Ranges told of one of the flushes ahead. */
    private static final class Told {
        private int told;
        private int held;
        private long off;

        void add(DayRange range, LocalDate came) {
            if (range.low() != null && range.mid() != null && range.high() != null) {
                told++;
                held += came.isBefore(range.low()) || came.isAfter(range.high()) ? 0 : 1;
                off += Math.abs(came.toEpochDay() - range.mid().toEpochDay());
            }
        }

        double share() {
            return held / (double) told;
        }
    }

    @Test
    void theRangesOfTheFlushesAfterTheNextHoldToo() {
        Told[] all = {new Told(), new Told(), new Told()};
        for (Kind kind : Kind.values()) {
            Told[] own = {new Told(), new Told(), new Told()};
            for (int seed = 1; seed <= FARMS; seed++) {
                MadeUpFarm farm = kind.farm(10, DAYS, seed);
                TOLD_ON.forEach(on -> tell(kind, farm, MadeUpFarm.START.plusDays(on), own, all));
            }
            for (int k = 0; k < own.length; k++) {
                System.out.printf(
                        "later, %s, %d: %d told, held %.2f, off %d d%n",
                        kind, k + 1, own[k].told, own[k].share(), own[k].off / own[k].told);
            }
        }
        for (Told one : all) {
            System.out.printf("later, all: %d told, held %.3f%n", one.told, one.share());
            assertThat(one.told).isGreaterThan(200);
            assertThat(one.share()).isBetween(0.68, 0.9);
        }
    }

    private static void tell(Kind kind, MadeUpFarm farm, LocalDate today, Told[] own, Told[] all) {
        LocalDate yesterday = today.minusDays(1);
        Watch watch = new Watch(
                Rulebook.shipped().species(kind.species).orElseThrow(),
                farm.weather,
                kind.latitudeDeg,
                MadeUpFarm.START.minusDays(200),
                yesterday);
        List<TreeRecord> records = Watch.records(farm).stream()
                .map(tree -> tree.until((int) yesterday.toEpochDay()))
                .toList();
        Foresight foresight = watch.foresight(
                watch.learned(records, yesterday), WeatherYears.draw(farm.weatherUntil(today), today, 100, 760, 7));
        for (TreeRecord tree : records) {
            Outlook outlook = foresight.of(tree, 3 + tree.plant()).orElseThrow();
            List<DayRange> next = outlook.next();
            LocalDate looked = LocalDate.ofEpochDay(
                    tree.looks().get(tree.looks().size() - 1).day());
            List<LocalDate> came = farm.trees.get((int) tree.plant() - 1).swells().stream()
                    .filter(day -> day.isAfter(looked))
                    .skip(outlook.unseen())
                    .toList();
            for (int k = 0; k < own.length && k < next.size() && k < came.size(); k++) {
                own[k].add(next.get(k), came.get(k));
                all[k].add(next.get(k), came.get(k));
            }
        }
    }
}
