package baylantern.app.share;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.PrivateKey;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.util.Arrays;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;

/**
 * A key with its certificate in a file of the farm's folder (PKCS 12), readable by its owner only: that is what guards it. The
 * word in the file is only there because the form asks for one.
 */
final class KeyFile {

    /** Not a secret. */
    static final char[] WORD = "bay-lantern".toCharArray();

    private static final String NAME = "lantern";

    private final Path file;

    /** What was in it when it was last read, for as long as it is the same file: to read it takes long, as it is meant to. */
    private final AtomicReference<@Nullable Read> last = new AtomicReference<>();

    KeyFile(Path file) {
        this.file = file;
    }

    /** A key and what vouches for it, the nearest first. */
    record Held(PrivateKey key, X509Certificate[] chain) {

        X509Certificate certificate() {
            return chain[0];
        }

        /** The last of the chain: what is trusted for itself. */
        X509Certificate trusted() {
            return chain[chain.length - 1];
        }
    }

    private record Read(
            FileTime changed, long bytes, @Nullable Object key, Held held) {

        boolean stillOf(BasicFileAttributes now) {
            return changed.equals(now.lastModifiedTime()) && bytes == now.size() && Objects.equals(key, now.fileKey());
        }
    }

    /**
     * What is in the file.
     *
     * @return null where there is no file
     * @throws GeneralSecurityException where it is there and cannot be understood
     * @throws IOException where it cannot be read
     */
    @Nullable
    Held read() throws GeneralSecurityException, IOException {
        if (!Files.exists(file)) {
            return null;
        }
        BasicFileAttributes now = Files.readAttributes(file, BasicFileAttributes.class);
        Read before = last.get();
        if (before != null && before.stillOf(now)) {
            return before.held();
        }
        Held held = readAnew();
        last.set(new Read(now.lastModifiedTime(), now.size(), now.fileKey(), held));
        return held;
    }

    private Held readAnew() throws GeneralSecurityException, IOException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, WORD);
        }
        Certificate[] chain = store.getCertificateChain(NAME);
        if (!(store.getKey(NAME, WORD) instanceof PrivateKey key) || chain == null) {
            throw new GeneralSecurityException("no key in " + file);
        }
        return new Held(key, Arrays.copyOf(chain, chain.length, X509Certificate[].class));
    }

    /** Writes it so that the file is the old one or the new one, whole, whenever the plug is pulled. */
    void write(Held held) throws GeneralSecurityException, IOException {
        Path folder = file.toAbsolutePath().getParent();
        boolean posix = FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
        Files.createDirectories(folder);
        Path fresh = Files.createTempFile(folder, "key", ".new");
        if (posix) {
            Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
            Files.setPosixFilePermissions(fresh, PosixFilePermissions.fromString("rw-------"));
        }
        try (OutputStream out = Files.newOutputStream(fresh)) {
            store(held).store(out, WORD);
        }
        try (FileChannel channel = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Where it is. */
    @Override
    public String toString() {
        return file.toString();
    }

    /** The same in memory, as a server takes it. */
    static KeyStore store(Held held) throws GeneralSecurityException, IOException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, WORD);
        store.setKeyEntry(NAME, held.key(), WORD, held.chain());
        return store;
    }
}
