package baylantern.core.season.account;

/** Where the sun stands on each day of a span: the time of year in two waves, and the length of the day. */
final class SunTurn {

    private final int firstDay;
    private final double[][] waves;
    private final double[] dayLength;

    /** Of days in a row, the first counted from the epoch. */
    SunTurn(int firstDay, int days, double latitudeDeg) {
        this.firstDay = firstDay;
        this.waves = new double[days][];
        this.dayLength = new double[days];
        for (int i = 0; i < days; i++) {
            waves[i] = YearDay.waves(firstDay + i);
            dayLength[i] = dayLength(firstDay + i, latitudeDeg);
        }
    }

    /** The year as two waves, each from −1 to 1. */
    double[] waves(int day) {
        return waves[day - firstDay];
    }

    /** Hours of day beyond twelve. */
    double dayLength(int day) {
        return dayLength[day - firstDay];
    }

    // Declination after Cooper 1969.
    private static double dayLength(int epochDay, double latitudeDeg) {
        double declination =
                Math.toRadians(23.45) * Math.sin(2 * Math.PI * (284 + YearDay.of(epochDay)) / YearDay.YEAR_DAYS);
        double cosine = -Math.tan(Math.toRadians(latitudeDeg)) * Math.tan(declination);
        return 24 / Math.PI * Math.acos(Math.max(-1, Math.min(1, cosine))) - 12;
    }
}
