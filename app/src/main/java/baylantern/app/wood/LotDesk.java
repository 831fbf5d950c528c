package baylantern.app.wood;

import baylantern.app.lineage.LineageService;
import baylantern.app.platform.FarmClock;
import baylantern.core.lineage.Health;
import baylantern.core.lineage.Node;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.wood.Freshness;
import baylantern.core.wood.LotSample;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The lots on the shelf as they are shown, those to be used first in front. */
@Service
public class LotDesk {

    private static final int MOST = 400;

    private final LotMapper mapper;
    private final LotKeeping keeping;
    private final CheckService checks;
    private final LineageService lineage;
    private final Rulebook rules;
    private final FarmClock clock;

    LotDesk(
            LotMapper mapper,
            LotKeeping keeping,
            CheckService checks,
            LineageService lineage,
            Rulebook rules,
            FarmClock clock) {
        this.mapper = mapper;
        this.keeping = keeping;
        this.checks = checks;
        this.lineage = lineage;
        this.rules = rules;
        this.clock = clock;
    }

    /** Lots with sticks left, use-first: good ones by the day they stop being good, then last resorts, then the others. */
    public List<LotView> shelf() {
        return views(mapper.lots(LotMapper.Which.ON_THE_SHELF, null, MOST));
    }

    /** Lots of all times whose code or variety holds a text, newest first. */
    List<LotView> archive(String search) {
        return views(mapper.lots(LotMapper.Which.ALL, "%" + search.toLowerCase(java.util.Locale.ROOT) + "%", MOST / 4))
                .stream()
                .sorted(Comparator.comparing(LotView::cutOn).reversed())
                .toList();
    }

    LotView view(LotRow lot) {
        return views(List.of(lot)).get(0);
    }

    private List<LotView> views(List<LotRow> lots) {
        Map<Long, LotKeeping.Kept> kept = keeping.of(lots);
        Map<Long, List<CheckService.CheckView>> checked = checks.ofLots(lots);
        return lots.stream()
                .map(lot -> view(
                        lot, Objects.requireNonNull(kept.get(lot.id())), checked.getOrDefault(lot.id(), List.of())))
                .sorted(Comparator.comparing((LotView v) -> v.refusal() != null || v.grade() == Grade.X)
                        .thenComparing(v -> v.freshness().toGood().mid() <= 0)
                        .thenComparing(LotView::goodMid)
                        .thenComparing(LotView::code))
                .toList();
    }

    private LotView view(LotRow lot, LotKeeping.Kept kept, List<CheckService.CheckView> checked) {
        Freshness fresh = kept.freshness();
        LotSample sample = LotSample.of(
                checked.stream().map(c -> c.grade().grade()).toList(),
                rules.wood().value(FigureName.SAMPLE_SHARE),
                fresh.viability(),
                rules.wood().value(FigureName.GOOD_SHARE),
                rules.wood().value(FigureName.LAST_SHARE));
        Node node = Node.lot(lot.id());
        Health health = lineage.health(node);
        SpellRow spell = kept.spell();
        LocalDate today = clock.today();
        String from = lot.plantId() != null
                ? Node.plant(lot.plantId()).key()
                : lot.sourceId() != null ? Node.source(lot.sourceId()).key() : null;
        return new LotView(
                lot.id(),
                lot.code(),
                new LotView.Of(lot.varietyId(), lot.varietyName(), lot.speciesKey(), from, lot.fromName()),
                new LotView.Cut(
                        lot.cutOn(),
                        (int) (today.toEpochDay() - lot.cutOn().toEpochDay()),
                        lot.cutByName(),
                        lot.receivedOn()),
                new LotView.Count(
                        lot.sticksIn(),
                        lot.sticksLeft(),
                        lot.budsPerStick(),
                        lot.budsLeft(),
                        diameters(lot.diameters())),
                new LotView.Kept(
                        spell == null ? null : spell.storeName(),
                        spell == null ? null : spell.storeId(),
                        spell == null || spell.wrapped(),
                        kept.warmth().tempsC().stream()
                                .mapToDouble(t -> t)
                                .average()
                                .orElse(0),
                        kept.warmth().basis()),
                new LotView.Life(
                        fresh,
                        today.plusDays((long) fresh.toGood().low()),
                        today.plusDays((long) fresh.toGood().mid()),
                        today.plusDays((long) fresh.toGood().high()),
                        today.plusDays((long) fresh.toLast().mid())),
                new LotView.Judged(
                        sample.grade(),
                        sample.byAge(),
                        sample.counts(),
                        checked.stream()
                                .flatMap(c -> c.grade().actions().stream())
                                .distinct()
                                .toList()),
                new LotView.Standing(
                        health,
                        lineage.refusal(node, lot.code()),
                        warnings(lot, kept, health),
                        runsOut(fresh),
                        kept.span()),
                new LotView.Book(lot.archived(), lot.notes(), lot.version()));
    }

    private boolean runsOut(Freshness fresh) {
        return fresh.toGood().low() <= rules.wood().value(FigureName.WARN_DAYS);
    }

    static List<Double> diameters(String written) {
        return Arrays.stream(written.split(" "))
                .filter(s -> !s.isBlank())
                .map(Double::valueOf)
                .toList();
    }

    private List<String> warnings(LotRow lot, LotKeeping.Kept kept, Health health) {
        List<String> found = new ArrayList<>();
        Freshness fresh = kept.freshness();
        if (fresh.toGood().mid() <= 0) {
            found.add(fresh.toLast().mid() > 0 ? "Past its good days: a last resort." : "Spent: not worth a stock.");
        } else if (runsOut(fresh)) {
            found.add("Runs out: use it first.");
        }
        if (kept.spell() != null && !kept.spell().wrapped()) {
            found.add("It lies unwrapped and dries ten times as fast.");
        }
        String chill = chill(lot, kept);
        if (chill != null) {
            found.add(chill);
        }
        if (!health.standing().stops() && health.standing() != Health.Standing.CLEAN) {
            found.add(health.reason());
        }
        return List.copyOf(found);
    }

    private @Nullable String chill(LotRow lot, LotKeeping.Kept kept) {
        var keep = rules.wood().keep(lot.speciesKey());
        Double limit = keep.chillBelowC();
        boolean cold = limit != null
                && kept.warmth().tempsC().stream().mapToDouble(t -> t).average().orElse(99) < limit;
        return cold ? "Cold for it: " + keep.chillWords().orElseThrow() + "; the days told count that." : null;
    }
}
