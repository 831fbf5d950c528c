package baylantern.app.demo;

import baylantern.core.care.CarePlan;
import baylantern.core.care.CareSubject;
import baylantern.core.care.GraftLife;
import baylantern.core.care.GraftState;
import baylantern.core.care.Look;
import baylantern.core.care.PlannedVisit;
import baylantern.core.care.Sign;
import baylantern.core.care.Trace;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Technique;
import baylantern.core.season.warmth.HealingClock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Lives a demo graft forward: what its visits would have seen, given its hidden fate. */
final class DemoLife {

    private static final int DAYS_BETWEEN = 3;
    private static final int MOST_LOOKS = 160;

    /** What the farm's people went out for; the rest was done on the same walks. */
    private static final Set<String> WALKED_FOR = Set.of(
            "FIRST_WATER",
            "KEEP_MOIST",
            "TWIG_TEST",
            "SEVER",
            "SWEEP",
            "SHADE_OFF",
            "BAG_PEEK",
            "BAG_CORNER",
            "BAG_HALF",
            "BAG_OFF",
            "CALL_BUD",
            "PUSH_LOOK",
            "FORCE",
            "TOP_OFF",
            "UNION_CHECK",
            "TIE_OFF",
            "LEADER",
            "POT_UP",
            "STANDING",
            "TIE_AWAY",
            "STAKE_OFF",
            "WOUNDS",
            "HARDEN",
            "PINCH_LOW",
            "PINCH_AGAIN",
            "PLANT_OUT");

    private final CarePlan plan;
    private final Rulebook rules;

    DemoLife(CarePlan plan, Rulebook rules) {
        this.plan = plan;
        this.rules = rules;
    }

    /** The healing days on which things happen to a graft, counted from grafting. */
    private record Fate(boolean takes, int green, int swell, int push, int leaf, int firm, int second, int dies) {

        static Fate of(boolean takes, Technique technique, Random random) {
            int push = switch (technique.group()) {
                case CLEFT -> 22;
                case SIDE -> 17;
                case BUD -> 44;
                case APPROACH -> 58;
            };
            int when = Math.max(9, push + (int) Math.round(random.nextGaussian() * 4));
            return new Fate(
                    takes,
                    Math.min(when - 6, 14),
                    when - 4,
                    when,
                    when + 7,
                    when + 38,
                    when + 85,
                    9 + random.nextInt(30));
        }

        /** Whether two plants of an approach pair grow together; told by how early it pushes, so no luck is drawn for it. */
        boolean joins() {
            return push % 3 != 0;
        }

        /** One in five stays where it is. */
        boolean stays() {
            return push % 5 == 0;
        }

        /** The shoot's length in mm: a slow start, then waves, up to what a pot bears. */
        double lengthMm(long day) {
            double since = Math.max(1, day - push);
            return Math.round(Math.min(900, 8 + (2.4 + push % 5 * 0.4) * since));
        }

        Sign seenAt(long day) {
            if (!takes && day >= dies) {
                return Sign.DEAD;
            }
            if (!takes) {
                return day >= green && dies > green + 6 ? Sign.GREEN : Sign.NOTHING;
            }
            return day >= second
                    ? Sign.SECOND_FLUSH
                    : day >= firm
                            ? Sign.FIRM
                            : day >= leaf
                                    ? Sign.LEAFED
                                    : day >= push
                                            ? Sign.PUSHED
                                            : day >= swell ? Sign.SWELLING : day >= green ? Sign.GREEN : Sign.NOTHING;
        }
    }

    // Two of three approach grafts grow together; the third waits without callus. What is in leaf is measured.
    private static Look seen(Fate fate, List<PlannedVisit> open, LocalDate day, long age) {
        Look look = Look.of(day, fate.seenAt(age));
        if (fate.joins() && wants(open, day, "SEVER")) {
            return look.finding(Trace.SEVERED);
        }
        if (fate.joins() && wants(open, day, "TWIG_TEST")) {
            return look.finding(Trace.TWIG_FRESH);
        }
        if (fate.joins() && wants(open, day, "UNION_CHECK")) {
            return look.finding(Trace.CALLUS);
        }
        return look.sign().shows().atLeast(GraftState.LEAFED) ? look.measuring(fate.lengthMm(age)) : look;
    }

    private static boolean wants(List<PlannedVisit> open, LocalDate day, String kind) {
        return open.stream().anyMatch(visit -> visit.kind().equals(kind) && visit.due(day));
    }

    /** Looks at every visit on the day it opens, up to but not on {@code end}; after 210 healing days it is planted out. */
    List<Look> looks(CareSubject subject, boolean takes, LocalDate end, HealingClock clock, Random random) {
        Fate fate = Fate.of(takes, subject.technique(), random);
        List<Look> looks = new ArrayList<>();
        for (int guard = 0; guard < MOST_LOOKS; guard++) {
            double established = rules.life(FigureName.ESTABLISHED_AFTER).value();
            GraftLife life = GraftLife.of(subject.madeOn(), looks, clock, established);
            LocalDate plantingOut = clock.after(subject.madeOn(), 210);
            List<PlannedVisit> open = plan.open(subject, life, clock);
            LocalDate next = open.stream()
                    .filter(visit -> WALKED_FOR.contains(visit.kind()))
                    .map(PlannedVisit::earliest)
                    .min(LocalDate::compareTo)
                    .orElse(plantingOut);
            LocalDate rested = looks.isEmpty()
                    ? next
                    : looks.get(looks.size() - 1).seenOn().plusDays(DAYS_BETWEEN);
            next = next.isBefore(rested) ? rested : next;
            if (!next.isBefore(end) || !life.state().live()) {
                return looks;
            }
            if (!next.isBefore(plantingOut)) {
                if (fate.stays()) {
                    return looks;
                }
                looks.add(Look.of(plantingOut, Sign.PLANTED_OUT));
                return looks;
            }
            looks.add(seen(fate, open, next, (long) clock.between(subject.madeOn(), next)));
        }
        return looks;
    }
}
