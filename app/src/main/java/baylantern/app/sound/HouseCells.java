package baylantern.app.sound;

import baylantern.app.platform.TableVault;
import org.springframework.stereotype.Component;

/** The cells of what every feature shares. */
@Component
class HouseCells implements Cells {

    @Override
    public void tell(CellBook book) {
        book.cells("house_act", CellRule.free(), "kind", "sentence");
        book.cell("house_act", "person_id", CellRule.count());
        book.cells("sound_unread", CellRule.free(), "was", "row_id");
        book.cell("sound_unread", "table_name", CellRule.word(TableVault.TABLES, null));
        book.cell("sound_unread", "column_name", CellRule.free());
        book.cells(TrailCheck.TABLE, CellRule.free(), "table_name", "row_key", "was", "became");
    }
}
