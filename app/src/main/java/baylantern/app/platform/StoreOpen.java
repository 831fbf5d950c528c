package baylantern.app.platform;

import org.springframework.stereotype.Component;

/**
 * Whether the farm's store is open. While one of an older version is being brought to this one nothing of it can be asked for
 * in the ways of this one, figures of its own neither.
 */
@Component
public final class StoreOpen {

    private volatile boolean open;

    /** True once it is of this version. */
    public boolean is() {
        return open;
    }

    /** It is of this version now. */
    public void now() {
        open = true;
    }
}
