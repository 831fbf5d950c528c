package baylantern.app.lineage;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.core.lineage.Health;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sources of wood: the farm's own plants and those outside. */
@Service
public class SourceService implements Undoer {

    private final LineageMapper mapper;
    private final LineageService lineage;
    private final PlantService plants;
    private final PlaceService places;
    private final Rulebook rules;
    private final ActService acts;
    private final FarmClock clock;

    private final TrailService trail;

    SourceService(
            LineageMapper mapper,
            LineageService lineage,
            PlantService plants,
            PlaceService places,
            Rulebook rules,
            ActService acts,
            FarmClock clock,
            TrailService trail) {
        this.trail = trail;
        this.mapper = mapper;
        this.lineage = lineage;
        this.plants = plants;
        this.places = places;
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
    }

    /**
     * A source with its standing; a plant nobody wrote anything down of has only its plant.
     *
     * @param key PLANT-n or SOURCE-n
     * @param reminders permits and licences that run out soon or have run out
     */
    public record SourceView(
            String key,
            @Nullable SourceRow row,
            @JsonUnwrapped Who who,
            @Nullable Long plantId,
            @JsonUnwrapped Variety variety,
            String where,
            Health health,
            @Nullable String heldWords,
            List<String> reminders) {

        /**
         * Who it is, and how it is kept.
         *
         * @param identity what proves the variety, label only where nobody said
         */
        public record Who(String name, SourceKind kind, Identity identity, boolean insectProof) {}

        /** What it gives. */
        public record Variety(
                @Nullable Long varietyId,
                @Nullable String varietyName,
                @Nullable String speciesKey) {}

        /** See {@link Who}. */
        public String name() {
            return who.name();
        }
    }

    /** Mother and field trees, then sources outside. */
    public List<SourceView> sources() {
        Map<Long, SourceRow> byPlant = new HashMap<>();
        List<SourceRow> rows = mapper.sources();
        rows.stream().filter(r -> r.plantId() != null).forEach(r -> byPlant.put(r.plantId(), r));
        List<SourceView> views = new ArrayList<>();
        Map<Long, Boolean> houses = new HashMap<>();
        places.spots().forEach(s -> houses.put(s.id(), s.insectProof()));
        plants.ofVarieties()
                .forEach(p -> views.add(own(p, byPlant.get(p.id()), houses.getOrDefault(p.spotId(), false))));
        rows.stream().filter(r -> r.plantId() == null).forEach(r -> views.add(outside(r)));
        return views;
    }

    private SourceView own(Plant plant, @Nullable SourceRow row, boolean house) {
        Node node = Node.plant(plant.id());
        return new SourceView(
                node.key(),
                row,
                new SourceView.Who(
                        plant.code(),
                        SourceKind.OWN,
                        row == null ? Identity.LABEL_ONLY : row.identity(),
                        house || (row != null && row.insectProof())),
                plant.id(),
                new SourceView.Variety(plant.varietyId(), plant.varietyName(), plant.speciesKey()),
                plant.spotName(),
                lineage.health(node),
                lineage.heldWords(node),
                reminders(row));
    }

    private SourceView outside(SourceRow row) {
        Node node = Node.source(row.id());
        return new SourceView(
                node.key(),
                row,
                new SourceView.Who(row.name(), row.kind(), row.identity(), row.insectProof()),
                null,
                new SourceView.Variety(null, null, null),
                "",
                lineage.health(node),
                lineage.heldWords(node),
                reminders(row));
    }

    private List<String> reminders(@Nullable SourceRow row) {
        List<String> due = new ArrayList<>();
        if (row != null) {
            remind(due, "permit", row.permit(), row.permitDue());
            remind(due, "licence", row.licence(), row.licenceDue());
        }
        return due;
    }

    private void remind(List<String> due, String what, String words, @Nullable LocalDate day) {
        if (day != null
                && !day.isAfter(clock.today().plusDays((long) rules.wood().value(FigureName.REMIND)))) {
            String when = day.isBefore(clock.today()) ? " ran out on " : " runs out on ";
            due.add("The " + what + (words.isBlank() ? "" : " (" + words + ")") + when + day);
        }
    }

    /** Adds a source. */
    @Transactional
    public LineageDone add(SourceEntry entry) {
        check(entry);
        String sentence = "Source " + entry.name() + " written down";
        long act = acts.open(kind(), sentence);
        long id = mapper.insertSource(entry, act);
        return new LineageDone(act, sentence, id);
    }

    private void check(SourceEntry entry) {
        boolean own = entry.kind() == SourceKind.OWN;
        if (own != (entry.plantId() != null)) {
            throw FarmProblem.wrong(
                    "kind",
                    entry.kind(),
                    "OWN with a plant, else another sort",
                    "A source of your own is one of your plants.");
        }
        if (entry.plantId() != null) {
            plants.plant(entry.plantId());
        }
    }

    /** Changes what is written of a source. */
    @Transactional
    public LineageDone change(long id, SourceEntry entry) {
        check(entry);
        long act = trail.follow("Source " + row(id).name() + " changed");
        Rows.oneOr(
                mapper.updateSource(id, entry),
                FarmProblem.conflict("The source " + entry.name()
                        + " was changed by somebody else meanwhile. Look again, then change it."));
        return new LineageDone(act, entry.name() + " changed", id);
    }

    /** Archives a source: it is offered no more, its trace stays. */
    @Transactional
    public LineageDone archive(long id) {
        String name = row(id).name();
        String sentence = name + " archived; its trace stays";
        long act = acts.open(kind(), sentence);
        Rows.one(mapper.archiveSource(id, act));
        return new LineageDone(act, sentence, id);
    }

    SourceRow row(long id) {
        return mapper.sources().stream()
                .filter(r -> r.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("source", id));
    }

    @Override
    public String kind() {
        return "sources";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteSourcesOfAct(actId));
        Rows.any(mapper.bringBackSourcesOfAct(actId));
    }
}
