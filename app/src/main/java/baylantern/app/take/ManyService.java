package baylantern.app.take;

import baylantern.app.bench.DayCount;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.Changes;
import baylantern.app.platform.Derived;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmProblem;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.take.Belief;
import baylantern.core.take.TakeCount;
import baylantern.core.take.many.DayLuck;
import baylantern.core.take.many.HowMany;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How many grafts to make so that enough live, from the farm's own takes and the shared luck of its days. */
@Service
public class ManyService {

    private static final int CURVE_POINTS = 40;
    private static final int MOST = 10_000;
    private static final double LEAST_SURE = 0.5;
    private static final double MOST_SURE = 0.99;

    private final GraftService grafts;
    private final PlaceService places;
    private final Rulebook rules;
    private final TakeTrees trees;
    private final GainService gains;
    private final ComingKinds about;
    private final Derived<Learned> learned;

    ManyService(
            GraftService grafts,
            PlaceService places,
            Rulebook rules,
            TakeTrees trees,
            GainService gains,
            ComingKinds about,
            Changes changes) {
        this.gains = gains;
        this.about = about;
        this.trees = trees;
        this.grafts = grafts;
        this.places = places;
        this.rules = rules;
        this.learned = changes.derive(this::learn, Fact.GRAFTS, Fact.GRAFT_STATES, Fact.SITE, Fact.RUNS, Fact.TRIALS);
    }

    private record Learned(Ranges takes, DayLuck luck) {}

    /** What is asked: so many living with such a sureness, and what so many made would give. */
    record Asked(long varietyId, @Nullable String techniqueKey, int living, double sure, int made) {}

    /**
     * What a take is likely to be, 0 to 1.
     *
     * @param taken grafts of the group that took, of {@code decided}; what kin say is counted in the range
     */
    public record Take(double mean, double low, double high, int taken, int decided) {}

    /**
     * What so many made give.
     *
     * @param chance that as many live as are wanted
     * @param surely so many live with the wanted sureness
     */
    record Given(int made, double chance, double expected, int surely) {}

    /**
     * How many.
     *
     * @param byGains true where the take rests on what moves take on this farm, which then foretells better than the plain rate
     * @param least so many are to be made
     * @param luck how far the farm's days differ, on log-odds, learned from {@code luck.days} days
     * @param oneLives how many of one limb or tree so that one lives with the wanted sureness
     */
    record Many(
            Take take,
            boolean byGains,
            DayLuck luck,
            int least,
            int oneLives,
            InCase inCase,
            Given asked,
            List<HowMany.Point> curve) {}

    /** A second one in case the first fails: chance that one lives of one, and of two. */
    record InCase(double one, double two) {}

    Many many(Asked asked) {
        within("living", asked.living());
        within("made", asked.made());
        if (!(asked.sure() >= LEAST_SURE && asked.sure() <= MOST_SURE)) {
            throw FarmProblem.wrong(
                    "sure",
                    asked.sure(),
                    LEAST_SURE + " to " + MOST_SURE,
                    "How sure lies from " + LEAST_SURE + " to " + MOST_SURE + ": nobody can be quite sure.");
        }
        Variety variety = places.variety(asked.varietyId());
        if (asked.techniqueKey() != null
                && rules.technique(asked.techniqueKey()).isEmpty()) {
            throw FarmProblem.unknown("technique", asked.techniqueKey());
        }
        Learned known = learned.get();
        ComingGraft graft = ComingGraft.of(variety.id(), asked.techniqueKey());
        Belief belief = belief(graft);
        HowMany many = new HowMany(belief, known.luck());
        int least = least(many, asked);
        return new Many(
                take(graft, belief),
                gains.standing().isPresent(),
                known.luck(),
                least,
                many.least(1, asked.sure()),
                new InCase(many.chance(1, 1), many.chance(1, 2)),
                new Given(
                        asked.made(),
                        many.chance(asked.living(), asked.made()),
                        many.expected(asked.made()),
                        many.surely(asked.made(), asked.sure())),
                many.curve(asked.living(), Math.max(least, asked.made()) + Math.max(2, least / 4), CURVE_POINTS));
    }

    /** What grafts of a variety by a technique took, and their kin. */
    public Take chance(long varietyId, @Nullable String techniqueKey) {
        ComingGraft graft = ComingGraft.of(varietyId, techniqueKey);
        return take(graft, learned.get().takes().of(path(graft)));
    }

    /** What the take of a graft to come is likely to be. */
    Take take(ComingGraft graft) {
        return take(graft, belief(graft));
    }

    private Take take(ComingGraft graft, Belief belief) {
        Belief.Range range = belief.range(rules.life(FigureName.RANGE_MASS).value());
        TakeCount count = learned.get().takes().own().count(path(graft));
        return new Take(belief.mean(), range.low(), range.high(), count.taken(), count.decided());
    }

    // From what moves take where that foretells better than the plain rate; else from what grafts like it took.
    private Belief belief(ComingGraft graft) {
        return gains.standing()
                .map(model -> model.belief(about.kinds(graft)))
                .orElseGet(() -> learned.get().takes().of(path(graft)));
    }

    private List<String> path(ComingGraft graft) {
        Variety variety = places.variety(graft.varietyId());
        String technique = graft.techniqueKey();
        List<String> lasting = List.of(variety.speciesKey(), "" + variety.id());
        return technique == null ? lasting : List.of(lasting.get(0), lasting.get(1), technique);
    }

    private static void within(String field, int number) {
        if (!(number >= 1 && number <= MOST)) {
            throw FarmProblem.wrong(field, number, "1 to " + MOST, "A number of grafts lies from 1 to " + MOST + ".");
        }
    }

    private static int least(HowMany many, Asked asked) {
        try {
            return many.least(asked.living(), asked.sure());
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("living", asked.living(), "fewer", String.valueOf(e.getMessage()));
        }
    }

    private Learned learn() {
        Ranges takes = new Ranges(trees.seasons(GraftFilter.ALL), trees.techniques(GraftFilter.ALL));
        return new Learned(takes, luck(takes));
    }

    private DayLuck luck(Ranges takes) {
        Map<LocalDate, List<DayLuck.Kind>> days = grafts.decidedByDay().stream()
                .collect(Collectors.groupingBy(
                        DayCount::madeOn,
                        LinkedHashMap::new,
                        Collectors.mapping(day -> kind(day, takes), Collectors.toList())));
        return DayLuck.learned(
                rules.life(FigureName.DAY_SPREAD).value(),
                rules.life(FigureName.DAY_FREELY).value(),
                List.copyOf(days.values()));
    }

    private static DayLuck.Kind kind(DayCount day, Ranges takes) {
        double usual = takes.of(List.of(day.speciesKey(), "" + day.varietyId())).mean();
        return new DayLuck.Kind(usual, day.taken(), day.decided());
    }
}
