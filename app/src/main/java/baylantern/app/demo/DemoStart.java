package baylantern.app.demo;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.BeforeDoor;
import baylantern.app.platform.DemoClock;
import baylantern.app.platform.LanternSettings;
import org.springframework.stereotype.Component;

/** Grows the demo farm where there is none yet. */
@Component
class DemoStart implements BeforeDoor {

    private final DemoClock demo;
    private final DemoFarm farm;
    private final PlaceService places;
    private final LanternSettings settings;

    DemoStart(DemoClock demo, DemoFarm farm, PlaceService places, LanternSettings settings) {
        this.demo = demo;
        this.farm = farm;
        this.places = places;
        this.settings = settings;
    }

    @Override
    public Turn turn() {
        return Turn.GROWN;
    }

    @Override
    public void beforeDoor() {
        int times = settings.demoTimes();
        if (demo.demo() && places.site().isEmpty() && times > 0) {
            farm.grow(times);
        }
    }
}
