package baylantern.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.care.Trace;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Weights of causes: by hand, by properties, and on failures whose cause is known. */
class CauseModelTest {

    private static final CauseRules RULES = Rulebook.shipped().causes();
    private static final List<String> CAUSES = List.copyOf(RULES.causes().keySet());
    private static final int DAYS = 700;
    private static final List<Trace> SIGNS = Trace.all(Trace.Of.CAUSE);

    private static CauseCase cleft(Set<Trace> seen, Set<Trace> unseen, String... own) {
        return new CauseCase(Technique.Group.CLEFT, seen, unseen, Set.of(own));
    }

    private static CauseWeights one(CauseCase failure, String... shared) {
        return new CauseModel(RULES, Map.of())
                .weigh(List.of(failure), List.of(shared))
                .get(0);
    }

    private static double share(CauseWeights weights, String cause) {
        return weight(weights, cause).share();
    }

    private static CauseWeights.Weight weight(CauseWeights weights, String cause) {
        return weights.weights().stream()
                .filter(w -> w.cause().equals(cause))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySignIsAskedAndEveryVisitThatCanBeLateIsOneOfTheRules() {
        assertThat(RULES.signs().keySet())
                .containsExactlyInAnyOrderElementsOf(
                        SIGNS.stream().map(Enum::name).toList());
        RULES.circumstances()
                .values()
                .forEach(rule -> rule.late()
                        .forEach(kind ->
                                assertThat(Rulebook.shipped().visit(kind).key()).isEqualTo(kind)));
    }

    /** Two signs of one graft, summed by hand over all causes. */
    @Test
    void oneGraftIsWeightTimesSignsOverTheSumOfAll() {
        CauseWeights told = one(cleft(Set.of(Trace.BROWN_BRITTLE), Set.of(Trace.MOULD)));
        double all = 0;
        double dried = 0;
        for (String cause : CAUSES) {
            double seen = RULES.signs().get("BROWN_BRITTLE").seenWith(cause);
            double unseen = 1 - RULES.signs().get("MOULD").seenWith(cause);
            double weight = RULES.causes().get(cause).weight() * seen * unseen;
            all += weight;
            dried += cause.equals("DRIED") ? weight : 0;
        }
        assertThat(share(told, "DRIED")).isCloseTo(dried / all, within(1e-9));
        assertThat(told.weights().get(0).cause()).isEqualTo("DRIED");
        assertThat(weight(told, "DRIED").reasons().get(0).words()).isEqualTo("scion brown and brittle");
    }

    @Property(tries = 60)
    void sharesAreOneInAllNoneIsTooSureAndEachLiesInItsRange(@ForAll @IntRange(max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<CauseCase> failures = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(6); i++) {
            Set<Trace> seen = EnumSet.noneOf(Trace.class);
            Set<Trace> unseen = EnumSet.noneOf(Trace.class);
            SIGNS.forEach(sign -> {
                int told = random.nextInt(4);
                (told == 0 ? seen : told == 1 ? unseen : EnumSet.noneOf(Trace.class)).add(sign);
            });
            failures.add(cleft(seen, unseen, "WOOD_OLD"));
        }
        for (CauseWeights told : new CauseModel(RULES, Map.of("DRIED", 3.0)).weigh(failures, List.of("HOT_WIND"))) {
            assertThat(told.weights().stream()
                            .mapToDouble(CauseWeights.Weight::share)
                            .sum())
                    .isCloseTo(1, within(1e-9));
            told.weights().forEach(w -> {
                assertThat(w.share()).isBetween(0.0, RULES.value(FigureName.CAUSE_MOST) + 1e-12);
                assertThat(w.low()).isLessThanOrEqualTo(w.share());
                assertThat(w.high()).isGreaterThanOrEqualTo(w.share());
                w.reasons()
                        .forEach(r -> assertThat(r.times())
                                .isBetween(
                                        1 / RULES.value(FigureName.CAUSE_CAP) - 1e-12,
                                        RULES.value(FigureName.CAUSE_CAP) + 1e-12));
            });
        }
    }

    /** Hot wind and hot days are one week: dried counts the stronger once. Shared facts do not grow with the count of the dead. */
    @Test
    void oneFactNeverCountsTwice() {
        CauseCase plain = cleft(Set.of(), Set.of());
        assertThat(share(one(plain, "HOT_WIND", "HOT_DAYS"), "DRIED"))
                .isLessThanOrEqualTo(share(one(plain, "HOT_WIND"), "DRIED"));
        double alone = share(one(plain, "HOT_WIND"), "DRIED");
        CauseWeights ofMany = new CauseModel(RULES, Map.of())
                .weigh(List.of(plain, plain, plain, plain, plain), List.of("HOT_WIND"))
                .get(0);
        assertThat(share(ofMany, "DRIED")).isCloseTo(alone, within(1e-9));
    }

    @Test
    void whatTheOthersOfADayShowTellsOfOneThatShowsNothing() {
        CauseCase black = cleft(Set.of(Trace.BLACK_AT_CUT, Trace.MOULD), Set.of());
        CauseCase silent = cleft(Set.of(), Set.of());
        List<CauseWeights> told =
                new CauseModel(RULES, Map.of()).weigh(List.of(black, black, black, silent), List.of());
        assertThat(share(told.get(3), "INFECTION")).isGreaterThan(2 * share(one(silent), "INFECTION"));
    }

    @Test
    void whatWasConfirmedIsLearnedAndWhatNeverComesInATechniqueIsNot() {
        CauseModel learned = new CauseModel(RULES, Map.of("BROKEN", 40.0, "PLANT_DRIED", 40.0));
        CauseWeights told =
                learned.weigh(List.of(cleft(Set.of(), Set.of())), List.of()).get(0);
        assertThat(share(told, "BROKEN")).isGreaterThan(0.5);
        assertThat(share(told, "PLANT_DRIED")).isZero();
    }

    /** Failures drawn from the rulebook's own frequencies, days sharing their cause: what is told as so likely is so often so. */
    @Test
    void sharesToldAreKeptAndTheNextSignShortensTheSearch() {
        Random random = new Random(5);
        int[] told = new int[10];
        int[] came = new int[10];
        double found = 0;
        double foundAtRandom = 0;
        CauseModel model = new CauseModel(RULES, Map.of());
        for (int day = 0; day < DAYS; day++) {
            String session = drawn(random);
            List<CauseCase> failures = new ArrayList<>();
            List<String> truths = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                String truth = random.nextDouble() < RULES.value(FigureName.CAUSE_SHARED) ? session : drawn(random);
                truths.add(truth);
                failures.add(seen(truth, SIGNS.subList(0, random.nextInt(SIGNS.size())), random));
            }
            double[][] shares = model.told(failures, List.of());
            for (int i = 0; i < 3; i++) {
                for (int c = 0; c < CAUSES.size(); c++) {
                    int bin = (int) Math.min(9, shares[i][c] * 10);
                    told[bin]++;
                    came[bin] += CAUSES.get(c).equals(truths.get(i)) ? 1 : 0;
                }
            }
            found += shareOfTruth(model, truths.get(0), new Random(day), false) / DAYS;
            foundAtRandom += shareOfTruth(model, truths.get(0), new Random(day), true) / DAYS;
        }
        System.out.println("causes told " + Arrays.toString(told) + " came " + Arrays.toString(came)
                + ", share of the truth after three signs " + found + " against " + foundAtRandom);
        for (int bin = 0; bin < 10; bin++) {
            if (told[bin] >= 60) {
                double rate = came[bin] / (double) told[bin];
                double room = 2.6 * Math.sqrt(rate * (1 - rate) / told[bin]) + 0.01;
                assertThat(rate).as("told " + bin + " tenths").isBetween(bin / 10.0 - room, (bin + 1) / 10.0 + room);
            }
        }
        assertThat(found).isGreaterThan(1.1 * foundAtRandom);
    }

    private static String drawn(Random random) {
        double all =
                CAUSES.stream().mapToDouble(c -> RULES.causes().get(c).weight()).sum();
        double at = random.nextDouble() * all;
        for (String cause : CAUSES) {
            at -= RULES.causes().get(cause).weight();
            if (at < 0) {
                return cause;
            }
        }
        return CAUSES.get(0);
    }

    private static CauseCase seen(String truth, List<Trace> looked, Random random) {
        Set<Trace> seen = EnumSet.noneOf(Trace.class);
        Set<Trace> unseen = EnumSet.noneOf(Trace.class);
        for (Trace sign : looked) {
            boolean there = random.nextDouble() < RULES.signs().get(sign.name()).seenWith(truth);
            (there ? seen : unseen).add(sign);
        }
        return cleft(seen, unseen);
    }

    // How likely the truth is told to be once three signs were looked for.
    private static double shareOfTruth(CauseModel model, String truth, Random random, boolean anyOrder) {
        CauseCase all = seen(truth, SIGNS, random);
        Set<Trace> seen = EnumSet.noneOf(Trace.class);
        Set<Trace> unseen = EnumSet.noneOf(Trace.class);
        for (int looks = 0; looks < 3; looks++) {
            CauseCase now = cleft(seen, unseen);
            List<Trace> left = SIGNS.stream()
                    .filter(s -> !seen.contains(s) && !unseen.contains(s))
                    .toList();
            Trace next = anyOrder
                    ? left.get(random.nextInt(left.size()))
                    : model.next(now, model.told(List.of(now), List.of())[0]);
            (all.seen().contains(next) ? seen : unseen).add(next);
        }
        return model.told(List.of(cleft(seen, unseen)), List.of())[0][CAUSES.indexOf(truth)];
    }
}
