package baylantern.app.demo;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Random;

/** When each graft of a session was done: every hand has a pace of its own, and no two grafts take the same time. */
final class DemoTimes {

    /** How long a hand takes beside what is usual; what is learned from the log must come near it. */
    static final Map<String, Double> PACES = Map.of("Nerea", 0.85, "Bram", 1.2, "Odile", 1.0, "Teo", 0.95);

    private static final int NINE = 9;
    private static final double SPREAD = 0.3;

    private DemoTimes() {}

    /** The moment graft number {@code at} of a session, counted from 0, was done; {@code usualS} seconds are usual. */
    static Instant done(DemoSession session, int at, double usualS) {
        Random random =
                new Random(session.day().toEpochDay() * 31 + session.variety().hashCode());
        double pace = PACES.getOrDefault(session.maker(), 1.0);
        double seconds = 0;
        for (int i = 0; i <= at; i++) {
            seconds += usualS * pace * Math.exp(SPREAD * random.nextGaussian());
        }
        return session.day().atTime(NINE, 0).toInstant(ZoneOffset.UTC).plusMillis((long) (seconds * 1000));
    }
}
