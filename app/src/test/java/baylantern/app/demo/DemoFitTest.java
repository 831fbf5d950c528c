package baylantern.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.place.Plant;
import baylantern.app.place.PlantService;
import baylantern.core.fit.Taper;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the demo farm has measured, and the fit every graft of it was made with. */
class DemoFitTest extends GrownFarmTest {

    @Autowired
    private PlantService plants;

    @Autowired
    private JdbcTemplate store;

    @Test
    void everyGraftWithTwoSizesHasItsFit() {
        List<Map<String, Object>> fits = store.queryForList(
                "SELECT technique_key, scion_mm, stock_mm, fit_met, fit_whole, fit_ratio, fit_score, fit_laid FROM bench_graft");
        assertThat(fits).hasSizeGreaterThan(380);
        long told = fits.stream().filter(f -> f.get("fit_met") != null).count();
        assertThat(told).isGreaterThan(fits.size() * 3L / 4);
        for (Map<String, Object> fit : fits) {
            if (fit.get("fit_met") != null) {
                assertThat((Double) fit.get("fit_met")).isBetween(0.0, (Double) fit.get("fit_whole"));
                assertThat((Double) fit.get("fit_ratio"))
                        .isEqualTo((Double) fit.get("scion_mm") / (Double) fit.get("stock_mm"));
                assertThat((Double) fit.get("fit_score")).isBetween(0.1, 1.2);
                assertThat(fit.get("fit_laid")).isEqualTo(false);
            }
        }
        // A stick nearer to its stem in size meets over more of it.
        assertThat(share(fits, 0.95, 1.0)).isGreaterThan(share(fits, 0.75, 0.85) + 0.1);
    }

    private static double share(List<Map<String, Object>> fits, double from, double to) {
        return fits.stream()
                .filter(f -> f.get("fit_met") != null && "cleft".equals(f.get("technique_key")))
                .filter(f -> (Double) f.get("fit_ratio") >= from && (Double) f.get("fit_ratio") <= to)
                .mapToDouble(f -> (Double) f.get("fit_met") / (Double) f.get("fit_whole"))
                .average()
                .orElseThrow();
    }

    @Test
    void potsAreMeasuredAtThreeHeightsAndThinUpward() {
        List<String> readings = store.queryForList(
                "SELECT readings FROM fit_stem WHERE direction_deg IS NULL ORDER BY id", String.class);
        assertThat(readings).hasSize(9);
        for (String written : readings) {
            List<Taper.StemReading> read = new ArrayList<>();
            for (String one : written.split(";")) {
                String[] two = one.split(":");
                read.add(new Taper.StemReading(Double.parseDouble(two[0]), Double.parseDouble(two[1])));
            }
            assertThat(read).hasSize(3);
            assertThat(new Taper(read).swells()).isFalse();
        }
    }

    @Test
    void theOldFigStandsOnTheWallWithItsLimbs() {
        Plant fig = plants.plantByCode("FG-OLD").orElseThrow();
        assertThat(fig.spotName()).isEqualTo("Old Wall");
        assertThat(plants.stems(List.of(fig.id()))).hasSize(9);
        assertThat(store.queryForList(
                        "SELECT direction_deg FROM fit_stem WHERE direction_deg IS NOT NULL", Double.class))
                .hasSize(9)
                .doesNotHaveDuplicates()
                .allMatch(d -> d >= 0 && d <= 360);
    }
}
