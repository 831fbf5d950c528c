package baylantern.app.season;

import baylantern.app.platform.Advice;
import baylantern.app.platform.Advice.Count;
import baylantern.app.season.WindowService.Bark;
import baylantern.app.season.WindowService.Pair;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The lamps that are lit today and the lit days to come, as advice. */
@Configuration
class LampAdvice {

    @Bean
    Advice lamps(WindowService windows) {
        return new Advice(
                () -> ofEach(
                        windows, pair -> windows.find(pair).lamp().lit() ? Stream.of(pair.toString()) : Stream.empty()),
                Count.UNSAID,
                new Count("lamp is lit", "lamps are lit"),
                new Count("lamp goes out", "lamps go out"));
    }

    @Bean
    Advice litDays(WindowService windows) {
        return new Advice(
                () -> ofEach(
                        windows,
                        pair -> windows.find(pair).days().stream()
                                .filter(day -> day.lit())
                                .map(day -> pair + " " + day.day())),
                Count.UNSAID,
                new Count("lit day to come more", "lit days to come more"),
                new Count("lit day to come falls away", "lit days to come fall away"));
    }

    private static Map<String, String> ofEach(WindowService windows, Function<Pair, Stream<String>> lit) {
        return windows.pairings(Bark.ANY).stream()
                .flatMap(named -> lit.apply(named.pair()))
                .collect(Collectors.toMap(key -> key, key -> "lit"));
    }
}
