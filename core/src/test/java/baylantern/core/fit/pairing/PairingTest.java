package baylantern.core.fit.pairing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.fit.FitRefused;
import baylantern.core.fit.choice.BenchCase;
import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.choice.TechniqueChoice;
import baylantern.core.fit.pairing.Pairing.Bond;
import baylantern.core.fit.pairing.Pairing.Piece;
import baylantern.core.fit.pairing.Pairing.Solution;
import baylantern.core.fit.pairing.Pairing.Worth;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import org.junit.jupiter.api.Test;

/** Pairing against trying every way of pairing; costs to a millionth. */
class PairingTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final double LEAST = RULES.fit().value(FigureName.PAIR_LEAST);

    @Test
    void theWorkedMatrixCostsFive() {
        double[][] cost = {{4, 1, 3}, {2, 0, 5}, {3, 2, 2}};
        int[] column = Assignment.solve(cost);
        assertThat(cost[0][column[0]] + cost[1][column[1]] + cost[2][column[2]]).isEqualTo(5);
    }

    /** Against the Kuhn–Munkres solver of JGraphT, on matrices too large to try every way. */
    @Test
    void aLargeAssignmentCostsWhatAnotherSolverFinds() {
        Random random = new Random(7);
        for (int n = 20; n <= 80; n += 20) {
            double[][] cost = new double[n][n];
            Graph<Integer, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
            Set<Integer> rows = new LinkedHashSet<>();
            Set<Integer> columns = new LinkedHashSet<>();
            for (int i = 0; i < n; i++) {
                graph.addVertex(i);
                graph.addVertex(n + i);
                rows.add(i);
                columns.add(n + i);
            }
            for (int i = 0; i < n; i++) {
                for (int k = 0; k < n; k++) {
                    cost[i][k] = random.nextInt(4) == 0 ? 0 : -random.nextDouble();
                    graph.setEdgeWeight(graph.addEdge(i, n + k), cost[i][k]);
                }
            }
            int[] column = Assignment.solve(cost);
            double sum = 0;
            for (int i = 0; i < n; i++) {
                sum += cost[i][column[i]];
            }
            assertThat(column).doesNotHaveDuplicates();
            assertThat(sum)
                    .isCloseTo(
                            new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, rows, columns)
                                    .getMatching()
                                    .getWeight(),
                            within(1e-9));
        }
    }

    @Test
    void noOtherWayOfPairingLosesLess() {
        Random random = new Random(11);
        for (int round = 0; round < 120; round++) {
            int sticks = 1 + random.nextInt(7);
            int stems = 1 + random.nextInt(7);
            Map<Bond, Worth> worth = new HashMap<>();
            List<Piece> a = pieces("a", sticks, random);
            List<Piece> b = pieces("b", stems, random);
            for (Piece s : a) {
                for (Piece t : b) {
                    boolean allowed = random.nextInt(5) > 0;
                    worth.put(
                            new Bond(s.id(), t.id()),
                            allowed ? new Worth("cleft", random.nextDouble(), random.nextDouble() / 5, 0) : Worth.NONE);
                }
            }
            Solution solved = solve(a, b, worth, Set.of(), Set.of());
            double apart = 1 - LEAST;
            double best = tried(a, b, worth, apart, 0, new ArrayList<>());
            double saved = solved.pairs().stream()
                    .mapToDouble(p -> Pairing.cost(p.worth()) - apart)
                    .sum();
            assertThat(saved).isCloseTo(best, within(1e-6));
            assertThat(solved.pairs().size() + solved.spareSticks().size()).isEqualTo(sticks);
            assertThat(solved.pairs().size() + solved.spareStems().size()).isEqualTo(stems);
        }
    }

    // Every stick in turn on every stem that is free, or on none.
    private static double tried(
            List<Piece> a, List<Piece> b, Map<Bond, Worth> worth, double apart, int from, List<String> taken) {
        if (from == a.size()) {
            return 0;
        }
        double best = tried(a, b, worth, apart, from + 1, taken);
        for (Piece stem : b) {
            Worth w = worth.get(new Bond(a.get(from).id(), stem.id()));
            if (w.techniqueKey() != null && !taken.contains(stem.id())) {
                taken.add(stem.id());
                best = Math.min(best, Pairing.cost(w) - apart + tried(a, b, worth, apart, from + 1, taken));
                taken.remove(stem.id());
            }
        }
        return best;
    }

    @Test
    void aLockHoldsAndWhatIsKeptApartStaysApart() {
        Map<Bond, Worth> worth = new HashMap<>();
        List<Piece> a = List.of(piece("a1", 6), piece("a2", 8));
        List<Piece> b = List.of(piece("b1", 6), piece("b2", 8));
        for (Piece s : a) {
            for (Piece t : b) {
                worth.put(
                        new Bond(s.id(), t.id()),
                        new Worth("cleft", s.diameterMm() == t.diameterMm() ? 0.9 : 0.2, 0, 0));
            }
        }
        assertThat(solve(a, b, worth, Set.of(), Set.of()).pairs())
                .allMatch(p -> p.worth().share() == 0.9);
        Solution locked = solve(a, b, worth, Set.of(new Bond("a1", "b2")), Set.of());
        assertThat(locked.pairs())
                .anyMatch(p -> p.stickId().equals("a1") && p.stemId().equals("b2") && p.locked());
        Solution apart = solve(a, b, worth, Set.of(), Set.of(new Bond("a1", "b1"), new Bond("a1", "b2")));
        assertThat(apart.spareSticks()).containsExactly("a1");
        assertThatThrownBy(() -> solve(a, b, worth, Set.of(new Bond("a1", "b1"), new Bond("a1", "b2")), Set.of()))
                .isInstanceOf(FitRefused.class)
                .hasMessageContaining("a1 is locked to two others");
    }

    @Test
    void thickGoesToThickAndWhatFindsNoStemIsToldWhatToDo() {
        TechniqueChoice choice = new TechniqueChoice(RULES);
        var avocado = RULES.species("avocado").orElseThrow();
        PairJudge judge = new PairJudge(
                choice,
                RULES.fit(),
                (scion, stem) -> new BenchCase(
                        new BenchCase.Pieces(avocado, avocado, scion, stem),
                        Slips.NO,
                        Needs.STICK,
                        Growth.ACTIVE,
                        false,
                        new BenchCase.Hand(2, 3, true),
                        Map.of(),
                        Map.of()),
                Set.of("cleft", "whip", "whip-tongue"));
        List<Piece> sticks = List.of(piece("s1", 9.0), piece("s2", 5.2), piece("s3", 7.1), piece("s4", 19.0));
        List<Piece> stems = List.of(piece("t1", 7.3), piece("t2", 9.3), piece("t3", 5.4), piece("t4", 3.0));
        Solution solved = Pairing.solve(sticks, stems, judge, LEAST, Set.of(), Set.of(), n -> {}, () -> false);
        assertThat(solved.pairs().stream().map(p -> p.stickId() + p.stemId())).containsExactly("s2t3", "s3t1", "s1t2");
        assertThat(solved.spareSticks()).containsExactly("s4");
        Spare spare = new Spare(RULES);
        assertThat(spare.stick(sticks.get(3), stems, false, Slips.NO).what()).isEqualTo("find a thicker stock");
        assertThat(spare.stem(stems.get(3), sticks, false).what()).isEqualTo("let it thicken and wait");
        assertThat(spare.stick(sticks.get(1), stems, false, Slips.YES).what()).contains("bud it");
    }

    @Test
    void moreThanFiveHundredIsTooManyAndAStopStops() {
        List<Piece> many = pieces("a", 501, new Random(1));
        assertThatThrownBy(() -> solve(many, many, Map.of(), Set.of(), Set.of()))
                .hasMessage("501 sticks are too many to pair at once; take up to 500.");
        List<Integer> told = new ArrayList<>();
        Solution stopped = Pairing.solve(
                pieces("a", 9, new Random(1)),
                pieces("b", 9, new Random(1)),
                (s, t) -> Worth.NONE,
                LEAST,
                Set.of(),
                Set.of(),
                told::add,
                () -> told.size() >= 4);
        assertThat(told).containsExactly(1, 2, 3, 4);
        assertThat(stopped.pairs()).isEmpty();
    }

    private static Solution solve(
            List<Piece> a, List<Piece> b, Map<Bond, Worth> worth, Set<Bond> locks, Set<Bond> apart) {
        return Pairing.solve(
                a, b, (s, t) -> worth.get(new Bond(s.id(), t.id())), LEAST, locks, apart, n -> {}, () -> false);
    }

    private static List<Piece> pieces(String kind, int n, Random random) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            pieces.add(piece(kind + i, 4 + random.nextDouble() * 8));
        }
        return pieces;
    }

    private static Piece piece(String id, double mm) {
        return new Piece(id, mm, null, null);
    }
}
