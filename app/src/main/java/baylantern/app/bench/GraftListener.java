package baylantern.app.bench;

import java.util.List;

/** Told, within the same transaction, when grafts were logged. */
public interface GraftListener {

    /** These grafts are new; each has no look yet. */
    void logged(List<Long> graftIds);
}
