package baylantern.app.sound;

import baylantern.app.platform.BeforeDoor;
import baylantern.app.platform.LanternSettings;
import baylantern.app.platform.StoreOpen;
import baylantern.app.platform.TableVault;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Opens the store of a farm. One of an older version is looked through and copied before it is brought to this one; what
 * nobody understands is set aside before anything reads it.
 */
@Component
class FarmOpening implements FlywayMigrationStrategy, BeforeDoor {

    private static final Logger LOG = LoggerFactory.getLogger(FarmOpening.class);

    /**
     * What the fourteenth step to this version once read as: it widened a view besides, by columns that nothing reads. A farm
     * that took it so has all it needs; any other step that reads otherwise than it was taken is refused.
     */
    private static final int WIDER_14 = -263103249;

    /** So many faults are told line by line. */
    private static final int TOLD = 20;

    private final ObjectProvider<Cells> features;
    private final LanternSettings settings;
    private final StoreOpen open;
    private final CompletableFuture<Void> looking = new CompletableFuture<>();

    FarmOpening(ObjectProvider<Cells> features, LanternSettings settings, StoreOpen open) {
        this.open = open;
        this.features = features;
        this.settings = settings;
    }

    @Override
    public void migrate(Flyway flyway) {
        DataSource source = Objects.requireNonNull(flyway.getConfiguration().getDataSource());
        JdbcTemplate store = new JdbcTemplate(source);
        MigrationInfoService known = flyway.info();
        boolean begun = known.current() != null;
        if (begun && known.pending().length > 0) {
            beforeUpgrade(store, String.valueOf(known.current().getVersion()));
        }
        if (Arrays.stream(known.applied()).anyMatch(FarmOpening::wider)) {
            flyway.repair();
        }
        flyway.migrate();
        open.now();
        if (begun && !settings.sealed()) {
            new Thread(() -> lookThrough(source, store), "looks the farm through").start();
        } else {
            looking.complete(null);
        }
    }

    private static boolean wider(MigrationInfo step) {
        return "14".equals(String.valueOf(step.getVersion())) && Objects.equals(step.getChecksum(), WIDER_14);
    }

    private void lookThrough(DataSource source, JdbcTemplate store) {
        try {
            new SetAside(source, book(), day(store)).all();
        } catch (RuntimeException e) {
            // A farm that can be opened is opened; ./lantern check says what is wrong.
            LOG.error("The farm could not be looked through", e);
        } finally {
            looking.complete(null);
        }
    }

    @Override
    public Turn turn() {
        return Turn.LOOKED_THROUGH;
    }

    /** The rest of the house was got ready meanwhile. */
    @Override
    public void beforeDoor() {
        looking.join();
        // Runs when the store is closed.
        SpringApplication.getShutdownHandlers().add(() -> new Seal(Path.of(settings.data())).put());
    }

    private CellBook book() {
        return new CellBook(features.stream());
    }

    // The day the farm's clock stands on, else the computer's; it decides only which years are far off.
    private static LocalDate day(JdbcTemplate store) {
        return Objects.requireNonNull(store.queryForObject(
                "SELECT COALESCE((SELECT MAX(farm_day) FROM house_clock), CURRENT_DATE)", LocalDate.class));
    }

    private void beforeUpgrade(JdbcTemplate store, String version) {
        Path copy = Path.of(settings.data()).resolve("before-upgrade-" + version + ".zip");
        store.execute("BACKUP TO '" + copy.toString().replace("'", "''") + "'");
        LOG.info(
                "This farm is of version {}. A copy was kept as {} before it is brought to this version.",
                version,
                copy);
        List<Fault> faults = new FarmJudge(StoreShape.read(store), book(), day(store)).judge(TableVault.reader(store));
        faults.stream().limit(TOLD).forEach(fault -> LOG.warn("Before the upgrade: {}", fault.words()));
        if (faults.size() > TOLD) {
            LOG.warn("Before the upgrade: and {} more.", faults.size() - TOLD);
        }
    }
}
