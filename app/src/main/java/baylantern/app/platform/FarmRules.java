package baylantern.app.platform;

import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Lets work through only where every {@link FarmRule} holds afterwards that held before. */
@Component
public class FarmRules {

    private final ObjectProvider<FarmRule> rules;
    private final Changes changes;

    FarmRules(ObjectProvider<FarmRule> rules, Changes changes) {
        this.rules = rules;
        this.changes = changes;
    }

    /** Does the work within the caller's transaction; throws, with what to do instead, where it breaks a rule. */
    public <T> T kept(Supplier<T> work, String instead) {
        Set<String> before = broken();
        T done = work.get();
        // How grafts stand follows from what was written.
        changes.settle();
        broken().stream().filter(amiss -> !before.contains(amiss)).findFirst().ifPresent(amiss -> {
            throw FarmProblem.conflict(amiss + " " + instead);
        });
        return done;
    }

    /** Where any of them does not hold. */
    public Set<String> broken() {
        return rules.stream().flatMap(rule -> rule.broken().stream()).collect(Collectors.toSet());
    }
}
