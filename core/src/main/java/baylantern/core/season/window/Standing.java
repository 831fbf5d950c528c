package baylantern.core.season.window;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** How a pairing of stocks and wood stands today. */
public enum Standing {
    /** All wicks lit, for some days yet. */
    LIT,
    /** The last days, or the wood's buds are just opening. */
    CLOSING,
    WAITING_FOR_STOCK,
    WAITING_FOR_WOOD,
    WAITING_FOR_WEATHER;

    private static final int LAST_DAYS = 3;

    /** Reads how a pairing stands from what was found. */
    public static Standing of(WindowFinder.Found found, LocalDate today) {
        Lamp lamp = found.lamp();
        if (lamp.lit()) {
            return window(found, today)
                            .map(w -> w.last().isBefore(today.plusDays(LAST_DAYS + 1L)))
                            .orElse(true)
                    ? CLOSING
                    : LIT;
        }
        if (lamp.wood().level() == Wick.Level.LOW && falling(found.days()) && othersLit(lamp)) {
            return CLOSING;
        }
        double least = Math.min(
                lamp.stock().score(),
                Math.min(lamp.wood().score(), lamp.weather().score()));
        return least == lamp.wood().score()
                ? WAITING_FOR_WOOD
                : least == lamp.stock().score() ? WAITING_FOR_STOCK : WAITING_FOR_WEATHER;
    }

    private static boolean othersLit(Lamp lamp) {
        return lamp.stock().level() == Wick.Level.LIT && lamp.weather().level() == Wick.Level.LIT;
    }

    private static boolean falling(List<WindowDay> days) {
        return days.size() > LAST_DAYS
                && days.get(LAST_DAYS).wood() < days.get(0).wood() - 0.02;
    }

    /** The window a day lies in, or else the next after it. */
    public static Optional<GraftWindow> window(WindowFinder.Found found, LocalDate day) {
        return found.windows().stream().filter(w -> !w.last().isBefore(day)).findFirst();
    }
}
