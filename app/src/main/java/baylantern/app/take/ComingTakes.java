package baylantern.app.take;

import baylantern.core.take.gain.Gain.Points;
import baylantern.core.take.gain.GainModel;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What grafts to come are likely to take, and which one change would raise that most: from what moves take on this farm,
 * where that foretells days left out better than the plain rate; else from what grafts like them took.
 */
@Service
public class ComingTakes {

    private final GainService gains;
    private final ManyService many;
    private final ComingKinds about;

    ComingTakes(GainService gains, ManyService many, ComingKinds about) {
        this.gains = gains;
        this.many = many;
        this.about = about;
    }

    /**
     * What is likely.
     *
     * @param byGains true where it rests on what moves take, false where on what grafts like it took
     * @param change what would raise it most, null where nothing is told apart from nothing, or nothing may rest on the model
     */
    public record Told(
            ManyService.Take take,
            boolean byGains,
            @Nullable Better change) {}

    /** A change: of what, to what, and the points of take it would bring. */
    public record Better(String words, String to, Points points) {}

    /** What such a graft is likely to take. */
    public Told of(ComingGraft graft) {
        Optional<GainModel> model = gains.standing();
        return new Told(
                many.take(graft),
                model.isPresent(),
                model.flatMap(told -> told.change(about.kinds(graft)))
                        .map(change -> new Better(change.words(), change.to(), change.points()))
                        .orElse(null));
    }
}
