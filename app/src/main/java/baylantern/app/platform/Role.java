package baylantern.app.platform;

/** What somebody may do, the least first; each may also do what those before it may. */
public enum Role {
    /** Not signed in: may sign in, and sees the empty shell. */
    NOBODY,
    /** Looks on. */
    GUEST,
    /** Works: looks, notes, grafts, wood, pictures. */
    HAND,
    /** Everything. */
    OWNER;

    /** True where what needs that role may be done. */
    public boolean may(Role needed) {
        return compareTo(needed) >= 0;
    }
}
