package baylantern.core.lineage;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

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

        private Map<Node.Kind, Set<Node>> byKind(Node at, boolean up) {
            Map<Node.Kind, Set<Node>> kinds = new EnumMap<>(Node.Kind.class);
            for (Link link : up ? lineage.in(at) : lineage.out(at)) {
                Node other = up ? link.from() : link.to();
                kinds.computeIfAbsent(other.kind(), k -> new TreeSet<>()).add(other);
            }
            return kinds;
        }

        Surroundings found() {
            Set<Link> links = new LinkedHashSet<>();
            List<Card> counted = new ArrayList<>();
            for (Card card : cards) {
                int more = 0;
                Set<Link> onward = card.column() < 0 ? lineage.in(card.node()) : lineage.out(card.node());
                for (Link link : onward) {
                    boolean inside = drawn.contains(link.from()) && drawn.contains(link.to());
                    more += inside || stacked(link) ? 0 : 1;
                }
                lineage.out(card.node()).stream()
                        .filter(link -> drawn.contains(link.to()))
                        .forEach(links::add);
                counted.add(new Card(card.node(), card.column(), more));
            }
            return new Surroundings(List.copyOf(counted), List.copyOf(stacks), List.copyOf(links));
        }

        private boolean stacked(Link link) {
            return stacks.stream()
                    .anyMatch(s -> (s.at().equals(link.from()) && s.nodes().contains(link.to()))
                            || (s.at().equals(link.to()) && s.nodes().contains(link.from())));
        }
    }
}
