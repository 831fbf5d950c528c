package baylantern.app.platform;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.OwnFigures;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Words;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The beans every feature shares. */
@Configuration
@org.springframework.boot.context.properties.EnableConfigurationProperties(LanternSettings.class)
@org.springframework.scheduling.annotation.EnableScheduling
class PlatformSetup {

    @Bean
    Clock machineClock() {
        return Clock.systemUTC();
    }

    @Bean
    Rulebook rulebook(LanternSettings settings, OwnFigures own) {
        Rulebook shipped = Rulebook.shipped();
        Rulebook runs =
                settings.weatherRuns() > 0 ? shipped.with(FigureName.WEATHER_RUNS, settings.weatherRuns()) : shipped;
        Rulebook looks = settings.pastLooks() > 0 ? runs.with(FigureName.PAST_LOOKS, settings.pastLooks()) : runs;
        return looks.owned(own);
    }

    @Bean
    Words words() {
        return Words.shipped();
    }
}
