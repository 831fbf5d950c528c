package baylantern.core.fit.contact;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.fit.Round;
import baylantern.core.fit.contact.FitBench.Wish;
import baylantern.core.fit.contact.FitBench.Wrap;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.FitRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every model against counting on a fine grid, from the techniques' own geometry and nothing of the models: planes cut
 * cylinders, lines are points, areas are cells. Tolerance: a grid step for each place where a run may begin or end.
 */
class ContactGridTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FitRules FIT = RULES.fit();
    private static final FitBench BENCH = new FitBench(RULES);
    private static final double NEAR = FIT.value(FigureName.NEAR_MM);
    private static final int STEPS = 40_000;
    private static final int FEW = 1500;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "cleft",
                "offset-cleft",
                "whip",
                "whip-tongue",
                "stepped-splice",
                "v-tool",
                "veneer",
                "side-splice",
                "bark",
                "t-bud",
                "inverted-t",
                "chip",
                "approach"
            })
    void anyContactIsWhatAGridCounts(String key) {
        Random random = new Random(key.hashCode());
        int meeting = 0;
        for (int i = 0; i < 40; i++) {
            Joint joint = any(key, random);
            Contact contact = BENCH.model(key).contact(joint);
            double counted = counted(key, joint);
            double tolerance = key.contains("t") && contact.unit() == Contact.Unit.SQUARE_MM
                    ? 0.02 * contact.whole()
                    : Math.max(0.15, 0.006 * contact.whole());
            assertThat(contact.met())
                    .as("%s %s", key, joint)
                    .isCloseTo(counted, org.assertj.core.data.Offset.offset(tolerance));
            assertThat(contact.met()).isBetween(0.0, contact.whole());
            meeting += contact.met() > 0 ? 1 : 0;
        }
        assertThat(meeting).as("placings of %s that meet at all", key).isGreaterThan(8);
    }

    private static Joint any(String key, Random random) {
        Technique technique = RULES.technique(key).orElseThrow();
        double stock =
                between(random, technique.stockMm().low(), technique.stockMm().high());
        double ratio =
                between(random, technique.ratio().low(), technique.ratio().high());
        Round big = Round.of(stock, random.nextBoolean() ? null : between(random, 0.5, 0.12 * stock), FIT);
        Round small = Round.of(Math.max(3, stock * ratio), null, FIT);
        if (small.radiusMm() > technique.ratio().high() * big.radiusMm()) {
            small = big;
        }
        ContactModel model = BENCH.model(key);
        Way way = model.ways().get(random.nextInt(model.ways().size()));
        double cut = between(random, technique.cutMm().low(), technique.cutMm().high());
        Joint best = BENCH.joint(key, big, small, new Wish(way, cut, null, null, null, null), Wrap.CLOCKWISE);
        Placing placing = best.placing().offset(best.placing().offsetMm() + random.nextGaussian() * 0.4);
        return best.at(model.tilts() && random.nextBoolean() ? placing.tilt(random.nextGaussian() * 1.5) : placing);
    }

    private static double between(Random random, double low, double high) {
        return low + random.nextDouble() * (high - low);
    }

    private static double counted(String key, Joint j) {
        double length = j.placing().cutMm();
        return switch (key) {
            case "cleft" -> cleft(j);
            case "offset-cleft" -> offsetCleft(j);
            case "v-tool" -> vTool(j);
            case "whip" -> ring(j, 0, 0, length);
            case "whip-tongue" -> ring(j, 0, 0, length) + tongues(j);
            case "stepped-splice" -> stepped(j);
            case "veneer" -> sides(j, 0, length, flat(j)) + sides(j, 0.8 * length, length, flat(j));
            case "approach" -> sides(j, 0, length, flat(j));
            case "side-splice" -> sides(j, 0, length, sloping(j));
            case "bark" -> bark(j);
            case "t-bud" -> bud(j, 0);
            case "inverted-t" -> bud(j, (1 - FIT.value(FigureName.SHIELD_SHARE)) * length);
            case "chip" -> chip(j);
            default -> throw new IllegalArgumentException(key);
        };
    }

    /** Half of the line in which a plane at this distance from the axis cuts a circle. */
    private static double half(double radius, double distance) {
        return Math.sqrt(radius * radius - distance * distance);
    }

    private static double count(double from, double to, DoubleUnaryOperator gap, double near) {
        int hits = 0;
        for (int i = 0; i < STEPS; i++) {
            double z = from + (to - from) * (i + 0.5) / STEPS;
            hits += Math.abs(gap.applyAsDouble(z)) <= near ? 1 : 0;
        }
        return hits * (to - from) / STEPS;
    }

    private static double lean(Joint j) {
        return Math.tan(Math.toRadians(j.placing().tiltDeg()));
    }

    private static double cleft(Joint j) {
        Placing p = j.placing();
        double top = p.way() == Way.PLAIN ? j.scion().radiusMm() : p.depthMm();
        double end = half(j.stock().cambiumMm(), p.splitMm());
        DoubleUnaryOperator w = z -> half(j.scion().cambiumMm(), top * (1 - z / p.cutMm()));
        if (p.way() == Way.TWO) {
            double x = Math.abs(p.offsetMm());
            return 4 * count(0, p.cutMm(), z -> x + z * lean(j) + w.applyAsDouble(z) - end, NEAR);
        }
        return 2 * count(0, p.cutMm(), z -> p.offsetMm() + z * lean(j) + w.applyAsDouble(z) - end, NEAR)
                + 2 * count(0, p.cutMm(), z -> p.offsetMm() + z * lean(j) - w.applyAsDouble(z) + end, NEAR);
    }

    private static double offsetCleft(Joint j) {
        Placing p = j.placing();
        double tip = FIT.value(FigureName.TIP_SHARE) * j.scion().cambiumMm();
        double back = FIT.value(FigureName.BACK_SHARE) * p.cutMm();
        double start = p.cutMm() - back;
        double end = half(j.stock().cambiumMm(), p.splitMm());
        DoubleUnaryOperator front = z -> p.depthMm() - (p.depthMm() + tip) * z / p.cutMm();
        DoubleUnaryOperator rear = z -> j.scion().radiusMm() - (j.scion().radiusMm() - tip) * (z - start) / back;
        return bothEdges(j, 0, p.cutMm(), front, end) + bothEdges(j, start, p.cutMm(), rear, end);
    }

    private static double bothEdges(Joint j, double from, double to, DoubleUnaryOperator distance, double end) {
        double sum = 0;
        for (int side = -1; side <= 1; side += 2) {
            int s = side;
            sum += count(
                    from,
                    to,
                    z -> j.placing().offsetMm()
                            + z * lean(j)
                            + s * half(j.scion().cambiumMm(), distance.applyAsDouble(z))
                            - s * end,
                    NEAR);
        }
        return sum;
    }

    private static double vTool(Joint j) {
        double slope = Math.tan(Math.toRadians(FIT.value(FigureName.TOOL_ANGLE) / 2));
        double length = j.placing().cutMm();
        double sum = 0;
        for (int side = -1; side <= 1; side += 2) {
            int s = side;
            sum += 2
                    * count(
                            0,
                            length,
                            z -> j.placing().offsetMm()
                                    + s * half(j.scion().cambiumMm(), (length - z) * slope)
                                    - s * half(j.stock().cambiumMm(), (length - z) * slope),
                            NEAR);
        }
        return sum;
    }

    /** A ring of cambium on a slope whose plane falls 2·R less the notch over the length; points against points. */
    private static double ring(Joint j, double notch, double from, double to) {
        double length = j.placing().cutMm();
        double before = from > 0 ? notch : 0;
        double[][] stock = slope(j.stock(), length, notch, before, 0, 0);
        double[][] scion = slope(
                j.scion(),
                length,
                notch,
                before,
                j.placing().offsetMm(),
                -j.placing().tiltDeg());
        double sum = 0;
        for (int i = 0; i < FEW; i++) {
            double[] a = scion[i];
            double[] b = scion[(i + 1) % FEW];
            double z = (a[1] + b[1]) / 2;
            if (z >= from && z <= to && nearest(stock, (a[0] + b[0]) / 2, z) <= NEAR) {
                sum += Math.hypot(a[0] - b[0], a[1] - b[1]);
            }
        }
        return sum;
    }

    // Where the plane y = −R + before + k·z meets the circle of cambium x = ρ·cos a, y = ρ·sin a.
    private static double[][] slope(Round stem, double length, double notch, double before, double x0, double turn) {
        double k = (2 * stem.radiusMm() - notch) / length;
        double middle = (stem.radiusMm() - before) / k;
        double t = Math.toRadians(turn);
        double[][] points = new double[FEW][];
        for (int i = 0; i < FEW; i++) {
            double a = 2 * Math.PI * i / FEW;
            double x = stem.cambiumMm() * Math.cos(a);
            double z = (stem.cambiumMm() * Math.sin(a) + stem.radiusMm() - before) / k - middle;
            points[i] =
                    new double[] {x0 + x * Math.cos(t) - z * Math.sin(t), middle + x * Math.sin(t) + z * Math.cos(t)};
        }
        return points;
    }

    private static double nearest(double[][] points, double x, double z) {
        double best = Double.MAX_VALUE;
        for (int i = 0; i < points.length; i++) {
            double[] a = points[i];
            double[] b = points[(i + 1) % points.length];
            double dx = b[0] - a[0];
            double dz = b[1] - a[1];
            double t = Math.max(0, Math.min(1, ((x - a[0]) * dx + (z - a[1]) * dz) / (dx * dx + dz * dz)));
            best = Math.min(best, Math.hypot(a[0] + t * dx - x, a[1] + t * dz - z));
        }
        return best;
    }

    private static double stepped(Joint j) {
        double notch = FIT.value(FigureName.NOTCH_SHARE)
                * 2
                * Math.min(j.stock().radiusMm(), j.scion().radiusMm());
        double length = j.placing().cutMm();
        return ring(j, notch, 0, length / 2) + ring(j, notch, length / 2, length);
    }

    private static double tongues(Joint j) {
        double length = j.placing().cutMm();
        double s = FIT.value(FigureName.TONGUE_START);
        double end = half(j.stock().cambiumMm(), j.stock().radiusMm() * (1 - 2 * s));
        double own = half(j.scion().cambiumMm(), j.scion().radiusMm() * (1 - 2 * s));
        double sum = 0;
        for (int side = -1; side <= 1; side += 2) {
            int way = side;
            sum += 2
                    * count(
                            s * length,
                            (s + FIT.value(FigureName.TONGUE_SHARE)) * length,
                            z -> j.placing().offsetMm() + lean(j) * (z - length / 2) + way * (own - end),
                            NEAR);
        }
        return sum;
    }

    private interface Widths {
        double gap(int side, double z);
    }

    private static Widths flat(Joint j) {
        double stock =
                half(j.stock().cambiumMm(), j.stock().radiusMm() - j.placing().depthMm());
        double scion = half(
                j.scion().cambiumMm(),
                FIT.value(FigureName.FACE_SHARE) * j.scion().cambiumMm());
        return (side, z) -> side * (scion - stock);
    }

    private static Widths sloping(Joint j) {
        double length = j.placing().cutMm();
        return (side, z) -> side
                * (half(j.scion().cambiumMm(), j.scion().radiusMm() * (1 - z / length))
                        - half(
                                j.stock().cambiumMm(),
                                j.stock().radiusMm() - j.placing().depthMm() * z / length));
    }

    private static double sides(Joint j, double from, double to, Widths widths) {
        double sum = 0;
        for (int side = -1; side <= 1; side += 2) {
            int s = side;
            sum += count(
                    from,
                    to,
                    z -> j.placing().offsetMm() + lean(j) * (z - j.placing().cutMm() / 2) + widths.gap(s, z),
                    NEAR);
        }
        return sum;
    }

    private static double bark(Joint j) {
        double length = j.placing().cutMm();
        double c = j.scion().cambiumMm();
        double wood = j.stock().cambiumMm();
        double top = j.placing().depthMm();
        double sum = 0;
        for (int side = -1; side <= 1; side += 2) {
            int s = side;
            sum += count(
                    0,
                    length,
                    z -> {
                        double x = j.placing().offsetMm()
                                + lean(j) * (z - length / 2)
                                + s * half(c, top - (top + 0.8 * c) * z / length);
                        return wood - half(wood, x);
                    },
                    NEAR);
        }
        return sum;
    }

    private interface Inside {
        boolean is(double x, double z);
    }

    private static double cells(double width, double length, Inside inside) {
        int n = 700;
        int hits = 0;
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                hits += inside.is(-width + 2 * width * (i + 0.5) / n, length * (k + 0.5) / n) ? 1 : 0;
            }
        }
        return hits * 2.0 * width * length / n / n;
    }

    /** True where a scoop t deep has cut into the cambium at x across and u along. */
    private static boolean bared(Round stem, double t, double x, double u) {
        double level = stem.radiusMm() - t * (1 - u * u);
        return Math.abs(u) <= 1 && x * x + level * level <= stem.cambiumMm() * stem.cambiumMm();
    }

    private static double bud(Joint j, double from) {
        double length = FIT.value(FigureName.SHIELD_SHARE) * j.placing().cutMm();
        double wood = j.stock().cambiumMm();
        double lifted = FIT.value(FigureName.LIFT_SHARE) * wood;
        return cells(j.stock().radiusMm() + 2, length, (x, z) -> {
            double axis =
                    j.placing().offsetMm() + lean(j) * (from + z - j.placing().cutMm() / 2);
            boolean lies = j.placing().way() == Way.THIN || wood - half(wood, x) <= NEAR;
            return Math.abs(x) <= lifted
                    && lies
                    && bared(j.scion(), j.placing().depthMm(), x - axis, 2 * z / length - 1);
        });
    }

    private static double chip(Joint j) {
        double length = j.placing().cutMm();
        double wide =
                half(j.scion().cambiumMm(), j.scion().radiusMm() - j.placing().depthMm());
        double notch = j.stock().radiusMm()
                - half(j.stock().cambiumMm(), Math.min(wide, 0.98 * j.stock().cambiumMm()));
        return cells(j.stock().radiusMm(), length, (x, z) -> {
            double axis = j.placing().offsetMm() + lean(j) * (z - length / 2);
            double u = 2 * z / length - 1;
            return bared(j.scion(), j.placing().depthMm(), x - axis, u) && bared(j.stock(), notch, x, u);
        });
    }
}
