package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.season.flush.BudWarmth;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The grower's own figures in the place of the starting ones. */
class OwnFiguresTest {

    private static final Rulebook SHIPPED = Rulebook.shipped();

    private final Map<String, Double> own = new HashMap<>();
    private final Rulebook rules = SHIPPED.owned((of, key) -> own.get(of.isEmpty() ? key : of + "." + key));

    @Test
    void whoHoldsTheRulesSeesAFigureAsItIsNow() {
        FlushRules held = rules.flush();
        Species mango = rules.species("mango").orElseThrow();
        String mark = rules.visitsMark();
        own.put("heat", 34.0);
        own.put("mango.coldLimit", mango.figures().get("coldLimit").high());
        own.put("growth", rules.life(FigureName.GROWTH).high());
        assertThat(held.value(FigureName.HEAT)).isEqualTo(34);
        assertThat(mango.figure(FigureName.COLD_LIMIT).value())
                .isEqualTo(SHIPPED.species("mango")
                        .orElseThrow()
                        .figure(FigureName.COLD_LIMIT)
                        .high());
        // Visits planned by other figures are known to be so.
        assertThat(rules.visitsMark()).isNotEqualTo(mark);
        own.clear();
        assertThat(held.value(FigureName.HEAT)).isEqualTo(SHIPPED.flush().value(FigureName.HEAT));
        assertThat(rules.visitsMark()).isEqualTo(mark).isEqualTo(SHIPPED.visitsMark());
    }

    @Test
    void everyFigureThereIsCanBeChangedAndNoOtherMovesWithIt() {
        for (Rulebook.Named one : SHIPPED.figures()) {
            double to = one.figure().value() == one.figure().high()
                    ? one.figure().low()
                    : one.figure().high();
            own.clear();
            own.put(one.of().isEmpty() ? one.key() : one.of() + "." + one.key(), to);
            List<Rulebook.Named> moved = rules.figures().stream()
                    .filter(now -> now.figure().value() != now.starting().value())
                    .toList();
            assertThat(moved)
                    .as(one.of() + one.key())
                    .hasSize(to == one.figure().value() ? 0 : 1);
            moved.forEach(now -> {
                assertThat(now.key()).isEqualTo(one.key());
                assertThat(now.of()).isEqualTo(one.of());
                assertThat(now.figure().value()).isEqualTo(to);
            });
        }
    }

    @Test
    void aRowOfVisitsMovesBetweenItsEarliestAndItsLatest() {
        Rulebook.Named sweep = SHIPPED.figures().stream()
                .filter(one -> one.key().startsWith("SWEEP.") && one.key().endsWith(".aim"))
                .findFirst()
                .orElseThrow();
        String again = sweep.key().replace(".aim", ".again");
        String mark = rules.visitsMark();
        own.put(sweep.key(), 10.0);
        own.put(again, 12.0);
        VisitRule.When when = rules.visit("SWEEP").rules().get(0).when();
        assertThat(List.of(when.from(), when.aim(), when.to())).containsExactly(6.0, 10.0, 11.0);
        assertThat(when.every()).contains(12.0);
        assertThat(rules.visit("SWEEP").rules().get(1))
                .isEqualTo(SHIPPED.visit("SWEEP").rules().get(1));
        assertThat(rules.visitsMark()).isNotEqualTo(mark);
        // Held as it is now, and passed over where it lies outside of what growers give.
        Rulebook held = rules.now();
        own.put(sweep.key(), 40.0);
        assertThat(rules.visit("SWEEP").rules().get(0).when().aim()).isEqualTo(7);
        assertThat(held.visit("SWEEP").rules().get(0).when().aim()).isEqualTo(10);
        own.clear();
        assertThat(rules.visits()).containsExactlyElementsOf(SHIPPED.visits());
    }

    @Test
    void aFigureIsFoundByItsKeyAlone() {
        Map<String, Long> keys = Arrays.stream(FigureName.values())
                .collect(Collectors.groupingBy(FigureName::key, Collectors.counting()));
        assertThat(keys).allSatisfy((key, times) -> assertThat(times).as(key).isEqualTo(1));
    }

    @Test
    void aNumberOutsideItsRangeAsAnotherEditionMayHaveItIsPassedOver() {
        own.put("heat", 80.0);
        assertThat(rules.flush().value(FigureName.HEAT))
                .isEqualTo(SHIPPED.flush().value(FigureName.HEAT));
    }

    @Test
    void whatIsReckonedAsideGoesByTheFiguresOfItsBeginning() {
        own.put(
                "mango.base",
                SHIPPED.species("mango").orElseThrow().figure(FigureName.BASE).high());
        Rulebook now = rules.now();
        BudWarmth warm = BudWarmth.of(now.species("mango").orElseThrow(), now.flush());
        own.clear();
        assertThat(BudWarmth.of(now.species("mango").orElseThrow(), now.flush()))
                .isEqualTo(warm);
        assertThat(now.flush()).isEqualTo(rules.flush()).isEqualTo(SHIPPED.flush());
        assertThat(now.species("mango"))
                .isNotEqualTo(Optional.of(rules.species("mango").orElseThrow()));
    }

    @Test
    void figuresThatStandInOrderDoNotCross() {
        Map<FigureName, Double> heals = new HashMap<>(
                Map.of(FigureName.HEALING_LEAST, 15.0, FigureName.HEALING_BEST, 25.0, FigureName.HEALING_MOST, 35.0));
        assertThat(FigureOrder.crossed(FigureName.HEALING_BEST, name -> Known.in(heals, name)))
                .isEmpty();
        heals.put(FigureName.HEALING_BEST, 14.0);
        assertThat(FigureOrder.crossed(FigureName.HEALING_BEST, name -> Known.in(heals, name)))
                .contains(new FigureOrder.Crossed(FigureName.HEALING_LEAST, FigureName.HEALING_BEST));
        heals.put(FigureName.HEALING_BEST, 36.0);
        assertThat(FigureOrder.crossed(FigureName.HEALING_BEST, name -> Known.in(heals, name)))
                .contains(new FigureOrder.Crossed(FigureName.HEALING_BEST, FigureName.HEALING_MOST));
        assertThat(FigureOrder.crossed(FigureName.HEALING_MOST, name -> Known.in(heals, name)))
                .contains(new FigureOrder.Crossed(FigureName.HEALING_BEST, FigureName.HEALING_MOST));
        assertThat(FigureOrder.crossed(FigureName.HEAT, name -> 0)).isEmpty();
        // As shipped none cross, for no species.
        for (Species species : SHIPPED.species()) {
            for (FigureName name : FigureName.values()) {
                assertThat(FigureOrder.crossed(
                                name,
                                one -> SHIPPED.figures().stream()
                                        .filter(f ->
                                                f.name() == one && (f.of().isEmpty() || f.of().equals(species.key())))
                                        .findFirst()
                                        .orElseThrow()
                                        .figure()
                                        .value()))
                        .isEmpty();
            }
        }
    }
}
