package baylantern.app.season;

import baylantern.app.place.PlaceService;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.rules.Quantity;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The site's climate: the grower's own normals, or a starting climate by latitude. */
@Service
public class ClimateService {

    private final WeatherMapper weather;
    private final PlaceService places;

    private final TrailService trail;

    ClimateService(WeatherMapper weather, PlaceService places, TrailService trail) {
        this.trail = trail;
        this.weather = weather;
        this.places = places;
    }

    /** True where the grower has entered or fitted normals. */
    public boolean own() {
        return !weather.climate().isEmpty();
    }

    /** The climate in force. */
    public Climate climate() {
        List<MonthRow> months = weather.climate();
        double latitude = places.latitudeDeg();
        return months.isEmpty()
                ? StartingClimates.of(StartingClimates.kind(latitude), latitude)
                : new Climate(months.stream().map(MonthRow::month).toList());
    }

    /** The climate in force as rows of a form. */
    List<MonthRow> months() {
        return rows(climate());
    }

    static List<MonthRow> rows(Climate climate) {
        List<MonthRow> rows = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            rows.add(MonthRow.of(i + 1, climate.months().get(i)));
        }
        return rows;
    }

    /** Puts other normals in force. */
    @Transactional
    void save(List<MonthRow> rows) {
        List<MonthRow> months =
                rows.stream().sorted(Comparator.comparing(MonthRow::monthNo)).toList();
        for (int i = 0; i < months.size(); i++) {
            MonthRow row = months.get(i);
            if (row.monthNo() != i + 1) {
                throw FarmProblem.wrong("monthNo", row.monthNo(), "1 to 12, each once", "A climate has twelve months.");
            }
            if (!(row.minC() <= row.maxC())) {
                throw FarmProblem.wrong(
                        "months[" + i + "].minC",
                        Quantity.celsius(row.minC()),
                        "up to " + Quantity.celsius(row.maxC()),
                        "In month " + row.monthNo() + " the lowest, " + Quantity.celsius(row.minC())
                                + ", is above the highest, " + Quantity.celsius(row.maxC()) + ".");
            }
        }
        if (months.size() != 12) {
            throw FarmProblem.wrong("months", months.size(), "12", "A climate has twelve months.");
        }
        trail.follow("The site's normals changed");
        Rows.any(weather.deleteClimate());
        Rows.all(weather.insertClimate(months), months.size());
    }

    /** Puts a climate in force. */
    @Transactional
    public void save(Climate climate) {
        save(rows(climate));
    }

    /** Goes back to the starting climate of the latitude. */
    @Transactional
    void forget() {
        trail.follow("The starting climate of the latitude taken");
        Rows.any(weather.deleteClimate());
    }
}
