package baylantern.app.season;

import baylantern.core.season.weather.Climate;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/**
 * Normals of one month.
 *
 * @param monthNo 1 to 12
 */
record MonthRow(
        @DecimalMin(value = "1", message = "is from 1 to 12") @DecimalMax(value = "12", message = "is from 1 to 12")
        int monthNo,

        @DecimalMin(value = "-30", message = "is from −30 to 45 °C")
        @DecimalMax(value = "45", message = "is from −30 to 45 °C")
        double minC,

        @DecimalMin(value = "-30", message = "is from −30 to 55 °C")
        @DecimalMax(value = "55", message = "is from −30 to 55 °C")
        double maxC,

        @DecimalMin(value = "0", message = "is from 0 to 100 %")
        @DecimalMax(value = "100", message = "is from 0 to 100 %")
        double humidityPct,

        @DecimalMin(value = "0", message = "is from 0 to 30 m/s")
        @DecimalMax(value = "30", message = "is from 0 to 30 m/s")
        double windMs,

        @DecimalMin(value = "0", message = "is from 0 to 2000 mm")
        @DecimalMax(value = "2000", message = "is from 0 to 2000 mm")
        double rainMm,

        @DecimalMin(value = "0", message = "is from 0 to 10 °C apart")
        @DecimalMax(value = "10", message = "is from 0 to 10 °C apart")
        double spreadC) {

    static MonthRow of(int number, Climate.Month month) {
        return new MonthRow(
                number,
                tenth(month.minC()),
                tenth(month.maxC()),
                tenth(month.humidityPct()),
                tenth(month.windMs()),
                tenth(month.rainMm()),
                tenth(month.spreadC()));
    }

    private static double tenth(double x) {
        return Math.round(x * 10) / 10.0;
    }

    Climate.Month month() {
        return new Climate.Month(minC, maxC, humidityPct, windMs, rainMm, spreadC);
    }
}
