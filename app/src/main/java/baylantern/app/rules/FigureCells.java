package baylantern.app.rules;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.rules.Rulebook;
import org.springframework.stereotype.Component;

/** What own figures hold in the store. One outside its range, as another edition may have it, is passed over when read. */
@Component
class FigureCells implements Cells {

    private static final String FIGURES = "rules_figure";

    private final Rulebook rules;

    FigureCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        book.cell(FIGURES, "species_key", CellRule.free());
        book.cell(
                FIGURES,
                "figure",
                CellRule.word(
                        rules.figures().stream()
                                .map(Rulebook.Named::key)
                                .distinct()
                                .toList(),
                        null));
        book.cell(FIGURES, "number", CellRule.number());
    }
}
