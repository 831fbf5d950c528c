package baylantern.core.take;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.Rulebook;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** The limits of pooling, and an experiment in which the truth is known. */
class KinPoolingTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final KinPrior PRIOR = KinPrior.lasting(RULES);
    private static final KinPrior WITH_SEASONS = KinPrior.withSeasons(RULES);

    private static KinPooling pooled(Map<List<String>, TakeCount> leaves) {
        return new KinPooling(leaves, PRIOR);
    }

    private static TakeCount count(int taken, int failed) {
        return new TakeCount(taken, failed, 0, 0);
    }

    @Test
    void oneGroupAloneIsItsOwn() {
        Belief belief = pooled(Map.of(List.of("mango", "A"), count(7, 3))).belief(List.of("mango", "A"));
        assertThat(belief.mean()).isEqualTo(8 / 12.0, within(0.002));
        assertThat(belief.quantile(0.05)).isEqualTo(new BetaBelief(8, 4).quantile(0.05), within(0.003));
        assertThat(belief.quantile(0.95)).isEqualTo(new BetaBelief(8, 4).quantile(0.95), within(0.003));
    }

    @Test
    void identicalGroupsAreAsGoodAsPooled() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (int i = 0; i < 30; i++) {
            leaves.put(List.of("mango", "v" + i), count(14, 6));
        }
        Belief one = pooled(leaves).belief(List.of("mango", "v3"));
        assertThat(one.mean()).isEqualTo(0.7, within(0.005));
        double alone = BetaBelief.FLAT.after(14, 6).range(0.9).high()
                - BetaBelief.FLAT.after(14, 6).range(0.9).low();
        assertThat(one.range(0.9).high() - one.range(0.9).low()).isLessThan(alone / 2);
    }

    @Test
    void unlikeGroupsKeepToThemselves() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (int i = 0; i < 8; i++) {
            leaves.put(List.of("good" + i), count(39, 1));
            leaves.put(List.of("bad" + i), count(1, 39));
        }
        KinPooling pooling = pooled(leaves);
        assertThat(pooling.strength(1)).isLessThan(4);
        assertThat(pooling.belief(List.of("good1")).mean()).isGreaterThan(0.9);
        assertThat(pooling.belief(List.of("bad1")).mean()).isLessThan(0.1);
    }

    @Test
    void anEmptyGroupSaysWhatItsSpeciesSays() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        leaves.put(List.of("fig", "A"), count(90, 10));
        leaves.put(List.of("fig", "B"), count(88, 12));
        leaves.put(List.of("fig", "C"), TakeCount.NONE);
        KinPooling pooling = pooled(leaves);
        Belief empty = pooling.belief(List.of("fig", "C"));
        assertThat(empty.mean()).isEqualTo(0.89, within(0.06));
        assertThat(pooling.belief(List.of("fig", "never heard of")).mean()).isEqualTo(empty.mean(), within(1e-3));
    }

    @Test
    void waitingAndLostGraftsNeverMoveARate() {
        Map<List<String>, TakeCount> bare = Map.of(List.of("a"), count(5, 2), List.of("b"), count(3, 3));
        Map<List<String>, TakeCount> more =
                Map.of(List.of("a"), new TakeCount(5, 2, 40, 7), List.of("b"), new TakeCount(3, 3, 0, 9));
        assertThat(pooled(more).belief(List.of("a"))).isEqualTo(pooled(bare).belief(List.of("a")));
    }

    @Test
    void theOrderOfGroupsDoesNotMatter() {
        Map<List<String>, TakeCount> one = new LinkedHashMap<>();
        one.put(List.of("a"), count(5, 2));
        one.put(List.of("b"), count(1, 6));
        Map<List<String>, TakeCount> other = new LinkedHashMap<>();
        other.put(List.of("b"), count(1, 6));
        other.put(List.of("a"), count(5, 2));
        assertThat(pooled(one).belief(List.of("a")).mean())
                .isEqualTo(pooled(other).belief(List.of("a")).mean(), within(1e-9));
    }

    /** Ten varieties that all took or all failed: of the species hardly more is known than from ten coins. */
    @Test
    void aParentsRangeCountsHowFarItsChildrenDiffer() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (int i = 0; i < 10; i++) {
            leaves.put(List.of("mango", "v" + i), i % 2 == 0 ? count(20, 0) : count(0, 20));
        }
        Belief.Range range = pooled(leaves).belief(List.of("mango")).range(0.9);
        Belief.Range coins = BetaBelief.FLAT.after(5, 5).range(0.9);
        assertThat(range.low()).isEqualTo(coins.low(), within(0.08));
        assertThat(range.high()).isEqualTo(coins.high(), within(0.08));
    }

    @Test
    void anOnlySeasonAndItsVarietyShowOneRange() {
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        leaves.put(List.of("mango", "A", "spring"), count(2, 8));
        leaves.put(List.of("mango", "B", "spring"), count(7, 8));
        leaves.put(List.of("mango", "B", "summer"), count(9, 3));
        KinPooling pooling = new KinPooling(leaves, WITH_SEASONS);
        assertThat(pooling.belief(List.of("mango", "A", "spring"))).isEqualTo(pooling.belief(List.of("mango", "A")));
        assertThat(pooling.belief(List.of("mango", "B", "spring"))).isNotEqualTo(pooling.belief(List.of("mango", "B")));
    }

    /** How often the 90 % ranges held: by the decided grafts of a group, or by its level. */
    private static final class Held {
        private final Map<String, int[]> counts = new TreeMap<>();

        void ask(String sort, Belief belief, double truth) {
            Belief.Range range = belief.range(0.9);
            int[] n = counts.computeIfAbsent(sort, k -> new int[2]);
            n[0]++;
            n[1] += range.low() <= truth && truth <= range.high() ? 1 : 0;
        }

        void areNineInTen() {
            counts.forEach((sort, n) ->
                    assertThat(n[1] / (double) n[0]).as("%s: %s", sort, this).isBetween(0.87, 0.935));
        }

        @Override
        public String toString() {
            StringBuilder text = new StringBuilder("held:");
            counts.forEach((sort, n) -> text.append(' ')
                    .append(sort)
                    .append(' ')
                    .append(Math.round(1000.0 * n[1] / n[0]) / 10.0)
                    .append(" of ")
                    .append(n[0]));
            return text.toString();
        }
    }

    private static double rate(double logOdds) {
        return 1 / (1 + Math.exp(-logOdds));
    }

    private static TakeCount drawn(int n, double rate, Random random) {
        int taken = (int) random.doubles(n).filter(x -> x < rate).count();
        return count(taken, n - taken);
    }

    private static String size(int n) {
        return n < 5 ? "under 5" : n < 15 ? "5 to 14" : "15 and over";
    }

    /** 300 farms whose varieties and seasons differ on log-odds, more or less from farm to farm. */
    @Test
    void theRangesHoldTheTruthAsOftenAsTheySay() {
        Random random = new Random(7);
        Held held = new Held();
        for (int farm = 0; farm < 300; farm++) {
            double varieties = 0.3 + 0.9 * random.nextDouble();
            double seasons = 0.15 + 0.5 * random.nextDouble();
            double farmAt = 0.7 + 0.6 * random.nextGaussian();
            Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
            Map<List<String>, Double> at = new LinkedHashMap<>();
            for (String species : List.of("mango", "fig")) {
                double speciesAt = farmAt + 0.5 * random.nextGaussian();
                at.put(List.of(species), mean(speciesAt, Math.hypot(varieties, seasons)));
                for (int v = 0; v < 7; v++) {
                    double varietyAt = speciesAt + varieties * random.nextGaussian();
                    at.put(List.of(species, "v" + v), mean(varietyAt, seasons));
                    for (int season = 0; season <= v % 3; season++) {
                        double p = rate(varietyAt + seasons * random.nextGaussian());
                        List<String> path = List.of(species, "v" + v, "s" + season);
                        at.put(path, p);
                        leaves.put(path, drawn(1 + (int) (40 * Math.pow(random.nextDouble(), 2)), p, random));
                    }
                }
            }
            KinPooling pooling = new KinPooling(leaves, WITH_SEASONS);
            at.forEach((path, truth) -> {
                String level = List.of("species", "variety", "season").get(path.size() - 1);
                held.ask(level, pooling.belief(path), truth);
                if (path.size() > 1) {
                    held.ask(level + " " + size(pooling.count(path).decided()), pooling.belief(path), truth);
                }
            });
        }
        held.areNineInTen();
    }

    /** The mean rate over members about a place, by a fine sum. */
    private static double mean(double at, double spread) {
        double sum = 0;
        double whole = 0;
        for (double z = -6; z <= 6; z += 0.02) {
            double weight = Math.exp(-z * z / 2);
            sum += weight * rate(at + spread * z);
            whole += weight;
        }
        return sum / whole;
    }

    /** Truths of another form: rates drawn from a Beta, evenly, and from two kinds. */
    @Test
    void theyHoldWhereTheTruthIsOfAnotherForm() {
        Random random = new Random(11);
        Held held = new Held();
        for (int farm = 0; farm < 300; farm++) {
            Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
            Map<List<String>, Double> truth = new LinkedHashMap<>();
            for (int v = 0; v < 12; v++) {
                double p = switch (farm % 3) {
                    case 0 -> 0.35 + 0.6 * random.nextDouble();
                    case 1 -> random.nextInt(3) == 0 ? 0.45 : 0.85;
                    default -> 1 - Math.pow(random.nextDouble(), 1 / 1.5) * 0.8;
                };
                List<String> path = List.of("mango", "v" + v);
                truth.put(path, p);
                leaves.put(path, drawn(1 + random.nextInt(40), p, random));
            }
            KinPooling pooling = pooled(leaves);
            String kind = List.of("even", "two", "skew").get(farm % 3);
            truth.forEach((path, p) -> held.ask(kind, pooling.belief(path), p));
        }
        held.areNineInTen();
    }
}
