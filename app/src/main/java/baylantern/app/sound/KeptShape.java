package baylantern.app.sound;

import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;

/** The shape of the store, read when it is first asked for: it does not change while the farm is open. */
final class KeptShape {

    private final JdbcTemplate jdbc;
    private @Nullable StoreShape shape;

    KeptShape(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    synchronized StoreShape get() {
        StoreShape known = shape != null ? shape : StoreShape.read(jdbc);
        shape = known;
        return known;
    }
}
