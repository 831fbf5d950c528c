package baylantern.app.fit;

import baylantern.app.bench.BenchEntry;
import baylantern.app.bench.BenchService;
import baylantern.app.bench.GraftService;
import baylantern.app.fit.FitMapper.ListRow;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.platform.Undoer;
import baylantern.app.wood.LotDesk;
import baylantern.app.wood.LotView;
import baylantern.core.bench.Cover;
import baylantern.core.fit.Round;
import baylantern.core.fit.contact.Contact;
import baylantern.core.fit.contact.CutStep;
import baylantern.core.fit.contact.FitBench;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.fit.contact.Joint;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lists of grafts decided on and not yet made. A row is done once its graft is in the log, open again if that is undone. */
@Service
class ListService implements Undoer {

    private final FitMapper fits;
    private final ActService acts;
    private final FarmClock clock;
    private final BenchService benchLog;
    private final GraftService grafts;
    private final LotDesk lots;
    private final FitBench bench;
    private final Rulebook rules;

    private final TrailService trail;
    private final StemService stems;

    ListService(
            FitMapper fits,
            ActService acts,
            FarmClock clock,
            BenchService benchLog,
            GraftService grafts,
            LotDesk lots,
            Rulebook rules,
            TrailService trail,
            StemService stems) {
        this.trail = trail;
        this.stems = stems;
        this.fits = fits;
        this.acts = acts;
        this.clock = clock;
        this.benchLog = benchLog;
        this.grafts = grafts;
        this.lots = lots;
        this.bench = new FitBench(rules);
        this.rules = rules;
    }

    /** A list to keep. */
    record ListEntry(
            @NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters")
            String name,

            @NotEmpty(message = "needs a pair") @Size(max = 500, message = "are at most 500")
            List<@Valid RowEntry> rows) {}

    /**
     * A row as it is worked from.
     *
     * @param why why it cannot be logged from here, null where it can
     */
    record RowView(
            long id,
            @JsonUnwrapped Pieces pieces,
            @JsonUnwrapped How how,
            @JsonUnwrapped Sizes sizes,
            Contact contact,
            List<CutStep> cuts,
            @Nullable String graftCode,
            @Nullable String why) {

        /**
         * Stick and stem.
         *
         * @param lotCode the lot its stick is of, null where it is a loose stick
         */
        record Pieces(
                String stick,
                String stem,
                @Nullable Long lotId,
                @Nullable String lotCode,
                @Nullable Long stemId) {}

        /** The technique. */
        record How(String techniqueKey, String techniqueName) {}

        /** What was measured, in mm. */
        record Sizes(double scionMm, double stockMm, double offsetMm) {}

        /** See {@link Pieces}. */
        public String stick() {
            return pieces.stick();
        }

        /** See {@link Pieces}. */
        public String stem() {
            return pieces.stem();
        }

        /** See {@link Pieces}. */
        public @Nullable Long lotId() {
            return pieces.lotId();
        }

        /** See {@link Pieces}. */
        public @Nullable Long stemId() {
            return pieces.stemId();
        }

        /** See {@link How}. */
        public String techniqueKey() {
            return how.techniqueKey();
        }

        /** See {@link Sizes}. */
        public double scionMm() {
            return sizes.scionMm();
        }

        /** See {@link Sizes}. */
        public double stockMm() {
            return sizes.stockMm();
        }

        /** See {@link Sizes}. */
        public double offsetMm() {
            return sizes.offsetMm();
        }
    }

    /** A list with its rows. */
    record PreparedList(long id, String name, LocalDate madeOn, int open, List<RowView> rows) {}

    /** What was done, and the list it made. */
    record ListDone(long actId, long listId) {}

    @Transactional
    ListDone keep(ListEntry entry) {
        check(entry.rows());
        long act = acts.open(
                kind(), entry.rows().size() + (entry.rows().size() == 1 ? " graft" : " grafts") + " prepared");
        long id = fits.insertList(entry.name(), clock.today(), act);
        Rows.all(fits.insertRows(id, entry.rows()), entry.rows().size());
        return new ListDone(act, id);
    }

    /** Refuses rows that do not fit together, or whose wood or stem is held. */
    void check(List<RowEntry> rows) {
        rows.forEach(this::joint);
        Map<Long, LotView> shelf = shelf();
        rows.forEach(row -> notHeld(row, shelf));
    }

    // What is held is not prepared either.
    private void notHeld(RowEntry row, Map<Long, LotView> shelf) {
        LotView lot = row.lotId() == null ? null : shelf.get(row.lotId());
        String why = lot == null ? null : lot.refusal();
        if (why == null && row.stemId() != null) {
            why = stems.stem(row.stemId()).refusal();
        }
        if (why != null) {
            throw FarmProblem.wrong("rows", row.stick() + " on " + row.stem(), "what is not held", why);
        }
    }

    private Joint joint(RowEntry row) {
        return joint(
                row.techniqueKey(), row.stockMm(), row.stockBarkMm(), row.scionMm(), row.scionBarkMm(), row.offsetMm());
    }

    private Joint joint(
            String technique,
            double stockMm,
            @Nullable Double stockBark,
            double scionMm,
            @Nullable Double scionBark,
            double offset) {
        return bench.joint(
                technique,
                Round.of(stockMm, stockBark, rules.fit()),
                Round.of(scionMm, scionBark, rules.fit()),
                laid(offset),
                Wrap.CLOCKWISE);
    }

    private static Wish laid(double offset) {
        return new Wish(null, null, offset, null, null, null);
    }

    /** All lists, newest first. */
    List<PreparedList> lists() {
        Map<Long, LotView> shelf = shelf();
        return fits.lists().stream().map(l -> view(l, shelf)).toList();
    }

    private Map<Long, LotView> shelf() {
        return lots.shelf().stream().collect(Collectors.toMap(LotView::id, Function.identity()));
    }

    private PreparedList list(long id) {
        ListRow list = fits.list(id);
        if (list == null) {
            throw FarmProblem.unknown("list", id);
        }
        return view(list, shelf());
    }

    private PreparedList view(ListRow list, Map<Long, LotView> shelf) {
        List<PreparedRow> rows = fits.rows(list.id());
        Set<String> known = grafts.known(rows.stream()
                .map(PreparedRow::graftCode)
                .filter(Objects::nonNull)
                .toList());
        List<RowView> views = rows.stream().map(r -> view(r, known, shelf)).toList();
        int open = (int) views.stream().filter(r -> r.graftCode() == null).count();
        return new PreparedList(list.id(), list.name(), list.madeOn(), open, views);
    }

    private RowView view(PreparedRow row, Set<String> known, Map<Long, LotView> shelf) {
        Joint joint = joint(
                row.techniqueKey(), row.stockMm(), row.stockBarkMm(), row.scionMm(), row.scionBarkMm(), row.offsetMm());
        LotView lot = row.lotId() == null ? null : shelf.get(row.lotId());
        String graft = row.graftCode() != null && known.contains(row.graftCode()) ? row.graftCode() : null;
        return new RowView(
                row.id(),
                new RowView.Pieces(row.stick(), row.stem(), row.lotId(), lot == null ? null : lot.code(), row.stemId()),
                new RowView.How(
                        row.techniqueKey(),
                        rules.technique(row.techniqueKey()).orElseThrow().name()),
                new RowView.Sizes(row.scionMm(), row.stockMm(), row.offsetMm()),
                bench.model(row.techniqueKey()).contact(joint),
                bench.model(row.techniqueKey()).cuts(joint),
                graft,
                why(row, lot));
    }

    private @Nullable String why(PreparedRow row, @Nullable LotView lot) {
        if (row.stemId() == null) {
            return "the stem is not one of the farm; log it at the Bench";
        }
        if (row.lotId() == null) {
            return "the stick is of no lot; log it at the Bench";
        }
        if (lot == null) {
            return "its lot is not on the shelf any more";
        }
        return lot.refusal() != null ? lot.refusal() : stems.stem(row.stemId()).refusal();
    }

    /** Which rows are made now, by whom, under what cover. */
    record LogEntry(
            @NotEmpty(message = "needs a row") List<Long> rows,
            @Nullable Long makerId,
            @NotNull(message = "needs a cover") Cover cover) {}

    /** Logs rows of a list as grafts made today, all or none. */
    @Transactional
    BenchService.Logged log(long listId, LogEntry entry) {
        PreparedList list = list(listId);
        List<RowView> rows =
                list.rows().stream().filter(r -> entry.rows().contains(r.id())).toList();
        if (rows.size() != Set.copyOf(entry.rows()).size()) {
            throw FarmProblem.wrong("rows", entry.rows(), "rows of this list", "A row is not on this list.");
        }
        rows.forEach(ListService::mayBeLogged);
        Map<Long, LotView> shelf = shelf();
        Map<List<Object>, List<RowView>> runs = rows.stream()
                .collect(Collectors.groupingBy(
                        r -> List.of(Objects.requireNonNull(r.lotId()), r.techniqueKey()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        List<BenchEntry> entries = runs.values().stream()
                .map(run -> run(
                        run,
                        entry,
                        Known.in(shelf, Objects.requireNonNull(run.get(0).lotId()))))
                .toList();
        BenchService.Logged logged = benchLog.logAll(entries);
        List<RowView> order = runs.values().stream().flatMap(List::stream).toList();
        for (int i = 0; i < order.size(); i++) {
            Rows.one(fits.setGraft(order.get(i).id(), logged.codes().get(i)));
        }
        return logged;
    }

    private static void mayBeLogged(RowView row) {
        if (row.graftCode() != null) {
            throw FarmProblem.conflict(
                    row.stick() + " on " + row.stem() + " is logged already as " + row.graftCode() + ".");
        }
        if (row.why() != null) {
            throw FarmProblem.wrong(
                    "rows",
                    row.stick(),
                    "rows whose lot and stem are of the farm",
                    row.stick() + " on " + row.stem() + " cannot be logged from here: " + row.why() + ".");
        }
    }

    private BenchEntry run(List<RowView> run, LogEntry entry, LotView lot) {
        List<BenchEntry.OnStem> stems = new ArrayList<>();
        for (RowView row : run) {
            stems.add(new BenchEntry.OnStem(
                    Objects.requireNonNull(row.stemId()), row.scionMm(), row.stockMm(), laid(row.offsetMm())));
        }
        return new BenchEntry(
                lot.varietyId(),
                run.get(0).techniqueKey(),
                entry.makerId(),
                clock.today(),
                new BenchEntry.Wood(lot.id(), null, null),
                entry.cover(),
                null,
                null,
                stems);
    }

    /** Throws a list away; what was logged from it stays in the log. */
    @Transactional
    void remove(long id) {
        trail.follow("List " + list(id).name() + " thrown away");
        Rows.oneOr(fits.deleteList(id), FarmProblem.unknown("list", id));
    }

    @Override
    public String kind() {
        return "prepared";
    }

    @Override
    public void undo(long actId) {
        for (long id : fits.listsOfAct(actId)) {
            if (list(id).rows().stream().anyMatch(r -> r.graftCode() != null)) {
                throw FarmProblem.conflict("Grafts of this list are in the log. Take those back first.");
            }
        }
        Rows.any(fits.deleteListsOfAct(actId));
    }
}
