package baylantern.core.take.gain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.rules.FactRules;
import baylantern.core.take.Belief;
import baylantern.core.take.fact.FactColumn;
import baylantern.core.take.fact.FactTable;
import baylantern.core.take.gain.MadeUpFarm.Truth;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What moves take, on made-up farms whose truth is known; half of them are of another form than the model. */
class GainModelTest {

    private static final int FARMS = 150;
    private static final FactRules RULES = MadeUpFarm.RULES;

    private static GainModel model(FactTable table) {
        return GainModel.of(table, table.where(graft -> true), RULES, 0.9, 0.4);
    }

    private static Gain gain(GainModel model, String aspect) {
        return model.gains().stream()
                .filter(g -> g.aspect().equals(aspect))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void rangesHoldTheTruthAndWhatDoesNothingIsSeldomCalledAGain(Truth truth) {
        int held = 0;
        int asked = 0;
        int nothing = 0;
        int found = 0;
        int better = 0;
        for (int farm = 0; farm < FARMS; farm++) {
            MadeUpFarm made = new MadeUpFarm(1000 + farm, truth, 300);
            GainModel model = model(made.table);
            held += holds(model.between("maker", "0", "1").orElseThrow(), made.makersDiffer(0, 1));
            held += holds(model.between("maker", "1", "2").orElseThrow(), made.makersDiffer(1, 2));
            held += holds(model.between("cover", "0", "1").orElseThrow(), 0);
            held += holds(gain(model, "woodAge").points(), made.freshWoodBrings());
            asked += 4;
            nothing += gain(model, "cover").told() ? 1 : 0;
            found += gain(model, "woodAge").told() ? 1 : 0;
            better += model.foretelling().stands() ? 1 : 0;
        }
        System.out.printf(
                "gains, %s: held %.3f, nothing called a gain %.3f, fresh wood found %.2f, stands %.2f%n",
                truth,
                held / (double) asked,
                nothing / (double) FARMS,
                found / (double) FARMS,
                better / (double) FARMS);
        assertThat(held / (double) asked).isBetween(0.85, 0.95);
        assertThat(nothing / (double) FARMS).isLessThanOrEqualTo(0.05);
        assertThat(found / (double) FARMS).isGreaterThan(0.3);
    }

    private static int holds(Gain.Points points, double truth) {
        return points.low() <= truth && truth <= points.high() ? 1 : 0;
    }

    @Test
    void whatIsToldOfSessionsLeftOutComesAsOftenAsTold() {
        double[][] tenths = new double[10][3];
        for (int farm = 0; farm < 40; farm++) {
            model(new MadeUpFarm(farm, Truth.OWN, 300).table)
                    .foretelling()
                    .tenths()
                    .forEach(tenth -> {
                        double[] sum = tenths[(int) (tenth.told() * 10)];
                        sum[0] += tenth.told() * tenth.grafts();
                        sum[1] += tenth.came() * tenth.grafts();
                        sum[2] += tenth.grafts();
                    });
        }
        for (double[] tenth : tenths) {
            if (tenth[2] > 300) {
                assertThat(tenth[1] / tenth[2]).isCloseTo(tenth[0] / tenth[2], within(0.06));
            }
        }
    }

    @Test
    void whereNothingMovesTakeTheModelSaysItIsNoBetterThanThePlainRate() {
        int stands = 0;
        for (int farm = 0; farm < 40; farm++) {
            MadeUpFarm made = new MadeUpFarm(farm, Truth.OWN, 300);
            java.util.Random random = new java.util.Random(farm);
            List<FactTable.Row> rows = IntStream.range(0, made.table.size())
                    .mapToObj(made.table::row)
                    .map(row -> new FactTable.Row(
                            row.code(),
                            row.madeOn(),
                            random.nextInt(10) < 6 ? FactTable.End.TAKEN : FactTable.End.FAILED))
                    .toList();
            stands += model(new FactTable(rows, made.table.columns()))
                            .foretelling()
                            .stands()
                    ? 1
                    : 0;
        }
        assertThat(stands).isLessThanOrEqualTo(6);
    }

    @Test
    void aTinyFarmIsRefusedAndAKindThatAlwaysTookIsNamed() {
        MadeUpFarm made = new MadeUpFarm(3, Truth.OWN, 300);
        int[] few = IntStream.range(0, 39).toArray();
        assertThat(GainModel.refusal(made.table, few, RULES).orElseThrow())
                .contains("from 40 decided grafts on; there are 39");
        assertThatThrownBy(() -> GainModel.of(made.table, few, RULES, 0.9, 0.4))
                .isInstanceOf(IllegalArgumentException.class);
        int[] took = made.table.where(graft -> made.table.row(graft).end() == FactTable.End.TAKEN);
        assertThat(GainModel.refusal(made.table, took, RULES).orElseThrow()).contains("Only 0 of " + took.length);
        int[] parted = made.table.where(
                graft -> made.kinds.get(graft)[0] != 2 || made.table.row(graft).end() == FactTable.End.FAILED);
        Gain maker = gain(GainModel.of(made.table, parted, RULES, 0.9, 0.4), "maker");
        assertThat(maker.points().high()).isLessThanOrEqualTo(1);
        GainModel model = GainModel.of(made.table, parted, RULES, 0.9, 0.4);
        assertThat(model.between("maker", "2", "0").orElseThrow().mean()).isBetween(-1.0, -0.2);
    }

    @Test
    void aLineIsToldWhatItIsLikelyToTakeAndWhatChangeWouldRaiseItMost() {
        MadeUpFarm made = new MadeUpFarm(5, Truth.OWN, 900);
        GainModel model = model(made.table);
        Belief old = model.belief(Map.of("maker", "2", "woodAge", "4"));
        Belief fresh = model.belief(Map.of("maker", "2", "woodAge", "0"));
        assertThat(old.mean()).isLessThan(fresh.mean()).isBetween(old.quantile(0.05), old.quantile(0.95));
        GainModel.Change change =
                model.change(Map.of("maker", "0", "woodAge", "4")).orElseThrow();
        assertThat(change.aspect()).isEqualTo("woodAge");
        assertThat(change.to()).startsWith("under 3 days");
        // What is not said counts as usual: the farm's own mean lies between the best and the worst.
        assertThat(model.belief(Map.of()).mean()).isBetween(old.mean(), fresh.mean() + 0.2);
        assertThat(model.change(Map.of("cover", "0"))).isEmpty();
    }

    @Test
    void neitherTheOrderOfTheGraftsNorWhatKindsAreCalledMovesWhatIsTold() {
        MadeUpFarm made = new MadeUpFarm(8, Truth.OWN, 300);
        GainModel model = model(made.table);
        int size = made.table.size();
        List<FactTable.Row> rows = IntStream.range(0, size)
                .mapToObj(i -> made.table.row(size - 1 - i))
                .toList();
        List<FactColumn> columns = made.table.columns().stream()
                .map(column -> {
                    FactColumn.Builder turned = new FactColumn.Builder(column.aspect(), size);
                    for (int i = 0; i < size; i++) {
                        int kind = column.of(size - 1 - i);
                        if (column.aspect().steps() == null) {
                            turned.kind(i, column.kinds().get(kind).key() + "x", "other " + kind);
                        } else {
                            double low =
                                    kind == 0 ? 0 : column.aspect().steps().at().get(kind - 1);
                            turned.number(i, low);
                        }
                    }
                    return turned.done();
                })
                .toList();
        GainModel other = model(new FactTable(rows, columns));
        Gain.Points before = model.between("maker", "0", "2").orElseThrow();
        Gain.Points after = other.between("maker", "0x", "2x").orElseThrow();
        assertThat(after.mean()).isCloseTo(before.mean(), within(1e-4));
        assertThat(after.low()).isCloseTo(before.low(), within(1e-4));
        assertThat(gain(other, "woodAge").points().mean())
                .isCloseTo(gain(model, "woodAge").points().mean(), within(1e-4));
        assertThat(model.between("maker", "2", "0").orElseThrow().mean()).isCloseTo(-before.mean(), within(1e-9));
        assertThat(model.between("maker", "2", "2")).isEmpty();
        assertThat(model.between("maker", "2", "9")).isEmpty();
        assertThat(model.between("zodiac", "2", "0")).isEmpty();
    }

    @Test
    void moreIsKnownOfWhatIsUsualThanOfOneKindOfIt() {
        MadeUpFarm made = new MadeUpFarm(12, Truth.OWN, 600);
        GainModel model = model(made.table);
        Belief.Range likely = model.belief(Map.of("maker", "0", "woodAge", "0")).range(0.9);
        Belief.Range usual = model.belief(Map.of()).range(0.9);
        assertThat(likely.high() - likely.low()).isBetween(0.02, 0.4);
        assertThat(usual.high() - usual.low()).isLessThan(likely.high() - likely.low());
        assertThat(model.daySpread()).isBetween(0.1, 1.0);
        assertThat(model.count().decided()).isEqualTo(600);
    }

    /** The plain rate's miss by hand: the rate of the days left in, squared off against each graft left out. */
    @Test
    void thePlainRateBesideTheModelIsThatOfTheDaysLeftIn() {
        MadeUpFarm made = new MadeUpFarm(21, Truth.OTHER, 400);
        List<LocalDate> days = IntStream.range(0, made.table.size())
                .mapToObj(graft -> made.table.row(graft).madeOn())
                .distinct()
                .toList();
        double missed = 0;
        for (int part = 0; part < 8; part++) {
            int out = part;
            int[] left =
                    made.table.where(graft -> days.indexOf(made.table.row(graft).madeOn()) % 8 == out);
            int[] in =
                    made.table.where(graft -> days.indexOf(made.table.row(graft).madeOn()) % 8 != out);
            double rate = took(made.table, in) / in.length;
            double taken = took(made.table, left);
            missed += taken * (1 - rate) * (1 - rate) + (left.length - taken) * rate * rate;
        }
        Foretelling told = model(made.table).foretelling();
        assertThat(told.plain()).isCloseTo(missed / made.table.size(), within(1e-9));
        assertThat(told.grafts()).isEqualTo(400);
        assertThat(told.sessions()).isEqualTo(days.size());
        assertThat(told.tenths().stream().mapToInt(Foretelling.Tenth::grafts).sum())
                .isEqualTo(400);
    }

    private static double took(FactTable table, int[] grafts) {
        return IntStream.of(grafts)
                .filter(graft -> table.row(graft).end() == FactTable.End.TAKEN)
                .count();
    }
}
