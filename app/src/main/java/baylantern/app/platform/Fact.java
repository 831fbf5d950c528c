package baylantern.app.platform;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What can change on a farm, each with the tables that hold it. Whatever is reckoned from the store names the facts it
 * rests on; {@link WriteWatch} tells from each statement which of them it reads or changes, so nobody has to say it by
 * hand. The tables stand in the order in which an empty store can be filled.
 */
public enum Fact {
    ACTS("house_act", "house_trail"),
    DAY("house_clock"),
    UNREAD("sound_unread"),
    SITE("place_site"),
    SPOTS("place_spot"),
    PEOPLE("place_person"),
    AWAY("place_away"),
    /** Figures of the rulebook the grower changed; whatever is reckoned rests on these, and need not name them. */
    FIGURES("rules_figure"),
    /** Numbers given of codes; no act takes them back. */
    NUMBERS("place_number"),
    VARIETIES("place_variety"),
    PLANTS("place_plant", "place_stem"),
    CLIMATE("season_climate"),
    WEATHER("season_station", "season_weather"),
    NOTES("season_note"),
    SOURCES("lineage_source"),
    TESTS("lineage_test"),
    PARENTS("lineage_parent"),
    MOVES("lineage_move"),
    HOLDS("lineage_recall", "lineage_hold"),
    STORES("wood_store", "wood_reading"),
    LOTS("wood_lot", "wood_spell", "wood_entry"),
    CHECKS("wood_check"),
    SHOOTS("wood_shoots"),
    BLADES("wood_mix", "wood_cleaning"),
    DAYS("day_plan"),
    HABITS("bench_habit"),
    GRAFTS("bench_graft", "bench_school"),
    /** How grafts stand: columns of the grafts' table that follow from looks; statements on them alone say so. */
    GRAFT_STATES("bench_graft"),
    STEMS_MEASURED("fit_stem", "fit_hand"),
    PREPARED("fit_list", "fit_row"),
    /** How a graft day is laid out, who works on it, and its grafts one by one. */
    RUNS("day_frame", "day_hand", "day_turn", "day_job", "day_made", "day_label"),
    /** Two ways set against each other, which graft is made which way, and what was read of it. */
    TRIALS("trial_plan", "trial_turn", "trial_reading"),
    LOOKS("care_look"),
    PICTURES("care_picture"),
    /** What is told of why grafts failed. */
    CAUSES("cause_case"),
    /** Days on which somebody walks, or nobody does. */
    WALKS("care_walk"),
    VISITS("care_visit", "care_planned");

    private static final Pattern TABLE = Pattern.compile(
            "\\b(?:house|sound|rules|place|season|lineage|wood|bench|day|fit|care|cause|trial)_[a-z_]+\\b");
    private static final Pattern WRITTEN =
            Pattern.compile("\\b(INSERT\\s+INTO|UPDATE|DELETE\\s+FROM|MERGE\\s+INTO)\\s+([a-z_]+)");
    private static final Pattern SAID = Pattern.compile("/\\*\\s*facts?:([A-Z_ ]+)\\*/");
    private static final String VIEW = "_view";

    /** Statements are few and asked of again and again; those with lists of their own length are not kept for ever. */
    private static final int MOST_KEPT = 2000;

    private static final Map<String, Set<Fact>> READ = new ConcurrentHashMap<>();
    private static final Map<String, Set<Fact>> CHANGED = new ConcurrentHashMap<>();

    private final List<String> tables;

    Fact(String... tables) {
        this.tables = List.of(tables);
    }

    /** The tables that hold it. */
    public List<String> tables() {
        return tables;
    }

    /** The facts a statement reads, or those it says itself in a comment such as {@code fact: GRAFTS}. */
    static Set<Fact> readBy(String sql) {
        return kept(READ, sql, Fact::findRead);
    }

    private static Set<Fact> findRead(String sql) {
        Set<Fact> said = said(sql);
        if (said != null) {
            return said;
        }
        Set<Fact> read = EnumSet.noneOf(Fact.class);
        Matcher table = TABLE.matcher(sql);
        while (table.find()) {
            read.addAll(held(table.group()));
        }
        return read;
    }

    /** The facts a statement changes; rows that go with a deleted one are counted in. */
    static Set<Fact> changedBy(String sql) {
        return kept(CHANGED, sql, Fact::findChanged);
    }

    private static Set<Fact> kept(Map<String, Set<Fact>> of, String sql, Function<String, Set<Fact>> find) {
        if (of.size() > MOST_KEPT) {
            of.clear();
        }
        return of.computeIfAbsent(sql, text -> Collections.unmodifiableSet(find.apply(text)));
    }

    private static Set<Fact> findChanged(String sql) {
        Set<Fact> said = said(sql);
        if (said != null) {
            return said;
        }
        Set<Fact> changed = EnumSet.noneOf(Fact.class);
        Matcher write = WRITTEN.matcher(sql);
        while (write.find()) {
            changed.addAll(held(write.group(2)));
            if (write.group(1).startsWith("DELETE") && changed.contains(GRAFTS)) {
                changed.addAll(EnumSet.of(LOOKS, PICTURES, CAUSES, VISITS, RUNS));
            }
            if (write.group(1).startsWith("DELETE") && changed.contains(RUNS)) {
                changed.add(TRIALS);
            }
        }
        return changed;
    }

    private static @Nullable Set<Fact> said(String sql) {
        Matcher said = SAID.matcher(sql);
        if (!said.find()) {
            return null;
        }
        Set<Fact> facts = EnumSet.noneOf(Fact.class);
        Arrays.stream(said.group(1).strip().split("\\s+")).map(Fact::valueOf).forEach(facts::add);
        return facts;
    }

    private static Set<Fact> held(String table) {
        String name = table.toLowerCase(Locale.ROOT);
        String own = name.endsWith(VIEW) ? name.substring(0, name.length() - VIEW.length()) : name;
        Set<Fact> facts = EnumSet.noneOf(Fact.class);
        Arrays.stream(values()).filter(f -> f.tables.contains(own)).forEach(facts::add);
        return facts;
    }
}
