package baylantern.app.sound;

import baylantern.app.platform.TableVault;
import baylantern.app.sound.CellBook.RowRule;
import baylantern.app.sound.StoreShape.Column;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What a trail says a row was is written back as it stands, so it is judged as the row itself would be. */
final class TrailCheck implements RowRule {

    static final String TABLE = "house_trail";

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<LinkedHashMap<String, @Nullable String>> CELLS = new TypeReference<>() {};

    private final StoreShape shape;
    private final CellCheck cells;

    TrailCheck(StoreShape shape, CellCheck cells) {
        this.shape = shape;
        this.cells = cells;
    }

    @Override
    public @Nullable String amiss(Map<String, String> row) {
        String table = row.getOrDefault("table_name", "");
        if (!TableVault.TABLES.contains(table)) {
            return "it tells of a table \"" + table + "\"";
        }
        for (String part : List.of("row_key", "was", "became")) {
            String written = row.get(part);
            String amiss = written == null ? null : part(table, written);
            if (amiss != null) {
                return part + ": " + amiss;
            }
        }
        return null;
    }

    private @Nullable String part(String table, String written) {
        Map<String, @Nullable String> told;
        try {
            told = JSON.readValue(written, CELLS);
        } catch (JacksonException e) {
            return "cannot be read";
        }
        for (Map.Entry<String, @Nullable String> cell : told.entrySet()) {
            Column column = shape.of(table).get(cell.getKey());
            String amiss = column == null ? "there is no such column" : cells.amiss(table, column, cell.getValue());
            if (amiss != null) {
                return cell.getKey() + " " + amiss;
            }
        }
        return null;
    }
}
