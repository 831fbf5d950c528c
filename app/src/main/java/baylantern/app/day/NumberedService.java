package baylantern.app.day;

import baylantern.app.bench.BenchService;
import baylantern.app.bench.KeptCodes;
import baylantern.app.place.GivenCodes;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.place.Codes;
import baylantern.core.rules.Known;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes given to grafts before they are made, so that labels can lie ready. They belong to the plan, and go with it to
 * another day; a number is given once, used or not.
 */
@Service
class NumberedService implements GivenCodes, KeptCodes {

    private final RunMapper runs;
    private final DayMapper days;
    private final BenchService bench;
    private final PlaceService places;
    private final TrailService trail;

    NumberedService(RunMapper runs, DayMapper days, BenchService bench, PlaceService places, TrailService trail) {
        this.runs = runs;
        this.days = days;
        this.bench = bench;
        this.places = places;
        this.trail = trail;
    }

    /**
     * What was numbered.
     *
     * @param actId the act, null where every graft of the day had its number already
     * @param codes the codes of the day's grafts to be, in the order of its lines
     */
    record Numbered(@Nullable Long actId, String sentence, List<String> codes) {}

    /** Gives every graft planned for a day its code; those that have one keep it. */
    @Transactional
    Numbered number(LocalDate day) {
        List<DayRow> plans = plans(day);
        if (plans.isEmpty()) {
            throw FarmProblem.wrong("day", day, "a day with plans", "Nothing is planned on this day.");
        }
        Map<Integer, Deque<String>> ready = ready(plans, Set.of());
        List<RunMapper.Numbered> fresh = new ArrayList<>();
        for (DayRow plan : plans) {
            int wanted = plan.grafts() - Known.in(ready, plan.planNo()).size();
            for (String code : codes(plan, Math.max(0, wanted))) {
                fresh.add(new RunMapper.Numbered(plan.planNo(), code));
                Known.in(ready, plan.planNo()).add(code);
            }
        }
        List<String> all = inOrder(plans, ready);
        if (fresh.isEmpty()) {
            return new Numbered(null, "The grafts of " + day + " have their numbers", all);
        }
        String sentence = fresh.size() + (fresh.size() == 1 ? " graft" : " grafts") + " of " + day + " numbered";
        long act = trail.follow(sentence);
        Rows.all(runs.insertLabels(fresh), fresh.size());
        return new Numbered(act, sentence, all);
    }

    /** The codes kept for a day's grafts to be, in the order of its lines. */
    List<String> of(LocalDate day) {
        List<DayRow> plans = plans(day);
        return inOrder(plans, ready(plans, Set.of()));
    }

    private static List<String> inOrder(List<DayRow> plans, Map<Integer, Deque<String>> ready) {
        return plans.stream()
                .flatMap(plan -> Known.in(ready, plan.planNo()).stream().limit(plan.grafts()))
                .toList();
    }

    private List<DayRow> plans(LocalDate day) {
        return days.standing().stream().filter(plan -> plan.onDay().equals(day)).toList();
    }

    // A plan whose variety was changed since has no use for the old one's codes.
    private Map<Integer, Deque<String>> ready(List<DayRow> plans, Set<String> taken) {
        Map<Integer, Deque<String>> ready = new HashMap<>();
        Map<Integer, String> stems = new HashMap<>();
        plans.forEach(plan -> {
            ready.put(plan.planNo(), new ArrayDeque<>());
            stems.put(
                    plan.planNo(),
                    Codes.graftStem(variety(plan).letters(), plan.onDay().getYear()));
        });
        if (!plans.isEmpty()) {
            runs.labels(ready.keySet()).stream()
                    .filter(label ->
                            !taken.contains(label.code()) && label.code().startsWith(Known.in(stems, label.planNo())))
                    .forEach(label -> Known.in(ready, label.planNo()).add(label.code()));
        }
        return ready;
    }

    private Variety variety(DayRow plan) {
        return places.variety(plan.what().varietyId());
    }

    private List<String> codes(DayRow plan, int many) {
        return many == 0 ? List.of() : bench.codes(variety(plan), plan.onDay().getYear(), many);
    }

    /** Codes for the grafts of a day as it begins: those kept for their plan first, then new ones. */
    Handing codes(LocalDate day, List<JobRow> laid) {
        return new Handing(day, laid);
    }

    /** Hands out the codes of a day, each once. */
    final class Handing {

        private final Map<Integer, Deque<String>> ready;

        Handing(LocalDate day, List<JobRow> laid) {
            Set<String> taken = new HashSet<>();
            laid.forEach(job -> taken.add(String.valueOf(job.code())));
            this.ready = NumberedService.this.ready(plans(day), taken);
        }

        String next(DayRow plan) {
            String kept = ready.getOrDefault(plan.planNo(), new ArrayDeque<>()).poll();
            return kept != null ? kept : NumberedService.this.codes(plan, 1).get(0);
        }
    }

    /** A graft to be whose code is kept; the stock is known once its day has begun. */
    record ToBe(
            LocalDate day,
            String varietyName,
            String techniqueKey,
            @Nullable String plantCode,
            boolean made) {}

    /** What a code is kept for, null where for nothing that still stands. */
    @Nullable
    ToBe toBe(String code) {
        RunMapper.Kept kept = runs.kept(code);
        if (kept == null) {
            return null;
        }
        JobRow job = kept.jobId() == null ? null : runs.job(kept.jobId());
        if (job != null) {
            return new ToBe(
                    job.onDay(),
                    job.how().varietyName(),
                    job.how().techniqueKey(),
                    job.on().plantCode(),
                    job.made().graftCode() != null);
        }
        return days.standing().stream()
                .filter(plan -> plan.planNo() == kept.planNo())
                .findFirst()
                .map(plan -> new ToBe(plan.onDay(), plan.varietyName(), plan.techniqueKey(), null, false))
                .orElse(null);
    }

    @Override
    public @Nullable Kept kept(String code) {
        ToBe graft = toBe(code);
        if (graft == null || graft.made()) {
            return null;
        }
        String on = graft.plantCode() == null ? "" : " on " + graft.plantCode();
        return new Kept(graft.day(), "its label lies ready: " + graft.varietyName() + on + ", " + graft.day());
    }

    @Override
    public Collection<String> codes() {
        return runs.keptCodes();
    }
}
