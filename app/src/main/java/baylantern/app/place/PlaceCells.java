package baylantern.app.place;

import baylantern.app.sound.CellBook;
import baylantern.app.sound.CellRule;
import baylantern.app.sound.Cells;
import baylantern.core.rules.Rulebook;
import java.time.ZoneId;
import java.util.List;
import org.springframework.stereotype.Component;

/** What sites, places, people, varieties and plants hold in the store. */
@Component
class PlaceCells implements Cells {

    private final Rulebook rules;

    PlaceCells(Rulebook rules) {
        this.rules = rules;
    }

    @Override
    public void tell(CellBook book) {
        site(book);
        CellRule named = CellRule.named();
        List.of("place_site", "place_spot", "place_person", "place_variety").forEach(table -> {
            book.cell(table, "name", named);
            book.cell(table, "version", CellRule.count().or("0"));
        });
        book.cell("place_spot", "walk_order", CellRule.whole());
        book.cell("place_spot", "pot_litres", CellRule.number(0, PlaceController.MOST_LITRES));
        book.cell("place_number", "stem", CellRule.named());
        book.cell("place_number", "last_given", CellRule.count().or("0"));
        book.cell("place_away", "kind", CellRule.word(Away.Kind.class, Away.Kind.SPOT));
        book.cell("place_away", "ref_id", CellRule.count().or("0"));
        variety(book);
        plant(book);
    }

    private static void site(CellBook book) {
        book.cell(
                "place_site",
                "latitude_deg",
                CellRule.as(Site.class, "latitudeDeg").or("0"));
        book.cell(
                "place_site",
                "longitude_deg",
                CellRule.as(Site.class, "longitudeDeg").or("0"));
        book.cell(
                "place_site", "altitude_m", CellRule.as(Site.class, "altitudeM").or("0"));
        book.cell("place_site", "zone", CellRule.read(ZoneId::of, "Etc/UTC"));
    }

    private void variety(CellBook book) {
        String table = "place_variety";
        book.cell(table, "species_key", CellRule.species(rules));
        book.cell(table, "letters", CellRule.named());
        book.cell(table, "flowering", CellRule.free());
        book.cell(
                table,
                "harvest_months",
                CellRule.as(VarietyEntry.class, "harvestMonths").or(""));
        book.cell(table, "vigour", CellRule.as(VarietyEntry.class, "vigour"));
        book.cell(table, "notes", CellRule.free());
    }

    private void plant(CellBook book) {
        String table = "place_plant";
        book.cell(table, "code", CellRule.named());
        book.cell(table, "species_key", CellRule.species(rules));
        book.cell(table, "kind", CellRule.word(PlantKind.class, PlantKind.SEEDLING_STOCK));
        book.cells(table, CellRule.free(), "stock_kind", "notes", "gone_to");
        book.cell(table, "gone_how", CellRule.word(PlantEnd.class, PlantEnd.TAKEN_OFF));
        book.cell(table, "walk_order", CellRule.whole());
        book.cell(table, "version", CellRule.count().or("0"));
        book.cell("place_stem", "label", CellRule.as(StemEntry.class, "label").or("1"));
        book.cell("place_stem", "diameter_mm", CellRule.as(StemEntry.class, "diameterMm"));
        book.cell("place_stem", "height_mm", CellRule.as(StemEntry.class, "heightMm"));
    }
}
