package baylantern.core.take.gain;

import baylantern.core.take.gain.LogitDesign.Row;
import baylantern.core.take.gain.LogitDesign.Spread;
import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * Logistic regression with normal priors and a session's own luck.
 *
 * <pre>
 *   taken ~ Binomial(decided, logistic(x·b + u))
 *   b     ~ N(0, 1 / precision), or N(0, τ²) with τ of its run fitted
 *   u     ~ N(0, σ²), one for each session, σ fitted
 * </pre>
 *
 * <p>The mode is found by Newton's method; sessions are eliminated from each step exactly, since a graft is of one session
 * (the Schur complement of their diagonal block), so that thousands of them cost no more than their grafts. About the mode
 * the belief is taken as normal (Laplace). Spreads are fitted by expectation and maximisation over that normal, as in Breslow
 * and Clayton (1993); each begins where the rulebook says, with the weight it says.
 */
final class LogitFit {

    private static final int MOST_STEPS = 60;
    private static final int MOST_ROUNDS = 40;
    private static final double STILL = 1e-9;
    private static final double SAME_SPREAD = 2e-3;
    private static final double SESSION_WEIGHT = 2;
    private static final double LEAST_SPREAD = 1e-3;

    private final LogitDesign design;
    private final List<List<Row>> bySession = new ArrayList<>();
    private final double[] precision;
    private final double[] b;
    private final double[] u;
    private double sessionPrecision;
    private final List<SessionBlock> blocks = new ArrayList<>();
    private DMatrixRMaj covariance = new DMatrixRMaj(0, 0);

    private LogitFit(LogitDesign design) {
        this.design = design;
        this.precision = design.precision().clone();
        this.b = new double[design.columns()];
        int sessions = Math.max(1, design.sessions());
        this.u = new double[sessions];
        this.sessionPrecision = 1 / square(design.sessionSpread());
        for (int s = 0; s < sessions; s++) {
            bySession.add(new ArrayList<>());
        }
        design.rows().forEach(row -> bySession.get(row.session()).add(row));
        design.spreads().forEach(spread -> set(spread, square(spread.start())));
    }

    /** Fits all of it. */
    static LogitFit of(LogitDesign design) {
        return new LogitFit(design).fit(MOST_ROUNDS);
    }

    /** Fits other rows, beginning with the spreads and coefficients of this. */
    LogitFit again(List<Row> rows, int rounds) {
        LogitFit next = new LogitFit(design.with(rows));
        System.arraycopy(precision, 0, next.precision, 0, precision.length);
        System.arraycopy(b, 0, next.b, 0, b.length);
        next.sessionPrecision = sessionPrecision;
        return next.fit(rounds);
    }

    private LogitFit fit(int rounds) {
        mode(MOST_STEPS);
        boolean fixed = design.spreads().isEmpty() && design.sessions() == 0;
        boolean moved = !fixed;
        for (int round = 0; moved && round < rounds; round++) {
            moved = spreads();
            // From where all was at its mode a step comes next to the new one: nearer than a round moves it anyway.
            mode(1);
        }
        mode(fixed ? 0 : MOST_STEPS);
        covariance = step().inverse();
        return this;
    }

    /** Coefficients at the mode. */
    double[] coefficients() {
        return b.clone();
    }

    /** A session's luck at the mode, on log-odds; 0 where there are no sessions. */
    double session(int session) {
        return u[session];
    }

    /** How far sessions differ, on log-odds; 0 where there are none. */
    double sessionSpread() {
        return design.sessions() == 0 ? 0 : Math.sqrt(1 / sessionPrecision);
    }

    /** {@code g'Vg}: the variance of a sum of coefficients, sessions summed out. */
    double variance(int[] at, double[] times) {
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            for (int j = 0; j < at.length; j++) {
                sum += times[i] * times[j] * covariance.get(at[i], at[j]);
            }
        }
        return sum;
    }

    /** {@code g'Vg} for a gradient over all coefficients. */
    double variance(double[] gradient) {
        double sum = 0;
        for (int i = 0; i < gradient.length; i++) {
            double row = 0;
            for (int j = 0; j < gradient.length; j++) {
                row += covariance.get(i, j) * gradient[j];
            }
            sum += gradient[i] * row;
        }
        return sum;
    }

    /** A row's log-odds but for its session's luck. */
    double logOdds(int[] at, double[] times) {
        double sum = 0;
        for (int i = 0; i < at.length; i++) {
            sum += times[i] * b[at[i]];
        }
        return sum;
    }

    // So many of Newton's steps to the mode, halved where one goes too far; fewer where the last moved next to nothing.
    // How
    // sure all is there, is told by the equations of the last.
    private void mode(int most) {
        double here = goodness();
        for (int taken = 0; taken < most; taken++) {
            Step next = step();
            double size = 1;
            double there = moved(next, size);
            while (there < here - 1e-12 * Math.abs(here) && size > 1e-6) {
                moved(next, -size);
                size /= 2;
                there = moved(next, size);
            }
            boolean still = there - here < STILL * (1 + Math.abs(here));
            if (still || taken == most - 1) {
                covariance = next.inverse();
            }
            if (still) {
                break;
            }
            here = there;
        }
    }

    private double moved(Step step, double size) {
        for (int j = 0; j < b.length; j++) {
            b[j] += size * step.ofB[j];
        }
        for (int s = 0; s < step.ofU.length; s++) {
            u[s] += size * step.ofU[s];
        }
        return goodness();
    }

    private double goodness() {
        double sum = 0;
        for (Row row : design.rows()) {
            double odds = logOdds(row.at(), row.times()) + u[row.session()];
            sum -= row.taken() * softplus(-odds) + (row.decided() - row.taken()) * softplus(odds);
        }
        for (int j = 0; j < b.length; j++) {
            sum -= precision[j] * b[j] * b[j] / 2;
        }
        for (double luck : u) {
            sum -= design.sessions() == 0 ? 0 : sessionPrecision * luck * luck / 2;
        }
        return sum;
    }

    private static double softplus(double x) {
        return x > 0 ? x + Math.log1p(Math.exp(-x)) : Math.log1p(Math.exp(x));
    }

    /** One of Newton's steps. */
    private record Step(double[] ofB, double[] ofU, LinearSolverDense<DMatrixRMaj> solver) {

        DMatrixRMaj inverse() {
            DMatrixRMaj inverse = new DMatrixRMaj(ofB.length, ofB.length);
            solver.invert(inverse);
            return inverse;
        }
    }

    private Step step() {
        int n = b.length;
        DMatrixRMaj h = new DMatrixRMaj(n, n);
        DMatrixRMaj gradient = new DMatrixRMaj(n, 1);
        for (int j = 0; j < n; j++) {
            h.set(j, j, precision[j]);
            gradient.set(j, 0, -precision[j] * b[j]);
        }
        blocks.clear();
        SessionBlock.Filling filling = new SessionBlock.Filling(n);
        for (int s = 0; s < bySession.size(); s++) {
            filling.clear();
            bySession.get(s).forEach(row -> add(row, h, gradient, filling));
            if (design.sessions() > 0) {
                SessionBlock block = filling.block(sessionPrecision, u[s]);
                block.takeOut(h, gradient);
                blocks.add(block);
            }
        }
        mirror(h);
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.chol(n);
        if (!solver.setA(h)) {
            throw new ArithmeticException("the records leave a coefficient free; a flat prior needs more grafts");
        }
        DMatrixRMaj delta = new DMatrixRMaj(n, 1);
        solver.solve(gradient, delta);
        double[] ofU =
                blocks.stream().mapToDouble(block -> block.step(delta.data)).toArray();
        return new Step(delta.data, ofU, solver);
    }

    private void add(Row row, DMatrixRMaj h, DMatrixRMaj gradient, SessionBlock.Filling session) {
        double p = 1 / (1 + Math.exp(-logOdds(row.at(), row.times()) - u[row.session()]));
        double weight = row.decided() * p * (1 - p);
        double slope = row.taken() - row.decided() * p;
        session.add(weight, slope);
        for (int i = 0; i < row.at().length; i++) {
            int column = row.at()[i];
            double wx = weight * row.times()[i];
            gradient.add(column, 0, slope * row.times()[i]);
            session.cross(column, wx);
            for (int j = 0; j <= i; j++) {
                int other = row.at()[j];
                h.add(Math.max(column, other), Math.min(column, other), wx * row.times()[j]);
            }
        }
    }

    private static void mirror(DMatrixRMaj h) {
        for (int i = 0; i < h.numRows; i++) {
            for (int j = 0; j < i; j++) {
                h.set(j, i, h.get(i, j));
            }
        }
    }

    // Each spread anew from what its coefficients are and how sure that is; tells whether one moved.
    private boolean spreads() {
        boolean moved = false;
        for (Spread spread : design.spreads()) {
            double sum = spread.weight() * square(spread.start());
            for (int j = spread.from(); j < spread.to(); j++) {
                sum += square(b[j]) + covariance.get(j, j);
            }
            double variance = sum / (spread.weight() + spread.to() - spread.from());
            moved |= differs(variance, 1 / precision[spread.from()]);
            set(spread, variance);
        }
        if (design.sessions() > 0) {
            double variance = sessionVariance();
            moved |= differs(variance, 1 / sessionPrecision);
            sessionPrecision = 1 / variance;
        }
        return moved;
    }

    private double sessionVariance() {
        double sum = SESSION_WEIGHT * square(design.sessionSpread());
        int counted = 0;
        for (int s = 0; s < blocks.size(); s++) {
            if (!bySession.get(s).isEmpty()) {
                sum += square(u[s]) + blocks.get(s).variance(covariance);
                counted++;
            }
        }
        return sum / (SESSION_WEIGHT + counted);
    }

    private static boolean differs(double variance, double before) {
        return Math.abs(Math.sqrt(variance) - Math.sqrt(before)) > SAME_SPREAD * Math.sqrt(before);
    }

    private void set(Spread spread, double variance) {
        double least = Math.max(variance, square(LEAST_SPREAD));
        for (int j = spread.from(); j < spread.to(); j++) {
            precision[j] = 1 / least;
        }
    }

    private static double square(double x) {
        return x * x;
    }
}
