package baylantern.app.wood;

import baylantern.app.lineage.BladeMoment;
import baylantern.app.lineage.LineagePart;
import baylantern.app.lineage.Member;
import baylantern.core.lineage.BladeEvent;
import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Lots as members of the lineage, and the blades that cut them or were cleaned. */
@Component
class LotPart implements LineagePart {

    private static final long CLEANINGS_LAST = 1L << 60;
    private static final int ALL = 1_000_000;

    private final LotMapper lots;
    private final WorkMapper work;

    LotPart(LotMapper lots, WorkMapper work) {
        this.lots = lots;
        this.work = work;
    }

    @Override
    public Node.Kind kind() {
        return Node.Kind.LOT;
    }

    @Override
    public List<Link> links() {
        return lots.origins().stream()
                .map(LotMapper.LotOrigin::link)
                .filter(Objects::nonNull)
                .toList();
    }

    @Override
    public List<BladeMoment> blades() {
        List<BladeMoment> moments = new ArrayList<>();
        for (LotMapper.LotOrigin lot : lots.origins()) {
            if (lot.cutBy() != null && lot.plantId() != null) {
                BladeEvent event = BladeEvent.cut(
                        lot.cutBy(), lot.cutOn(), Node.lot(lot.id()), Optional.of(Node.plant(lot.plantId())));
                moments.add(new BladeMoment(lot.cutAt(), lot.id(), event));
            }
        }
        work.cleanings(ALL)
                .forEach(c -> moments.add(new BladeMoment(
                        c.cleanedAt(), CLEANINGS_LAST + c.id(), BladeEvent.cleaned(c.personId(), c.onDay()))));
        return moments;
    }

    @Override
    public Map<Long, Member> members(Collection<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : lots.byIds(ids).stream().collect(Collectors.toMap(LotRow::id, LotPart::member));
    }

    private static Member member(LotRow lot) {
        String left = lot.sticksLeft() + " of " + lot.sticksIn() + " sticks";
        return new Member(
                Node.lot(lot.id()).key(), Node.Kind.LOT, lot.code(), lot.varietyName() + ", " + left, "", lot.cutOn());
    }
}
