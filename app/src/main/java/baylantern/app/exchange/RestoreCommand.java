package baylantern.app.exchange;

import baylantern.app.BayLantern;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.StartOptions;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;

/** Goes back to a copy without the screens: one of the farm's own by its name, or any zip of a farm. */
public final class RestoreCommand {

    private final StartOptions options;
    private final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    public RestoreCommand(StartOptions options) {
        this.options = options;
    }

    /** Runs it and tells the exit code: 0 where the farm is back, 2 where nothing was changed. */
    public int run() {
        Path named = Objects.requireNonNull(options.file());
        Path own = options.data().resolve("copies").resolve(named.toString());
        Path file = Files.exists(named) ? named : own;
        if (!Files.exists(file)) {
            System.err.println("There is no copy " + named + ", neither as a file nor in " + own.getParent() + ".");
            return 2;
        }
        try {
            CopyService.Back back = BayLantern.aside(
                    options, farm -> farm.getBean(CopyService.class).goBackTo(file.toAbsolutePath()));
            out.println("The farm of this copy is back, with " + back.rows().getOrDefault("bench_graft", 0)
                    + " grafts. What was here is kept as " + back.keptAs() + ".");
            return 0;
        } catch (FarmProblem refused) {
            System.err.println(refused.getMessage());
            return 2;
        }
    }
}
