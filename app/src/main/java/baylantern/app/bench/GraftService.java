package baylantern.app.bench;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.care.GraftState;
import baylantern.core.place.Codes;
import baylantern.core.take.fact.Aspect;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the log of grafts and keeps each graft's state. */
@Service
public class GraftService {

    private final GraftMapper grafts;

    private final HiddenArms arms;
    private final TrailService trail;

    GraftService(GraftMapper grafts, TrailService trail, HiddenArms arms) {
        this.arms = arms;
        this.trail = trail;
        this.grafts = grafts;
    }

    /** Grafts, newest first, at most {@code limit}. */
    public List<Graft> list(GraftFilter filter, int limit) {
        return grafts.list(folded(filter), limit);
    }

    /** How many grafts a filter finds. */
    public int count(GraftFilter filter) {
        return grafts.count(folded(filter));
    }

    /** How many grafts there are, whatever became of them. */
    public int countAll() {
        return grafts.countAll();
    }

    /** How many grafts may still need a look. */
    public int countLive() {
        return grafts.countLive();
    }

    private static GraftFilter folded(GraftFilter f) {
        String search = f.search() == null ? null : f.search().strip().toUpperCase(Locale.ROOT);
        return new GraftFilter(
                f.varietyId(),
                f.speciesKey(),
                f.techniqueKey(),
                f.makerId(),
                f.woodSource(),
                f.outcome(),
                f.from(),
                f.to(),
                f.part(),
                search);
    }

    /** Grafts by id, in walking order. */
    public List<Graft> byIds(Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : grafts.byIds(ids);
    }

    /** The graft with this code; throws where there is none. */
    public Graft byCode(String code) {
        return find(code).orElseThrow(() -> FarmProblem.unknown("graft", code));
    }

    /** The graft with this code, also as it is said. */
    public Optional<Graft> find(String code) {
        return Codes.read(code)
                .map(grafts::byCode)
                .or(() -> Optional.ofNullable(grafts.byCode(code.strip().toUpperCase(Locale.ROOT))))
                .or(() -> Optional.ofNullable(grafts.byCode(code.strip())));
    }

    /** Grafts whose notes hold a text, latest made first. */
    public List<Graft> noted(String text, int limit) {
        String like = text.strip().toLowerCase(Locale.ROOT).replaceAll("([%_!])", "!$1");
        return grafts.noted("%" + like + "%", limit);
    }

    /** The last graft logged at the bench, empty for none. */
    public Optional<Graft> latest() {
        return Optional.ofNullable(grafts.latest());
    }

    /** Schools followed by these grafts. */
    public List<GraftSchool> schools(Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : grafts.schools(ids);
    }

    /**
     * Writes the state a graft has come to.
     *
     * @return false where the graft has changed since {@code version} was read
     */
    @Transactional
    public boolean settle(long id, int version, GraftState state, @Nullable LocalDate lastLookOn) {
        return grafts.settle(id, version, state.name(), state.outcome().name(), lastLookOn) == 1;
    }

    /** Changes the notes; the version must be the stored one. */
    @Transactional
    public Graft changeNotes(String code, int version, String notes) {
        Graft graft = byCode(code);
        trail.follow("Notes of " + graft.code() + " changed");
        Rows.oneOr(
                grafts.changeNotes(graft.id(), version, notes),
                FarmProblem.conflict(code + " was changed by somebody else meanwhile. Look again, then change it."));
        return byCode(code);
    }

    /**
     * Counts by outcome.
     *
     * @param by season, variety-technique (without what is {@link #untold}), or sort: species, maker, source
     */
    public List<TakeRow> takes(String by, GraftFilter filter) {
        return grafts.takes(by, folded(filter), by.equals("variety-technique") ? untold() : Set.of());
    }

    /** Grafts whose technique is being tried: by technique nothing is counted of them before the trial may be read. */
    public Set<Long> untold() {
        return arms.hidden().entrySet().stream()
                .filter(tried -> tried.getValue().equals(Aspect.TECHNIQUE))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /**
     * When grafts pushed or died, as their looks tell it, in the order they were made; of those of one technique without what
     * is {@link #untold}.
     */
    public List<PushRow> pushes(GraftFilter filter) {
        return grafts.pushes(folded(filter), filter.techniqueKey() == null ? Set.of() : untold());
    }

    /** Every graft as it was made, in the order they were made. */
    public List<FactRow> facts() {
        return grafts.facts();
    }

    /** How every graft counts. */
    public List<Fared> outcomes() {
        return grafts.outcomes();
    }

    /** How grafts fared, by the day they were made and variety. */
    public List<DayCount> decidedByDay() {
        return grafts.decidedByDay();
    }

    /** Grafts made, by week and species. */
    public List<WeekCount> weeks(LocalDate from, LocalDate to) {
        return grafts.weeks(from, to);
    }

    /** Which of these codes are in the log. */
    public Set<String> known(Collection<String> codes) {
        return codes.isEmpty() ? Set.of() : new HashSet<>(grafts.known(codes));
    }

    /** Fingerprints of all imported rows. */
    public Set<String> fingerprints() {
        return new HashSet<>(grafts.fingerprints());
    }

    /** Where wood came from, commonest first. */
    public List<String> sources() {
        return grafts.sources();
    }
}
