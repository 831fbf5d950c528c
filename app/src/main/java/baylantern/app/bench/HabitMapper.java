package baylantern.app.bench;

import baylantern.app.platform.CheckReturnValue;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Schools that are followed unless a graft says otherwise. */
@Mapper
@CheckReturnValue
interface HabitMapper {

    /**
     * A school followed as a habit.
     *
     * @param speciesKey empty where it holds for every species
     * @param planNo 0 where it holds for every plan
     */
    record Habit(String speciesKey, int planNo, String question, String school) {}

    @Select("SELECT species_key, plan_no, question, school FROM bench_habit ORDER BY id")
    List<Habit> all();

    @Delete(
            "DELETE FROM bench_habit WHERE species_key = #{h.speciesKey} AND plan_no = #{h.planNo} AND question = #{h.question}")
    int delete(@Param("h") Habit habit);

    @Insert("INSERT INTO bench_habit (species_key, plan_no, question, school)"
            + " VALUES (#{h.speciesKey}, #{h.planNo}, #{h.question}, #{h.school})")
    int insert(@Param("h") Habit habit);
}
