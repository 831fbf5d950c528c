package baylantern.app.wood;

import baylantern.app.platform.Changes;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.wood.Freshness;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.KeepSpan;
import baylantern.core.wood.Keeping;
import baylantern.core.wood.StoreDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** How alive lots are, by where they have lain. */
@Component
class LotKeeping {

    private final LotMapper mapper;
    private final StoreService stores;
    private final ObjectProvider<WoodTried> tried;
    private final Rulebook rules;
    private final FarmClock clock;
    private final DerivedEach<String, KeepSpan> spans;

    LotKeeping(
            LotMapper mapper,
            StoreService stores,
            ObjectProvider<WoodTried> tried,
            Rulebook rules,
            FarmClock clock,
            Changes changes) {
        this.mapper = mapper;
        this.stores = stores;
        this.tried = tried;
        this.rules = rules;
        this.clock = clock;
        this.spans = changes.deriveEachFrom(this::tried, this::learned, Fact.GRAFTS, Fact.GRAFT_STATES);
    }

    /** A lot's place and life; spell is null while it was on its way here and lay nowhere yet. */
    record Kept(@Nullable SpellRow spell, StoreService.Warmth warmth, Freshness freshness, KeepSpan span) {}

    Map<Long, Kept> of(List<LotRow> lots) {
        if (lots.isEmpty()) {
            return Map.of();
        }
        Map<Long, List<SpellRow>> spells = mapper
                .spells(lots.stream().map(LotRow::id).toList())
                .stream()
                .collect(Collectors.groupingBy(SpellRow::lotId));
        return lots.stream()
                .collect(Collectors.toMap(LotRow::id, lot -> one(lot, spells.getOrDefault(lot.id(), List.of()))));
    }

    /** How far keeping of a species differs here from the figures. */
    KeepSpan span(String speciesKey) {
        return spans.get(speciesKey);
    }

    private List<KeepSpan.Group> tried(String speciesKey) {
        return tried.stream().flatMap(t -> t.tried(speciesKey).stream()).toList();
    }

    // A graft made tells nothing until it is decided: what was learned stays as long as what was tried does.
    private KeepSpan learned(List<KeepSpan.Group> groups) {
        return KeepSpan.learned(
                new KeepSpan.Prior(
                        rules.wood().value(FigureName.KEEP_SPREAD),
                        rules.wood().value(FigureName.KEEP_DOUBT),
                        rules.wood().value(FigureName.KEEP_LEARN_FROM)),
                groups);
    }

    private Kept one(LotRow lot, List<SpellRow> spells) {
        Keeping keeping = new Keeping(rules.wood(), lot.speciesKey());
        SpellRow now = spells.isEmpty() ? null : spells.get(spells.size() - 1);
        StoreService.Warmth warmth =
                now == null ? stores.underway(clock.today()) : stores.ahead(stores.store(now.storeId()));
        StoreDay next = new StoreDay(
                clock.today(),
                1,
                now == null ? KeepMethod.AMBIENT : now.method(),
                warmth.tempsC(),
                now == null || now.wrapped());
        KeepSpan span = span(lot.speciesKey());
        return new Kept(now, warmth, keeping.freshness(days(lot, spells, clock.today()), next, span), span);
    }

    /** The share of its life a lot had used by a day. */
    double used(LotRow lot, LocalDate day) {
        List<SpellRow> spells = mapper.spells(List.of(lot.id()));
        return new Keeping(rules.wood(), lot.speciesKey()).used(days(lot, spells, day));
    }

    // Each day from the cut to the day before; before it was put anywhere it lay wrapped in the shade.
    private List<StoreDay> days(LotRow lot, List<SpellRow> spells, LocalDate until) {
        List<StoreDay> days = new ArrayList<>();
        for (LocalDate day = lot.cutOn(); day.isBefore(until); day = day.plusDays(1)) {
            LocalDate at = day;
            SpellRow spell = spells.stream()
                    .filter(s -> !s.fromDay().isAfter(at))
                    .reduce((a, b) -> b)
                    .orElse(null);
            if (spell == null) {
                days.add(new StoreDay(
                        at, 1, KeepMethod.AMBIENT, stores.underway(at).tempsC(), true));
            } else {
                StoreRow store = stores.store(spell.storeId());
                days.add(
                        new StoreDay(at, 1, spell.method(), stores.on(store, at).tempsC(), spell.wrapped()));
            }
        }
        return days;
    }
}
