package baylantern.core.fit.pairing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.fit.choice.BenchCase;
import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.fit.choice.TechniqueChoice;
import baylantern.core.fit.pairing.Pairing.Piece;
import baylantern.core.fit.pairing.Pairing.Solution;
import baylantern.core.fit.pairing.Pairing.Worth;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Rulebook;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a stick is worth on a stem, and what is done with what is left over. */
class PairJudgeTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final TechniqueChoice CHOICE = new TechniqueChoice(RULES);

    private static PairJudge judge(String species, Slips slips, Needs wood, boolean keepTop, String... allowed) {
        var kind = RULES.species(species).orElseThrow();
        return new PairJudge(
                CHOICE,
                RULES.fit(),
                (scion, stem) -> new BenchCase(
                        new BenchCase.Pieces(kind, kind, scion, stem),
                        slips,
                        wood,
                        Growth.ACTIVE,
                        keepTop,
                        new BenchCase.Hand(2, 3, true),
                        Map.of(),
                        Map.of()),
                Set.of(allowed));
    }

    private static Piece piece(String id, double mm) {
        return new Piece(id, mm, null, null);
    }

    private static Worth worth(PairJudge judge, double scion, double stem) {
        return judge.of(piece("s", scion), piece("t", stem));
    }

    @Test
    void onlyWhatIsAllowedIsUsed() {
        PairJudge whips = judge("avocado", Slips.NO, Needs.STICK, false, "whip");
        assertThat(worth(whips, 9, 9.2).techniqueKey()).isEqualTo("whip");
        assertThat(worth(whips, 7, 9.2)).isEqualTo(Worth.NONE);
    }

    @Test
    void aStockThatKeepsItsTopIsGraftedAtItsSide() {
        PairJudge kept = judge("avocado", Slips.NO, Needs.STICK, true);
        assertThat(worth(kept, 8, 12).techniqueKey()).isIn("veneer", "side-splice", "chip");
    }

    @Test
    void slippingBarkOpensTheFlapsOfCitrus() {
        assertThat(worth(judge("citrus", Slips.YES, Needs.BUD, false), 6, 10).techniqueKey())
                .isEqualTo("t-bud");
        assertThat(worth(judge("citrus", Slips.NO, Needs.BUD, false), 7, 9).techniqueKey())
                .isEqualTo("chip");
    }

    @Test
    void equalSizesAreWorthMoreAndSpoilLess() {
        PairJudge any = judge("avocado", Slips.NO, Needs.STICK, false);
        Worth equal = worth(any, 9, 9);
        Worth thin = worth(any, 5.5, 9);
        assertThat(Pairing.cost(equal)).isLessThan(Pairing.cost(thin));
        assertThat(equal.spoilt()).isZero();
        assertThat(thin.spoilt())
                .isCloseTo(RULES.fit().value(FigureName.PAIR_SPOIL) * Math.pow(9 / 5.5 - 1, 2), within(1e-9));
    }

    @Test
    void aTenthOfAMillimetreIsAsNearAsItLooks() {
        AtomicInteger asked = new AtomicInteger();
        var avocado = RULES.species("avocado").orElseThrow();
        PairJudge counted = new PairJudge(
                CHOICE,
                RULES.fit(),
                (scion, stem) -> {
                    asked.incrementAndGet();
                    return new BenchCase(
                            new BenchCase.Pieces(avocado, avocado, scion, stem),
                            Slips.NO,
                            Needs.STICK,
                            Growth.ACTIVE,
                            false,
                            new BenchCase.Hand(2, 3, true),
                            Map.of(),
                            Map.of());
                },
                Set.of("cleft"));
        assertThat(worth(counted, 8.01, 9.02)).isEqualTo(worth(counted, 7.98, 8.97));
        assertThat(asked).hasValue(1);
    }

    @Test
    void inABatchOfNearSizesThinGoesToThinAndThickToThick() {
        Random random = new Random(4);
        List<Piece> sticks = new ArrayList<>();
        List<Piece> stems = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double mm = 5.5 + i * 0.6;
            sticks.add(piece("s" + i, mm));
            stems.add(piece("t" + i, mm + random.nextDouble() * 0.2));
        }
        Solution solved = Pairing.solve(
                sticks,
                stems,
                judge("avocado", Slips.NO, Needs.STICK, false, "cleft", "whip", "whip-tongue"),
                RULES.fit().value(FigureName.PAIR_LEAST),
                Set.of(),
                Set.of(),
                n -> {},
                () -> false);
        assertThat(solved.pairs())
                .hasSize(12)
                .allMatch(p -> p.stickId().substring(1).equals(p.stemId().substring(1)));
    }

    @ParameterizedTest
    @CsvSource({
        "19, false, NO, find a thicker stock",
        "7, true, NO, keep it wrapped",
        "7, false, YES, 'bud it, T or chip'",
        "7, false, NO, bud it with a chip"
    })
    void aStickLeftOverIsToldWhatFor(double mm, boolean taken, Slips slips, String what) {
        List<Piece> stems = List.of(piece("t1", 8), piece("t2", 12));
        assertThat(new Spare(RULES).stick(piece("s", mm), stems, taken, slips).what())
                .isEqualTo(what);
    }

    @ParameterizedTest
    @CsvSource({
        "3, false, let it thicken and wait",
        "9, true, cut more wood",
        "60, false, use a bark graft when the bark slips",
        "14, false, 'cut thicker wood, or bud it'"
    })
    void aStemLeftOverIsToldWhatToDo(double mm, boolean taken, String what) {
        List<Piece> sticks = List.of(piece("s1", 6), piece("s2", 9));
        assertThat(new Spare(RULES).stem(piece("t", mm), sticks, taken).what()).isEqualTo(what);
    }
}
