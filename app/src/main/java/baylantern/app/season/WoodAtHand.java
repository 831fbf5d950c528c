package baylantern.app.season;

import baylantern.core.season.window.Pinched;
import baylantern.core.season.window.Shelved;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Tells which wood there is besides the tips on the trees; whoever keeps it answers. */
public interface WoodAtHand {

    /** Shoots of a variety that were pinched and have not been cut, with the days on which they serve. */
    List<Pinched> pinched(long varietyId);

    /** Lots of a variety with sticks left that may be used. */
    List<Shelved> shelved(long varietyId);

    /** The varieties of which lots with sticks left may be used. */
    Set<Long> onTheShelf();

    /** Why no wood may be taken from a plant, null where it may. */
    @Nullable
    String refusal(long plantId, String code);
}
