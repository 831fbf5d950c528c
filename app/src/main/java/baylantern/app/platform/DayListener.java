package baylantern.app.platform;

/** Is told when the farm's day has turned, or the farm has changed as a whole. */
public interface DayListener {

    /** Brings up to date what hangs on the day. */
    void dayTurned();
}
