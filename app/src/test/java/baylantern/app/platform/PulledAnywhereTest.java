package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import org.h2.jdbcx.JdbcDataSource;
import org.h2.store.fs.Recorder;
import org.h2.store.fs.rec.FilePathRec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The plug pulled after every single write to the file, while one writes and others end transactions in which nothing came of
 * anything: whatever the file holds then, each act is there with all its rows or not at all. Every write is recorded, and the file as
 * it stood after it is opened as after a power cut. With the framework's own transaction manager every run that looks
 * at all writes finds an act by half.
 */
class PulledAnywhereTest {

    private static final String OPEN = ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE";
    private static final int ACTS = 250;
    private static final int ROWS = 40;
    private static final int LOOKED_AT = Integer.getInteger("lantern.stills", 150);

    @TempDir
    private Path folder;

    /** The file as it stands, and as it stood after each write. */
    private static final class Film implements Recorder {
        private byte[] now = new byte[1 << 20];
        private int length;
        private final List<byte[]> stills = new ArrayList<>();
        private boolean runs;

        @Override
        public synchronized void log(int op, String fileName, byte[] data, long at) {
            if (!fileName.endsWith(".mv.db")) {
                return;
            }
            if (op == Recorder.TRUNCATE) {
                length = (int) at;
            } else if (op == Recorder.WRITE) {
                int end = (int) at + data.length;
                if (end > now.length) {
                    now = Arrays.copyOf(now, 2 * end);
                }
                System.arraycopy(data, 0, now, (int) at, data.length);
                length = Math.max(length, end);
                if (runs) {
                    stills.add(Arrays.copyOf(now, length));
                }
            }
        }
    }

    @Test
    void eachActIsThereWholeOrNotAtAll() throws Exception {
        Film film = new Film();
        FilePathRec.register();
        FilePathRec.setRecorder(film);
        HikariDataSource source = new HikariDataSource();
        source.setJdbcUrl("jdbc:h2:rec:" + folder.resolve("farm") + OPEN);
        source.setUsername("sa");
        JdbcTemplate jdbc = new JdbcTemplate(source);
        // Those an act is told of lie behind those it changes, as the farm's do.
        for (String table : List.of("a_row", "house_act", "house_trail")) {
            jdbc.execute("CREATE TABLE " + table + " (id BIGINT PRIMARY KEY, act BIGINT)");
        }
        jdbc.execute("CREATE TABLE house_pen (id INT PRIMARY KEY, turn BIGINT)");
        jdbc.execute("INSERT INTO house_pen VALUES (1, 0)");
        Pen pen = new Pen(jdbc);
        PlatformTransactionManager ends = new QuietEnds(source, pen);
        film.runs = true;
        whileOthersEnd(new TransactionTemplate(ends), jdbc, () -> {
            for (int act = 1; act <= ACTS; act++) {
                long id = act;
                new TransactionTemplate(ends).executeWithoutResult(status -> {
                    pen.take();
                    jdbc.update("INSERT INTO house_act VALUES (?, ?)", id, id);
                    for (int row = 0; row < ROWS; row++) {
                        jdbc.update("INSERT INTO a_row VALUES (?, ?)", id * ROWS + row, id);
                    }
                    jdbc.update("INSERT INTO house_trail VALUES (?, ?)", id, id);
                });
            }
        });
        film.runs = false;
        source.close();
        assertThat(film.stills).hasSizeGreaterThan(ACTS);
        int step = Math.max(1, film.stills.size() / LOOKED_AT);
        int whole = 0;
        for (int i = 0; i < film.stills.size(); i += step) {
            whole = Math.max(whole, actsOf(film.stills.get(i), i));
        }
        assertThat(whole).isGreaterThan(ACTS / 2);
    }

    private static void whileOthersEnd(TransactionTemplate their, JdbcTemplate jdbc, Runnable work) throws Exception {
        AtomicBoolean over = new AtomicBoolean();
        ExecutorService others = Executors.newFixedThreadPool(3);
        List<Future<?>> ending = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            ending.add(others.submit(() -> {
                while (!over.get()) {
                    their.executeWithoutResult(status -> {
                        assertThat(jdbc.queryForList("SELECT id FROM house_pen"))
                                .hasSize(1);
                        status.setRollbackOnly();
                    });
                }
            }));
        }
        work.run();
        over.set(true);
        for (Future<?> one : ending) {
            one.get();
        }
        others.shutdown();
    }

    /** How many acts there are after a power cut; each is whole. */
    private int actsOf(byte[] still, int nth) throws IOException {
        Path file = folder.resolve("still.mv.db");
        Files.write(file, still);
        JdbcDataSource source = new JdbcDataSource();
        source.setURL("jdbc:h2:" + folder.resolve("still") + OPEN);
        source.setUser("sa");
        JdbcTemplate jdbc = new JdbcTemplate(source);
        List<Long> acts = jdbc.queryForList("SELECT id FROM house_act ORDER BY id", Long.class);
        assertThat(ofEach(jdbc, "a_row")).as("rows after write " + nth).isEqualTo(each(acts, ROWS));
        assertThat(ofEach(jdbc, "house_trail"))
                .as("what an act is told of after write " + nth)
                .isEqualTo(each(acts, 1));
        Files.delete(file);
        return acts.size();
    }

    private static Map<Long, Long> ofEach(JdbcTemplate jdbc, String table) {
        Map<Long, Long> counts = new TreeMap<>();
        jdbc.query("SELECT act, COUNT(*) FROM " + table + " GROUP BY act", row -> {
            counts.put(row.getLong(1), row.getLong(2));
        });
        return counts;
    }

    private static Map<Long, Long> each(List<Long> acts, long count) {
        return acts.stream().collect(Collectors.toMap(act -> act, act -> count));
    }
}
