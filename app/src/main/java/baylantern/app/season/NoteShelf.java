package baylantern.app.season;

import baylantern.app.platform.Change;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Holds all standing notes at hand. Many trees watched for years are more rows than can be read at every change, so only
 * the plants concerned are read anew; plants whose notes are as they were keep them, the very same.
 */
@Component
class NoteShelf {

    private static final int MOST_STALE = 500;

    private final WatchMapper mapper;
    private final Rulebook rules;
    private final Derived<Map<Long, PlantNotes>> notes;

    NoteShelf(WatchMapper mapper, Rulebook rules, Changes changes) {
        this.mapper = mapper;
        this.rules = rules;
        this.notes = changes.renew(this::read, SeasonFacts.NOTES);
    }

    /** Standing notes by plant; plants without are left out. */
    Map<Long, PlantNotes> all() {
        return notes.get();
    }

    private Map<Long, PlantNotes> read(@Nullable Map<Long, PlantNotes> before, Change since) {
        Set<Long> stale = since.rows(Fact.NOTES);
        if (before == null || stale == null || stale.size() > MOST_STALE || since.touches(Fact.PEOPLE, Fact.PLANTS)) {
            return Collections.unmodifiableMap(
                    kept(byPlant(mapper.standing(null)), before == null ? Map.of() : before));
        }
        if (stale.isEmpty()) {
            return before;
        }
        Map<Long, PlantNotes> next = new HashMap<>(before);
        stale.forEach(next::remove);
        next.putAll(kept(byPlant(mapper.standing(stale)), before));
        return Collections.unmodifiableMap(next);
    }

    private Map<Long, PlantNotes> byPlant(List<NoteRow> rows) {
        Map<Long, List<NoteRow>> byPlant = new LinkedHashMap<>();
        rows.forEach(row ->
                byPlant.computeIfAbsent(row.plantId(), k -> new ArrayList<>()).add(row));
        Map<Long, PlantNotes> notes = new LinkedHashMap<>();
        double share = rules.flush().value(FigureName.SWELL_SHARE);
        byPlant.forEach((plant, own) -> notes.put(plant, PlantNotes.of(own, share)));
        return notes;
    }

    private static Map<Long, PlantNotes> kept(Map<Long, PlantNotes> read, Map<Long, PlantNotes> before) {
        read.replaceAll((plant, now) -> {
            PlantNotes was = before.get(plant);
            return was != null && was.rows().equals(now.rows()) ? was : now;
        });
        return read;
    }
}
