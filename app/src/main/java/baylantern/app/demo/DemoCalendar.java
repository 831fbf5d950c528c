package baylantern.app.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/** Three years of bench days on the demo farm: which species when, by whom, how. */
final class DemoCalendar {

    private static final String[] PEOPLE = {"Nerea", "Bram", "Odile", "Odile", "Teo", "Nerea"};
    private static final String[] SOURCES = {"own mother tree", "own mother tree", "neighbour", "post", "nursery"};

    /** What is grafted in a month of each year, and how. */
    private record Habit(String species, int month, String[] varieties, String[] techniques, String place) {}

    private static final List<Habit> HABITS = List.of(
            new Habit(
                    "fig",
                    2,
                    v("Ropewalk", "Old Wall Black", "Sailcloth", "Smoke Plum"),
                    v("whip-tongue", "cleft", "whip"),
                    "Old Wall"),
            new Habit("loquat", 3, v("Early Tide"), v("cleft"), "Lower Steps"),
            new Habit(
                    "avocado",
                    4,
                    v("Ternlight", "Grey Quay", "Harbourmaster", "Petrel Deep"),
                    v("cleft", "whip", "side-splice"),
                    "Shade House"),
            new Habit(
                    "citrus",
                    4,
                    v("Cistern Blood", "Noonbell", "Pilot Lime", "Bellwether", "Quillpearl"),
                    v("chip", "t-bud"),
                    "Shade House"),
            new Habit(
                    "mango",
                    5,
                    v("Amber Sickle", "Tollkeeper", "Late Ferry", "Saltglow"),
                    v("cleft", "veneer"),
                    "Windward Rows"),
            new Habit("guava", 6, v("Lamp Pink"), v("cleft", "whip"), "Lower Steps"),
            new Habit("mango", 8, v("Amber Sickle", "Late Ferry", "Tollkeeper"), v("veneer", "cleft"), "Windward Rows"),
            new Habit("annona", 3, v("Cloister"), v("whip", "cleft"), "Lower Steps"),
            new Habit("macadamia", 9, v("Kittiwake"), v("side-splice"), "Shade House"),
            new Habit(
                    "citrus",
                    9,
                    v("Cistern Blood", "Noonbell", "Pilot Lime", "Bellwether"),
                    v("chip", "t-bud"),
                    "Cistern Court"),
            new Habit("avocado", 9, v("Ternlight", "Grey Quay", "Petrel Deep"), v("cleft", "veneer"), "Kiln Terrace"));

    private DemoCalendar() {}

    private static String[] v(String... names) {
        return names;
    }

    /** All sessions up to the demo's first day, oldest first. */
    static List<DemoSession> sessions(Random random) {
        List<DemoSession> all = new ArrayList<>();
        for (int year = 2023; year <= 2025; year++) {
            for (Habit habit : HABITS) {
                for (String variety : habit.varieties()) {
                    all.add(session(
                            habit,
                            variety,
                            LocalDate.of(year, habit.month(), 1 + random.nextInt(26)),
                            3 + random.nextInt(5),
                            random));
                }
            }
        }
        jackfruit(all);
        recent(all, random);
        all.sort(Comparator.comparing(DemoSession::day));
        return all;
    }

    private static DemoSession session(Habit habit, String variety, LocalDate day, int grafts, Random random) {
        return new DemoSession(
                day,
                habit.species(),
                variety,
                pick(habit.techniques(), random),
                pick(PEOPLE, random),
                grafts,
                random.nextInt(5) == 0 ? 12 + random.nextInt(10) : random.nextInt(6),
                pick(SOURCES, random),
                habit.place());
    }

    private static void jackfruit(List<DemoSession> all) {
        all.add(new DemoSession(
                LocalDate.of(2025, 6, 10),
                "jackfruit",
                "Bollard",
                "approach",
                "Nerea",
                3,
                0,
                "neighbour",
                "Shade House"));
        all.add(new DemoSession(
                LocalDate.of(2026, 3, 13),
                "jackfruit",
                "Bollard",
                "approach",
                "Nerea",
                2,
                0,
                "neighbour",
                "Shade House"));
    }

    // This year's grafts, most of them still on their way.
    private static void recent(List<DemoSession> all, Random random) {
        int[] daysBack = {85, 72, 58, 49, 41, 36, 33, 29, 26, 23, 21, 18, 16, 14, 11, 8, 5, 2};
        for (int i = 0; i < daysBack.length; i++) {
            Habit habit = HABITS.get(new int[] {0, 0, 1, 7, 2, 3, 2, 3, 2, 2, 3, 4, 2, 4, 3, 4, 4, 4}[i]);
            String variety = habit.varieties()[i % habit.varieties().length];
            LocalDate day = LocalDate.of(2026, 5, 14).minusDays(daysBack[i]);
            all.add(session(habit, variety, day, 3 + random.nextInt(3), random));
        }
    }

    private static String pick(String[] from, Random random) {
        return from[random.nextInt(from.length)];
    }
}
