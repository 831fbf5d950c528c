package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.bench.Cover;
import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What holds of the care of any graft: any technique, species, cover, setting and school. */
class AnyCareTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final CarePlan PLAN = new CarePlan(RULES);
    private static final HealingClock CLOCK = HealingClock.atBest();

    /** One of these is never done after the other. */
    private static final String[][] ORDER = {
        {"FIRST_WATER", "WATER"},
        {"SHADE_OFF", "LIGHT_SUN"},
        {"LIGHT_BRIGHT", "LIGHT_SUN"},
        {"BAG_CORNER", "BAG_HALF"},
        {"BAG_HALF", "BAG_OFF"},
        {"CALL_BUD", "FORCE"},
        {"FORCE", "TOP_STEP"},
        {"FORCE", "TOP_OFF"},
        {"TIE_OFF", "TIE_AWAY"},
        {"UNION_CHECK", "TWIG_TEST"},
        {"TWIG_TEST", "SEVER"},
        {"SEVER", "POT_UP"},
        {"STAKE", "STAKE_OFF"},
        {"PINCH_LOW", "PINCH_AGAIN"},
        {"POT_UP", "PLANT_OUT"},
        {"PUSH_LOOK", "LEAF_LOOK"},
        {"SLEEVE_PEEK", "SLEEVE_OFF"}
    };

    private static List<String> schoolsThatDiffer() {
        List<String> all = new ArrayList<>(List.of(""));
        RULES.schools().forEach(q -> q.schools().keySet().forEach(school -> all.add(q.key() + "=" + school)));
        return all;
    }

    private static CareSubject subject(
            Technique technique, String species, Cover cover, String school, CareSubject.Stand stand, LocalDate made) {
        return new CareSubject(
                species, technique, made, cover.name(), PlanTableTest.schools(species, technique.key(), school), stand);
    }

    /** All of them there are, as they are made: something to do in the first eight days, a look for life, an end. */
    @Test
    void everyGraftThatCanBeMadeHasAPlan() {
        LocalDate made = LocalDate.of(2028, 2, 29);
        GraftLife life = GraftLife.of(made, List.of(), CLOCK, 120);
        int plans = 0;
        for (Technique technique : RULES.techniques()) {
            for (var species : RULES.species()) {
                for (Cover cover : Cover.values()) {
                    for (String school : schoolsThatDiffer()) {
                        CareSubject subject =
                                subject(technique, species.key(), cover, school, CareSubject.Stand.POT, made);
                        List<PlannedVisit> open = PLAN.open(subject, life, CLOCK);
                        check(open, made, subject);
                        assertThat(open.get(0).earliest()).isBefore(made.plusDays(8));
                        assertThat(open)
                                .extracting(PlannedVisit::kind)
                                .contains("SWEEP", "STANDING")
                                .containsAnyOf("PUSH_LOOK", "CALL_BUD", "UNION_CHECK");
                        plans++;
                    }
                }
            }
        }
        assertThat(plans).isGreaterThan(30_000);
    }

    private static void check(List<PlannedVisit> open, LocalDate from, CareSubject subject) {
        for (PlannedVisit visit : open) {
            assertThat(visit.earliest()).as(visit + " of " + subject).isAfterOrEqualTo(from);
            assertThat(visit.target()).as(visit + " of " + subject).isBetween(visit.earliest(), visit.latest());
        }
        assertThat(open).extracting(PlannedVisit::kind).doesNotHaveDuplicates();
    }

    /** A whole life, each visit made on a day in its span: never a long silence, never one before the other, one end. */
    @Property(tries = 150)
    void aLifeIsCaredForFromTheTieToTheGround(@ForAll long seed) {
        Random random = new Random(seed);
        CareSubject subject = any(random);
        List<Look> looks = new ArrayList<>();
        Map<String, LocalDate> first = new HashMap<>();
        LocalDate today = subject.madeOn();
        for (int guard = 0; guard < 400; guard++) {
            GraftLife life = GraftLife.of(subject.madeOn(), looks, CLOCK, 120);
            List<PlannedVisit> open = PLAN.open(subject, life, CLOCK);
            check(open, subject.madeOn(), subject);
            fits(open, life, subject);
            if (life.state() == GraftState.ESTABLISHED && open.isEmpty()) {
                break;
            }
            LocalDate next = open.stream()
                    .map(v -> v.earliest().plusDays(random.nextInt((int) Math.max(1, days(v) / 2))))
                    .min(LocalDate::compareTo)
                    .orElse(LocalDate.MAX);
            if (!life.state().atLeast(GraftState.ESTABLISHED)) {
                assertThat(next).as(subject + " after " + looks).isBefore(today.plusDays(45));
            }
            today = next.isAfter(today) ? next : today.plusDays(1);
            LocalDate day = today;
            List<String> due = open.stream()
                    .filter(v -> v.due(day))
                    .map(PlannedVisit::kind)
                    .toList();
            due.forEach(kind -> first.putIfAbsent(kind, day));
            looks.add(seen(subject, today, due));
        }
        for (String[] pair : ORDER) {
            if (first.containsKey(pair[0]) && first.containsKey(pair[1])) {
                assertThat(Objects.requireNonNull(first.get(pair[0])))
                        .as(pair[0] + " before " + pair[1] + " of " + subject)
                        .isBeforeOrEqualTo(first.get(pair[1]));
            }
        }
        assertThat(first.keySet()).as("of " + subject).contains("SWEEP");
    }

    private static long days(PlannedVisit v) {
        return java.time.temporal.ChronoUnit.DAYS.between(v.earliest(), v.latest());
    }

    private static CareSubject any(Random random) {
        List<Technique> techniques = List.copyOf(RULES.techniques());
        List<String> species = RULES.species().stream().map(s -> s.key()).toList();
        List<String> schools = schoolsThatDiffer();
        CareSubject.Stand stand = new CareSubject.Stand(
                CareSubject.Setting.values()[random.nextInt(3)],
                random.nextBoolean() ? null : 5 + 60 * random.nextDouble(),
                Hemisphere.values()[random.nextInt(2)]);
        return subject(
                techniques.get(random.nextInt(techniques.size())),
                species.get(random.nextInt(species.size())),
                Cover.values()[random.nextInt(Cover.values().length)],
                schools.get(random.nextInt(schools.size())),
                stand,
                LocalDate.of(2027 + random.nextInt(2), 1, 1).plusDays(random.nextInt(366)));
    }

    private static final int[] BUD = {14, 30, 46, 53, 90, 140};
    private static final int[] STICK = {11, 20, 24, 31, 66, 110};

    private static Look seen(CareSubject subject, LocalDate day, List<String> due) {
        long age = java.time.temporal.ChronoUnit.DAYS.between(subject.madeOn(), day);
        int[] when = subject.technique().group() == Technique.Group.BUD ? BUD : STICK;
        Sign[] signs = {Sign.NOTHING, Sign.GREEN, Sign.SWELLING, Sign.PUSHED, Sign.LEAFED, Sign.FIRM, Sign.SECOND_FLUSH
        };
        int at = 0;
        while (at < when.length && age >= when[at]) {
            at++;
        }
        Look look = Look.of(day, signs[at]);
        look = at >= 4 ? look.measuring(Math.min(900, 20 + 4.0 * (age - when[3]))) : look;
        return due.contains("SEVER")
                ? look.finding(Trace.SEVERED)
                : due.contains("TWIG_TEST")
                        ? look.finding(Trace.TWIG_FRESH)
                        : due.contains("UNION_CHECK") ? look.finding(Trace.CALLUS) : look;
    }

    // Nothing is asked whose sense is gone or never was.
    private static void fits(List<PlannedVisit> open, GraftLife life, CareSubject subject) {
        List<String> kinds = open.stream().map(PlannedVisit::kind).collect(Collectors.toList());
        GraftState state = life.state();
        boolean pot = subject.stand().setting().pot();
        never(kinds, state.atLeast(GraftState.PUSHED), "PUSH_LOOK", "FIRST_WATER", "CALL_BUD");
        never(kinds, state.atLeast(GraftState.LEAFED), "BAG_PEEK", "SLEEVE_PEEK", "FILM", "LEAF_LOOK");
        never(kinds, state.atLeast(GraftState.FIRM), "SWEEP", "WATER", "FORCE", "SHADE_OFF");
        never(kinds, state.atLeast(GraftState.ESTABLISHED), "STANDING", "FRUIT_OFF", "TIE_OFF");
        never(kinds, life.found(Trace.SEVERED), "KEEP_MOIST", "SEVER");
        never(kinds, !pot, "WATER", "POT_UP", "HARDEN", "PLANT_OUT", "LIGHT_BRIGHT", "LIGHT_SUN");
        never(kinds, !subject.cover().equals("BAG"), "BAG_PEEK", "BAG_CORNER", "BAG_HALF", "BAG_OFF");
        never(kinds, !subject.cover().equals("SLEEVE"), "SLEEVE_PEEK", "SLEEVE_OFF");
        never(kinds, subject.technique().group() != Technique.Group.APPROACH, "SEVER", "TWIG_TEST", "KEEP_MOIST");
        never(kinds, subject.technique().group() == Technique.Group.CLEFT, "FORCE", "TOP_STEP", "TOP_OFF", "CALL_BUD");
        never(kinds, !subject.speciesKey().equals("fig"), "WINTER_PRUNE");
        open.stream().filter(v -> v.kind().equals("WINTER_PRUNE")).forEach(v -> {
            boolean north = subject.stand().hemisphere() == Hemisphere.NORTH;
            assertThat(v.target().getMonthValue()).isEqualTo(north ? 1 : 7);
        });
    }

    private static void never(List<String> kinds, boolean when, String... which) {
        if (when) {
            assertThat(kinds).doesNotContain(which);
        }
    }
}
