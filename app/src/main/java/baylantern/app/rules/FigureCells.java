package baylantern.app.rules;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.rules.FigureName;
import java.util.Arrays;
import org.springframework.stereotype.Component;

/** What own figures hold in the store. One outside its range, as another edition may have it, is passed over when read. */
@Component
class FigureCells implements Cells {

    private static final String FIGURES = "rules_figure";

    @Override
    public void tell(CellBook book) {
        book.cell(FIGURES, "species_key", CellRule.free());
        book.cell(
                FIGURES,
                "figure",
                CellRule.word(
                        Arrays.stream(FigureName.values())
                                .map(FigureName::key)
                                .distinct()
                                .toList(),
                        null));
        book.cell(FIGURES, "number", CellRule.number());
    }
}
