package baylantern.app.place;

/** What a plant is kept for. */
public enum PlantKind {
    SEEDLING_STOCK,
    FIELD_TREE,
    MOTHER_TREE
}
