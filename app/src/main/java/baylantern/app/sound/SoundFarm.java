package baylantern.app.sound;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.TableVault.Content;
import java.util.List;
import java.util.function.Function;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;

/** Judges every cell of a farm, as it lies in the store or as it is brought in, before anything reads it. */
@Service
public class SoundFarm {

    private final ObjectProvider<Cells> features;
    private final FarmClock clock;
    private final JdbcTemplate jdbc;

    SoundFarm(ObjectProvider<Cells> features, FarmClock clock, JdbcTemplate jdbc) {
        this.features = features;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    CellBook book() {
        return new CellBook(features.stream());
    }

    /** What cannot be in a farm, in the order of its tables; the contents are asked for table by table, twice. */
    public List<Fault> faults(Function<String, Content> contents) {
        return new FarmJudge(StoreShape.read(jdbc), book(), clock.today()).judge(contents);
    }
}
