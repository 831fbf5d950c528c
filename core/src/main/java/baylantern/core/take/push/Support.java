package baylantern.core.take.push;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The intervals on which one cause can have mass: each begins where some look showed a graft silent and ends where one
 * showed what came of it, with no other such day between. Outside of them no likelihood is lost by having none.
 *
 * <p>Source: B. W. Turnbull, The empirical distribution function with arbitrarily grouped, censored and truncated data,
 * J. R. Statist. Soc. B 38 (1976), 290–295; for several causes M. G. Hudgens, G. A. Satten, I. M. Longini, Nonparametric
 * maximum likelihood estimation for competing risks survival data subject to interval censoring and truncation, Biometrics
 * 57 (2001), 74–80.
 */
final class Support {

    // At one day an exact event begins, then all that is seen by it ends, then what is seen after it begins.
    private static final int EXACT = 0;
    private static final int CLOSES = 1;
    private static final int OPENS = 2;

    private final double[] after;
    private final double[] by;
    private final boolean[] exact;

    private Support(double[] after, double[] by, boolean[] exact) {
        this.after = after;
        this.by = by;
        this.exact = exact;
    }

    private record Edge(double day, int rank) {}

    /** The intervals of a cause; those who wait could still come to it. */
    static Support of(List<PushCase> cases, PushCase.End cause) {
        List<Edge> edges = new ArrayList<>();
        for (PushCase one : cases) {
            boolean own = one.end() == cause;
            if (own || one.end() == PushCase.End.WAITING) {
                edges.add(new Edge(one.after(), own && one.after() == one.by() ? EXACT : OPENS));
            }
            if (own) {
                edges.add(new Edge(one.by(), CLOSES));
            }
        }
        edges.sort(Comparator.comparingDouble(Edge::day).thenComparingInt(Edge::rank));
        List<Edge[]> found = new ArrayList<>();
        for (int i = 0; i + 1 < edges.size(); i++) {
            if (edges.get(i).rank() != CLOSES && edges.get(i + 1).rank() == CLOSES) {
                found.add(new Edge[] {edges.get(i), edges.get(i + 1)});
            }
        }
        return new Support(
                found.stream().mapToDouble(pair -> pair[0].day()).toArray(),
                found.stream().mapToDouble(pair -> pair[1].day()).toArray(),
                exact(found));
    }

    private static boolean[] exact(List<Edge[]> found) {
        boolean[] exact = new boolean[found.size()];
        for (int i = 0; i < exact.length; i++) {
            exact[i] = found.get(i)[0].rank() == EXACT;
        }
        return exact;
    }

    int size() {
        return by.length;
    }

    double after(int i) {
        return after[i];
    }

    double by(int i) {
        return by[i];
    }

    double last() {
        return by.length == 0 ? 0 : by[by.length - 1];
    }

    /** The first interval that lies wholly after a day, or on it where that day is meant exactly. */
    int firstAfter(double day, boolean onIt) {
        int at = Arrays.binarySearch(after, day);
        int first = at < 0 ? -at - 1 : at;
        while (first > 0 && after[first - 1] == day) {
            first--;
        }
        // What is exactly on the day does not lie after it.
        while (!onIt && first < after.length && after[first] == day && exact[first]) {
            first++;
        }
        return first;
    }

    /** One past the last interval that ends by a day. */
    int endBy(double day) {
        int at = Arrays.binarySearch(by, day);
        int end = at < 0 ? -at - 1 : at + 1;
        while (end < by.length && by[end] == day) {
            end++;
        }
        return end;
    }
}
