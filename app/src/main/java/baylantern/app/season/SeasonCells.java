package baylantern.app.season;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.weather.WeatherDay;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What weather and notes of buds hold in the store. */
@Component
class SeasonCells implements Cells {

    @Override
    public void tell(CellBook book) {
        String normals = "season_climate";
        book.cell(normals, "month_no", CellRule.as(MonthRow.class, "monthNo"));
        book.cell(normals, "min_c", CellRule.as(MonthRow.class, "minC").or("10"));
        book.cell(normals, "max_c", CellRule.as(MonthRow.class, "maxC").or("45"));
        book.cell(
                normals,
                "humidity_pct",
                CellRule.as(MonthRow.class, "humidityPct").or("70"));
        book.cell(normals, "wind_ms", CellRule.as(MonthRow.class, "windMs").or("2"));
        book.cell(normals, "rain_mm", CellRule.as(MonthRow.class, "rainMm").or("50"));
        book.cell(normals, "spread_c", CellRule.as(MonthRow.class, "spreadC").or("2"));
        book.row(normals, SeasonCells::coldestFirst);
        book.cell("season_station", "seed", CellRule.whole());
        weather(book);
        String notes = "season_note";
        CellRule shares = CellRule.read(CanopyShares::parse, "M");
        book.cells(notes, shares, "sun", "shade");
        book.cell(notes, "remark", CellRule.free());
        book.cell(notes, "corrects", CellRule.count());
    }

    // As wide as a reading of a station may be.
    private static void weather(CellBook book) {
        String days = "season_weather";
        book.cell(days, "min_c", CellRule.number(-60, 60).or("10"));
        book.cell(days, "max_c", CellRule.number(-60, 60).or("45"));
        book.cell(days, "humidity_pct", CellRule.number(0, 100));
        book.cell(days, "wind_ms", CellRule.number(0, 120));
        book.cell(days, "rain_mm", CellRule.number(0, 2000));
        book.cell(days, "origin", CellRule.word(WeatherDay.Origin.class, WeatherDay.Origin.FORECAST));
        book.row(days, SeasonCells::coldestFirst);
    }

    private static @Nullable String coldestFirst(Map<String, String> row) {
        double min = Double.parseDouble(row.getOrDefault("min_c", "0"));
        double max = Double.parseDouble(row.getOrDefault("max_c", "0"));
        return min <= max ? null : "its lowest warmth is above its highest";
    }
}
