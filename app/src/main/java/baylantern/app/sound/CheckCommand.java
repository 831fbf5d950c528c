package baylantern.app.sound;

import baylantern.app.BayLantern;
import baylantern.app.platform.FarmRules;
import baylantern.app.platform.StartOptions;
import baylantern.app.platform.TableVault;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks through a whole farm and says what is wrong where. Ends with 0 where nothing is, 1 where something is. */
public final class CheckCommand {

    private final StartOptions options;
    private final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    public CheckCommand(StartOptions options) {
        this.options = options;
    }

    /** Runs it and tells the exit code. */
    public int run() {
        if (!Files.exists(options.data().resolve("farm.mv.db"))) {
            System.err.println("There is no farm in " + options.data() + ". Say where it is with --data DIR.");
            return 2;
        }
        List<String> amiss =
                BayLantern.aside(options, farm -> farm.getBean(Check.class).amiss());
        amiss.forEach(out::println);
        out.println(amiss.isEmpty() ? "All is well: nothing wrong was found." : amiss.size() + " wrong.");
        return amiss.isEmpty() ? 0 : 1;
    }

    /** Everything that can be looked at. */
    @Service
    static class Check {

        private final SoundFarm sound;
        private final TableVault vault;
        private final FarmRules rules;
        private final UnreadService unread;
        private final ObjectProvider<FarmCheck> checks;

        Check(
                SoundFarm sound,
                TableVault vault,
                FarmRules rules,
                UnreadService unread,
                ObjectProvider<FarmCheck> checks) {
            this.sound = sound;
            this.vault = vault;
            this.rules = rules;
            this.unread = unread;
            this.checks = checks;
        }

        /** What is wrong, a sentence each: cells and references, what must hold of a farm, what is kept beside its facts. */
        @Transactional(readOnly = true)
        public List<String> amiss() {
            List<String> amiss = new ArrayList<>();
            sound.faults(vault::read).forEach(fault -> amiss.add(fault.words()));
            if (!amiss.isEmpty()) {
                // Features read what they take for sound; they are asked once it is.
                return amiss;
            }
            amiss.addAll(rules.broken());
            checks.stream().forEach(check -> amiss.addAll(check.amiss()));
            unread.all()
                    .forEach(one -> amiss.add("\"" + one.was() + "\" (" + one.of() + ") is not understood; "
                            + one.cells() + (one.cells() == 1 ? " row." : " rows.")));
            return amiss;
        }
    }
}
