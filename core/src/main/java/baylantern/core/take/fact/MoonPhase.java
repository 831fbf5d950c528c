package baylantern.core.take.fact;

import java.time.LocalDate;
import java.time.ZoneOffset;
import org.shredzone.commons.suncalc.MoonIllumination;

/** How the moon stands, in quarters about new, first quarter, full and last quarter. */
public enum MoonPhase {
    NEW("new moon"),
    WAXING("waxing moon"),
    FULL("full moon"),
    WANING("waning moon");

    private static final double TURN = 360;
    private static final int QUARTERS = 4;

    private final String words;

    MoonPhase(String words) {
        this.words = words;
    }

    /** As the grower says it. */
    public String words() {
        return words;
    }

    /** The phase at noon of a day, at Greenwich: half a day more or less moves it by six degrees at most. */
    public static MoonPhase of(LocalDate day) {
        double phase = MoonIllumination.compute()
                .on(day.atTime(12, 0).atZone(ZoneOffset.UTC))
                .execute()
                .getPhase();
        double quarter = (phase + TURN / 2 + TURN / 8) / (TURN / QUARTERS);
        return values()[(int) Math.floor(quarter) % QUARTERS];
    }
}
