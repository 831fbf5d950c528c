package baylantern.app.demo;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.DemoClock;
import baylantern.app.platform.LanternSettings;
import java.lang.management.ManagementFactory;
import java.util.Locale;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Grows the demo farm where there is none yet, then tells where the application is to be found. */
@Component
class DemoStart implements ApplicationRunner {

    private final DemoClock demo;
    private final DemoFarm farm;
    private final PlaceService places;
    private final LanternSettings settings;
    private final Environment environment;

    DemoStart(DemoClock demo, DemoFarm farm, PlaceService places, LanternSettings settings, Environment environment) {
        this.demo = demo;
        this.farm = farm;
        this.places = places;
        this.settings = settings;
        this.environment = environment;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        int times = settings.demoTimes();
        if (demo.demo() && places.site().isEmpty() && times > 0) {
            farm.grow(times);
        }
        String port = environment.getProperty("local.server.port");
        if (port != null) {
            double seconds = ManagementFactory.getRuntimeMXBean().getUptime() / 1000.0;
            System.out.printf(
                    Locale.ROOT, "Bay Lantern is lit after %.1f s: open http://127.0.0.1:%s/%n", seconds, port);
        }
    }
}
