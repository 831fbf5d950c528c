package baylantern.app.platform;

import java.lang.management.ManagementFactory;
import java.util.Locale;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Tells where the application is to be found, once somebody can be let in. */
@Component
class LitWords implements ApplicationRunner {

    private final Environment environment;

    LitWords(Environment environment) {
        this.environment = environment;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        String port = environment.getProperty("local.server.port");
        if (port != null) {
            double seconds = ManagementFactory.getRuntimeMXBean().getUptime() / 1000.0;
            System.out.printf(
                    Locale.ROOT, "Bay Lantern is lit after %.1f s: open http://127.0.0.1:%s/%n", seconds, port);
        }
    }
}
