package baylantern.core.rules;

import java.util.Map;

/** Kinship by family and genus, overridden by listed pairs. Pairs are keyed "scion stock". */
record KinshipTable(
        Kinship sameSpecies, Kinship sameGenus, Kinship sameFamily, Kinship otherFamily, Map<String, Kinship> pairs) {

    Kinship between(Species scion, Species stock) {
        Kinship listed = pairs.get(scion.key() + " " + stock.key());
        return listed != null ? listed : byDistance(scion, stock);
    }

    private Kinship byDistance(Species scion, Species stock) {
        if (scion.key().equals(stock.key())) {
            return sameSpecies;
        }
        if (!scion.family().equals(stock.family())) {
            return otherFamily;
        }
        return scion.genus().equals(stock.genus()) ? sameGenus : sameFamily;
    }
}
