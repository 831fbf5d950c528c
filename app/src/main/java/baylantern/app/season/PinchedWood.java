package baylantern.app.season;

import baylantern.core.season.window.Pinched;
import java.util.List;

/** Tells what was pinched; whoever keeps the shoots answers. */
public interface PinchedWood {

    /** Shoots of a variety that were pinched and have not been cut, with the days on which they serve. */
    List<Pinched> ofVariety(long varietyId);
}
