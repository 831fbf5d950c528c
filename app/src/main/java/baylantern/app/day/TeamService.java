package baylantern.app.day;

import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmDays;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.day.crew.Crew;
import baylantern.core.day.crew.Forecast;
import baylantern.core.day.crew.Hand;
import baylantern.core.day.crew.Pace;
import baylantern.core.day.crew.Pause;
import baylantern.core.day.crew.Role;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works on a graft day, from when and as what. */
@Service
class TeamService {

    private static final int EIGHT = 480;
    private static final String SOMEBODY = "one person";

    private final RunMapper runs;
    private final Paces paces;
    private final TrailService trail;
    private final Rulebook rules;

    private final FarmClock clock;

    TeamService(RunMapper runs, Paces paces, TrailService trail, Rulebook rules, FarmClock clock) {
        this.clock = clock;
        this.runs = runs;
        this.paces = paces;
        this.trail = trail;
        this.rules = rules;
    }

    /**
     * A team with what is known of its hands; where nobody was named, one person alone.
     *
     * @param begins minutes after midnight
     * @param rows the people named, in the order of {@code hands}
     */
    record Team(
            int begins,
            TeamEntry.@Nullable Break pause,
            List<RunMapper.HandRow> rows,
            List<Forecast.Known> hands,
            Crew crew,
            List<Pause> pauses) {}

    Team of(LocalDate day) {
        RunMapper.FrameRow frame = runs.frame(day);
        int begins = frame == null ? EIGHT : frame.beginsMinute();
        TeamEntry.Break pause = pause(frame);
        List<RunMapper.HandRow> rows = runs.hands(day);
        List<Forecast.Known> hands = new ArrayList<>();
        for (RunMapper.HandRow row : rows) {
            Pace pace = paces.of(row.personId());
            hands.add(new Forecast.Known(new Hand(row.personName(), row.role(), row.fromMinute(), pace.mean()), pace));
        }
        if (hands.isEmpty()) {
            hands.add(new Forecast.Known(new Hand(SOMEBODY, Role.WHOLE, 0, 1), paces.of(null)));
        }
        List<Pause> pauses =
                pause == null ? List.of() : List.of(new Pause(pause.from() - begins, pause.until() - begins));
        Crew crew =
                new Crew(hands.stream().map(Forecast.Known::hand).toList(), pauses, rules.day(FigureName.FACE_MINUTES));
        return new Team(begins, pause, rows, List.copyOf(hands), crew, pauses);
    }

    private static TeamEntry.@Nullable Break pause(RunMapper.@Nullable FrameRow frame) {
        return frame == null || frame.pauseFrom() == null || frame.pauseUntil() == null
                ? null
                : new TeamEntry.Break(frame.pauseFrom(), frame.pauseUntil());
    }

    /** Says who works on a day; an empty team is one person alone. */
    @Transactional
    BenchDayService.Done set(LocalDate day, TeamEntry entry) {
        FarmDays.within("day", day, clock.today());
        check(entry);
        String sentence = "Team of " + day + " set";
        long act = trail.follow(sentence);
        Rows.any(runs.deleteFrame(day));
        Rows.any(runs.deleteHands(day));
        Rows.one(runs.insertFrame(day, entry));
        if (!entry.hands().isEmpty()) {
            Rows.all(runs.insertHands(day, entry.hands()), entry.hands().size());
        }
        return new BenchDayService.Done(act, sentence);
    }

    private static void check(TeamEntry entry) {
        Set<Long> people = new HashSet<>();
        for (TeamEntry.Member member : entry.hands()) {
            if (!people.add(member.personId())) {
                throw FarmProblem.wrong(
                        "hands", member.personId(), "each person once", "One person stands in the team twice.");
            }
        }
        boolean cuts =
                entry.hands().stream().anyMatch(member -> member.role() == Role.CUT || member.role() == Role.WHOLE);
        if (!entry.hands().isEmpty() && !cuts) {
            throw FarmProblem.wrong(
                    "hands", "nobody", "one who cuts, or does all of it", "Nobody cuts: somebody must.");
        }
        TeamEntry.Break pause = entry.pause();
        if (pause != null && !(pause.from() >= entry.beginsMinute() && pause.until() >= pause.from())) {
            throw FarmProblem.wrong(
                    "pause",
                    BenchDayWords.clock(pause.from()) + " to " + BenchDayWords.clock(pause.until()),
                    "after the day begins, and before its own end",
                    "A pause begins after the day does, and ends after it began.");
        }
    }
}
