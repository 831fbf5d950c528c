package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.Fact;
import baylantern.app.season.WoodAtHand;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.season.window.Pinched;
import baylantern.core.season.window.Shelved;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The wood that windows can count on: pinched shoots and lots, but for what is held. */
@Service
class WoodToHand implements WoodAtHand {

    private static final Fact[] FACTS = {
        Fact.DAY,
        Fact.SITE,
        Fact.CLIMATE,
        Fact.WEATHER,
        Fact.SPOTS,
        Fact.PEOPLE,
        Fact.PLANTS,
        Fact.VARIETIES,
        Fact.SOURCES,
        Fact.TESTS,
        Fact.PARENTS,
        Fact.MOVES,
        Fact.HOLDS,
        Fact.STORES,
        Fact.LOTS,
        Fact.CHECKS,
        Fact.GRAFTS,
        Fact.GRAFT_STATES
    };

    private final ShootService shoots;
    private final Rulebook rules;
    private final DerivedEach<Asked, Optional<String>> refusals;
    private final Derived<Map<Long, List<Shelved>>> shelf;

    WoodToHand(ShootService shoots, LotDesk desk, LineageService lineage, Rulebook rules, Changes changes) {
        this.shoots = shoots;
        this.rules = rules;
        // Asked for every tree by every pairing, so it is kept.
        this.refusals = changes.deriveEach(
                asked -> Optional.ofNullable(lineage.refusal(Node.plant(asked.plantId), asked.code)), FACTS);
        this.shelf = changes.derive(
                () -> desk.shelf().stream()
                        .filter(lot -> lot.refusal() == null)
                        .collect(Collectors.groupingBy(
                                LotView::varietyId, Collectors.mapping(this::shelved, Collectors.toList()))),
                FACTS);
    }

    @Override
    public List<Pinched> pinched(long varietyId) {
        return shoots.pinched(varietyId);
    }

    @Override
    public List<Shelved> shelved(long varietyId) {
        return shelf.get().getOrDefault(varietyId, List.of());
    }

    @Override
    public Set<Long> onTheShelf() {
        return Set.copyOf(shelf.get().keySet());
    }

    @Override
    public @Nullable String refusal(long plantId, String code) {
        return refusals.get(new Asked(plantId, code)).orElse(null);
    }

    private record Asked(long plantId, String code) {}

    private Shelved shelved(LotView lot) {
        return new Shelved(
                lot.code(),
                lot.sticksLeft(),
                score(lot.grade()),
                lot.life().goodFrom(),
                lot.life().goodMid(),
                lot.life().goodUntil());
    }

    // Wood that nobody judged counts as the second grade.
    private double score(@Nullable Grade grade) {
        return switch (grade == null ? Grade.B : grade) {
            case A -> rules.flush().value(FigureName.SHELF_A);
            case B -> rules.flush().value(FigureName.SHELF_B);
            case C -> rules.flush().value(FigureName.SHELF_C);
            case X -> 0;
        };
    }
}
