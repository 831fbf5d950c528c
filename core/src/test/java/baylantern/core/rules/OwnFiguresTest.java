package baylantern.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.season.flush.BudWarmth;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** The grower's own figures in the place of the starting ones. */
class OwnFiguresTest {

    private static final Rulebook SHIPPED = Rulebook.shipped();

    private final Map<String, Double> own = new HashMap<>();
    private final Rulebook rules = SHIPPED.owned(new OwnFigures() {
        @Override
        public @Nullable Double of(String of, String key) {
            return own.get(of.isEmpty() ? key : of + "." + key);
        }

        @Override
        public Map<String, Double> ofAll() {
            return Map.copyOf(own);
        }
    });

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
    void everyNumberOfARowMovesWhatIsHeldOfItAndOneAloneOutsideItsRangeNothing() {
        FitRules fit = rules.fit();
        CauseRules causes = rules.causes();
        WoodRules wood = rules.wood();
        FlushRules flush = rules.flush();
        Supplier<List<?>> held = () -> Stream.of(
                        causes.causes(),
                        causes.signs(),
                        causes.circumstances(),
                        fit.traits(),
                        wood.looks(),
                        wood.measures(),
                        wood.species(),
                        wood.keeping(),
                        flush.until(),
                        flush.stock(),
                        flush.slip(),
                        flush.wood())
                .map(HashMap::new)
                .collect(Collectors.collectingAndThen(
                        Collectors.toList(), all -> List.of(all, List.copyOf(rules.techniques()))));
        List<?> shipped = held.get();
        List<Rulebook.Named> rows = SHIPPED.figures().stream()
                .filter(one -> one.name() == null && one.subject() != FigureName.Subject.VISIT)
                .filter(one -> one.figure().low() < one.figure().high())
                .toList();
        assertThat(rows).hasSizeGreaterThan(500);
        for (Rulebook.Named one : rows) {
            double to = one.figure().value() == one.figure().high()
                    ? one.figure().low()
                    : one.figure().high();
            own.put(one.key(), to);
            assertThat(held.get().equals(shipped)).as(one.key()).isFalse();
            own.clear();
        }
        // One outside its range, as another edition may have it, is passed over.
        rows.forEach(one -> own.put(one.key(), one.figure().high() * 3 + 1));
        assertThat(held.get().equals(shipped)).isTrue();
        own.clear();
        assertThat(held.get()).isEqualTo(shipped);
    }

    @Test
    void howeverManyAreMovedToTheirEndsTheRulesHoldTogether() {
        Random luck = new Random(5);
        for (int farm = 0; farm < 40; farm++) {
            own.clear();
            for (Rulebook.Named one : SHIPPED.figures()) {
                if (one.name() == null && luck.nextInt(3) > 0) {
                    own.put(
                            one.key(),
                            luck.nextBoolean()
                                    ? one.figure().low()
                                    : one.figure().high());
                }
            }
            double before = 0;
            for (BudStage stage : BudStage.values()) {
                assertThat(rules.flush().until().get(stage)).isGreaterThan(before);
                before = rules.flush().until().get(stage);
            }
            for (String species : SHIPPED.wood().keeping().keySet()) {
                WoodRules.Keep keep = rules.wood().keep(species);
                assertThat(keep.ambientDays()).isPositive().isLessThanOrEqualTo(keep.coolBoxDays());
                assertThat(keep.coolBoxDays()).isLessThanOrEqualTo(keep.fridgeDays());
            }
            for (Technique technique : rules.techniques()) {
                assertThat(technique.ratio().spans(technique.ratio().value())).isTrue();
                FitRules.MadeFor best = rules.fit().trait(technique.key()).best();
                assertThat(best.from()).isLessThanOrEqualTo(best.to());
            }
            rules.causes()
                    .signs()
                    .forEach((sign, rule) -> assertThat(rule.with().values())
                            .allSatisfy(share -> assertThat(share).isBetween(0.001, 0.999)));
            rules.causes()
                    .circumstances()
                    .forEach((key, rule) -> rule.times().forEach((cause, times) -> {
                        double was = Known.in(
                                Known.in(SHIPPED.causes().circumstances(), key).times(), cause);
                        // What speaks for a cause never comes to speak against it.
                        assertThat((times - 1) * (was - 1)).as(key).isGreaterThanOrEqualTo(-0.0);
                    }));
        }
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
