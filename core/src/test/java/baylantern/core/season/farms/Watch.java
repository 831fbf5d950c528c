package baylantern.core.season.farms;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Skies;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.WarmthRuns;
import baylantern.core.season.foresight.Foresight;
import baylantern.core.season.foresight.Learned;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import java.time.LocalDate;
import java.util.List;

/** A bud watch of one species: its weather, and what is foreseen of trees from their notes. */
public final class Watch {

    private static final FlushRules RULES = Rulebook.shipped().flush();
    private static final int LINES = 5;

    public final Skies skies;
    public final Accounts.Grounds grounds;
    private final Weather weather;
    private final BudWarmth warmth;
    private final LocalDate since;

    /** The weather is read from one day to another, both included. */
    public Watch(Species species, Weather weather, double latitudeDeg, LocalDate since, LocalDate until) {
        this.warmth = BudWarmth.of(species, RULES);
        this.weather = weather;
        this.since = since;
        this.skies = new Skies(warmth, weather, latitudeDeg, since, until, LINES, 5);
        this.grounds = new Accounts.Grounds(
                RULES, species.figure(FigureName.SWELL_TO_SWELL).value(), skies.warmthADay(), latitudeDeg);
    }

    public static TreeRecord record(long plant, List<BudNote> notes) {
        return TreeRecord.of(plant, notes, RULES.value(FigureName.SWELL_SHARE));
    }

    public static List<TreeRecord> records(MadeUpFarm farm) {
        return farm.trees.stream().map(tree -> record(tree.id(), tree.notes())).toList();
    }

    /** What these trees taught up to the evening of a day. */
    public Learned learned(List<TreeRecord> trees, LocalDate until) {
        return Learned.of(grounds, trees, skies, (int) until.toEpochDay());
    }

    public Foresight foresight(Learned learned, WeatherYears years) {
        WarmthRuns runs = WarmthRuns.of(warmth, weather, years, since);
        return new Foresight(learned, skies.goingOn(years, LINES), runs);
    }

    /** The outlook of a tree with these notes, nothing learned of others; the years begin today. */
    public static Outlook alone(Species species, Weather weather, WeatherYears years, List<BudNote> notes, long seed) {
        LocalDate yesterday = years.first().minusDays(1);
        Watch watch = new Watch(species, weather, 30, yesterday.minusDays(1000), yesterday);
        List<TreeRecord> trees = List.of(record(1, notes));
        return watch.foresight(watch.learned(trees, yesterday), years)
                .of(trees.get(0), seed)
                .orElseThrow();
    }
}
