package baylantern.app.platform;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Set;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The store cannot be written any more, mostly because the disk is full. It then shuts itself so that nothing half is kept;
 * once its connections are given up, the next one opens it again as it was last whole.
 */
@Component
class StoreTrouble {

    private static final Logger LOG = LoggerFactory.getLogger(StoreTrouble.class);

    /** What the store calls it: closed, in trouble with its file, its file cannot be read or written. */
    private static final Set<Integer> SHUT = Set.of(90_098, 90_028, 90_030, 90_031);

    private final DataSource store;
    private final LanternSettings settings;

    StoreTrouble(DataSource store, LanternSettings settings) {
        this.store = store;
        this.settings = settings;
    }

    /** What to say where the store is at fault, null where it is not; it is let open itself again. */
    @Nullable
    String saidOf(Throwable fault) {
        if (!shut(fault)) {
            return null;
        }
        LOG.error("the store cannot be written: {}", fault.getMessage());
        if (store instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
            pool.getHikariPoolMXBean().softEvictConnections();
        }
        return "The farm in " + settings.data()
                + " cannot be written: its disk is full, or was taken away. Nothing of this "
                + "was kept, and nothing from before is lost. Make room, then do it again.";
    }

    private static boolean shut(Throwable fault) {
        for (Throwable one = fault; one != null; one = one.getCause()) {
            boolean store = one instanceof SQLException sql && SHUT.contains(sql.getErrorCode());
            if (store
                    || (one instanceof IOException
                            && String.valueOf(one.getMessage()).contains("space left"))) {
                return true;
            }
        }
        return false;
    }
}
