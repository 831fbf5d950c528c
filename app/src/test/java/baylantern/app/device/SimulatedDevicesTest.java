package baylantern.app.device;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.StoreTable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The stand-ins at the bench and in the store: the same seed, the same readings, near enough to the real thing. */
class SimulatedDevicesTest {

    private static final LocalDateTime FROM = LocalDate.of(2026, 1, 1).atStartOfDay();

    private final SimulatedThermometer thermometer = new SimulatedThermometer();

    private List<StoreTable.Reading> read(long seed, KeepMethod method, LocalDateTime from, LocalDateTime to) {
        return thermometer.read(seed, method, 6.5, from, to);
    }

    @Test
    void askedInPiecesItReadsTheSameAsAskedAtOnce() {
        List<StoreTable.Reading> whole = read(3, KeepMethod.FRIDGE, FROM, FROM.plusDays(40));
        List<StoreTable.Reading> first = read(3, KeepMethod.FRIDGE, FROM, FROM.plusDays(11));
        List<StoreTable.Reading> rest =
                read(3, KeepMethod.FRIDGE, first.get(first.size() - 1).at(), FROM.plusDays(40));
        assertThat(Stream.concat(first.stream(), rest.stream()).toList()).isEqualTo(whole);
        assertThat(whole).isSortedAccordingTo(Comparator.comparing(StoreTable.Reading::at));
        assertThat(whole).hasSize(40 * 4 - 1);
        assertThat(read(4, KeepMethod.FRIDGE, FROM, FROM.plusDays(40))).isNotEqualTo(whole);
    }

    @Test
    void anOldFridgeIsLeftOpenNowAndThenAndACoolBoxIsNot() {
        List<StoreTable.Reading> fridge = read(3, KeepMethod.FRIDGE, FROM, FROM.plusDays(60));
        assertThat(fridge.stream().filter(r -> r.temp() > 12)).hasSizeBetween(8, 24);
        assertThat(fridge.stream()
                        .mapToDouble(StoreTable.Reading::temp)
                        .average()
                        .orElse(0))
                .isBetween(6.0, 8.5);
        assertThat(read(3, KeepMethod.COOL_BOX, FROM, FROM.plusDays(60))).allMatch(r -> r.temp() > 3 && r.temp() < 11);
    }

    @Test
    void aCalliperReadsSticksToATenthOfAMillimetre() {
        SimulatedCalliper calliper = new SimulatedCalliper();
        double[] read = DoubleStream.generate(calliper::readMm).limit(200).toArray();
        assertThat(DoubleStream.of(read).average().orElse(0)).isBetween(6.5, 7.5);
        assertThat(DoubleStream.of(read).boxed().toList())
                .allMatch(mm -> mm >= 3 && mm < 13 && Math.abs(mm * 10 - Math.round(mm * 10)) < 1e-9);
        assertThat(DoubleStream.of(read).distinct().count()).isGreaterThan(15);
    }
}
