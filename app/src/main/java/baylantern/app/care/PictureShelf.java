package baylantern.app.care;

import baylantern.app.platform.LanternSettings;
import baylantern.app.platform.Photo;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * The pictures themselves, as files in the farm's folder. Each is called by a hash of what it holds and never changes, so
 * that a picture is whole before anything speaks of it and the same one lies there once.
 */
@Component
public class PictureShelf {

    /** The longer side of a picture as it is kept, points. */
    static final int LONGEST = 1600;

    /** More than any picture of that size takes, bytes. */
    public static final int MOST_BYTES = 4 << 20;

    /** Stands where nobody can say which picture it was; there is none of that name. */
    static final String NO_PICTURE = "0".repeat(64);

    private static final int SMALL = 240;
    private static final Pattern NAME = Pattern.compile("[0-9a-f]{64}");
    private static final Logger LOG = LoggerFactory.getLogger(PictureShelf.class);

    private final Path folder;

    PictureShelf(LanternSettings settings) {
        this.folder = Path.of(settings.data()).resolve("pictures");
    }

    /** Puts a picture there and tells its name. */
    public String keep(byte[] jpeg) {
        String name = name(jpeg);
        if (!Files.exists(file(name))) {
            write(file(name), jpeg);
        }
        return name;
    }

    /** True where the picture lies there. */
    public boolean has(String name) {
        return Files.exists(file(name));
    }

    /** The picture of this name. */
    public byte[] whole(String name) {
        try {
            return Files.readAllBytes(file(name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The same, small; made the first time it is asked for. */
    byte[] small(String name) {
        Path small = folder.resolve(name + "-small.jpg");
        try {
            if (!Files.exists(small)) {
                write(small, Photo.jpeg(Photo.read(whole(name), SMALL)));
            }
            return Files.readAllBytes(small);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path file(String name) {
        named(name);
        return folder.resolve(name + ".jpg");
    }

    /** Throws where no picture can be called that. */
    static void named(String name) {
        if (!NAME.matcher(name).matches()) {
            throw new IllegalArgumentException("no picture is called " + name);
        }
    }

    private static String name(byte[] jpeg) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(jpeg));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    // Written beside, brought to the disk, then given its name: a file of that name is whole whenever the plug is
    // pulled.
    private void write(Path file, byte[] bytes) {
        Path beside = null;
        try {
            Files.createDirectories(folder);
            beside = Files.createTempFile(folder, "coming", ".part");
            try (FileChannel out = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                for (ByteBuffer left = ByteBuffer.wrap(bytes); left.hasRemaining(); ) {
                    out.write(left);
                }
                out.force(true);
            }
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throwAway(beside);
            throw new UncheckedIOException(e);
        }
    }

    private static void throwAway(@Nullable Path file) {
        try {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            LOG.warn("{} could not be thrown away: {}", file, e.getMessage());
        }
    }

    /** Throws away what nothing speaks of any more; what came since this program started may just be on its way. */
    void sweep(Set<String> spokenOf) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        long started = ManagementFactory.getRuntimeMXBean().getStartTime();
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(file ->
                            !spokenOf.contains(file.getFileName().toString().replaceFirst("(-small)?[.]jpg$", "")))
                    .filter(file -> file.toFile().lastModified() < started)
                    .forEach(PictureShelf::throwAway);
        } catch (IOException e) {
            LOG.warn("the pictures could not be looked through: {}", e.getMessage());
        }
    }
}
