package baylantern.core.lineage;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.BFSShortestPath;
import org.jgrapht.graph.AsGraphUnion;
import org.jgrapht.graph.EdgeReversedGraph;
import org.jgrapht.graph.builder.GraphTypeBuilder;
import org.jgrapht.traverse.BreadthFirstIterator;

/** The whole parentage, as links along which wood went. */
public final class Lineage {

    private final Graph<Node, Link> graph;

    private Lineage(Graph<Node, Link> graph) {
        this.graph = graph;
    }

    /** Builds it; a link from something to itself is left out. */
    public static Lineage of(Collection<Link> links) {
        Graph<Node, Link> graph = GraphTypeBuilder.<Node, Link>directed()
                .allowingMultipleEdges(true)
                .allowingSelfLoops(false)
                .edgeClass(Link.class)
                .buildGraph();
        for (Link link : links) {
            if (!link.from().equals(link.to())) {
                graph.addVertex(link.from());
                graph.addVertex(link.to());
                graph.addEdge(link.from(), link.to(), link);
            }
        }
        return new Lineage(graph);
    }

    /** This and another seen as one, neither copied; they may share members. */
    public Lineage and(Lineage other) {
        return new Lineage(new AsGraphUnion<>(graph, other.graph));
    }

    /** How many members there are. */
    public int size() {
        return graph.vertexSet().size();
    }

    /** Where wood went from here. */
    public Set<Link> out(Node node) {
        return graph.containsVertex(node) ? graph.outgoingEdgesOf(node) : Set.of();
    }

    /** Where its wood came from. */
    public Set<Link> in(Node node) {
        return graph.containsVertex(node) ? graph.incomingEdgesOf(node) : Set.of();
    }

    /** The shortest way wood went from one to the other, both ends named; empty where none did. */
    public Optional<List<Node>> path(Node from, Node to) {
        if (!graph.containsVertex(from) || !graph.containsVertex(to)) {
            return Optional.empty();
        }
        GraphPath<Node, Link> path = BFSShortestPath.findPathBetween(graph, from, to);
        return Optional.ofNullable(path).map(GraphPath::getVertexList);
    }

    /** The circle that would close if the child came from the parent: from the child to the parent; empty for none. */
    public Optional<List<Node>> circle(Node parent, Node child) {
        return parent.equals(child) ? Optional.of(List.of(parent, child)) : path(child, parent);
    }

    /** The way from the nearest forebear that answers, down to the node; empty where none does. */
    public Optional<List<Node>> fromNearest(Node node, Predicate<Node> wanted) {
        if (!graph.containsVertex(node)) {
            return Optional.empty();
        }
        var upward = new BreadthFirstIterator<>(new EdgeReversedGraph<>(graph), node);
        while (upward.hasNext()) {
            Node found = upward.next();
            if (!found.equals(node) && wanted.test(found)) {
                return path(found, node);
            }
        }
        return Optional.empty();
    }

    /** How many descend from it, itself left out. */
    public int descendants(Node node) {
        return walked(graph, node);
    }

    /** How many it descends from, itself left out. */
    public int forebears(Node node) {
        return walked(new EdgeReversedGraph<>(graph), node);
    }

    private int walked(Graph<Node, Link> way, Node node) {
        if (!graph.containsVertex(node)) {
            return 0;
        }
        int count = -1;
        for (var walk = new BreadthFirstIterator<>(way, node); walk.hasNext(); walk.next()) {
            count++;
        }
        return count;
    }
}
