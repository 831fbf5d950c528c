package baylantern.app.exchange;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.LanternSettings;
import baylantern.core.exchange.NotebookText;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Keeps files that are being looked at before they are imported. */
@Component
class NotebookStore {

    private static final int KEPT = 10;

    private final Path folder;

    NotebookStore(LanternSettings settings) {
        Path data = Path.of(settings.data());
        this.folder = data.resolve("uploads");
    }

    String keep(InputStream in) {
        String id = UUID.randomUUID().toString();
        Path file = folder.resolve(id);
        try {
            Files.createDirectories(folder);
            forgetOldest();
            Files.copy(new CountedStream(in, NotebookText.MOST_BYTES), file);
            return id;
        } catch (FarmProblem e) {
            forget(id);
            throw e;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    byte[] read(String id) {
        try {
            return Files.readAllBytes(folder.resolve(UUID.fromString(id).toString()));
        } catch (IOException | IllegalArgumentException e) {
            throw FarmProblem.unknown("file", id);
        }
    }

    /** Throws a file away once what was brought in from it stands: until then it may be asked for again. */
    void forgetOnceCommitted(String id) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                forget(id);
            }
        });
    }

    void forget(String id) {
        try {
            Files.deleteIfExists(folder.resolve(id));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void forgetOldest() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            files.sorted((a, b) ->
                            Long.compare(b.toFile().lastModified(), a.toFile().lastModified()))
                    .skip(KEPT - 1L)
                    .forEach(file -> forget(file.getFileName().toString()));
        }
    }
}
