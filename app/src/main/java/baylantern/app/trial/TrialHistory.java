package baylantern.app.trial;

import baylantern.app.platform.Rows;
import baylantern.core.take.fact.Aspect;
import baylantern.core.trial.PairCoin;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Trials as they were made before the farm began to keep its records here, without an act that could be taken back. */
@Service
@Transactional
public class TrialHistory {

    private final TrialMapper trials;
    private final TrialService service;
    private final ReadingService readings;

    TrialHistory(TrialMapper trials, TrialService service, ReadingService readings) {
        this.trials = trials;
        this.service = service;
        this.readings = readings;
    }

    /**
     * A trial of two schools.
     *
     * @param usual share that takes, 0 to 1
     * @param difference from which on it matters, 0 to 1
     */
    public record Planned(
            int number, String question, Of of, double usual, double difference, long seed, LocalDate since) {

        /** A question of schools, and two of its schools, in grafts of a species. */
        public record Of(String question, String first, String second, String speciesKey) {}
    }

    /** A graft of a trial, by its code. */
    public record Turn(int trial, String code, int pair, boolean firstWay) {}

    /** A trial begun on a day. */
    public void begun(Planned trial) {
        TrialEntry entry = new TrialEntry(
                trial.question(),
                Aspect.school(trial.of().question()),
                trial.of().first(),
                trial.of().second(),
                trial.of().speciesKey(),
                null,
                null,
                trial.usual(),
                trial.difference());
        Rows.one(trials.insert(
                service.row(entry, new TrialService.Beginning(trial.number(), trial.seed(), trial.since()))));
    }

    /** Which of a pair chance gave the first way. */
    public boolean firstIsA(Planned trial, int pair) {
        return PairCoin.firstIsA(trial.seed(), pair);
    }

    /** Grafts that were made in trials. */
    public void made(List<Turn> made) {
        if (made.isEmpty()) {
            return;
        }
        List<String> codes = made.stream().map(Turn::code).toList();
        var jobs = trials.jobs(codes).stream()
                .collect(Collectors.toMap(TrialMapper.JobCode::code, TrialMapper.JobCode::id));
        var byNumber = trials.all().stream().collect(Collectors.toMap(TrialRow::number, Function.identity()));
        List<TrialMapper.NewTurn> turns = made.stream()
                .map(turn -> new TrialMapper.NewTurn(
                        baylantern.core.rules.Known.in(jobs, turn.code()),
                        baylantern.core.rules.Known.in(byNumber, turn.trial()).id(),
                        turn.pair(),
                        turn.firstWay()))
                .toList();
        Rows.all(trials.insertTurns(turns), turns.size());
    }

    /** Reads the pairs of a trial up to one, as on a day, where enough of them were decided. */
    public void readIfDue(int number, int lastPair, LocalDate day) {
        trials.all().stream()
                .filter(trial -> trial.number() == number)
                .findFirst()
                .ifPresent(trial -> readings.readIfDue(trial, lastPair, day));
    }
}
