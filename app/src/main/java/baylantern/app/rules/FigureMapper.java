package baylantern.app.rules;

import baylantern.app.platform.CheckReturnValue;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Figures the grower put another number to. */
@Mapper
@CheckReturnValue
interface FigureMapper {

    /**
     * An own number.
     *
     * @param speciesKey the species it holds for, empty for all
     * @param since the farm's day it was kept on
     */
    record Own(String speciesKey, String figure, double number, LocalDate since) {}

    @Select("SELECT species_key, figure, number, since FROM rules_figure ORDER BY id")
    List<Own> all();

    @Delete("DELETE FROM rules_figure WHERE species_key = #{speciesKey} AND figure = #{figure}")
    int delete(@Param("speciesKey") String speciesKey, @Param("figure") String figure);

    @Insert("INSERT INTO rules_figure (species_key, figure, number, since)"
            + " VALUES (#{own.speciesKey}, #{own.figure}, #{own.number}, #{own.since})")
    int insert(@Param("own") Own own);
}
