package baylantern.app.place;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
@CheckReturnValue
interface PlaceMapper {

    @Nullable
    Site site();

    int insertSite(Site site);

    int updateSite(Site site);

    List<Spot> spots();

    Long insertSpot(@Param("name") String name, @Param("actId") @Nullable Long actId);

    int updateSpot(@Param("id") long id, @Param("name") String name, @Param("version") int version);

    int orderSpot(@Param("id") long id, @Param("walkOrder") int walkOrder);

    List<Away> away();

    int lastOnWalk(@Param("spotId") long spotId);

    /** A plant with its place on the walk. */
    record OnWalk(PlantEntry plant, int walkOrder) {}

    List<Long> insertPlants(@Param("plants") List<OnWalk> plants, @Param("actId") @Nullable Long actId);

    /**
     * Adds stems.
     *
     * @param plantIds the plants that bear them: what is said to have changed
     */
    List<Long> insertStems(
            @Param("stems") List<PlantService.StemOf> stems, @Param("plantIds") Collection<Long> plantIds);

    int insertAway(Away one);

    int deleteAway(Away one);

    List<Person> people();

    Long insertPerson(@Param("name") String name, @Param("actId") @Nullable Long actId);

    int updatePerson(@Param("id") long id, @Param("name") String name, @Param("version") int version);

    List<Variety> varieties();

    Set<String> letters();

    Long insertVariety(@Param("v") Variety variety, @Param("actId") @Nullable Long actId);

    int updateVariety(Variety variety);

    List<Plant> plants(
            @Param("spotId") @Nullable Long spotId,
            @Param("search") @Nullable String search,
            @Param("limit") int limit);

    List<Plant> plantsOfVarieties();

    int putPlant(@Param("id") long id, @Param("spotId") long spotId);

    int potsOfSpot(@Param("id") long id, @Param("litres") @Nullable Double litres);

    int houseSpot(@Param("id") long id, @Param("insectProof") boolean insectProof);

    int countPlants();

    List<Plant> plantsByIds(@Param("ids") Collection<Long> ids);

    @Nullable
    Plant plantByCode(@Param("code") String code);

    List<Plant> plantsByCodes(@Param("codes") Collection<String> codes);

    int updatePlant(@Param("id") long id, @Param("plant") PlantEntry plant);

    int deletePlantsOfAct(@Param("actId") long actId);

    List<Stem> stems(@Param("plantIds") Collection<Long> plantIds);

    @Nullable
    Stem stem(@Param("id") long id);

    List<Long> varietiesOfAct(@Param("actId") long actId);

    List<Long> peopleOfAct(@Param("actId") long actId);

    List<Long> spotsOfAct(@Param("actId") long actId);

    int deleteVariety(@Param("id") long id);

    int deletePerson(@Param("id") long id);

    int deleteSpot(@Param("id") long id);

    int removePlant(@Param("plantId") long plantId, @Param("end") PlantLeft end, @Param("actId") long actId);

    int plantBears(
            @Param("plantId") long plantId,
            @Param("kind") PlantKind kind,
            @Param("varietyId") long varietyId,
            @Param("day") LocalDate day);

    int bringBackPlants(@Param("plantIds") Collection<Long> plantIds);

    /** Trees of a variety are of its species. */
    int putSpeciesRight(@Param("varietyId") long varietyId, @Param("speciesKey") String speciesKey);

    int deleteStem(@Param("id") long id);

    int updateStem(@Param("id") long id, @Param("stem") StemEntry stem);

    int labelStem(@Param("id") long id, @Param("label") String label);

    /** Plants an act took off the lists, in order. */
    List<Long> plantsTakenOffBy(@Param("actId") long actId);
}
