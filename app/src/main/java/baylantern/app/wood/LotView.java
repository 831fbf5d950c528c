package baylantern.app.wood;

import baylantern.core.lineage.Health;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.wood.Freshness;
import baylantern.core.wood.KeepSpan;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A lot as it is shown.
 *
 * @param fromKey PLANT-n or SOURCE-n
 * @param store where it lies, null while nobody said
 * @param tempC the warmth it is kept at from today on
 * @param basis what that rests on
 * @param goodFrom first, expected and last day it stays good, as a range
 * @param grade null where no stick was looked at
 * @param refusal why it may not be used, null where it may
 * @param runsOut true where it may stop being good within the days the rulebook warns ahead
 * @param keepSpan how many times as long as the figures it keeps here
 * @param warnings what the grower should know before using it
 */
public record LotView(
        long id,
        String code,
        long varietyId,
        String varietyName,
        String speciesKey,
        @Nullable String fromKey,
        @Nullable String fromName,
        LocalDate cutOn,
        int ageDays,
        @Nullable String cutByName,
        @Nullable LocalDate receivedOn,
        int sticksIn,
        int sticksLeft,
        int budsPerStick,
        int budsLeft,
        List<Double> diametersMm,
        @Nullable String store,
        @Nullable Long storeId,
        boolean wrapped,
        double tempC,
        StoreService.Basis basis,
        Freshness freshness,
        LocalDate goodFrom,
        LocalDate goodMid,
        LocalDate goodUntil,
        LocalDate lastUntil,
        @Nullable Grade grade,
        boolean gradeByAge,
        Map<Grade, Integer> sampled,
        List<String> actions,
        Health health,
        @Nullable String refusal,
        List<String> warnings,
        boolean runsOut,
        KeepSpan keepSpan,
        boolean archived,
        String notes,
        int version) {}
