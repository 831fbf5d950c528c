package baylantern.core.cause;

import baylantern.core.care.Trace;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.CauseRules.CircumstanceRule;
import baylantern.core.rules.CauseRules.SignRule;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Known;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What signs and circumstances say of each cause, in times. None counts more than the rulebook's cap, and of circumstances
 * that hang together only the strongest counts, so that no fact counts twice.
 */
final class Evidence {

    private final CauseRules rules;
    private final double cap;

    Evidence(CauseRules rules) {
        this.rules = rules;
        this.cap = rules.value(FigureName.CAUSE_CAP);
    }

    /** One thing that speaks, with how much it says of each cause that it says something of. */
    record Item(String words, Map<String, Double> times) {

        double times(String cause) {
            return times.getOrDefault(cause, 1.0);
        }
    }

    private double capped(double times) {
        return Math.min(cap, Math.max(1 / cap, times));
    }

    /** A sign that was seen, or looked for and not seen. */
    Item sign(Trace sign, boolean seen) {
        SignRule rule = Known.in(rules.signs(), sign.name());
        Map<String, Double> times = new LinkedHashMap<>();
        for (String cause : rules.causes().keySet()) {
            double with = rule.seenWith(cause);
            times.put(cause, capped(seen ? with / rule.other() : (1 - with) / (1 - rule.other())));
        }
        return new Item(seen ? sign.words() : "not seen: " + sign.words(), times);
    }

    List<Item> signs(CauseCase one) {
        List<Item> items = new ArrayList<>();
        one.seen().stream().sorted().forEach(sign -> items.add(sign(sign, true)));
        one.unseen().stream().sorted().forEach(sign -> items.add(sign(sign, false)));
        return items;
    }

    /** What is on record; of each group what says most of a cause counts for it. */
    List<Item> circumstances(Collection<String> keys) {
        Map<String, Map<String, String>> strongest = new LinkedHashMap<>();
        for (String key : keys.stream().sorted().toList()) {
            CircumstanceRule rule = Known.in(rules.circumstances(), key);
            Map<String, String> group = strongest.computeIfAbsent(rule.group(), g -> new LinkedHashMap<>());
            rule.times().keySet().forEach(cause -> group.merge(cause, key, (a, b) -> stronger(cause, a, b)));
        }
        Map<String, Map<String, Double>> said = new LinkedHashMap<>();
        strongest
                .values()
                .forEach(group -> group.forEach((cause, key) ->
                        said.computeIfAbsent(key, k -> new LinkedHashMap<>()).put(cause, capped(times(cause, key)))));
        return said.entrySet().stream()
                .map(one ->
                        new Item(Known.in(rules.circumstances(), one.getKey()).words(), one.getValue()))
                .toList();
    }

    private String stronger(String cause, String a, String b) {
        return Math.abs(Math.log(times(cause, a))) >= Math.abs(Math.log(times(cause, b))) ? a : b;
    }

    private double times(String cause, String key) {
        return Known.in(Known.in(rules.circumstances(), key).times(), cause);
    }
}
