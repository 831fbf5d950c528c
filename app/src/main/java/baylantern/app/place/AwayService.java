package baylantern.app.place;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is put away: people who left, varieties no longer grafted, places given up. Nothing that rests on them changes;
 * they are just not offered any more.
 */
@Service
class AwayService {

    private final PlaceMapper places;
    private final PlaceService known;
    private final TrailService trail;

    AwayService(PlaceMapper places, PlaceService known, TrailService trail) {
        this.places = places;
        this.known = known;
        this.trail = trail;
    }

    /** All that is put away. */
    List<Away> all() {
        return places.away();
    }

    /** Puts something away. */
    @Transactional
    List<Away> put(Away one) {
        trail.follow(name(one) + " put away");
        if (places.away().contains(one)) {
            throw FarmProblem.conflict(name(one) + " is put away already.");
        }
        Rows.one(places.insertAway(one));
        return places.away();
    }

    /** Brings something back. */
    @Transactional
    List<Away> bringBack(Away one) {
        trail.follow(name(one) + " brought back");
        Rows.oneOr(places.deleteAway(one), FarmProblem.conflict(name(one) + " is not put away."));
        return places.away();
    }

    private String name(Away one) {
        return switch (one.kind()) {
            case PERSON -> known.person(one.id()).name();
            case VARIETY -> known.variety(one.id()).name();
            case SPOT -> known.spot(one.id()).name();
        };
    }
}
