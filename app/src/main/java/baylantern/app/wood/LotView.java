package baylantern.app.wood;

import baylantern.core.lineage.Health;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.wood.Freshness;
import baylantern.core.wood.KeepSpan;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A lot as it is shown.
 */
public record LotView(
        long id,
        String code,
        @JsonUnwrapped Of of,
        @JsonUnwrapped Cut cut,
        @JsonUnwrapped Count count,
        @JsonUnwrapped Kept kept,
        @JsonUnwrapped Life life,
        @JsonUnwrapped Judged judged,
        @JsonUnwrapped Standing standing,
        @JsonUnwrapped Book book) {

    /**
     * What it is, and where from.
     *
     * @param fromKey PLANT-n or SOURCE-n
     */
    public record Of(
            long varietyId,
            String varietyName,
            String speciesKey,
            @Nullable String fromKey,
            @Nullable String fromName) {}

    /** When it was cut. */
    public record Cut(
            LocalDate cutOn,
            int ageDays,
            @Nullable String cutByName,
            @Nullable LocalDate receivedOn) {}

    /** How much of it. */
    public record Count(int sticksIn, int sticksLeft, int budsPerStick, int budsLeft, List<Double> diametersMm) {}

    /**
     * How it is kept.
     *
     * @param store where it lies, null while nobody said
     * @param tempC the warmth it is kept at from today on
     * @param basis what that rests on
     */
    public record Kept(
            @Nullable String store, @Nullable Long storeId, boolean wrapped, double tempC, StoreService.Basis basis) {}

    /**
     * How long it keeps.
     *
     * @param goodFrom first, expected and last day it stays good, as a range
     */
    public record Life(
            Freshness freshness, LocalDate goodFrom, LocalDate goodMid, LocalDate goodUntil, LocalDate lastUntil) {}

    /**
     * How good it is, and what it wants.
     *
     * @param grade null where no stick was looked at
     */
    public record Judged(
            @Nullable Grade grade, boolean gradeByAge, Map<Grade, Integer> sampled, List<String> actions) {}

    /**
     * Whether it may be used.
     *
     * @param refusal why it may not be used, null where it may
     * @param warnings what the grower should know before using it
     * @param runsOut true where it may stop being good within the days the rulebook warns ahead
     * @param keepSpan how many times as long as the figures it keeps here
     */
    public record Standing(
            Health health, @Nullable String refusal, List<String> warnings, boolean runsOut, KeepSpan keepSpan) {}

    /** What is written of it. */
    public record Book(boolean archived, String notes, int version) {}

    /** See {@link Of}. */
    public long varietyId() {
        return of.varietyId();
    }

    /** See {@link Of}. */
    public String varietyName() {
        return of.varietyName();
    }

    /** See {@link Cut}. */
    public LocalDate cutOn() {
        return cut.cutOn();
    }

    /** See {@link Cut}. */
    public int ageDays() {
        return cut.ageDays();
    }

    /** See {@link Count}. */
    public int sticksLeft() {
        return count.sticksLeft();
    }

    /** See {@link Kept}. */
    public boolean wrapped() {
        return kept.wrapped();
    }

    /** See {@link Life}. */
    public Freshness freshness() {
        return life.freshness();
    }

    /** See {@link Life}. */
    public LocalDate goodMid() {
        return life.goodMid();
    }

    /** See {@link Judged}. */
    public @Nullable Grade grade() {
        return judged.grade();
    }

    /** See {@link Judged}. */
    public boolean gradeByAge() {
        return judged.gradeByAge();
    }

    /** See {@link Judged}. */
    public List<String> actions() {
        return judged.actions();
    }

    /** See {@link Standing}. */
    public @Nullable String refusal() {
        return standing.refusal();
    }

    /** See {@link Standing}. */
    public boolean runsOut() {
        return standing.runsOut();
    }

    /** See {@link Standing}. */
    public KeepSpan keepSpan() {
        return standing.keepSpan();
    }
}
