package baylantern.app.lineage;

import java.util.List;

/** Is told, within the same transaction, when grafts were held or released. */
public interface HoldListener {

    /** The holds on these grafts have changed. */
    void holdsChanged(List<Long> graftIds);
}
