package baylantern.app.wood;

import baylantern.app.platform.CheckReturnValue;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Stick checks, pinched shoots, mixtures and cleanings. */
@Mapper
@CheckReturnValue
interface WorkMapper {

    /** A check as written down; states and measures as name=value. */
    record CheckRow(
            long id,
            @Nullable Long lotId,
            @Nullable Long plantId,
            LocalDate onDay,
            String states,
            String measures,
            boolean isCut,
            @Nullable String personName) {}

    List<CheckRow> checksOfLots(@Param("lotIds") Collection<Long> lotIds);

    /** A check of a lot, with the species of its wood. */
    record LotCheck(long lotId, String speciesKey, LocalDate onDay, String states, String measures, boolean isCut) {}

    List<LotCheck> checksOfAllLots();

    List<CheckRow> checksOfPlants(@Param("from") LocalDate from);

    int insertCheck(
            @Param("lotId") @Nullable Long lotId,
            @Param("plantId") @Nullable Long plantId,
            @Param("day") LocalDate day,
            @Param("states") String states,
            @Param("measures") String measures,
            @Param("isCut") boolean isCut,
            @Param("personId") @Nullable Long personId,
            @Param("notedAt") Instant notedAt,
            @Param("actId") @Nullable Long actId);

    @Nullable
    Instant lastCleaned(@Param("personId") long personId);

    int deleteChecksOfAct(@Param("actId") long actId);

    /** Pinched shoots as written down. */
    record ShootRow(
            long id,
            Tree tree,
            LocalDate pinchedOn,
            int shoots,
            int sticksExpected,
            @Nullable Integer planNo,
            String remark) {

        /** Which tree. */
        record Tree(
                long plantId,
                String plantCode,
                @Nullable Long varietyId,
                @Nullable String varietyName,
                String speciesKey,
                String spotName) {}

        /** As the store tells it. */
        @AutomapConstructor
        ShootRow(
                long id,
                long plantId,
                String plantCode,
                @Nullable Long varietyId,
                @Nullable String varietyName,
                String speciesKey,
                String spotName,
                LocalDate pinchedOn,
                int shoots,
                int sticksExpected,
                @Nullable Integer planNo,
                String remark) {
            this(
                    id,
                    new Tree(plantId, plantCode, varietyId, varietyName, speciesKey, spotName),
                    pinchedOn,
                    shoots,
                    sticksExpected,
                    planNo,
                    remark);
        }

        /** See {@link Tree}. */
        public long plantId() {
            return tree.plantId();
        }

        /** See {@link Tree}. */
        public String plantCode() {
            return tree.plantCode();
        }

        /** See {@link Tree}. */
        public @Nullable Long varietyId() {
            return tree.varietyId();
        }

        /** See {@link Tree}. */
        public String speciesKey() {
            return tree.speciesKey();
        }
    }

    List<ShootRow> shoots();

    Long insertShoots(@Param("entry") ShootService.ShootEntry entry, @Param("actId") @Nullable Long actId);

    int endShoots(@Param("id") long id, @Param("actId") long actId);

    int deleteShootsOfAct(@Param("actId") long actId);

    int bringBackShootsOfAct(@Param("actId") long actId);

    /** A mixture as written down. */
    record MixRow(
            long id,
            CleanService.Agent agent,
            double productPct,
            double wantedPct,
            double volumeMl,
            Instant mixedAt,
            Instant goodUntil,
            @Nullable String personName) {}

    List<MixRow> mixes(@Param("limit") int limit);

    Long insertMix(
            @Param("entry") CleanService.MixEntry entry,
            @Param("wantedPct") double wantedPct,
            @Param("mixedAt") Instant mixedAt,
            @Param("goodUntil") Instant goodUntil,
            @Param("actId") @Nullable Long actId);

    int deleteMixesOfAct(@Param("actId") long actId);

    /** A cleaning as written down. */
    record CleaningRow(
            long id,
            long personId,
            String personName,
            Instant cleanedAt,
            LocalDate onDay,
            @Nullable String agent,
            String occasion) {}

    List<CleaningRow> cleanings(@Param("limit") int limit);

    int insertCleaning(
            @Param("personId") long personId,
            @Param("cleanedAt") Instant cleanedAt,
            @Param("day") LocalDate day,
            @Param("mixId") @Nullable Long mixId,
            @Param("occasion") String occasion,
            @Param("actId") @Nullable Long actId);

    int deleteCleaningsOfAct(@Param("actId") long actId);
}
