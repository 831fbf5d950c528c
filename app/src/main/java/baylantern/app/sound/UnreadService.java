package baylantern.app.sound;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.app.sound.StoreShape.Column;
import baylantern.app.sound.UnreadMapper.Unread;
import baylantern.core.rules.Known;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What nobody understood when the farm was opened, and saying what it is. */
@Service
public class UnreadService {

    private final UnreadMapper mapper;
    private final SoundFarm sound;
    private final TrailService trail;
    private final FarmClock clock;
    private final KeptShape shape;

    UnreadService(UnreadMapper mapper, SoundFarm sound, TrailService trail, FarmClock clock, JdbcTemplate jdbc) {
        this.mapper = mapper;
        this.sound = sound;
        this.trail = trail;
        this.clock = clock;
        this.shape = new KeptShape(jdbc);
    }

    /**
     * Something nobody understands.
     *
     * @param of what it was told of, for instance "plant: species"
     * @param was what stood there
     * @param cells in how many rows
     * @param named what these rows are called, the first four; empty where they have no names
     * @param stands what stands there now, null where nothing does
     * @param choices what it can be, empty where it is no word of a few
     */
    record UnreadView(
            long id,
            String of,
            String was,
            int cells,
            List<String> named,
            @Nullable String stands,
            List<String> choices) {}

    /** In how many cells something stands in until somebody says what it is. */
    public int count() {
        return mapper.count();
    }

    /** All of it. */
    List<UnreadView> all() {
        CellBook book = sound.book();
        return mapper.all().stream().map(unread -> view(unread, book)).toList();
    }

    private UnreadView view(Unread unread, CellBook book) {
        CellRule rule = book.of(unread.tableName(), unread.columnName());
        List<String> named = Stream.of("code", "name")
                .filter(shape.get().of(unread.tableName())::containsKey)
                .findFirst()
                .map(by -> mapper.named(unread, by))
                .orElse(List.of());
        return new UnreadView(
                unread.id(),
                words(unread),
                unread.was(),
                unread.cells(),
                named,
                rule == null ? null : rule.standIn(),
                rule == null ? List.of() : rule.words());
    }

    // A table is named after its feature and what it holds, a column may end with its unit.
    private static String words(Unread unread) {
        String table = unread.tableName().substring(unread.tableName().indexOf('_') + 1);
        String column = unread.columnName().replaceAll("_(key|mm|c|deg|m|pct|ms|ml|on)$", "");
        return (table + ": " + column).replace('_', ' ').toLowerCase(Locale.ROOT);
    }

    /** Says what it is, in every row where it stood; null lets what stands there stand. */
    @Transactional
    List<UnreadView> mend(long id, @Nullable String becomes) {
        Unread unread = mapper.all().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.conflict("Somebody has said already what that is."));
        trail.follow("\"" + unread.was() + "\" (" + words(unread) + ") is "
                + (becomes == null ? "left as it stands" : becomes));
        if (becomes != null) {
            check(unread, becomes);
            Rows.any(mapper.mend(unread, becomes));
        }
        Rows.all(mapper.forget(unread), unread.cells());
        return all();
    }

    private void check(Unread unread, String becomes) {
        Column column = Known.in(shape.get().of(unread.tableName()), unread.columnName());
        String amiss = new CellCheck(sound.book(), clock.today()).amiss(unread.tableName(), column, becomes);
        if (amiss != null) {
            throw FarmProblem.wrong("becomes", becomes, amiss, "It cannot be \"" + becomes + "\": it " + amiss + ".");
        }
    }
}
