package baylantern.app;

import baylantern.core.rules.Rulebook;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** Few runs of the weather: nothing asked of these farms hangs on how finely it is drawn. */
@TestConfiguration(proxyBeanMethods = false)
class CoarseWeather {

    @Bean
    @Primary
    Rulebook coarseRulebook() {
        return Rulebook.shipped().withWeatherRuns(50);
    }
}
