package baylantern.core.day.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import baylantern.core.day.label.LabelSheet.Grid;
import baylantern.core.day.label.LabelSheet.Kind;
import baylantern.core.day.label.LabelSheet.Offset;
import baylantern.core.day.label.LabelSheet.Paper;
import baylantern.core.day.label.LabelSheet.Size;
import baylantern.core.rules.Quantity;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class LabelSheetTest {

    @Property(tries = 60)
    void noLabelLiesOverAnotherOrOverTheEdge(
            @ForAll Kind kind, @ForAll Paper paper, @ForAll @IntRange(min = 1, max = 120) int labels) {
        LabelSheet sheet = kind.on(paper);
        List<LabelSheet.Spot> spots = new ArrayList<>();
        for (int i = 0; i < labels; i++) {
            LabelSheet.Spot spot = sheet.spot(i);
            assertThat(spot.xMm())
                    .isBetween(0.0, paper.widthMm() - sheet.label().widthMm() + 0.05);
            assertThat(spot.yMm())
                    .isBetween(0.0, paper.heightMm() - sheet.label().heightMm() + 0.05);
            assertThat(spots)
                    .noneMatch(other -> other.page() == spot.page()
                            && Math.abs(other.xMm() - spot.xMm())
                                    < sheet.label().widthMm() - 0.05
                            && Math.abs(other.yMm() - spot.yMm())
                                    < sheet.label().heightMm() - 0.05);
            spots.add(spot);
        }
        assertThat(spots.get(labels - 1).page()).isEqualTo((labels - 1) / sheet.perPage());
    }

    @Test
    void aSheetOfTheirOwnIsCountedFromItsCorner() {
        LabelSheet sheet =
                new LabelSheet(Paper.A4, new Size(60, 30), new Grid(3, 8), new Offset(10, 12), new Offset(2, 3));
        assertThat(sheet.spot(4).xMm()).isCloseTo(10 + 62, within(1e-9));
        assertThat(sheet.spot(4).yMm()).isCloseTo(12 + 33, within(1e-9));
        assertThat(sheet.spot(24)).isEqualTo(new LabelSheet.Spot(1, 10, 12));
    }

    @Test
    void whatDoesNotLieOnThePaperIsSaid() {
        assertThatThrownBy(() ->
                        new LabelSheet(Paper.A4, new Size(60, 30), new Grid(4, 8), new Offset(5, 5), new Offset(0, 0)))
                .satisfies(
                        e -> assertThat(Quantity.plain("" + e.getMessage()))
                                .isEqualTo(
                                        "The labels need 245 mm, and the paper is 210 mm wide: fewer or smaller ones, please."));
        assertThatThrownBy(() ->
                        new LabelSheet(Paper.A4, new Size(6, 30), new Grid(1, 1), new Offset(5, 5), new Offset(0, 0)))
                .hasMessageContaining("wide and high");
    }
}
