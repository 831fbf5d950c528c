package baylantern.app.care;

import baylantern.app.bench.Graft;
import baylantern.app.platform.Change;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.DerivedEach;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmClock;
import baylantern.app.season.SeasonFacts;
import baylantern.app.season.WarmthService;
import baylantern.app.take.ManyService;
import baylantern.core.care.GraftState;
import baylantern.core.care.Trace;
import baylantern.core.care.Waiting;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Waiting or lost: what chance a silent graft still has, and when waiting for it stops paying. */
@Service
class WaitingService {

    private static final int MOST_TOLD = 200;

    private final CareMapper care;
    private final GraftLives lives;
    private final ManyService takes;
    private final WarmthService warmth;
    private final Rulebook rules;
    private final FarmClock clock;
    private final Derived<Map<Long, Seen>> seen;
    private final DerivedEach<Kind, Waiting> waiting;

    WaitingService(
            CareMapper care,
            GraftLives lives,
            ManyService takes,
            WarmthService warmth,
            Rulebook rules,
            FarmClock clock,
            Changes changes) {
        this.care = care;
        this.lives = lives;
        this.takes = takes;
        this.warmth = warmth;
        this.rules = rules;
        this.clock = clock;
        this.seen = changes.renew(this::read, Fact.GRAFTS, Fact.GRAFT_STATES, Fact.LOOKS);
        this.waiting = changes.deriveEachFrom(
                this::told, this::learn, SeasonFacts.skyAnd(Fact.GRAFTS, Fact.GRAFT_STATES, Fact.LOOKS));
    }

    /**
     * When a graft was first seen pushed or dead, and the last look before; by null where nothing has come yet.
     *
     * @param pushed true where it was a push
     */
    record Seen(
            long graftId,
            String speciesKey,
            @Nullable String techniqueKey,
            LocalDate madeOn,
            @Nullable LocalDate after,
            LocalDate by,
            boolean pushed) {}

    private record Kind(String speciesKey, Technique.Group group) {}

    /**
     * The chance of a silent graft.
     *
     * @param chance that it still takes; low and high follow from the range of the take
     * @param healingDay healing days since it was made
     * @param stopsOn from this day waiting no longer pays, by the warmth to come
     * @param giveUp true where that day has come
     * @param flood true where a flood of stock shoots counts against it
     */
    record Hope(
            String code,
            double chance,
            double low,
            double high,
            double healingDay,
            LocalDate stopsOn,
            boolean giveUp,
            boolean flood) {}

    private Map<Long, Seen> read(@Nullable Map<Long, Seen> before, Change since) {
        Set<Long> looked = since.rows(Fact.LOOKS);
        Set<Long> changed = since.rows(Fact.GRAFTS);
        if (before == null || looked == null || changed == null) {
            Map<Long, Seen> all = new TreeMap<>();
            care.firstSeen(null).forEach(one -> all.put(one.graftId(), one));
            return all;
        }
        List<Long> ids = new ArrayList<>(looked);
        ids.addAll(changed);
        Map<Long, Seen> now = new TreeMap<>(before);
        ids.forEach(now::remove);
        if (!ids.isEmpty()) {
            care.firstSeen(ids).forEach(one -> now.put(one.graftId(), one));
        }
        return now;
    }

    /** What the farm saw of a kind; nothing where the figures alone tell. */
    private record Told(Technique.Group group, List<Waiting.Between> pushes, List<Waiting.Between> deaths) {}

    private Told told(Kind kind) {
        HealingClock healing = warmth.healing(kind.speciesKey());
        Told told = new Told(kind.group(), new ArrayList<>(), new ArrayList<>());
        for (Seen one : seen.get().values()) {
            if (one.speciesKey().equals(kind.speciesKey()) && group(one.techniqueKey()) == kind.group()) {
                // A look that lies before the making, on a farm whose days nobody understood, tells of day nought.
                double by = Math.max(0, healing.between(one.madeOn(), one.by()));
                double after = one.after() == null ? 0 : Math.max(0, healing.between(one.madeOn(), one.after()));
                (one.pushed() ? told.pushes() : told.deaths()).add(new Waiting.Between(Math.min(after, by), by));
            }
        }
        return told;
    }

    private Waiting learn(Told told) {
        return new Waiting(
                times(rules.life(push(told.group())), told.pushes()),
                times(rules.life(FigureName.DIES_BY), told.deaths()));
    }

    private Waiting.Times times(Figure figure, List<Waiting.Between> own) {
        return Waiting.Times.of(figure, rules.life(FigureName.TOLD_STRENGTH).value(), own);
    }

    private static FigureName push(Technique.Group group) {
        return switch (group) {
            case CLEFT -> FigureName.WAIT_CLEFT;
            case SIDE -> FigureName.WAIT_SIDE;
            case BUD -> FigureName.WAIT_BUD;
            case APPROACH -> FigureName.WAIT_APPROACH;
        };
    }

    private Technique.Group group(@Nullable String techniqueKey) {
        return rules.techniqueOrUsual(techniqueKey).group();
    }

    /** A silent graft as much as its chance asks for. */
    record Silent(
            String code,
            long varietyId,
            String speciesKey,
            @Nullable String techniqueKey,
            LocalDate madeOn,
            boolean flood) {

        String kind() {
            return varietyId + " " + techniqueKey + " " + flood;
        }
    }

    /** The chance of a graft that is still silent, null where it has pushed or ended. */
    @Nullable
    Hope hope(Graft graft) {
        boolean silent = graft.state().live() && !graft.state().atLeast(GraftState.PUSHED);
        boolean flood = Known.in(lives.of(List.of(graft)), graft.id()).found(Trace.SHOOTS_MANY);
        Silent one = new Silent(
                graft.code(), graft.varietyId(), graft.speciesKey(), graft.techniqueKey(), graft.madeOn(), flood);
        return silent ? hope(one, odds(one)) : null;
    }

    /**
     * What is the same of all grafts of a variety and technique.
     *
     * @param stops the healing day from which waiting no longer pays
     */
    private record Odds(Waiting learned, ManyService.Take take, double stops) {}

    private Odds odds(Silent one) {
        Waiting learned = waiting.get(new Kind(one.speciesKey(), group(one.techniqueKey())));
        ManyService.Take told = takes.chance(one.varietyId(), one.techniqueKey());
        ManyService.Take take = one.flood() ? flooded(told) : told;
        double line = rules.life(FigureName.GIVE_UP_AT).value();
        return new Odds(learned, take, learned.stopsPaying(take.mean(), line, 0));
    }

    // A flood of shoots below is a sign of failure.
    private ManyService.Take flooded(ManyService.Take told) {
        return new ManyService.Take(
                fewer(told.mean()), fewer(told.low()), fewer(told.high()), told.taken(), told.decided());
    }

    private double fewer(double chance) {
        double odds = rules.life(FigureName.FLOOD_ODDS).value() * chance;
        return odds / (odds + 1 - chance);
    }

    private Hope hope(Silent one, Odds odds) {
        HealingClock healing = warmth.healing(one.speciesKey());
        double now = healing.between(one.madeOn(), clock.today());
        return new Hope(
                one.code(),
                odds.learned().stillTakes(odds.take().mean(), now),
                odds.learned().stillTakes(odds.take().low(), now),
                odds.learned().stillTakes(odds.take().high(), now),
                now,
                healing.after(one.madeOn(), odds.stops()),
                now >= odds.stops(),
                one.flood());
    }

    /** Silent grafts for which waiting no longer pays, the oldest first; the first of them where they are many. */
    List<Hope> toGiveUp() {
        Map<String, Odds> odds = new HashMap<>();
        Map<Silent, Double> late = new HashMap<>();
        for (Silent one : care.silent()) {
            Odds its = odds.computeIfAbsent(one.kind(), kind -> odds(one));
            double now = warmth.healing(one.speciesKey()).between(one.madeOn(), clock.today());
            if (now >= its.stops()) {
                late.put(one, now);
            }
        }
        return late.entrySet().stream()
                .sorted(Map.Entry.<Silent, Double>comparingByValue()
                        .reversed()
                        .thenComparing(entry -> entry.getKey().code()))
                .limit(MOST_TOLD)
                .map(Map.Entry::getKey)
                .map(one -> hope(one, Known.in(odds, one.kind())))
                .toList();
    }
}
