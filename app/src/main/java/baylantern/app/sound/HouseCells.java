package baylantern.app.sound;

import baylantern.app.platform.TableVault;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The cells of what every feature shares. */
@Component
class HouseCells implements Cells {

    @Override
    public void tell(CellBook book) {
        book.cells("house_act", CellRule.free(), "kind", "sentence", "device");
        book.cell("house_act", "person_id", CellRule.count());
        book.cells("sound_unread", CellRule.free(), "was", "row_id");
        book.cell("sound_unread", "table_name", CellRule.word(TableVault.TABLES, null));
        book.cell("sound_unread", "column_name", CellRule.free());
        book.within("sound_unread", (shape, cells) -> row -> ofAColumn(row, shape));
        book.within(TrailCheck.TABLE, TrailCheck::new);
        book.cells(TrailCheck.TABLE, CellRule.free(), "table_name", "row_key", "was", "became");
    }

    // What was set aside is put back where it says.
    private static @Nullable String ofAColumn(Map<String, String> row, StoreShape shape) {
        String column = row.getOrDefault("column_name", "");
        return shape.of(row.getOrDefault("table_name", "")).containsKey(column)
                ? null
                : "it tells of a column \"" + column + "\"";
    }
}
