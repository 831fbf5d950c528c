package baylantern.app.trial;

import baylantern.app.place.GivenCodes;
import baylantern.app.place.NumberService;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.take.fact.Aspect;
import baylantern.core.trial.StoppingBounds;
import baylantern.core.trial.TrialSize;
import java.security.SecureRandom;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins trials, and gives them up. */
@Service
class TrialService implements GivenCodes {

    private static final String RUN = "trial-";
    private static final double PERCENT = 100;

    private final TrialMapper trials;
    private final TrialAspects aspects;
    private final PlaceService places;
    private final NumberService numbers;
    private final TrailService trail;
    private final FarmClock clock;
    private final Rulebook rules;
    private final SecureRandom chance = new SecureRandom();

    TrialService(
            TrialMapper trials,
            TrialAspects aspects,
            PlaceService places,
            NumberService numbers,
            TrailService trail,
            FarmClock clock,
            Rulebook rules) {
        this.trials = trials;
        this.aspects = aspects;
        this.places = places;
        this.numbers = numbers;
        this.trail = trail;
        this.clock = clock;
        this.rules = rules;
    }

    /** What was done. */
    record TrialDone(long actId, String sentence) {}

    /**
     * How large a trial would be, and how it would be read.
     *
     * @param lastYear grafts of this sort made within the last twelve months
     */
    record Tried(int each, int lastYear, boolean hidden, String sentence) {}

    /** How large a trial would be; refuses what could not be one. */
    Tried tried(TrialEntry entry) {
        TrialAspects.AspectChoice aspect = checked(entry);
        TrialRow.Planned planned = planned(entry);
        return new Tried(
                planned.each(),
                trials.madeSince(entry, clock.today().minusYears(1)),
                aspect.hidden(),
                TrialWords.plan(planned, aspect.hidden()));
    }

    /** Begins a trial: from now on grafts that are laid out go into it. */
    @Transactional
    TrialDone begin(TrialEntry entry) {
        return write(entry, new Beginning(numbers.give(RUN, 1), chance.nextLong(), clock.today()));
    }

    /** What a trial is given with its beginning. */
    record Beginning(int number, long seed, LocalDate on) {}

    private TrialDone write(TrialEntry entry, Beginning given) {
        TrialAspects.AspectChoice aspect = checked(entry);
        TrialRow trial = row(entry, given);
        trials.all().stream()
                .filter(other -> other.runs() && other.of().meets(trial.of()))
                .findFirst()
                .ifPresent(other -> {
                    throw FarmProblem.conflict(
                            "Trial " + other.number() + " runs in some of these grafts: what two trials"
                                    + " do in one graft cannot be told apart. End it first, or choose other grafts.");
                });
        String sentence = "Trial " + given.number() + " begun: " + words(aspect, trial);
        long act = trail.follow(sentence);
        Rows.one(trials.insert(trial));
        return new TrialDone(act, sentence);
    }

    /** A trial to be stored as it is; not checked against others. */
    TrialRow row(TrialEntry entry, Beginning given) {
        return new TrialRow(
                0,
                given.number(),
                Objects.requireNonNullElse(entry.question(), "").strip(),
                new TrialRow.Of(
                        entry.aspect(),
                        entry.first(),
                        entry.second(),
                        entry.speciesKey(),
                        entry.varietyId(),
                        entry.techniqueKey()),
                planned(entry),
                given.seed(),
                given.on(),
                new TrialRow.Ended(null, null));
    }

    static String words(TrialAspects.AspectChoice aspect, TrialRow trial) {
        return aspect.words() + ", " + TrialWords.quoted(aspect.words(trial.of().first())) + " against "
                + TrialWords.quoted(aspect.words(trial.of().second()));
    }

    private TrialAspects.AspectChoice checked(TrialEntry entry) {
        Species species = rules.species(entry.speciesKey())
                .orElseThrow(() -> FarmProblem.wrong(
                        "speciesKey", entry.speciesKey(), "a species of the rulebook", "There is no such species."));
        TrialAspects.AspectChoice aspect = aspects.aspect(entry.aspect(), species);
        way(aspect, "first", entry.first());
        way(aspect, "second", entry.second());
        if (entry.first().equals(entry.second())) {
            throw FarmProblem.wrong("second", entry.second(), "another way", "A way cannot be tried against itself.");
        }
        if (!aspects.sameWood(entry.aspect(), entry.first(), entry.second())) {
            throw FarmProblem.wrong(
                    "second",
                    entry.second(),
                    "a technique that takes the same",
                    "One takes a stick, the other a bud: they cannot be made in pairs of the same wood.");
        }
        if (entry.varietyId() != null) {
            Variety variety = places.variety(entry.varietyId());
            if (!variety.speciesKey().equals(species.key())) {
                throw FarmProblem.wrong(
                        "varietyId",
                        variety.name(),
                        "a variety of " + species.name(),
                        variety.name() + " is another species.");
            }
        }
        technique(entry);
        if (entry.usual() + entry.difference() > 1) {
            double most = 1 - entry.usual();
            throw FarmProblem.wrong(
                    "difference",
                    entry.difference(),
                    "at most " + TrialWords.points(most),
                    "No way can take more than all: above " + Math.round(PERCENT * entry.usual()) + " % there are "
                            + TrialWords.points(most) + " to be had.");
        }
        return aspect;
    }

    private void technique(TrialEntry entry) {
        if (entry.techniqueKey() == null) {
            return;
        }
        if (rules.technique(entry.techniqueKey()).isEmpty()) {
            throw FarmProblem.wrong(
                    "techniqueKey", entry.techniqueKey(), "a technique of the rulebook", "There is no such technique.");
        }
        if (entry.aspect().equals(Aspect.TECHNIQUE)) {
            throw FarmProblem.wrong(
                    "techniqueKey",
                    entry.techniqueKey(),
                    "none",
                    "Where the technique is tried, no other is asked for.");
        }
    }

    private static void way(TrialAspects.AspectChoice aspect, String field, String way) {
        if (!aspect.has(way)) {
            throw FarmProblem.wrong(
                    field, way, "one of its ways", "There is no such way of \"" + aspect.words() + "\".");
        }
    }

    private TrialRow.Planned planned(TrialEntry entry) {
        double alarm = rules.facts().value(FigureName.TRIAL_ALARM);
        double power = rules.facts().value(FigureName.TRIAL_POWER);
        int readings = (int) rules.facts().value(FigureName.TRIAL_READINGS);
        int most = (int) rules.facts().value(FigureName.TRIAL_MOST);
        TrialSize size = TrialSize.of(entry.usual(), entry.difference(), power, StoppingBounds.of(readings, alarm));
        if (size.each() > most) {
            throw FarmProblem.wrong(
                    "difference",
                    entry.difference(),
                    "a larger difference",
                    "To find " + TrialWords.points(entry.difference()) + " takes " + size.each()
                            + " grafts of each way, more than " + most + ". Ask for a larger difference.");
        }
        return new TrialRow.Planned(
                entry.usual(),
                entry.difference(),
                size.each(),
                readings,
                size.bounds().last(),
                alarm,
                power);
    }

    /** Gives a trial up: nothing is read of it any more, and no graft goes into it. */
    @Transactional
    TrialDone giveUp(long id) {
        TrialRow trial = running(id);
        String sentence = "Trial " + trial.number() + " given up";
        long act = trail.follow(sentence);
        end(trial.id(), clock.today(), TrialRow.Ending.GIVEN_UP);
        return new TrialDone(act, sentence);
    }

    /** Ends a trial; grafts of it that are not made yet are made as the farm makes them. */
    void end(long id, LocalDate on, TrialRow.Ending ending) {
        Rows.any(trials.deleteOpen(id));
        Rows.one(trials.end(id, on, ending));
    }

    /** A trial that runs; throws where there is none or it has ended. */
    TrialRow running(long id) {
        TrialRow trial = trials.trial(id);
        if (trial == null) {
            throw FarmProblem.unknown("trial", id);
        }
        if (!trial.runs()) {
            throw FarmProblem.conflict("Trial " + trial.number() + " has ended.");
        }
        return trial;
    }

    @Override
    public Collection<String> codes() {
        return trials.all().stream().map(trial -> RUN + trial.number()).toList();
    }
}
