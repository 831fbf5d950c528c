package baylantern.app.trial;

import baylantern.core.take.fact.Aspect;
import baylantern.core.trial.StoppingBounds;
import baylantern.core.trial.TrialSize;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/**
 * A trial as stored.
 *
 * @param seed from which it follows which of a pair is made the first way
 */
record TrialRow(long id, int number, String question, Of of, Planned planned, long seed, LocalDate since, Ended ended) {

    /**
     * What is tried in which grafts.
     *
     * @param aspect as the facts name it
     * @param varietyId null for all varieties of the species
     * @param techniqueKey null for all techniques
     */
    record Of(
            String aspect,
            String first,
            String second,
            String speciesKey,
            @Nullable Long varietyId,
            @Nullable String techniqueKey) {

        /** Whether a graft to be made is one of those it is tried in. */
        boolean holds(String species, long variety, String technique) {
            return speciesKey.equals(species)
                    && (varietyId == null || varietyId == variety)
                    && (techniqueKey == null || techniqueKey.equals(technique))
                    && (!aspect.equals(Aspect.TECHNIQUE) || first.equals(technique) || second.equals(technique));
        }

        /** Whether some graft could be one of both. */
        boolean meets(Of other) {
            return speciesKey.equals(other.speciesKey)
                    && (varietyId == null || other.varietyId == null || varietyId.equals(other.varietyId))
                    && (techniqueKey == null || other.techniqueKey == null || techniqueKey.equals(other.techniqueKey));
        }
    }

    /**
     * How large it is and why.
     *
     * @param usual share that takes, as was thought when it was planned
     * @param difference from which on it matters
     */
    record Planned(
            double usual,
            double difference,
            int each,
            int readings,
            double lastBound,
            double falseAlarm,
            double power) {

        TrialSize size() {
            return new TrialSize(each, new StoppingBounds(readings, lastBound));
        }
    }

    /** How it ended; nothing of it where it runs. */
    record Ended(@Nullable LocalDate on, @Nullable Ending ending) {}

    /** Ways in which a trial ends. */
    enum Ending {
        FIRST,
        SECOND,
        ALIKE,
        GIVEN_UP
    }

    /** As the store tells it. */
    @AutomapConstructor
    TrialRow(
            long id,
            int number,
            String question,
            String aspect,
            String firstArm,
            String secondArm,
            String speciesKey,
            @Nullable Long varietyId,
            @Nullable String techniqueKey,
            double usual,
            double difference,
            int graftsEach,
            int readings,
            double lastBound,
            double falseAlarm,
            double power,
            long seed,
            LocalDate since,
            @Nullable LocalDate endedOn,
            @Nullable Ending ending) {
        this(
                id,
                number,
                question,
                new Of(aspect, firstArm, secondArm, speciesKey, varietyId, techniqueKey),
                new Planned(usual, difference, graftsEach, readings, lastBound, falseAlarm, power),
                seed,
                since,
                new Ended(endedOn, ending));
    }

    boolean runs() {
        return ended.ending() == null;
    }
}
