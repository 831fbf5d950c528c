package baylantern.core.season.hindcast;

import baylantern.core.season.account.TreeRecord;

/**
 * Between which days a swell came: after the evening of one, by that of the other; or that by the last look it had not
 * come, which tells something too, and without which those told of lately would all have come early.
 */
record Came(int after, int by) {

    private static final int NOT_YET = Integer.MAX_VALUE;

    static Came between(TreeRecord.Seen seen) {
        return new Came(seen.after(), seen.by());
    }

    static Came notBy(int look) {
        return new Came(look, NOT_YET);
    }

    /** True where it was not seen so far. */
    boolean open() {
        return by == NOT_YET;
    }
}
