package baylantern.app.season;

import baylantern.app.platform.DayListener;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Holds all standing notes at hand. Many trees watched for years are more rows than can be read at every change, so only
 * the plants concerned are read anew.
 */
@Component
class NoteShelf implements DayListener {

    private static final int MOST_STALE = 500;

    private final WatchMapper mapper;
    private final Pulse pulse;
    private final Map<Long, PlantNotes> held = new HashMap<>();
    private final Set<Long> stale = new HashSet<>();
    private Map<Long, PlantNotes> shown = Map.of();
    private boolean loaded;

    NoteShelf(WatchMapper mapper, Pulse pulse) {
        this.mapper = mapper;
        this.pulse = pulse;
    }

    /** Standing notes by plant; plants without are left out. */
    synchronized Map<Long, PlantNotes> all() {
        if (!loaded || stale.size() > MOST_STALE) {
            held.clear();
            put(mapper.standing(null));
            loaded = true;
            shown = Map.copyOf(held);
        } else if (!stale.isEmpty()) {
            stale.forEach(held::remove);
            put(mapper.standing(stale));
            shown = Map.copyOf(held);
        }
        stale.clear();
        return shown;
    }

    private void put(List<NoteRow> rows) {
        Map<Long, List<NoteRow>> byPlant = new HashMap<>();
        rows.forEach(row ->
                byPlant.computeIfAbsent(row.plantId(), k -> new ArrayList<>()).add(row));
        byPlant.forEach((plant, own) -> held.put(plant, PlantNotes.of(own)));
    }

    /** Notes of these plants have changed: now for the caller's transaction, and once more when it is through. */
    void changed(Collection<Long> plants) {
        Set<Long> which = Set.copyOf(plants);
        mark(which);
        pulse.beat();
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    mark(which);
                }
            });
        }
    }

    private synchronized void mark(Set<Long> plants) {
        stale.addAll(plants);
    }

    /** Plants may have come or gone. */
    @Override
    public synchronized void dayTurned() {
        loaded = false;
        pulse.beat();
    }
}
