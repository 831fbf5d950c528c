package baylantern.app.trial;

import baylantern.app.bench.HiddenArms;
import baylantern.app.day.Arms;
import baylantern.app.platform.Rows;
import baylantern.core.take.fact.Aspect;
import baylantern.core.trial.PairCoin;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Lays grafts of a day into the trials that run, in pairs of one lot; chance says which of a pair is made which way. */
@Service
class ArmService implements Arms, HiddenArms {

    private final TrialMapper trials;
    private final TrialAspects aspects;

    ArmService(TrialMapper trials, TrialAspects aspects) {
        this.trials = trials;
        this.aspects = aspects;
    }

    @Override
    @Transactional(propagation = Propagation.MANDATORY)
    public Map<Long, Way> lay(List<ToMake> grafts) {
        Map<Long, Way> laid = new LinkedHashMap<>();
        for (TrialRow trial : trials.all()) {
            if (trial.runs()) {
                laid.putAll(lay(trial, grafts));
            }
        }
        return laid;
    }

    @Override
    public List<String> ahead(List<ToMake> grafts) {
        List<String> ahead = new ArrayList<>();
        for (TrialRow trial : trials.all()) {
            int pairs = alike(trial, grafts).stream()
                    .mapToInt(each -> each.size() / 2)
                    .sum();
            int laid = trial.runs() ? Math.min(pairs, freePairs(trial)) : 0;
            if (laid > 0) {
                ahead.add(2 * laid + " of these grafts go into trial " + trial.number()
                        + ", in pairs. Which of a pair is made which way is said as the work begins; labels printed"
                        + " before that do not tell of it.");
            }
        }
        return ahead;
    }

    private int freePairs(TrialRow trial) {
        return trial.planned().each()
                - (int) trials.turns(trial.id()).stream()
                                .filter(TurnRow::counts)
                                .count()
                        / 2;
    }

    private Map<Long, Way> lay(TrialRow trial, List<ToMake> grafts) {
        List<TrialMapper.NewTurn> turns = new ArrayList<>();
        int free = freePairs(trial);
        int pair = trials.lastPair(trial.id());
        // Runs alike made after each other: a pair lies close together in the day as well.
        for (List<ToMake> alike : alike(trial, grafts)) {
            for (int i = 0; i + 1 < alike.size() && free > 0; i += 2, free--) {
                boolean first = PairCoin.firstIsA(trial.seed(), ++pair);
                turns.add(new TrialMapper.NewTurn(alike.get(i).jobId(), trial.id(), pair, first));
                turns.add(new TrialMapper.NewTurn(alike.get(i + 1).jobId(), trial.id(), pair, !first));
            }
        }
        if (turns.isEmpty()) {
            return Map.of();
        }
        Rows.all(trials.insertTurns(turns), turns.size());
        return turns.stream()
                .collect(
                        Collectors.toMap(TrialMapper.NewTurn::jobId, turn -> way(trial, turn.pair(), turn.firstWay())));
    }

    // Of one lot, and one technique unless that is what is tried.
    private static Collection<List<ToMake>> alike(TrialRow trial, List<ToMake> grafts) {
        boolean technique = trial.of().aspect().equals(Aspect.TECHNIQUE);
        return grafts.stream()
                .filter(graft -> !graft.said().contains(trial.of().aspect()))
                .filter(graft -> trial.of().holds(graft.speciesKey(), graft.varietyId(), graft.techniqueKey()))
                .collect(Collectors.groupingBy(
                        graft -> List.of(graft.lotId(), technique ? "" : graft.techniqueKey()),
                        LinkedHashMap::new,
                        Collectors.toList()))
                .values();
    }

    private Way way(TrialRow trial, int pair, boolean firstWay) {
        TrialAspects.AspectChoice aspect = aspects.known(trial.of());
        String kind = firstWay ? trial.of().first() : trial.of().second();
        return new Way(trial.number(), pair, aspect.key(), kind, aspect.words(kind), aspect.hidden() && trial.runs());
    }

    @Override
    public Map<Long, Way> of(LocalDate day) {
        List<TrialMapper.Placed> placed = trials.ofDay(day);
        return placed.isEmpty() ? Map.of() : ways(placed, TrialMapper.Placed::jobId);
    }

    @Override
    public Map<String, Way> ofCodes(Collection<String> codes) {
        List<TrialMapper.Placed> placed = codes.isEmpty() ? List.of() : trials.ofCodes(codes);
        return placed.isEmpty() ? Map.of() : ways(placed, one -> java.util.Objects.requireNonNull(one.code()));
    }

    private <K> Map<K, Way> ways(List<TrialMapper.Placed> placed, Function<TrialMapper.Placed, K> key) {
        Map<Long, TrialRow> byId = trials.all().stream().collect(Collectors.toMap(TrialRow::id, Function.identity()));
        Map<K, Way> ways = new HashMap<>();
        for (TrialMapper.Placed one : placed) {
            TrialRow trial = byId.get(one.trialId());
            if (trial != null) {
                ways.put(key.apply(one), way(trial, one.pair(), one.firstWay()));
            }
        }
        return ways;
    }

    @Override
    public Map<Long, String> hidden() {
        return trials.running().stream()
                .collect(Collectors.toMap(
                        TrialMapper.Running::graftId, TrialMapper.Running::aspect, (one, other) -> one));
    }
}
