package baylantern.app.place;

import java.util.List;

/** Tells what lives on a plant; whoever keeps it answers. */
public interface PlantUse {

    /** Codes of the living grafts on a plant, in order. */
    List<String> living(long plantId);
}
