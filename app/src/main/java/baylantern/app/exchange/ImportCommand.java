package baylantern.app.exchange;

import baylantern.app.BayLantern;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.StartOptions;
import baylantern.core.exchange.NotebookChoices;
import baylantern.core.exchange.NotebookReader;
import baylantern.core.exchange.NotebookRefused;
import baylantern.core.exchange.NotebookReport;
import baylantern.core.exchange.NotebookText;
import baylantern.core.rules.Words;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Objects;
import tools.jackson.databind.json.JsonMapper;

/** The import without a screen. Ends with 0 when done, 1 when the file cannot be taken, 2 for wrong words. */
public final class ImportCommand {

    private final StartOptions options;
    private final PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);

    public ImportCommand(StartOptions options) {
        this.options = options;
    }

    /** Runs it and tells the exit code. */
    public int run() {
        try {
            byte[] file = file();
            boolean dry = options.flags().contains("dry-run");
            print(dry ? look(file) : bringIn(file), !dry);
            return 0;
        } catch (NotebookRefused | FarmProblem e) {
            System.err.println(e.getMessage());
            return 1;
        }
    }

    private byte[] file() {
        Path path = Objects.requireNonNull(options.file());
        try {
            if (Files.size(path) > NotebookText.MOST_BYTES) {
                throw new NotebookRefused("The file is larger than " + NotebookText.MOST_BYTES / (1024 * 1024)
                        + " MB, far more than a notebook holds. Split it by year and import each part.");
            }
            return Files.readAllBytes(path);
        } catch (IOException e) {
            throw new NotebookRefused("The file " + path + " cannot be read.");
        }
    }

    private NotebookReport look(byte[] file) {
        LocalDate today = LocalDate.now(Clock.system(ZoneId.systemDefault()));
        return new NotebookReader(Words.shipped()).read(file, NotebookChoices.none(), today, Map.of(), row -> false);
    }

    private NotebookReport bringIn(byte[] file) {
        return BayLantern.aside(
                options,
                farm -> farm.getBean(NotebookService.class)
                        .bringIn(file, NotebookChoices.none())
                        .report());
    }

    private void print(NotebookReport report, boolean imported) {
        ReportText text = new ReportText(report, imported);
        out.println(
                options.flags().contains("json")
                        ? JsonMapper.builder()
                                .build()
                                .writerWithDefaultPrettyPrinter()
                                .writeValueAsString(text.values())
                        : text.text());
    }
}
