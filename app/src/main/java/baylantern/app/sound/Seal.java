package baylantern.app.sound;

import baylantern.core.rules.Rulebook;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Put on a farm's store when it is closed: as long as it is whole, nothing but this very program has written to it, so
 * that every word in it is one this program knows. The head of the store's file changes with each write.
 */
public final class Seal {

    private static final Logger LOG = LoggerFactory.getLogger(Seal.class);
    private static final int HEAD_BYTES = 8192;

    private final Path store;
    private final Path mark;

    public Seal(Path folder) {
        this.store = folder.resolve("farm.mv.db");
        this.mark = folder.resolve("farm.seal");
    }

    /** Whether nobody else has written since it was put on; to be asked before the store is opened. */
    public boolean whole() {
        try {
            return Files.exists(mark) && Files.readString(mark).equals(print());
        } catch (IOException e) {
            return false;
        }
    }

    /** Puts it on a store that was closed. */
    void put() {
        if (!Files.exists(store)) {
            return;
        }
        try {
            Files.writeString(mark, print());
        } catch (IOException e) {
            LOG.warn("The farm could not be sealed; it will be looked through when it is opened: {}", e.getMessage());
        }
    }

    private String print() throws IOException {
        CRC32 sum = new CRC32();
        try (InputStream in = Files.newInputStream(store)) {
            sum.update(in.readNBytes(HEAD_BYTES));
        }
        // Another version of the program may know other words.
        sum.update(program(Seal.class));
        sum.update(program(Rulebook.class));
        return Long.toHexString(sum.getValue()) + " " + Files.size(store);
    }

    private static byte[] program(Class<?> of) throws IOException {
        Path archive = Path.of(URI.create(
                of.getProtectionDomain().getCodeSource().getLocation().toString()));
        if (Files.isRegularFile(archive)) {
            return Files.readAllBytes(archive);
        }
        // Classes that lie about change as one works on them.
        return Long.toString(System.nanoTime()).getBytes(StandardCharsets.US_ASCII);
    }
}
