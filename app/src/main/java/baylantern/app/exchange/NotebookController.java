package baylantern.app.exchange;

import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.core.exchange.ColumnRole;
import baylantern.core.exchange.NotebookChoices;
import baylantern.core.exchange.NotebookReport;
import baylantern.core.take.TakeCount;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Importing an old notebook: keep the file, show what it says under the choices, then bring it in. */
@RestController
@RequestMapping("/api/notebooks")
class NotebookController {

    private static final int SHOWN = 200;

    private final NotebookStore store;
    private final NotebookService notebooks;

    NotebookController(NotebookStore store, NotebookService notebooks) {
        this.store = store;
        this.notebooks = notebooks;
    }

    /** Corrections as the screen sends them; parts left out keep the guess. */
    record Choices(
            @Nullable Map<Integer, ColumnRole> columns,
            @Nullable Boolean dayFirst,
            @Nullable Boolean bareInches,
            @Nullable Map<String, String> results,
            @Nullable Map<String, String> techniques,
            @Nullable Map<String, String> species,
            @Nullable Map<String, String> varietySpecies,
            @Nullable Set<String> merge,
            @Nullable Set<String> keepApart) {

        NotebookChoices plain() {
            return new NotebookChoices(
                    Objects.requireNonNullElse(columns, Map.of()),
                    Optional.ofNullable(dayFirst),
                    Optional.ofNullable(bareInches),
                    Objects.requireNonNullElse(results, Map.of()),
                    Objects.requireNonNullElse(techniques, Map.of()),
                    Objects.requireNonNullElse(species, Map.of()),
                    Objects.requireNonNullElse(varietySpecies, Map.of()),
                    Objects.requireNonNullElse(merge, Set.of()),
                    Objects.requireNonNullElse(keepApart, Set.of()));
        }
    }

    /** A report cut to what a screen can show; the totals are whole. */
    record Preview(
            String id,
            @JsonUnwrapped NotebookReport.Form form,
            @JsonUnwrapped Counts counts,
            Map<String, TakeCount> takes,
            List<NotebookReport.WordGuess> words,
            List<NotebookReport.SpellingGuess> spellings,
            List<NotebookReport.Refusal> refusals,
            List<NotebookReport.Remark> remarks,
            List<Row> rows) {

        /** How many rows. */
        record Counts(
                int rowsRead, int graftsFound, int refusedRows, Map<NotebookReport.Reason, Integer> refusedByReason) {}

        static Preview of(String id, NotebookReport r) {
            return new Preview(
                    id,
                    r.form(),
                    new Preview.Counts(
                            r.rowsRead(), r.grafts().size(), r.refusals().size(), r.refusedByReason()),
                    r.takes(),
                    r.words(),
                    r.spellings(),
                    r.refusals().stream().limit(SHOWN).toList(),
                    r.remarks().stream().limit(SHOWN).toList(),
                    r.grafts().stream().limit(SHOWN).map(Row::of).toList());
        }
    }

    /** A row as it will be taken. */
    record Row(
            long line,
            String madeOn,
            @Nullable String plant,
            String variety,
            String species,
            @Nullable String technique,
            @Nullable String maker,
            @Nullable Double scionMm,
            @Nullable Double stockMm,
            String sign) {

        static Row of(baylantern.core.exchange.NotebookGraft g) {
            return new Row(
                    g.line(),
                    g.madeOn().toString(),
                    g.plant(),
                    g.variety(),
                    g.species(),
                    g.technique(),
                    g.maker(),
                    g.scionMm(),
                    g.stockMm(),
                    g.sign().words());
        }
    }

    @Needs(Role.OWNER)
    @PostMapping(consumes = "application/octet-stream")
    Preview keep(HttpServletRequest request) throws IOException {
        String id = store.keep(request.getInputStream());
        try {
            return Preview.of(id, notebooks.read(store.read(id), NotebookChoices.none()));
        } catch (RuntimeException e) {
            store.forget(id);
            throw e;
        }
    }

    @Needs(Role.OWNER)
    @PostMapping("/{id}/preview")
    Preview preview(@PathVariable String id, @RequestBody Choices choices) {
        return Preview.of(id, notebooks.read(store.read(id), choices.plain()));
    }

    /** What came of the import. */
    record Done(long actId, int grafts, int refused) {}

    @Needs(Role.OWNER)
    @PostMapping("/{id}/import")
    Done bringIn(@PathVariable String id, @RequestBody Choices choices) {
        NotebookService.Imported imported = notebooks.bringIn(store.read(id), choices.plain());
        store.forgetOnceCommitted(id);
        return new Done(
                imported.actId(),
                imported.report().grafts().size(),
                imported.report().refusals().size());
    }
}
