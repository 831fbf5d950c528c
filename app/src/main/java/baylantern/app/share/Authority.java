package baylantern.app.share;

import baylantern.app.platform.LanternSettings;
import java.io.IOException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.CertificateEncodingException;
import java.security.cert.CertificateParsingException;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** The farm's own authority, kept in its folder, and the certificate of this machine that it vouches for. */
@Component
class Authority {

    /** Renewed when less than this is left. */
    static final Duration RENEWED_BEFORE = Duration.ofDays(60);

    private final Path folder;
    private final KeyFile own;
    private final KeyFile ofThisMachine;
    private final Clock machine;

    @Autowired
    Authority(LanternSettings settings, Clock machine) {
        this(Path.of(settings.data(), "sharing"), machine);
    }

    Authority(Path folder, Clock machine) {
        this.folder = folder;
        this.own = new KeyFile(folder.resolve("authority.p12"));
        this.ofThisMachine = new KeyFile(folder.resolve("server.p12"));
        this.machine = machine;
    }

    /** It is there and cannot be used; the sentence says what to do. */
    static final class Unusable extends IllegalStateException {
        private static final long serialVersionUID = 1L;

        Unusable(String sentence, Exception why) {
            super(sentence, why);
        }
    }

    // Only who issues something has it: what it rests on takes long to be let in, at each start.
    private static Issuer issuer() {
        return new Issuer(new SecureRandom());
    }

    /** What phones trust; made on first use. */
    X509Certificate trusted() {
        return authority().trusted();
    }

    private synchronized KeyFile.Held authority() {
        try {
            KeyFile.Held held = own.read();
            if (held != null) {
                return held;
            }
            KeyFile.Held made = issuer().authority(Instant.now(machine));
            own.write(made);
            return made;
        } catch (GeneralSecurityException | IOException e) {
            throw new Unusable(
                    "The farm's own authority in " + own
                            + " cannot be read. Put it back from a copy; or move it away, then a new one is made and each phone must trust the farm anew.",
                    e);
        }
    }

    /** A certificate for what this machine goes by now: the one there is, as long as it fits and lasts, else a new one. */
    synchronized KeyFile.Held server(FarmNet.Here here) {
        KeyFile.Held authority = authority();
        KeyFile.Held there = there(ofThisMachine);
        if (there != null && fits(there.certificate(), authority.certificate(), here)) {
            return there;
        }
        try {
            KeyFile.Held made = issuer().server(authority, here, Instant.now(machine));
            ofThisMachine.write(made);
            return made;
        } catch (GeneralSecurityException | IOException e) {
            throw new Unusable("No certificate can be written into " + folder + ".", e);
        }
    }

    // What cannot be read is made anew: nobody trusts it for itself.
    private static KeyFile.@Nullable Held there(KeyFile file) {
        try {
            return file.read();
        } catch (GeneralSecurityException | IOException e) {
            return null;
        }
    }

    private boolean fits(X509Certificate server, X509Certificate authority, FarmNet.Here here) {
        try {
            server.verify(authority.getPublicKey());
            Instant soon = Instant.now(machine).plus(RENEWED_BEFORE);
            return server.getNotAfter().toInstant().isAfter(soon)
                    && !server.getNotBefore().toInstant().isAfter(Instant.now(machine))
                    && spokenFor(server).equals(all(here));
        } catch (GeneralSecurityException e) {
            return false;
        }
    }

    private static Set<String> all(FarmNet.Here here) {
        Set<String> all = new HashSet<>(here.names());
        all.addAll(here.addresses());
        return all;
    }

    private static Set<String> spokenFor(X509Certificate server) throws CertificateParsingException {
        Set<String> names = new HashSet<>();
        Collection<List<?>> told = server.getSubjectAlternativeNames();
        if (told != null) {
            told.forEach(name -> names.add(String.valueOf(name.get(1))));
        }
        return names;
    }

    /** The mark a person compares: SHA-256 of what phones trust, in eight groups of eight. */
    String fingerprint() {
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest(trusted().getEncoded());
            String all = HexFormat.of().formatHex(digest).toUpperCase(Locale.ROOT);
            return all.replaceAll("(.{8})(?!$)", "$1 ");
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What phones trust, as a phone takes it (DER). */
    byte[] file() {
        try {
            return trusted().getEncoded();
        } catch (CertificateEncodingException e) {
            throw new IllegalStateException(e);
        }
    }
}
