package baylantern.core.fit.pairing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jgrapht.Graph;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;

/** Minimum-cost assignment of rows to columns, by the Kuhn–Munkres algorithm of JGraphT. */
final class Assignment {

    private Assignment() {}

    /** The column of each row, so that the sum is least. The matrix is square, its entries finite. */
    static int[] solve(double[][] cost) {
        int n = cost.length;
        Graph<Integer, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        List<Integer> rows = new ArrayList<>();
        List<Integer> columns = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            rows.add(i);
            columns.add(n + i);
            graph.addVertex(i);
            graph.addVertex(n + i);
        }
        Map<DefaultWeightedEdge, int[]> ends = new HashMap<>();
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                DefaultWeightedEdge edge = graph.addEdge(i, n + k);
                graph.setEdgeWeight(edge, cost[i][k]);
                ends.put(edge, new int[] {i, k});
            }
        }
        int[] column = new int[n];
        new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(
                        graph, new java.util.LinkedHashSet<>(rows), new java.util.LinkedHashSet<>(columns))
                .getMatching()
                .getEdges()
                .forEach(edge -> {
                    int[] end = ends.get(edge);
                    column[end[0]] = end[1];
                });
        return column;
    }
}
