package baylantern.app.fit;

import org.apache.ibatis.annotations.AutomapConstructor;
import org.jspecify.annotations.Nullable;

/** A row of a prepared list as stored. */
record PreparedRow(
        long id,
        int rowNo,
        String stick,
        String stem,
        @Nullable Long lotId,
        @Nullable Long stemId,
        String techniqueKey,
        Sizes sizes,
        @Nullable String graftCode) {

    /** What was measured, in mm. */
    record Sizes(
            double scionMm,
            double stockMm,
            @Nullable Double scionBarkMm,
            @Nullable Double stockBarkMm,
            double offsetMm) {}

    /** As the store tells it. */
    @AutomapConstructor
    PreparedRow(
            long id,
            int rowNo,
            String stick,
            String stem,
            @Nullable Long lotId,
            @Nullable Long stemId,
            String techniqueKey,
            double scionMm,
            double stockMm,
            @Nullable Double scionBarkMm,
            @Nullable Double stockBarkMm,
            double offsetMm,
            @Nullable String graftCode) {
        this(
                id,
                rowNo,
                stick,
                stem,
                lotId,
                stemId,
                techniqueKey,
                new Sizes(scionMm, stockMm, scionBarkMm, stockBarkMm, offsetMm),
                graftCode);
    }

    /** See {@link Sizes}. */
    public double scionMm() {
        return sizes.scionMm();
    }

    /** See {@link Sizes}. */
    public double stockMm() {
        return sizes.stockMm();
    }

    /** See {@link Sizes}. */
    public @Nullable Double scionBarkMm() {
        return sizes.scionBarkMm();
    }

    /** See {@link Sizes}. */
    public @Nullable Double stockBarkMm() {
        return sizes.stockBarkMm();
    }

    /** See {@link Sizes}. */
    public double offsetMm() {
        return sizes.offsetMm();
    }
}
