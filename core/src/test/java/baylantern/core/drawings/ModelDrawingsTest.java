package baylantern.core.drawings;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.lineage.BladeEvent;
import baylantern.core.lineage.HealthTest;
import baylantern.core.lineage.Lineage;
import baylantern.core.lineage.Link;
import baylantern.core.lineage.Node;
import baylantern.core.lineage.Recall;
import baylantern.core.rules.BudStage;
import baylantern.core.rules.FlushRules;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Rhythm;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.Watch;
import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.BudWarmth;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Course;
import baylantern.core.season.flush.FlushLength;
import baylantern.core.season.flush.Lane;
import baylantern.core.season.flush.Outlook;
import baylantern.core.season.flush.Stages;
import baylantern.core.season.warmth.DegreeDays;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.season.warmth.HealingRate;
import baylantern.core.season.weather.Climate;
import baylantern.core.season.weather.StartingClimates;
import baylantern.core.season.weather.Weather;
import baylantern.core.season.weather.WeatherYears;
import baylantern.core.season.window.GraftSky;
import baylantern.core.season.window.GraftWindow;
import baylantern.core.season.window.Growth;
import baylantern.core.season.window.Pinched;
import baylantern.core.season.window.WindowDay;
import baylantern.core.season.window.WindowFinder;
import baylantern.core.take.BetaBelief;
import baylantern.core.take.many.DayLuck;
import baylantern.core.take.many.HowMany;
import baylantern.core.trial.StoppingBounds;
import baylantern.core.wood.KeepMethod;
import baylantern.core.wood.Keeping;
import baylantern.core.wood.StickGrade;
import baylantern.core.wood.StickGrader;
import baylantern.core.wood.StickLook;
import baylantern.core.wood.StoreDay;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The drawings in docs/models are what the models compute; run with LANTERN_DRAW=1 to draw them anew. */
class ModelDrawingsTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final FlushRules FLUSH = RULES.flush();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final String INK = "#12262b";
    private static final String SEA = "#0f5257";
    private static final String LAMP = "#f0a202";
    private static final String SOFT = "#47595d";
    private static final String[] STAGES = {"#8c8431", "#a9713a", "#a34a3b", "#86a83f", "#2c5b39", "#75695e"};

    private static Species species(String key) {
        return RULES.species(key).orElseThrow();
    }

    private static void keep(String name, String svg) throws IOException {
        Path file = Path.of("../docs/models/drawings", name + ".svg");
        if ("1".equals(System.getenv("LANTERN_DRAW"))) {
            Files.writeString(file, svg);
        }
        assertThat(Files.readString(file)).isEqualTo(svg);
    }

    @Test
    void degreeDaysOfOneDay() throws IOException {
        Sheet sheet = new Sheet(0, 24, 0, 30);
        for (int c = 0; c <= 30; c += 10) {
            sheet.upTick(c, c + "°");
        }
        for (double hour = 0; hour < 24; hour += 0.25) {
            double t = 15 + 10 * Math.sin(2 * Math.PI * (hour - 6) / 24);
            if (t > 10) {
                sheet.box(hour, hour + 0.25, 10, t, LAMP, 0.4);
            }
        }
        sheet.curve(SEA, hour -> 15 + 10 * Math.sin(2 * Math.PI * (hour - 6) / 24), 96);
        sheet.line(0, 10, 24, 10, INK, "5 3").words(0.3, 10.6, "base 10 °C");
        sheet.words(9, 13, String.format(java.util.Locale.ROOT, "%.2f degree-days", DegreeDays.of(5, 25, 10, 36)));
        for (int hour = 0; hour <= 24; hour += 6) {
            sheet.acrossTick(hour, hour + " h");
        }
        keep("degree-days", sheet.svg("Degree-days of a day from 5 to 25 °C over a base of 10 °C"));
    }

    @Test
    void healingCurves() throws IOException {
        Sheet sheet = new Sheet(5, 40, 0, 1.1);
        sheet.upTick(0, "0").upTick(0.5, "½").upTick(1, "1");
        String[] colours = {STAGES[2], STAGES[4], STAGES[5]};
        int i = 0;
        for (String key : List.of("mango", "avocado", "fig")) {
            HealingRate rate = HealingRate.of(species(key));
            sheet.curve(colours[i], rate::at, 140).words(rate.bestC() - 1, 1.03 + 0.001 * i, i == 1 ? "" : key);
            i++;
        }
        sheet.words(24.2, 0.9, "avocado");
        for (int c = 5; c <= 40; c += 5) {
            sheet.acrossTick(c, c + " °C");
        }
        keep("healing", sheet.svg("How fast callus forms at a temperature"));
    }

    @Test
    void whatIsBelievedOfARhythm() throws IOException {
        // Ten degree-days a day, so that warmth from swell to swell can be told in days.
        Climate even = new Climate(Collections.nCopies(12, new Climate.Month(20, 20, 80, 2, 60, 0)));
        Watch watch = new Watch(species("avocado"), new Weather(even, List.of()), 31, TODAY.minusDays(700), TODAY);
        Accounts accounts = Accounts.learn(
                watch.grounds, List.of(swelled(1, 98, 93, 101), swelled(2, 106, 112)), watch.skies.past());
        Rhythm[] beliefs = {
            Accounts.Grounds.unlearned(watch.grounds.rules(), watch.grounds.priorWarmth()),
            accounts.rhythm(9),
            accounts.rhythm(1)
        };
        Sheet sheet = new Sheet(400, 2200, 0, 0.0026);
        String[] names = {"species prior", "this farm", "this tree"};
        String[] colours = {SOFT, SEA, STAGES[2]};
        for (int i = 0; i < beliefs.length; i++) {
            Rhythm belief = beliefs[i];
            sheet.curve(colours[i], w -> density(w, belief.logMean(), belief.spread()), 180);
            double top = Math.exp(belief.logMean() - belief.spread() * belief.spread());
            sheet.words(top + 40, density(top, belief.logMean(), belief.spread()) + 0.00003, names[i]);
        }
        for (double warmth : new double[] {980, 930, 1010, 1060, 1120}) {
            sheet.line(warmth, 0, warmth, 0.00012, INK, "none");
        }
        for (int w = 400; w <= 2200; w += 300) {
            sheet.acrossTick(w, w + "");
        }
        keep(
                "rhythm",
                sheet.svg("Degree-days to the next swell, as believed before and after five intervals were seen"));
    }

    private static TreeRecord swelled(long plant, int... gaps) {
        int day = (int) TODAY.toEpochDay() - 600;
        List<TreeRecord.Seen> swells = new ArrayList<>(List.of(new TreeRecord.Seen(day, day - 4, day + 4)));
        for (int gap : gaps) {
            day += gap;
            swells.add(new TreeRecord.Seen(day, day - 4, day + 4));
        }
        return new TreeRecord(plant, List.of(), swells);
    }

    private static double density(double x, double mean, double spread) {
        double z = (Math.log(x) - mean) / spread;
        return Math.exp(-z * z / 2) / (x * spread * Math.sqrt(2 * Math.PI));
    }

    private record Setting(Climate climate, Weather weather, WeatherYears years) {

        static Setting mild() {
            Climate climate = StartingClimates.of(StartingClimates.Kind.MILD_COAST, 31.4);
            Weather weather = new Weather(climate, List.of());
            return new Setting(climate, weather, WeatherYears.draw(weather, TODAY, 200, 500, 1));
        }

        Outlook outlook(BudStage stage) {
            List<BudNote> notes = List.of(BudNote.of(TODAY.minusDays(1), CanopyShares.all(stage)));
            return Watch.alone(species("avocado"), weather, years, notes, 1);
        }
    }

    private static double ahead(LocalDate day) {
        return day.toEpochDay() - TODAY.toEpochDay();
    }

    @Test
    void aLaneAndHowSureItIs() throws IOException {
        Setting setting = Setting.mild();
        Outlook outlook = setting.outlook(BudStage.M);
        var sums = BudWarmth.of(species("avocado"), FLUSH)
                .along(setting.weather(), TODAY.minusDays(400), TODAY.plusDays(900));
        Lane lane = Lane.of(
                List.of(), Optional.of(outlook), sums, new Course(Stages.of(FLUSH), FlushLength.BY_NEXT), TODAY);
        Sheet sheet = new Sheet(0, 240, 0, 1.25);
        sheet.upTick(0, "0").upTick(0.5, "½").upTick(1, "1");
        for (Lane.Run run : lane.runs()) {
            double from = Math.max(0, ahead(run.from()));
            double to = Math.min(240, ahead(run.to()) + 1);
            if (to > from) {
                sheet.box(from, to, 1.06, 1.2, STAGES[run.stage().ordinal()], 0.8);
            }
        }
        sheet.curve(STAGES[2], t -> outlook.activeShare((int) t), 240);
        sheet.words(60, 0.62, "share of runs in which the tree is in flush");
        lane.coming().stream().limit(2).forEach(range -> {
            LocalDate low = Objects.requireNonNull(range.low());
            LocalDate high = range.high() == null ? TODAY.plusDays(240) : range.high();
            sheet.line(ahead(low), 1.03, Math.min(240, ahead(high)), 1.03, INK, "none");
        });
        for (int t = 0; t <= 240; t += 30) {
            sheet.acrossTick(t, t == 0 ? "today" : "+" + t + " d");
        }
        keep(
                "lane",
                sheet.svg("A tree seen mature: its lane, the range of its next swells, and its flush in all runs"));
    }

    @Test
    void theScoresOfAWindow() throws IOException {
        Setting setting = Setting.mild();
        GraftSky sky = new GraftSky(species("avocado"), FLUSH, setting.climate(), setting.years(), 120);
        WindowFinder finder = new WindowFinder(FLUSH, sky, "avocado", Technique.Bark.NO, 14);
        WindowFinder.Found found = finder.find(
                new Growth("stocks", List.of(setting.outlook(BudStage.S)), null, List.of()),
                new Growth(
                        "wood",
                        List.of(setting.outlook(BudStage.M)),
                        null,
                        List.of(),
                        List.of(new Pinched(TODAY, TODAY.plusDays(14), TODAY.plusDays(32), 12)),
                        List.of(),
                        null));
        Sheet sheet = new Sheet(0, 119, 0, 1.05);
        sheet.upTick(0, "0").upTick(0.3, "low").upTick(0.6, "lit").upTick(1, "1");
        for (GraftWindow window : found.windows()) {
            sheet.box(ahead(window.first()), ahead(window.last()) + 1, 0, 1.05, LAMP, 0.3);
        }
        List<WindowDay> days = found.days();
        sheet.curve(STAGES[5], t -> days.get((int) t).stock(), 119)
                .words(40, days.get(40).stock() + 0.05, "stock");
        sheet.curve(STAGES[4], t -> days.get((int) t).wood(), 119)
                .words(3, days.get(3).wood() - 0.08, "wood");
        sheet.curve(SEA, t -> days.get((int) t).weather(), 119)
                .words(60, days.get(60).weather() + 0.03, "weather");
        sheet.curve(INK, t -> days.get((int) t).score(), 119)
                .words(70, days.get(70).score() + 0.03, "score");
        sheet.curve(LAMP, t -> days.get((int) t).chance().lit(), 119).words(34, 0.21, "chance that all hold");
        for (int t = 0; t < 120; t += 20) {
            sheet.acrossTick(t, t == 0 ? "today" : "+" + t + " d");
        }
        keep("window", sheet.svg("Wicks and score of every day; lit windows behind"));
    }

    @Test
    void sticksThatLiveByStore() throws IOException {
        Keeping keeping = new Keeping(RULES.wood(), "citrus");
        Sheet sheet = new Sheet(0, 90, 0, 1);
        for (int tenth = 0; tenth <= 10; tenth += 5) {
            sheet.upTick(tenth / 10.0, tenth * 10 + " %");
        }
        for (int day = 0; day <= 90; day += 15) {
            sheet.acrossTick(day, day + " d");
        }
        for (KeepMethod method : List.of(KeepMethod.AMBIENT, KeepMethod.COOL_BOX, KeepMethod.FRIDGE)) {
            StoreDay day = new StoreDay(TODAY, 1, method, List.of(keeping.referenceC(method)), true);
            double daily = keeping.used(day);
            sheet.curve(SEA, t -> Keeping.viability(t * daily), 180);
            sheet.words(Keeping.usedAt(0.62) / daily + 1, 0.62, method.words());
        }
        sheet.line(0, 0.7, 90, 0.7, LAMP, "4 4").words(70, 0.72, "7 of 10 live");
        keep("keeping", sheet.svg("Viability of citrus wood, well wrapped, in three stores"));
    }

    @Test
    void howManyWithAndWithoutTheLuckOfADay() throws IOException {
        Sheet sheet = new Sheet(10, 24, 0, 1);
        for (int tenth = 0; tenth <= 10; tenth += 5) {
            sheet.upTick(tenth / 10.0, tenth * 10 + " %");
        }
        for (int made = 10; made <= 24; made += 2) {
            sheet.acrossTick(made, "" + made);
        }
        for (double spread : new double[] {0, 0.4, 1}) {
            HowMany many = new HowMany(new BetaBelief(9, 3), DayLuck.of(spread));
            sheet.curve(spread == 0 ? LAMP : SEA, made -> many.chance(10, (int) Math.round(made)), 14);
            sheet.words(22.5, many.chance(10, 22) - 0.03, "spread " + spread);
        }
        sheet.line(10, 0.9, 24, 0.9, LAMP, "4 4");
        keep("many", sheet.svg("Chance that ten live, by how many are made on one day, where 8 of 10 took before"));
    }

    @Test
    void howOftenATrialTellsTwoWaysApart() throws IOException {
        Sheet sheet = new Sheet(0, 40, 0, 1);
        sheet.upTick(0.1, "0.1").upTick(0.8, "0.8").upTick(1, "1");
        for (int points = 0; points <= 40; points += 10) {
            sheet.acrossTick(points, "" + points);
        }
        for (int readings : new int[] {1, 2, 3}) {
            StoppingBounds bounds = StoppingBounds.of(readings, 0.1);
            double drift = bounds.drift(0.8);
            sheet.curve(readings == 1 ? LAMP : SEA, points -> bounds.told(drift * points / 20), 40);
        }
        sheet.line(20, 0, 20, 0.8, SOFT, "4 4");
        sheet.line(0, 0.8, 20, 0.8, SOFT, "4 4");
        sheet.words(21, 0.74, "planned for 20 points");
        keep(
                "trial",
                sheet.svg("How often a trial planned for 20 points tells two ways apart, by their true difference;"
                        + " one, two and three readings"));
    }

    @Test
    void scoreAndGradeAsFaultsAddUp() throws IOException {
        List<String> looks =
                List.of("stage=S", "wood=SOFT_TIP", "bark=SLIGHT", "skin=RUBBED", "side=SHADE", "stage=P", "wood=OLD");
        Sheet sheet = new Sheet(-0.5, looks.size() - 0.5, 0, 1);
        sheet.upTick(0, "0").upTick(0.5, "0.5").upTick(1, "1");
        Map<String, String> states = new HashMap<>(Map.of("wood", "FIRM", "bark", "TAUT", "skin", "CLEAN"));
        for (int i = 0; i < looks.size(); i++) {
            String[] look = looks.get(i).split("=");
            states.put(look[0], look[1]);
            StickGrade found = new StickGrader(RULES.wood(), "loquat")
                    .grade(new StickLook(states, Map.of(), true), TODAY, HealingClock.atBest());
            sheet.box(i - 0.3, i + 0.3, 0, found.score(), SEA, 0.4);
            sheet.words(i - 0.05, found.score() + 0.02, found.grade().name());
            sheet.acrossTick(i, looks.get(i).toLowerCase(java.util.Locale.ROOT).replace("=", " "));
        }
        sheet.line(-0.5, 0.6, looks.size() - 0.5, 0.6, LAMP, "4 4");
        keep(
                "grading",
                sheet.svg("Weighted score and grade of a cut stick while faults add up; under 0.6 a last resort"));
    }

    @Test
    void whatARecallReaches() throws IOException {
        Node mother = Node.plant(1);
        LocalDate clear = TODAY.minusDays(40);
        List<Link> links = List.of(
                new Link(mother, Node.lot(1), TODAY.minusDays(50)),
                new Link(mother, Node.lot(2), TODAY.minusDays(30)),
                new Link(Node.lot(1), Node.graft(1), TODAY.minusDays(48)),
                new Link(Node.lot(2), Node.graft(2), TODAY.minusDays(28)),
                new Link(Node.graft(2), Node.plant(2), TODAY.minusDays(28)),
                new Link(Node.plant(3), Node.lot(3), TODAY.minusDays(30)),
                new Link(Node.plant(2), Node.lot(4), TODAY.minusDays(8)));
        List<BladeEvent> blade = List.of(
                BladeEvent.cut(1, TODAY.minusDays(30), Node.lot(2), Optional.of(mother)),
                BladeEvent.cut(1, TODAY.minusDays(30), Node.lot(3), Optional.of(Node.plant(3))));
        Map<Node, List<HealthTest>> tests =
                Map.of(mother, List.of(new HealthTest(clear, HealthTest.Result.CLEAR, 365)));
        List<Recall.Held> held = new Recall(Lineage.of(links), tests, List.of(blade)).of(mother, TODAY);
        List<Node> rows = List.of(
                Node.lot(1),
                Node.graft(1),
                Node.lot(2),
                Node.graft(2),
                Node.plant(2),
                Node.lot(4),
                Node.lot(3),
                Node.plant(3));
        Sheet sheet = new Sheet(-56, 6, 0, rows.size());
        for (int day = -50; day <= 0; day += 10) {
            sheet.acrossTick(day, day + " d");
        }
        for (int i = 0; i < rows.size(); i++) {
            Node row = rows.get(i);
            double y = rows.size() - i - 0.7;
            double from = links.stream()
                    .filter(l -> l.to().equals(row))
                    .mapToDouble(l -> l.on().toEpochDay() - TODAY.toEpochDay())
                    .findFirst()
                    .orElse(-30);
            Optional<Recall.Held> reached =
                    held.stream().filter(h -> h.node().equals(row)).findFirst();
            String colour = reached.isEmpty() ? SOFT : reached.get().why() == Recall.Why.EXPOSED ? LAMP : "#a4261d";
            sheet.box(from, 0, y - 0.15, y + 0.3, colour, 0.55);
            sheet.words(
                    from + 0.4, y, row.key() + reached.map(h -> ": " + h.why()).orElse(": free"));
        }
        sheet.line(-40, 0, -40, rows.size(), "#2d6a3e", "4 4")
                .words(-39.6, rows.size() - 0.25, "clear test of PLANT-1");
        keep("recall", sheet.svg("What a positive test of PLANT-1 today reaches; LOT-3 was cut with the same blade"));
    }
}
