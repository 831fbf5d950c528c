package baylantern.app.lineage;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.Node;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What plants were raised from. */
@Service
public class ParentService implements Undoer {

    private final LineageMapper mapper;
    private final LineageService lineage;
    private final PlantService plants;
    private final ActService acts;
    private final FarmClock clock;

    ParentService(LineageMapper mapper, LineageService lineage, PlantService plants, ActService acts, FarmClock clock) {
        this.mapper = mapper;
        this.lineage = lineage;
        this.plants = plants;
        this.acts = acts;
        this.clock = clock;
    }

    /** A plant was raised from something: a lot, a graft, another plant, a source. */
    @Transactional
    public LineageDone raisedFrom(long plantId, String fromKey, LocalDate day) {
        Plant plant = plants.plant(plantId);
        Node from = LineageService.node(fromKey);
        Map<Node, Member> known = lineage.members(List.of(from));
        Member parent = known.get(from);
        if (parent == null) {
            throw FarmProblem.wrong("fromKey", fromKey, "something of this farm", "There is no " + fromKey + ".");
        }
        if (day.isAfter(clock.today())) {
            throw FarmProblem.wrong("day", day, "up to " + clock.today(), "It was raised after today.");
        }
        String why = lineage.refusal(from, parent.code());
        if (why != null) {
            throw FarmProblem.wrong("fromKey", fromKey, "something that is not held", why);
        }
        lineage.circle(from, Node.plant(plantId)).ifPresent(circle -> {
            throw FarmProblem.wrong(
                    "fromKey", fromKey, "nothing that comes from " + plant.code(), circleWords(circle, plant));
        });
        String sentence = plant.code() + " was raised from " + parent.code();
        long act = acts.open(kind(), sentence);
        Rows.one(mapper.insertParent(plantId, fromKey, day, act));
        return new LineageDone(act, sentence, plantId);
    }

    /** A plant new in this act comes from something, within the caller's followed act. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void comesFrom(Plant fresh, Node from, LocalDate day) {
        Rows.one(mapper.insertParent(fresh.id(), from.key(), day, null));
    }

    private String circleWords(List<Node> circle, Plant plant) {
        Map<Node, Member> members = lineage.members(circle);
        String path = String.join(
                " → ",
                circle.stream()
                        .map(n -> Objects.requireNonNull(members.get(n)).code())
                        .toList());
        return plant.code() + " cannot come from its own offspring: " + path + ".";
    }

    @Override
    public String kind() {
        return "parents";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteParentsOfAct(actId));
    }
}
