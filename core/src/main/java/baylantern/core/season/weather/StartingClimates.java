package baylantern.core.season.weather;

import java.util.ArrayList;
import java.util.List;

/**
 * Three climates to begin with, by latitude, until the grower enters normals or fits them from a file. Each is a yearly
 * wave around a mean, plain enough to be judged at a glance.
 */
public final class StartingClimates {

    private static final double HOT_EDGE = 18;
    private static final double COOL_EDGE = 29;
    private static final double FARTHEST = 40;
    private static final double EQUATOR = 6;

    private StartingClimates() {}

    /** The three kinds. */
    public enum Kind {
        TROPICAL_EDGE("warm all year, dry winter", 25.5, 2.5, 9, 78, 2.5, 110, 1.3),
        SUBTROPICAL("mild winter, hot wet summer", 21, 5.5, 9, 74, 3, 100, 2.0),
        MILD_COAST("cool winter, warm summer, sea air", 18, 6.5, 9, 72, 3.5, 80, 2.3);

        private final String words;
        private final double meanC;
        private final double swingC;
        private final double rangeC;
        private final double humidityPct;
        private final double windMs;
        private final double rainMm;
        private final double spreadC;

        Kind(
                String words,
                double meanC,
                double swingC,
                double rangeC,
                double humidityPct,
                double windMs,
                double rainMm,
                double spreadC) {
            this.words = words;
            this.meanC = meanC;
            this.swingC = swingC;
            this.rangeC = rangeC;
            this.humidityPct = humidityPct;
            this.windMs = windMs;
            this.rainMm = rainMm;
            this.spreadC = spreadC;
        }

        /** What it is like. */
        public String words() {
            return words;
        }
    }

    /** The kind nearest to a latitude, degrees, −90 to 90. */
    public static Kind kind(double latitudeDeg) {
        double away = Math.abs(latitudeDeg);
        return away < HOT_EDGE ? Kind.TROPICAL_EDGE : away < COOL_EDGE ? Kind.SUBTROPICAL : Kind.MILD_COAST;
    }

    /**
     * Normals of a kind on this side of the equator: the warmest month is July to August in the north, half a year
     * later in the south; within 6° of the equator there is hardly a wave.
     */
    public static Climate of(Kind kind, double latitudeDeg) {
        double wave = Math.min(1, Math.abs(latitudeDeg) / EQUATOR);
        List<Climate.Month> months = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double warm = Math.cos(2 * Math.PI * (i - 6.7) / 12) * wave;
            double mean = kind.meanC + kind.swingC * warm;
            months.add(new Climate.Month(
                    round(mean - kind.rangeC / 2),
                    round(mean + kind.rangeC / 2),
                    kind.humidityPct,
                    kind.windMs,
                    Math.round(kind.rainMm * (1 + 0.5 * warm)),
                    kind.spreadC));
        }
        Climate northern = new Climate(months);
        return latitudeDeg < 0 ? northern.turned() : northern;
    }

    /** Empty where these species grow outdoors; a sentence where the latitude makes that doubtful. */
    public static java.util.Optional<String> doubt(double latitudeDeg) {
        if (Math.abs(latitudeDeg) <= FARTHEST) {
            return java.util.Optional.empty();
        }
        return java.util.Optional.of("At " + Math.abs(latitudeDeg)
                + "° from the equator the starting climate does not hold: it reaches to 40°. Enter your own normals,"
                + " or fit them from a file.");
    }

    private static double round(double x) {
        return Math.round(x * 10) / 10.0;
    }
}
