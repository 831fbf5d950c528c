package baylantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.core.rules.Hemisphere;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.HealingClock;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Plans written down before the rules were: what a grower is asked, and what not. */
class PlanTableTest {

    private static final Rulebook RULES = Rulebook.shipped();
    private static final LocalDate MADE = LocalDate.of(2026, 3, 1);

    static List<String> plans() throws IOException {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(PlanTableTest.class.getResourceAsStream("plans.txt")),
                StandardCharsets.UTF_8))) {
            return in.lines().filter(line -> !line.startsWith("#")).toList();
        }
    }

    @Test
    void thereAreManyAndTheyTellEveryTechnique() throws IOException {
        assertThat(plans()).hasSizeGreaterThanOrEqualTo(60);
        assertThat(plans().stream().map(line -> line.split("\\|")[0]).collect(Collectors.toSet()))
                .containsAll(RULES.techniques().stream().map(t -> t.key()).toList());
    }

    @ParameterizedTest
    @MethodSource("plans")
    void asWritten(String line) {
        String[] cells = line.split("\\|", -1);
        List<PlannedVisit> open = open(cells);
        Map<String, PlannedVisit> byKind =
                open.stream().collect(Collectors.toMap(PlannedVisit::kind, v -> v, (a, b) -> a));
        for (String wanted : cells[6].split(", ")) {
            if (wanted.startsWith("!")) {
                assertThat(byKind).as(line).doesNotContainKey(wanted.substring(1));
                continue;
            }
            String[] words = wanted.split(" ");
            assertThat(byKind).as(line).containsKey(words[0]);
            PlannedVisit visit = Objects.requireNonNull(byKind.get(words[0]));
            assertThat(day(visit.earliest()) + "-" + day(visit.latest()))
                    .as(words[0] + " of " + line)
                    .isEqualTo(words[1]);
        }
    }

    private static long day(LocalDate date) {
        return ChronoUnit.DAYS.between(MADE, date);
    }

    private static List<PlannedVisit> open(String[] cells) {
        String[] setting = cells[2].split(":");
        CareSubject subject = new CareSubject(
                cells[1],
                RULES.technique(cells[0]).orElseThrow(),
                MADE,
                cells[3],
                schools(cells[1], cells[0], cells[4]),
                new CareSubject.Stand(
                        CareSubject.Setting.valueOf(setting[0]),
                        setting.length > 1 ? Double.valueOf(setting[1]) : null,
                        Hemisphere.NORTH));
        GraftLife life = GraftLife.of(MADE, looks(cells[5]), HealingClock.atBest(), 120);
        return new CarePlan(RULES).open(subject, life, HealingClock.atBest());
    }

    static Map<String, String> schools(String species, String technique, String other) {
        Map<String, String> schools = new TreeMap<>();
        RULES.schools().forEach(q -> schools.put(q.key(), q.standardFor(species, technique)));
        Arrays.stream(other.split(","))
                .filter(s -> !s.isBlank())
                .forEach(s -> schools.put(s.split("=")[0], s.split("=")[1]));
        return schools;
    }

    // "L40=120+TORN": in leaf on day 40, 120 mm, torn.
    private static List<Look> looks(String written) {
        List<Look> looks = new ArrayList<>();
        for (String one : written.split(",")) {
            if (one.isBlank()) {
                continue;
            }
            String[] found = one.split("\\+");
            String[] sized = found[0].split("=");
            Look look = Look.of(
                    MADE.plusDays(Long.parseLong(sized[0].substring(1))),
                    Sign.ofLetter(sized[0].charAt(0)).orElseThrow());
            look = sized.length > 1 ? look.measuring(Double.parseDouble(sized[1])) : look;
            looks.add(found.length > 1 ? look.finding(Trace.valueOf(found[1])) : look);
        }
        assertThat(Set.copyOf(looks)).hasSameSizeAs(looks);
        return looks;
    }
}
