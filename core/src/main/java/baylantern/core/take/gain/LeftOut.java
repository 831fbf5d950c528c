package baylantern.core.take.gain;

import baylantern.core.rules.Known;
import baylantern.core.take.gain.LogitDesign.Row;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Foretells each session from the others: in some parts, each left out in turn. */
final class LeftOut {

    private static final int PARTS = 8;
    private static final int ROUNDS = 4;
    private static final int TENTHS = 10;

    private final double[] model;
    private final double[] plain;
    private final double[] grafts;
    private final double[][] tenths = new double[TENTHS][3];

    private LeftOut(int sessions) {
        model = new double[sessions];
        plain = new double[sessions];
        grafts = new double[sessions];
    }

    static Foretelling of(LogitFit whole, List<Row> rows, int sessions) {
        LeftOut told = new LeftOut(sessions);
        IntStream.range(0, Math.min(PARTS, sessions))
                .parallel()
                .mapToObj(part -> Part.of(whole, rows, part))
                .flatMap(Optional::stream)
                .toList()
                .forEach(told::foretell);
        return told.result();
    }

    /** Some sessions, and what is reckoned from all others. */
    private record Part(LogitFit fit, List<Row> out, double rate) {

        static Optional<Part> of(LogitFit whole, List<Row> rows, int part) {
            Map<Boolean, List<Row>> split =
                    rows.stream().collect(Collectors.partitioningBy(row -> row.session() % PARTS == part));
            List<Row> out = Known.in(split, true);
            List<Row> in = Known.in(split, false);
            return out.isEmpty() || in.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Part(whole.again(in, ROUNDS), out, LeftOut.rate(in)));
        }
    }

    private static double rate(List<Row> rows) {
        return rows.stream().mapToDouble(Row::taken).sum()
                / rows.stream().mapToDouble(Row::decided).sum();
    }

    private void foretell(Part part) {
        LogitFit fit = part.fit();
        double rate = part.rate();
        double luck = Math.pow(fit.sessionSpread(), 2);
        for (Row row : part.out()) {
            double p = Normal.meanRate(fit.logOdds(row.at(), row.times()), fit.variance(row.at(), row.times()) + luck);
            double failed = row.decided() - row.taken();
            model[row.session()] += row.taken() * (1 - p) * (1 - p) + failed * p * p;
            plain[row.session()] += row.taken() * (1 - rate) * (1 - rate) + failed * rate * rate;
            grafts[row.session()] += row.decided();
            double[] tenth = tenths[Math.min(TENTHS - 1, (int) (p * TENTHS))];
            tenth[0] += p * row.decided();
            tenth[1] += row.taken();
            tenth[2] += row.decided();
        }
    }

    private Foretelling result() {
        double all = sum(grafts);
        double better = (sum(plain) - sum(model)) / all;
        double square = 0;
        for (int s = 0; s < model.length; s++) {
            double beside = plain[s] - model[s] - better * grafts[s];
            square += beside * beside;
        }
        double error = Math.sqrt(square * model.length / Math.max(1.0, model.length - 1)) / all;
        List<Foretelling.Tenth> told = IntStream.range(0, TENTHS)
                .filter(i -> tenths[i][2] > 0)
                .mapToObj(i -> new Foretelling.Tenth(
                        tenths[i][0] / tenths[i][2], tenths[i][1] / tenths[i][2], (int) tenths[i][2]))
                .toList();
        return new Foretelling(
                sum(model) / all, sum(plain) / all, model.length, (int) all, better > error && better > 0, told);
    }

    private static double sum(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value;
        }
        return sum;
    }
}
