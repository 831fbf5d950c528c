package baylantern.app.wood;

import baylantern.app.platform.CheckReturnValue;
import baylantern.app.platform.FarmProblem;
import baylantern.core.lineage.Link;
import baylantern.core.wood.LotBalance;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

/** Lots, where they lay, and their ledger. */
@Mapper
@CheckReturnValue
interface LotMapper {

    /** Which lots are listed. */
    enum Which {
        ON_THE_SHELF,
        ALL
    }

    List<LotRow> lots(@Param("which") Which which, @Param("search") @Nullable String search, @Param("limit") int limit);

    List<LotRow> byIds(@Param("ids") Collection<Long> ids);

    int countOnShelf();

    /** The lot with this id; throws where there is none. */
    default LotRow existing(long id) {
        return byIds(List.of(id)).stream().findFirst().orElseThrow(() -> FarmProblem.unknown("lot", id));
    }

    @Nullable
    Long idOfCode(@Param("code") String code);

    List<String> codes();

    Long insert(
            @Param("code") String code,
            @Param("varietyId") long varietyId,
            @Param("speciesKey") String speciesKey,
            @Param("lot") LotEntry lot,
            @Param("cutAt") Instant cutAt,
            @Param("diameters") String diameters,
            @Param("actId") @Nullable Long actId);

    int setLeft(@Param("id") long id, @Param("left") LotBalance left);

    int sumLeft(@Param("id") long id);

    int putSpeciesRight(@Param("varietyId") long varietyId, @Param("speciesKey") String speciesKey);

    int deleteSpells(@Param("id") long id);

    /** Adds to how many sticks came in. */
    int addIn(@Param("id") long id, @Param("sticks") int sticks);

    int archive(@Param("id") long id, @Param("actId") long actId);

    int bringBackOfAct(@Param("actId") long actId);

    int delete(@Param("id") long id);

    List<Long> lotsOfAct(@Param("actId") long actId);

    List<Long> touchedByAct(@Param("actId") long actId);

    List<SpellRow> spells(@Param("ids") Collection<Long> ids);

    int insertSpell(
            @Param("lotId") long lotId,
            @Param("fromDay") LocalDate fromDay,
            @Param("storeId") long storeId,
            @Param("wrapped") boolean wrapped,
            @Param("actId") @Nullable Long actId);

    int endSpellsOn(@Param("lotId") long lotId, @Param("fromDay") LocalDate fromDay, @Param("actId") long actId);

    int deleteSpellsOfAct(@Param("actId") long actId);

    int bringBackSpellsOfAct(@Param("actId") long actId);

    List<LedgerRow> ledger(@Param("lotId") long lotId);

    int insertEntry(
            @Param("lotId") long lotId,
            @Param("day") LocalDate day,
            @Param("notedAt") Instant notedAt,
            @Param("kind") LedgerRow.LedgerKind kind,
            @Param("sticks") int sticks,
            @Param("buds") int buds,
            @Param("personId") @Nullable Long personId,
            @Param("remark") String remark,
            @Param("actId") @Nullable Long actId);

    int deleteEntriesOfAct(@Param("actId") long actId);

    /** Codes of lots whose rest is not the sum of their entries. */
    List<String> unevenLots();

    int otherEntries(@Param("lotId") long lotId, @Param("actId") long actId);

    /** What the lineage needs of a lot. */
    record LotOrigin(
            long id,
            @Nullable Long plantId,
            @Nullable Long sourceId,
            LocalDate cutOn,
            Instant cutAt,
            @Nullable Long cutBy) {

        @Nullable
        Link link() {
            if (plantId != null) {
                return new Link(
                        baylantern.core.lineage.Node.plant(plantId), baylantern.core.lineage.Node.lot(id), cutOn);
            }
            return sourceId == null
                    ? null
                    : new Link(
                            baylantern.core.lineage.Node.source(sourceId), baylantern.core.lineage.Node.lot(id), cutOn);
        }
    }

    List<LotOrigin> origins();
}
