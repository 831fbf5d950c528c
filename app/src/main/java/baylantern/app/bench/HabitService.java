package baylantern.app.bench;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.SchoolQuestion;
import baylantern.core.rules.SchoolQuestion.School;
import jakarta.validation.constraints.NotBlank;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which school is followed where growers disagree: what the farm does, or does with a species, or on a plan, before what the
 * rulebook says. The nearest wins; a graft may still say otherwise.
 */
@Service
public class HabitService {

    private final HabitMapper habits;
    private final Rulebook rules;
    private final TrailService trail;

    HabitService(HabitMapper habits, Rulebook rules, TrailService trail) {
        this.habits = habits;
        this.rules = rules;
        this.trail = trail;
    }

    /**
     * The schools followed for grafts of a species by a technique, unless one says otherwise: question to school.
     *
     * @param planNo the plan they are made for, 0 for none
     */
    public Map<String, String> followed(String speciesKey, String techniqueKey, int planNo) {
        Map<String, String> followed = new LinkedHashMap<>();
        rules.schools().forEach(q -> followed.put(q.key(), q.standardFor(speciesKey, techniqueKey)));
        List<HabitMapper.Habit> all = habits.all();
        all.stream().filter(h -> h.planNo() == 0 && h.speciesKey().isEmpty()).forEach(h -> put(followed, h));
        all.stream()
                .filter(h -> h.planNo() == 0 && h.speciesKey().equals(speciesKey))
                .forEach(h -> put(followed, h));
        followed.putAll(ofPlan(planNo));
        return followed;
    }

    // A habit of a question or school that the rulebook no longer has is no habit.
    private void put(Map<String, String> followed, HabitMapper.Habit habit) {
        if (school(habit.question(), habit.school()) != null) {
            followed.replace(habit.question(), habit.school());
        }
    }

    /** The schools chosen for one plan: question to school; none where it follows the farm. */
    public Map<String, String> ofPlan(int planNo) {
        Map<String, String> own = new LinkedHashMap<>();
        habits.all().stream()
                .filter(h -> h.planNo() == planNo && planNo != 0 && school(h.question(), h.school()) != null)
                .forEach(h -> own.put(h.question(), h.school()));
        return own;
    }

    /**
     * A habit chosen.
     *
     * @param speciesKey the species it holds for, null for all
     * @param planNo the plan it holds for, null for all
     */
    public record HabitView(
            @Nullable String speciesKey, @Nullable Integer planNo, String question, String school) {}

    /** All habits chosen. */
    List<HabitView> all() {
        return habits.all().stream()
                .map(h -> new HabitView(
                        h.speciesKey().isEmpty() ? null : h.speciesKey(),
                        h.planNo() == 0 ? null : h.planNo(),
                        h.question(),
                        h.school()))
                .toList();
    }

    /**
     * A habit to keep.
     *
     * @param school null to follow what stands behind it again
     */
    record HabitEntry(
            @Nullable String speciesKey,
            @Nullable Integer planNo,
            @NotBlank(message = "needs a question") String question,
            @Nullable String school) {}

    /** What was done. */
    record HabitDone(long actId, String sentence) {}

    /** Keeps a habit, or gives one up. Throws where it names what is not in the rulebook. */
    @Transactional
    HabitDone set(HabitEntry entry) {
        SchoolQuestion question = rules.schools().stream()
                .filter(q -> q.key().equals(entry.question()))
                .findFirst()
                .orElseThrow(() -> FarmProblem.wrong(
                        "question", entry.question(), "a question of the rulebook", "There is no such question."));
        School school = entry.school() == null ? null : known(question, entry.school());
        String species = entry.speciesKey();
        String where = entry.planNo() != null
                ? " for a line of the day"
                : species == null
                        ? " on this farm"
                        : " for "
                                + rules.species(species)
                                        .orElseThrow(() -> FarmProblem.unknown("species", species))
                                        .name();
        String sentence = question.question() + where + ": " + (school == null ? "as before" : school.name());
        long act = trail.follow(sentence);
        HabitMapper.Habit habit = new HabitMapper.Habit(
                entry.planNo() != null ? "" : Objects.requireNonNullElse(species, ""),
                Objects.requireNonNullElse(entry.planNo(), 0),
                question.key(),
                school == null ? "" : school.key());
        Rows.any(habits.delete(habit));
        if (school != null) {
            Rows.one(habits.insert(habit));
        }
        return new HabitDone(act, sentence);
    }

    private static School known(SchoolQuestion question, String key) {
        School school = question.schools().get(key);
        if (school == null) {
            throw FarmProblem.wrong("school", key, "a school of that question", "There is no such school.");
        }
        return school;
    }

    private @Nullable School school(String question, String key) {
        return rules.schools().stream()
                .filter(q -> q.key().equals(question))
                .findFirst()
                .map(q -> q.schools().get(key))
                .orElse(null);
    }
}
