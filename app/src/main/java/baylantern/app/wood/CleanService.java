package baylantern.app.wood;

import baylantern.app.place.Person;
import baylantern.app.place.PlaceService;
import baylantern.app.platform.ActService;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.Undoer;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import baylantern.core.wood.Dilution;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mixtures that clean blades, and each cleaning. */
@Service
public class CleanService implements Undoer {

    private static final int MIXES_SHOWN = 6;
    private static final int CLEANINGS_SHOWN = 30;

    private final WorkMapper mapper;
    private final PlaceService places;
    private final Rulebook rules;
    private final ActService acts;
    private final FarmClock clock;

    CleanService(WorkMapper mapper, PlaceService places, Rulebook rules, ActService acts, FarmClock clock) {
        this.mapper = mapper;
        this.places = places;
        this.rules = rules;
        this.acts = acts;
        this.clock = clock;
    }

    /** What cleans. */
    public enum Agent {
        BLEACH,
        ALCOHOL
    }

    /** Why a blade was cleaned. */
    public enum Occasion {
        START,
        NEW_TREE,
        NEW_LOT,
        SUSPECT
    }

    /** A mixture as wanted; wantedPct absent is the rule's. */
    public record MixEntry(
            @NotNull(message = "needs what cleans") Agent agent,
            double productPct,
            @Nullable Double wantedPct,
            double volumeMl,
            @Nullable Long personId) {}

    /** How to mix it, how long it serves, and what to mind. */
    public record MixPlan(Dilution dilution, double wantedPct, double hours, String contact, String caution) {}

    /** Works out a mixture. */
    public MixPlan plan(MixEntry entry) {
        double wanted = wantedPct(entry);
        try {
            Dilution dilution = Dilution.of(entry.productPct(), wanted, entry.volumeMl());
            return new MixPlan(dilution, wanted, hours(entry.agent()), contact(entry.agent()), caution(entry.agent()));
        } catch (IllegalArgumentException e) {
            String said = String.valueOf(e.getMessage());
            String field = said.contains("volume") ? "volumeMl" : said.contains("wanted") ? "wantedPct" : "productPct";
            throw FarmProblem.wrong(field, entry.productPct(), "as the sentence says", said);
        }
    }

    double wantedPct(MixEntry entry) {
        if (entry.wantedPct() != null) {
            return entry.wantedPct();
        }
        return entry.agent() == Agent.BLEACH
                ? rules.wood().value(FigureName.BLEACH_PCT) / rules.wood().value(FigureName.BLEACH_PARTS)
                : rules.wood().value(FigureName.ALCOHOL_PCT);
    }

    double hours(Agent agent) {
        return rules.wood().value(agent == Agent.BLEACH ? FigureName.BLEACH_HOURS : FigureName.ALCOHOL_HOURS);
    }

    private String contact(Agent agent) {
        return agent == Agent.BLEACH
                ? "Leave it on for " + (int) rules.wood().value(FigureName.BLEACH_SECONDS)
                        + " s at least, then rinse or wipe the steel."
                : "Leave it on until it is dry.";
    }

    private static String caution(Agent agent) {
        return agent == Agent.BLEACH
                ? "Never with ammonia or acids. Ventilate, wear gloves, mind your eyes; out of children’s reach. Follow the label and local rules."
                : "It burns: no flame near it, and let it dry before you light anything. Follow the label and local rules.";
    }

    /** A mixture as it is shown. */
    public record MixView(
            long id,
            Agent agent,
            double productPct,
            double wantedPct,
            double volumeMl,
            Instant mixedAt,
            Instant goodUntil,
            boolean good,
            @Nullable String personName) {}

    /** A cleaning as it is shown. */
    public record CleaningView(
            long id,
            String personName,
            Instant cleanedAt,
            LocalDate onDay,
            @Nullable Agent agent,
            Occasion occasion) {}

    /** Mixtures and cleanings, newest first. */
    public record CleanView(List<MixView> mixes, List<CleaningView> cleanings) {}

    /** What is mixed and what was cleaned. */
    public CleanView view() {
        Instant now = clock.now();
        return new CleanView(
                mapper.mixes(MIXES_SHOWN).stream().map(m -> mix(m, now)).toList(),
                mapper.cleanings(CLEANINGS_SHOWN).stream()
                        .map(c -> new CleaningView(
                                c.id(),
                                c.personName(),
                                c.cleanedAt(),
                                c.onDay(),
                                c.agent() == null ? null : Agent.valueOf(c.agent()),
                                Occasion.valueOf(c.occasion())))
                        .toList());
    }

    private static MixView mix(WorkMapper.MixRow m, Instant now) {
        return new MixView(
                m.id(),
                m.agent(),
                m.productPct(),
                m.wantedPct(),
                m.volumeMl(),
                m.mixedAt(),
                m.goodUntil(),
                now.isBefore(m.goodUntil()),
                m.personName());
    }

    /** Writes down a mixture as mixed now. */
    @Transactional
    public WoodDone mixed(MixEntry entry) {
        MixPlan plan = plan(entry);
        Instant now = clock.now();
        String sentence = Quantity.ml(Math.round(entry.volumeMl())) + " of "
                + (entry.agent() == Agent.BLEACH ? "bleach" : "alcohol") + " mixed";
        long act = acts.open(kind(), sentence);
        long id = mapper.insertMix(
                entry, plan.wantedPct(), now, now.plus(Duration.ofMinutes(Math.round(plan.hours() * 60))), act);
        return new WoodDone(act, sentence, id, null);
    }

    /** A cleaning as done now. */
    public record CleaningEntry(
            @NotNull(message = "needs whose blade it is") Long personId,
            @Nullable Long mixId,
            @NotNull(message = "needs its occasion") Occasion occasion) {}

    /** What was written, and whether the mixture was past its time. */
    public record Cleaned(
            @Nullable Long actId, String sentence, @Nullable String warning) {}

    /** Writes down a cleaning as done now. */
    @Transactional
    public Cleaned cleaned(CleaningEntry entry) {
        Person person = places.people().stream()
                .filter(p -> p.id() == entry.personId())
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("person", entry.personId()));
        String warning = null;
        if (entry.mixId() != null) {
            MixView mix = view().mixes().stream()
                    .filter(m -> m.id() == entry.mixId())
                    .findFirst()
                    .orElseThrow(() -> FarmProblem.unknown("mixture", Objects.requireNonNull(entry.mixId())));
            warning = mix.good()
                    ? null
                    : "That mixture is past its time: it has lost its strength. Mix it fresh and clean again.";
        }
        // A blade wiped with a spent mixture is not taken for clean.
        if (warning != null) {
            return new Cleaned(null, "Not counted", warning);
        }
        String sentence = person.name() + "’s blade cleaned";
        long act = acts.open(kind(), sentence);
        Rows.one(mapper.insertCleaning(
                person.id(),
                clock.now(),
                clock.today(),
                entry.mixId(),
                entry.occasion().name(),
                act));
        return new Cleaned(act, sentence, null);
    }

    /** When a person's blade was cleaned last, null where it never was. */
    public @Nullable Instant lastCleaned(long personId) {
        return mapper.lastCleaned(personId);
    }

    @Override
    public String kind() {
        return "cleaning";
    }

    @Override
    @Transactional
    public void undo(long actId) {
        Rows.any(mapper.deleteCleaningsOfAct(actId));
        Rows.any(mapper.deleteMixesOfAct(actId));
    }
}
