package baylantern.core.exchange;

import baylantern.core.care.Sign;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A row taken as a graft.
 *
 * @param line row number in the file
 */
public record NotebookGraft(
        long line,
        Made made,
        @Nullable String plant,
        Kind kind,
        @Nullable String maker,
        Wood wood,
        Sizes sizes,
        Seen seen,
        @Nullable String place,
        Written written) {

    /**
     * When it was made.
     *
     * @param dayKnown false where only the month was written and the 15th stands for the day
     */
    public record Made(LocalDate madeOn, boolean dayKnown) {}

    /** What was grafted, and how. */
    public record Kind(
            String variety, String species, @Nullable String technique) {}

    /** Its wood. */
    public record Wood(@Nullable String source, @Nullable LocalDate woodCutOn) {}

    /** What was measured. */
    public record Sizes(@Nullable Double scionMm, @Nullable Double stockMm) {}

    /**
     * What was last seen of it.
     *
     * @param seenOn day of that look, null where nobody looked
     * @param sign what was seen at the last look; NOTHING for a waiting graft
     */
    public record Seen(@Nullable LocalDate seenOn, Sign sign) {}

    /**
     * As it was written.
     *
     * @param fingerprint the row's text, to know it again
     */
    public record Written(String notes, String fingerprint) {}

    /** See {@link Made}. */
    public LocalDate madeOn() {
        return made.madeOn();
    }

    /** See {@link Made}. */
    public boolean dayKnown() {
        return made.dayKnown();
    }

    /** See {@link Kind}. */
    public String variety() {
        return kind.variety();
    }

    /** See {@link Kind}. */
    public String species() {
        return kind.species();
    }

    /** See {@link Kind}. */
    public @Nullable String technique() {
        return kind.technique();
    }

    /** See {@link Wood}. */
    public @Nullable String source() {
        return wood.source();
    }

    /** See {@link Wood}. */
    public @Nullable LocalDate woodCutOn() {
        return wood.woodCutOn();
    }

    /** See {@link Sizes}. */
    public @Nullable Double scionMm() {
        return sizes.scionMm();
    }

    /** See {@link Sizes}. */
    public @Nullable Double stockMm() {
        return sizes.stockMm();
    }

    /** See {@link Seen}. */
    public @Nullable LocalDate seenOn() {
        return seen.seenOn();
    }

    /** See {@link Seen}. */
    public Sign sign() {
        return seen.sign();
    }

    /** See {@link Written}. */
    public String notes() {
        return written.notes();
    }

    /** See {@link Written}. */
    public String fingerprint() {
        return written.fingerprint();
    }
}
