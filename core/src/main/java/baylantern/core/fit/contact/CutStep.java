package baylantern.core.fit.contact;

/**
 * One measure of the cut list.
 *
 * @param key stable short name
 * @param name as the grower reads it
 * @param low in mm, or degrees
 * @param high the same as low where there is one figure
 * @param degrees true where it is an angle
 */
public record CutStep(String key, String name, double low, double high, boolean degrees) {

    static CutStep mm(String key, String name, double mm) {
        return new CutStep(key, name, mm, mm, false);
    }
}
