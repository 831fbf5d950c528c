package baylantern.app.wood;

import baylantern.core.wood.LotBalance;
import java.time.LocalDate;
import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A lot as written down. */
record LotRow(long id, String code, Of of, Cut cut, Count count, Book book) {

    /** What it is, and where from. */
    record Of(
            long varietyId,
            String varietyName,
            boolean protectedRight,
            String speciesKey,
            @Nullable Long plantId,
            @Nullable Long sourceId,
            @Nullable String fromName) {}

    /** When it was cut. */
    record Cut(
            LocalDate cutOn,
            @Nullable String cutByName,
            @Nullable LocalDate receivedOn) {}

    /** How much of it. */
    record Count(int sticksIn, int budsPerStick, int sticksLeft, int budsLeft, String diameters) {}

    /** What is written of it. */
    record Book(String notes, boolean archived, int version) {}

    /** As the store tells it. */
    @AutomapConstructor
    LotRow(
            long id,
            String code,
            long varietyId,
            String varietyName,
            boolean protectedRight,
            String speciesKey,
            @Nullable Long plantId,
            @Nullable Long sourceId,
            @Nullable String fromName,
            LocalDate cutOn,
            @Nullable String cutByName,
            @Nullable LocalDate receivedOn,
            int sticksIn,
            int budsPerStick,
            int sticksLeft,
            int budsLeft,
            String diameters,
            String notes,
            boolean archived,
            int version) {
        this(
                id,
                code,
                new Of(varietyId, varietyName, protectedRight, speciesKey, plantId, sourceId, fromName),
                new Cut(cutOn, cutByName, receivedOn),
                new Count(sticksIn, budsPerStick, sticksLeft, budsLeft, diameters),
                new Book(notes, archived, version));
    }

    /** See {@link Of}. */
    public long varietyId() {
        return of.varietyId();
    }

    /** See {@link Of}. */
    public String varietyName() {
        return of.varietyName();
    }

    /** See {@link Of}. */
    public boolean protectedRight() {
        return of.protectedRight();
    }

    /** See {@link Of}. */
    public String speciesKey() {
        return of.speciesKey();
    }

    /** See {@link Of}. */
    public @Nullable Long plantId() {
        return of.plantId();
    }

    /** See {@link Of}. */
    public @Nullable Long sourceId() {
        return of.sourceId();
    }

    /** See {@link Of}. */
    public @Nullable String fromName() {
        return of.fromName();
    }

    /** See {@link Cut}. */
    public LocalDate cutOn() {
        return cut.cutOn();
    }

    /** See {@link Cut}. */
    public @Nullable String cutByName() {
        return cut.cutByName();
    }

    /** See {@link Cut}. */
    public @Nullable LocalDate receivedOn() {
        return cut.receivedOn();
    }

    /** See {@link Count}. */
    public int sticksIn() {
        return count.sticksIn();
    }

    /** See {@link Count}. */
    public int budsPerStick() {
        return count.budsPerStick();
    }

    /** See {@link Count}. */
    public int sticksLeft() {
        return count.sticksLeft();
    }

    /** See {@link Count}. */
    public int budsLeft() {
        return count.budsLeft();
    }

    /** See {@link Count}. */
    public String diameters() {
        return count.diameters();
    }

    /** See {@link Book}. */
    public String notes() {
        return book.notes();
    }

    /** See {@link Book}. */
    public boolean archived() {
        return book.archived();
    }

    /** See {@link Book}. */
    public int version() {
        return book.version();
    }

    LotBalance balance() {
        return new LotBalance(sticksLeft(), budsLeft(), budsPerStick());
    }
}
