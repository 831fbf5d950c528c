package baylantern.core.lineage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What lies around one member, few enough to draw: columns to both sides, and where one has more children of a kind than
 * can be drawn, the rest as a stack.
 *
 * @param cards those drawn; column 0 is the one in focus, forebears lie below 0, descendants above
 * @param stacks those not drawn
 * @param links between those drawn
 */
public record Surroundings(List<Card> cards, List<Stack> stacks, List<Link> links) {

    /** One drawn; {@code more} tells how many wood links lead on from it beyond the drawing. */
    public record Card(Node node, int column, int more) {}

    /** So many of a kind beside the drawn ones; {@code at} is the one they hang on. */
    public record Stack(Node at, int column, Node.Kind kind, boolean forebears, List<Node> nodes) {}

    /**
     * Looks around.
     *
     * @param up columns of forebears
     * @param down columns of descendants
     * @param most how many of a kind are drawn for each, 1 or more
     */
    public static Surroundings of(Lineage lineage, Node focus, int up, int down, int most) {
        Looking looking = new Looking(lineage, most);
        looking.drawn.add(focus);
        looking.cards.add(new Card(focus, 0, 0));
        looking.walk(List.of(focus), -1, -up);
        looking.walk(List.of(focus), 1, down);
        return looking.found();
    }

    private static final class Looking {
        private final Lineage lineage;
        private final int most;
        private final Set<Node> drawn = new HashSet<>();
        private final List<Card> cards = new ArrayList<>();
        private final List<Stack> stacks = new ArrayList<>();

        Looking(Lineage lineage, int most) {
            this.lineage = lineage;
            this.most = most;
        }

        // Column by column away from the focus.
        void walk(List<Node> from, int column, int last) {
            List<Node> next = new ArrayList<>();
            boolean up = column < 0;
            for (Node at : from) {
                byKind(at, up).forEach((kind, nodes) -> {
                    List<Node> fresh =
                            nodes.stream().filter(n -> !drawn.contains(n)).toList();
                    int shown = fresh.size() > most ? most - 1 : fresh.size();
                    fresh.subList(0, shown).forEach(node -> {
                        drawn.add(node);
                        next.add(node);
                        cards.add(new Card(node, column, 0));
                    });
                    if (shown < fresh.size()) {
                        stacks.add(new Stack(at, column, kind, up, fresh.subList(shown, fresh.size())));
                    }
                });
            }
            if (column != last && !next.isEmpty()) {
                walk(next, column + Integer.signum(last), last);
            }
        }

        // The latest first: what was cut last is what one asks about.
        private Map<Node.Kind, List<Node>> byKind(Node at, boolean up) {
            Set<Link> links = up ? lineage.in(at) : lineage.out(at);
            return links.stream()
                    .sorted(Comparator.comparing(Link::on).reversed().thenComparing(up ? Link::from : Link::to))
                    .map(up ? Link::from : Link::to)
                    .distinct()
                    .collect(Collectors.groupingBy(Node::kind, TreeMap::new, Collectors.toList()));
        }

        Surroundings found() {
            Set<Node> told = new HashSet<>(drawn);
            stacks.forEach(stack -> told.addAll(stack.nodes()));
            List<Card> counted = new ArrayList<>();
            Set<Link> links = new LinkedHashSet<>();
            for (Card card : cards) {
                boolean up = card.column() < 0;
                long more = (up ? lineage.in(card.node()) : lineage.out(card.node()))
                        .stream()
                                .filter(link -> !told.contains(up ? link.from() : link.to()))
                                .count();
                lineage.out(card.node()).stream()
                        .filter(link -> drawn.contains(link.to()))
                        .forEach(links::add);
                counted.add(new Card(card.node(), card.column(), (int) more));
            }
            return new Surroundings(List.copyOf(counted), List.copyOf(stacks), List.copyOf(links));
        }
    }
}
