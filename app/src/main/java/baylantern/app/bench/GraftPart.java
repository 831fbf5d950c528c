package baylantern.app.bench;

import baylantern.app.lineage.BladeMoment;
import baylantern.app.lineage.GraftLinks;
import baylantern.app.lineage.LineagePart;
import baylantern.app.lineage.Member;
import baylantern.app.place.GivenCodes;
import baylantern.app.platform.FarmClock;
import baylantern.app.wood.WoodTried;
import baylantern.core.lineage.BladeEvent;
import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import baylantern.core.wood.KeepSpan;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * Grafts as members of the lineage: wood goes from the lot to the graft, and from the graft into the plant that carries
 * it. A graft whose moment is not known counts as made at noon of its day, in the order of logging.
 */
@Component
class GraftPart implements LineagePart, GraftLinks, WoodTried, GivenCodes {

    private final GraftMapper grafts;
    private final FarmClock clock;

    GraftPart(GraftMapper grafts, FarmClock clock) {
        this.grafts = grafts;
        this.clock = clock;
    }

    @Override
    public Node.Kind kind() {
        return Node.Kind.GRAFT;
    }

    @Override
    public List<Link> links() {
        return List.of();
    }

    @Override
    public List<Numbered> after(long graftId) {
        List<Numbered> links = new ArrayList<>();
        for (GraftMapper.LotLink g : grafts.lotLinks(graftId)) {
            if (g.lotId() != null) {
                links.add(new Numbered(g.id(), new Link(Node.lot(g.lotId()), Node.graft(g.id()), g.madeOn())));
            }
            links.add(new Numbered(g.id(), new Link(Node.graft(g.id()), Node.plant(g.plantId()), g.madeOn())));
        }
        return links;
    }

    @Override
    public List<BladeMoment> blades() {
        List<BladeMoment> moments = new ArrayList<>();
        for (GraftMapper.LotLink g : grafts.lotLinks(0)) {
            if (g.makerId() != null) {
                Instant at = g.madeAt() != null ? g.madeAt() : clock.noon(g.madeOn());
                BladeEvent event = BladeEvent.cut(
                        g.makerId(), g.madeOn(), Node.graft(g.id()), Optional.of(Node.plant(g.plantId())));
                moments.add(new BladeMoment(at, g.id(), event));
            }
        }
        return moments;
    }

    @Override
    public Map<Long, Member> members(Collection<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : grafts.byIds(ids).stream().collect(Collectors.toMap(Graft::id, GraftPart::member));
    }

    private static Member member(Graft g) {
        return new Member(
                Node.graft(g.id()).key(),
                Node.Kind.GRAFT,
                g.code(),
                g.varietyName() + " on " + g.plantCode() + ", " + g.state().words(),
                g.spotName(),
                g.madeOn());
    }

    @Override
    public List<String> codes() {
        return grafts.codes();
    }

    @Override
    public List<KeepSpan.Group> tried(String speciesKey) {
        return grafts.tried(speciesKey);
    }
}
