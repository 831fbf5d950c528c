package baylantern.app.demo;

import baylantern.core.season.weather.Climate;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The climate of the demo farm: 16 °C in February, 24.5 °C in August, sea air, wind in March and November. */
final class DemoClimate {

    static final LocalDate RECORD_FROM = LocalDate.of(2022, 12, 1);

    private static final double MEAN_C = 20.25;
    private static final double SWING_C = 4.25;
    private static final double HALF_RANGE_C = 3.5;
    private static final int WARMEST = 7;

    private DemoClimate() {}

    static Climate normals() {
        List<Climate.Month> months = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double mean = MEAN_C + SWING_C * Math.cos(2 * Math.PI * (i - WARMEST) / 12);
            boolean windy = i == 2 || i == 10;
            months.add(new Climate.Month(
                    Math.round((mean - HALF_RANGE_C) * 10) / 10.0,
                    Math.round((mean + HALF_RANGE_C) * 10) / 10.0,
                    77,
                    windy ? 5.5 : 3.4,
                    i >= 4 && i <= 8 ? 140 : 85,
                    1.9));
        }
        return new Climate(months);
    }
}
