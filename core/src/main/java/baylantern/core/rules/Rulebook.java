package baylantern.core.rules;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The starting figures of every rule, read once from the data files beside this class. */
public final class Rulebook {

    private static final String USUAL_TECHNIQUE = "cleft";

    private final Map<String, Species> species;
    private final Map<String, Technique> techniques;
    private final KinshipTable kinship;
    private final VisitFigures visitRows;
    private final Map<String, Figure> visitFigures;
    private final Map<String, VisitKind> visits;
    private final Map<String, SchoolQuestion> schools;
    private final Map<String, Figure> life;
    private final Map<String, Figure> day;
    private final FlushRules flush;
    private final WoodRules wood;
    private final FitRules fit;
    private final CauseRules causes;
    private final FactRules facts;
    private final RowFigures rows;

    Rulebook(
            Map<String, Species> species,
            Map<String, Technique> techniques,
            KinshipTable kinship,
            VisitFigures visitRows,
            Map<String, Figure> visitFigures,
            Map<String, SchoolQuestion> schools,
            Map<String, Figure> life,
            Map<String, Figure> day,
            FlushRules flush,
            WoodRules wood,
            FitRules fit,
            CauseRules causes,
            FactRules facts,
            RowFigures rows) {
        this.species = species;
        this.techniques = techniques;
        this.kinship = kinship;
        this.visitRows = visitRows;
        this.visitFigures = visitFigures;
        this.visits = visitRows.now(visitFigures);
        this.schools = schools;
        this.life = FigureName.checked(FigureName.Subject.LIFE, life);
        this.day = FigureName.checked(FigureName.Subject.DAY, day);
        this.flush = flush;
        this.wood = wood;
        this.fit = fit;
        this.causes = causes;
        this.facts = facts;
        this.rows = rows;
    }

    /** The rulebook as shipped. Throws {@link IllegalStateException} naming the file where one cannot be read. */
    public static Rulebook shipped() {
        return RulebookReader.shipped().read(Map.of());
    }

    /** The same with the grower's own figures in place of the starting ones, as they are whenever one is looked up. */
    public Rulebook owned(OwnFigures own) {
        LiveRows live = new LiveRows(own);
        return with((of, figures) -> new LiveFigures(of, figures, own), live, live::now);
    }

    /** The same with every figure held as it is now: for work that goes on beside others, or asks for figures very often. */
    public Rulebook now() {
        Rulebook read = rows.now() == null ? this : rows.now().get();
        return with(
                (of, figures) -> Collections.unmodifiableMap(new LinkedHashMap<>(figures)), RowChange.held(read), null);
    }

    private Rulebook with(FigureChange change, RowChange row, @Nullable Supplier<Rulebook> now) {
        Map<String, Species> kinds = new LinkedHashMap<>();
        species.forEach((key, one) -> kinds.put(key, one.with(change)));
        return new Rulebook(
                Collections.unmodifiableMap(kinds),
                row.of(book -> book.techniques),
                kinship,
                visitRows,
                change.of("", visitFigures),
                schools,
                change.of("", life),
                change.of("", day),
                flush.with(change, row),
                wood.with(change, row),
                fit.with(change, row),
                causes.with(change, row),
                facts.with(change),
                rows.with(change, now));
    }

    /** Every figure there is by its name, of the farm or of one species; in the order of {@link FigureName}. */
    public List<Named> figures() {
        List<Named> all = new ArrayList<>();
        for (FigureName name : FigureName.values()) {
            if (name.subject() == FigureName.Subject.SPECIES) {
                species().forEach(one -> all.add(named(name, one.key(), one.figures())));
            } else {
                all.add(named(name, "", about(name.subject())));
            }
        }
        rows.figures().forEach((key, figure) -> {
            RowNumbers.Row row = Known.in(rows.rows(), key);
            all.add(new Named(null, row.subject(), key, "", figure, row.figure()));
        });
        Map<String, Figure> shipped = LiveFigures.shipped(visitFigures);
        visitFigures.forEach((key, figure) ->
                all.add(new Named(null, FigureName.Subject.VISIT, key, "", figure, Known.in(shipped, key))));
        return all;
    }

    /** A figure by its key, of all or of one species; empty where there is none. */
    public Optional<Named> named(String of, String key) {
        return figures().stream()
                .filter(one -> one.of().equals(of) && one.key().equals(key))
                .findFirst();
    }

    private static Named named(FigureName name, String of, Map<String, Figure> figures) {
        return new Named(name, name.subject(), name.key(), of, name.in(figures), name.in(LiveFigures.shipped(figures)));
    }

    /** The row of visits a figure is of; empty of any other figure. */
    public Optional<VisitRow> visitRow(String key) {
        return Optional.ofNullable(visitRows.rows().get(key))
                .map(row -> new VisitRow(row.kind(), row.rule(), row.again()));
    }

    /**
     * A row of visits, as shipped.
     *
     * @param again true where a figure is about how soon it comes again, false where about when it is due first
     */
    public record VisitRow(VisitKind kind, VisitRule rule, boolean again) {}

    /**
     * A figure by its name.
     *
     * @param name null of a row
     * @param of the species it is about, empty where it is about all
     * @param figure as it is now
     * @param starting as shipped
     */
    public record Named(
            @Nullable FigureName name,
            FigureName.Subject subject,
            String key,
            String of,
            Figure figure,
            Figure starting) {}

    private Map<String, Figure> about(FigureName.Subject subject) {
        return switch (subject) {
            case FLUSH -> flush.figures();
            case WOOD -> wood.figures();
            case FIT -> fit.figures();
            case LIFE -> life;
            case DAY -> day;
            case CAUSE -> causes.figures();
            case FACT -> facts.figures();
            case SPECIES, VISIT, STAGE, STICK, KEEPING, TECHNIQUE, TRAIT, WEIGHT ->
                throw new IllegalArgumentException(
                        "figures of " + subject + " have no name of their own, or need a species");
        };
    }

    /** All species one can choose, in the order of the file. */
    public Collection<Species> species() {
        return species.values().stream()
                .filter(one -> !one.key().equals(Species.UNKNOWN))
                .toList();
    }

    /** The species with this key, {@link Species#UNKNOWN} among them; empty where there is none. */
    public Optional<Species> species(String key) {
        return Optional.ofNullable(species.get(key));
    }

    /** All techniques, in the order of the file. */
    public Collection<Technique> techniques() {
        return techniques.values();
    }

    /** The technique with this key, empty where unknown. */
    public Optional<Technique> technique(String key) {
        return Optional.ofNullable(techniques.get(key));
    }

    /** The technique with this key; the usual one where it was not written down. Throws where there is none of that key. */
    public Technique techniqueOrUsual(@Nullable String key) {
        return technique(key == null ? USUAL_TECHNIQUE : key).orElseThrow();
    }

    /** How a scion of one species suits a stock of another. */
    public Kinship kinship(Species scion, Species stock) {
        return kinship.between(scion, stock);
    }

    /** All kinds of visit, in the order they come. */
    public Collection<VisitKind> visits() {
        return kinds().values();
    }

    // Whoever holds these rules sees a row as it is now.
    private Map<String, VisitKind> kinds() {
        Supplier<Rulebook> reading = rows.now();
        return reading == null ? visits : reading.get().visits;
    }

    /** Changes whenever the rules of visits or the figures they rest on do: a hash, as hexadecimal digits. */
    public String visitsMark() {
        return Mark.of(kinds().toString() + life);
    }

    /** The kind of visit with this key; throws {@link IllegalArgumentException} where unknown. */
    public VisitKind visit(String key) {
        return Optional.ofNullable(kinds().get(key))
                .orElseThrow(() -> new IllegalArgumentException("no kind of visit is called " + key));
    }

    /** The questions growers disagree on. */
    public Collection<SchoolQuestion> schools() {
        return schools.values();
    }

    /** The value of a figure about a graft day: how long things take, what is used up. */
    public double day(FigureName name) {
        return name.in(day).value();
    }

    /** Every figure about a graft day, by its key. */
    public Map<String, Figure> day() {
        return day;
    }

    /** A figure about the life of grafts or the counting of takes. */
    public Figure life(FigureName name) {
        return name.in(life);
    }

    /** Figures about flushes, windows and the days before a graft. */
    public FlushRules flush() {
        return flush;
    }

    /** Figures about scion wood. */
    public WoodRules wood() {
        return wood;
    }

    /** Figures about fit. */
    public FitRules fit() {
        return fit;
    }

    /** How what is known of grafts is told apart. */
    public FactRules facts() {
        return facts;
    }

    /** What is known of why grafts fail. */
    public CauseRules causes() {
        return causes;
    }
}
