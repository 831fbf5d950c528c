package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Known;
import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Where each stage lies on the way from swell to swell: as the rulebook has it, or as a farm's looks showed. */
public final class Stages {

    private static final BudStage[] ALL = BudStage.values();
    // So that none is passed over.
    private static final double LEAST = 0.01;

    private final double[] until;

    private Stages(double[] until) {
        this.until = until;
    }

    /** As the rulebook has it. */
    public static Stages of(FlushRules rules) {
        return new Stages(Arrays.stream(ALL)
                .mapToDouble(stage -> Known.in(rules.until(), stage))
                .toArray());
    }

    /**
     * The same with some stages longer and others shorter.
     *
     * @param longer by how much of the way each stage is longer, by its place in the order of stages; the last takes what is left
     */
    public Stages lengthened(double[] longer) {
        double[] moved = new double[until.length];
        double before = 0;
        double shift = 0;
        for (int i = 0; i < moved.length - 1; i++) {
            shift += longer[i];
            // Those after it want their least too.
            double most = 1 - LEAST * (moved.length - 1 - i);
            moved[i] = Math.min(most, Math.max(before + LEAST, until[i] + shift));
            before = moved[i];
        }
        moved[moved.length - 1] = 1;
        return new Stages(moved);
    }

    /** The stage at a part of the way, 0 to 1; 1 and beyond is resting. */
    public BudStage at(double way) {
        int i = 0;
        while (i < until.length - 1 && way >= until[i]) {
            i++;
        }
        return ALL[i];
    }

    /** Where on the way a stage begins, 0 to 1. */
    public double from(BudStage stage) {
        return stage.ordinal() == 0 ? 0 : until[stage.ordinal() - 1];
    }

    /** Where on the way a stage ends, 0 to 1. */
    public double until(BudStage stage) {
        return until[stage.ordinal()];
    }

    /** The middle of a stage, 0 to 1. */
    public double middle(BudStage stage) {
        return (from(stage) + until(stage)) / 2;
    }

    /** Says where they end, beside where the rulebook has them. */
    String words(Stages byTheBook) {
        String here = ending().map(stage -> stage.words() + " to " + percent(stage) + " %")
                .collect(Collectors.joining(", "));
        String book = ending().map(stage -> "" + byTheBook.percent(stage)).collect(Collectors.joining(", "));
        return here + " (rulebook " + book + " %)";
    }

    // The last goes on to the next swell.
    private static Stream<BudStage> ending() {
        return Arrays.stream(ALL).limit(ALL.length - 1L);
    }

    private long percent(BudStage stage) {
        return Math.round(100 * until(stage));
    }
}
