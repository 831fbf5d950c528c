package baylantern.app.trial;

import baylantern.app.platform.FarmProblem;
import baylantern.core.bench.Cover;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.SchoolQuestion;
import baylantern.core.rules.Species;
import baylantern.core.rules.Technique;
import baylantern.core.take.fact.Aspect;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * What can be tried in pairs: what whoever makes a graft can do either way with the same wood on the same day. Wood, maker,
 * day and moon are the same for both of a pair, so no trial of pairs can tell about them.
 */
@Component
class TrialAspects {

    private final Rulebook rules;

    TrialAspects(Rulebook rules) {
        this.rules = rules;
    }

    /** Something that can be tried: its ways by their keys. */
    record AspectChoice(String key, String words, boolean hidden, List<WayChoice> ways) {

        /** A way in words. */
        String words(String way) {
            return ways.stream()
                    .filter(one -> one.key().equals(way))
                    .map(WayChoice::words)
                    .findFirst()
                    .orElse(way);
        }

        boolean has(String way) {
            return ways.stream().anyMatch(one -> one.key().equals(way));
        }
    }

    /** A way of doing it. */
    record WayChoice(String key, String words) {}

    /** Everything that can be tried in grafts of a species. */
    List<AspectChoice> of(Species species) {
        List<AspectChoice> all = new ArrayList<>();
        for (SchoolQuestion question : rules.schools()) {
            all.add(new AspectChoice(
                    Aspect.school(question.key()),
                    question.question(),
                    !seen(question.key()),
                    question.schools().values().stream()
                            .map(school -> new WayChoice(school.key(), school.name()))
                            .toList()));
        }
        all.add(new AspectChoice(Aspect.TECHNIQUE, "Technique", false, techniques(species)));
        all.add(new AspectChoice(
                Aspect.COVER,
                "Cover",
                false,
                Arrays.stream(Cover.values())
                        .filter(cover -> cover != Cover.UNKNOWN)
                        .map(cover -> new WayChoice(cover.name(), cover.words()))
                        .toList()));
        return all;
    }

    // Approach grafts take no stick: they cannot be told apart by what they were made of.
    private List<WayChoice> techniques(Species species) {
        return rules.techniques().stream()
                .filter(one -> !species.refusedTechniques().containsKey(one.key()))
                .filter(one -> one.group() != Technique.Group.APPROACH)
                .map(one -> new WayChoice(one.key(), one.name()))
                .toList();
    }

    // Where the rounds hang on it, whoever walks them sees which way it was.
    private boolean seen(String question) {
        return rules.visits().stream()
                .flatMap(visit -> visit.rules().stream())
                .flatMap(rule -> rule.where().schools().stream())
                .anyMatch(school -> school.startsWith(question + "="));
    }

    /** An aspect as it is tried in a species; refuses what cannot be. */
    AspectChoice aspect(String key, Species species) {
        return of(species).stream()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow(() -> FarmProblem.wrong(
                        "aspect",
                        key,
                        "a school, technique or cover",
                        "That cannot be tried in pairs of one wood and one hand."));
    }

    /** An aspect as it was tried, in words, however little of it the rulebook still knows. */
    AspectChoice known(TrialRow.Of of) {
        return rules.species(of.speciesKey()).map(this::of).orElse(List.of()).stream()
                .filter(one -> one.key().equals(of.aspect()))
                .findFirst()
                .orElse(new AspectChoice(of.aspect(), of.aspect(), false, List.of()));
    }

    /** Whether both ways take the same of the wood; those that do not are not tried against each other. */
    boolean sameWood(String aspect, String first, String second) {
        return !aspect.equals(Aspect.TECHNIQUE) || bud(first) == bud(second);
    }

    private boolean bud(String technique) {
        return rules.technique(technique)
                .filter(one -> one.group() == Technique.Group.BUD)
                .isPresent();
    }
}
