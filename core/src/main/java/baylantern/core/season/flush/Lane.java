package baylantern.core.season.flush;

import baylantern.core.rules.BudStage;
import baylantern.core.season.warmth.DailySums;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * The stages of a plant laid out over the days: as far as its swells were seen, then as the middle of its forecast has
 * them. Between two swells the stages follow the plant's course.
 *
 * @param runs stages in order, without gaps
 * @param coming the ranges of the swells to come
 */
public record Lane(List<Run> runs, List<DayRange> coming) {

    private static final int LONGEST_CYCLE_DAYS = 400;

    /**
     * A stage over some days.
     *
     * @param to last day
     * @param forecast true from today on
     */
    public record Run(LocalDate from, LocalDate to, BudStage stage, boolean forecast) {}

    /**
     * Lays out a plant.
     *
     * @param warmth bud warmth along known and normal weather, reaching past the last swell forecast
     */
    public static Lane of(
            List<Swell> swells, Optional<Outlook> outlook, DailySums warmth, Course course, LocalDate today) {
        List<LocalDate> begins = new ArrayList<>();
        swells.forEach(swell -> begins.add(swell.day()));
        outlook.filter(o -> begins.isEmpty() || o.fromStageAlone()).ifPresent(o -> {
            LocalDate begun = o.begun();
            begins.removeIf(day -> !day.isBefore(begun.minusDays(14)));
            begins.add(begun);
        });
        List<DayRange> coming = outlook.map(Outlook::next).orElse(List.of());
        outlook.ifPresent(o -> o.middles().stream()
                .filter(day -> begins.isEmpty() || day.isAfter(begins.get(begins.size() - 1)))
                .forEach(begins::add));
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i + 1 < begins.size(); i++) {
            cycle(begins.get(i), begins.get(i + 1), warmth, course, today, runs);
        }
        return new Lane(List.copyOf(runs), coming);
    }

    private static void cycle(
            LocalDate from, LocalDate to, DailySums warmth, Course course, LocalDate today, List<Run> runs) {
        if (from.plusDays(LONGEST_CYCLE_DAYS).isBefore(to)) {
            return;
        }
        double begin = warmth.upTo(from);
        double whole = warmth.upTo(to) - begin;
        LocalDate at = from;
        for (BudStage stage : BudStage.values()) {
            LocalDate end = stage == BudStage.R ? to : warmth.reaching(begin + course.until(stage, whole));
            LocalDate last = end.isAfter(to) ? to : end;
            if (at.isBefore(last)) {
                split(at, last.minusDays(1), stage, today, runs);
                at = last;
            }
        }
    }

    private static void split(LocalDate from, LocalDate to, BudStage stage, LocalDate today, List<Run> runs) {
        if (from.isBefore(today) && !to.isBefore(today)) {
            runs.add(new Run(from, today.minusDays(1), stage, false));
            runs.add(new Run(today, to, stage, true));
        } else {
            runs.add(new Run(from, to, stage, !from.isBefore(today)));
        }
    }

    /** The stage laid out for a day; empty outside the lane. */
    public Optional<BudStage> stage(LocalDate day) {
        return runs.stream()
                .filter(run -> !day.isBefore(run.from()) && !day.isAfter(run.to()))
                .map(run -> Objects.requireNonNull(run.stage()))
                .findFirst();
    }
}
