package baylantern.core.lineage;

/** One member of the lineage. */
public record Node(Kind kind, long id) implements Comparable<Node> {

    /** What it is. */
    public enum Kind {
        SOURCE,
        PLANT,
        LOT,
        GRAFT
    }

    public static Node source(long id) {
        return new Node(Kind.SOURCE, id);
    }

    public static Node plant(long id) {
        return new Node(Kind.PLANT, id);
    }

    public static Node lot(long id) {
        return new Node(Kind.LOT, id);
    }

    public static Node graft(long id) {
        return new Node(Kind.GRAFT, id);
    }

    /** Its short name, for instance "PLANT-12". */
    public String key() {
        return kind + "-" + id;
    }

    /** Reads a short name; throws {@link IllegalArgumentException} where it is none. */
    public static Node parse(String key) {
        String[] parts = key.split("-", 2);
        try {
            return new Node(Kind.valueOf(parts[0]), Long.parseLong(parts[1]));
        } catch (RuntimeException e) {
            throw new IllegalArgumentException("\"" + key + "\" names nothing in the lineage, as PLANT-12 would.", e);
        }
    }

    @Override
    public int compareTo(Node other) {
        int byKind = kind.compareTo(other.kind);
        return byKind != 0 ? byKind : Long.compare(id, other.id);
    }
}
