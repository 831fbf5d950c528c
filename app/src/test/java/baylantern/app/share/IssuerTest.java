package baylantern.app.share;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.security.cert.CertPathValidator;
import java.security.cert.CertPathValidatorException;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Certificates are judged by the platform's own path validation, which knows nothing of how they were made. */
class IssuerTest {

    private static final Instant NOW = Instant.parse("2026-05-14T08:00:00Z");

    private final Issuer issuer = new Issuer(new SecureRandom());

    @TempDir
    private Path folder;

    private static void judge(KeyFile.Held server, X509Certificate trusted, Instant when)
            throws GeneralSecurityException {
        PKIXParameters how = new PKIXParameters(Set.of(new TrustAnchor(trusted, null)));
        how.setRevocationEnabled(false);
        how.setDate(Date.from(when));
        CertPathValidator.getInstance("PKIX")
                .validate(
                        CertificateFactory.getInstance("X.509")
                                .generateCertPath(List.of(server.chain()[0], server.chain()[1])),
                        how);
    }

    @Test
    void anAuthorityOfAFarmVouchesForItsOwnNetworkAndForNothingElse() throws Exception {
        KeyFile.Held authority = issuer.authority(NOW);
        X509Certificate own = authority.trusted();
        FarmNet.Here shed = new FarmNet.Here(
                Set.of("localhost", "shed.local"), Set.of("127.0.0.1", "192.168.7.20", "fd00:0:0:0:0:0:0:2"));
        KeyFile.Held server = issuer.server(authority, shed, NOW);
        judge(server, own, NOW);
        judge(server, own, NOW.minus(Duration.ofHours(30)));
        assertThatThrownBy(() -> judge(server, own, NOW.plus(Duration.ofDays(181))))
                .isInstanceOf(CertPathValidatorException.class);
        // Whoever took its key could make these, and no phone would believe them.
        for (FarmNet.Here elsewhere : List.of(
                new FarmNet.Here(Set.of("bank.example"), Set.of()),
                new FarmNet.Here(Set.of(), Set.of("203.0.113.5")),
                new FarmNet.Here(Set.of("shed.local", "bank.example"), Set.of("192.168.7.20")))) {
            KeyFile.Held wrong = issuer.server(authority, elsewhere, NOW);
            assertThatThrownBy(() -> judge(wrong, own, NOW))
                    .as(elsewhere.toString())
                    .isInstanceOf(CertPathValidatorException.class);
        }
        X509Certificate stranger = issuer.authority(NOW).trusted();
        assertThatThrownBy(() -> judge(server, stranger, NOW)).isInstanceOf(CertPathValidatorException.class);
    }

    private Authority authority(Instant now) {
        return new Authority(folder.resolve("sharing"), Clock.fixed(now, ZoneOffset.UTC));
    }

    @Test
    void theFarmKeepsItsAuthorityAndRenewsTheRest() throws IOException {
        FarmNet.Here shed = new FarmNet.Here(Set.of("localhost"), Set.of("127.0.0.1", "192.168.7.20"));
        FarmNet.Here moved = new FarmNet.Here(Set.of("localhost"), Set.of("127.0.0.1", "192.168.7.44"));
        Authority first = authority(NOW);
        String mark = first.fingerprint();
        X509Certificate server = first.server(shed).certificate();
        assertThat(authority(NOW.plus(Duration.ofDays(100))).server(shed).certificate())
                .isEqualTo(server);
        assertThat(authority(NOW.plus(Duration.ofDays(130))).server(shed).certificate())
                .isNotEqualTo(server);
        assertThat(authority(NOW).server(moved).certificate()).isNotEqualTo(server);
        assertThat(authority(NOW.plus(Duration.ofDays(130))).fingerprint())
                .isEqualTo(mark)
                .hasSize(71);
        Path own = folder.resolve("sharing/authority.p12");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own)))
                .isEqualTo("rw-------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own.getParent())))
                .isEqualTo("rwx------");
        // A server's certificate that is damaged is made anew; an authority is not, since phones trust it.
        Files.writeString(folder.resolve("sharing/server.p12"), "half");
        assertThat(authority(NOW).server(shed).trusted()).isEqualTo(first.trusted());
        Files.writeString(own, "half");
        assertThatThrownBy(() -> authority(NOW).server(shed))
                .isInstanceOf(Authority.Unusable.class)
                .hasMessageContaining(own.toString())
                .hasMessageContaining("each phone must trust the farm anew");
        Files.delete(own);
        assertThat(authority(NOW).fingerprint()).isNotEqualTo(mark);
        assertThat(authority(NOW).server(shed).trusted())
                .isEqualTo(authority(NOW).trusted());
    }

    @Test
    void addressesAreShownAsPeopleWriteThem() {
        assertThat(FarmNet.shortened("fd00:0:0:0:0:0:0:2")).isEqualTo("fd00::2");
        assertThat(FarmNet.shortened("fd00:0:0:1:0:0:0:2")).isEqualTo("fd00:0:0:1::2");
        assertThat(FarmNet.shortened("0:0:0:0:0:0:0:1")).isEqualTo("::1");
        assertThat(FarmNet.shortened("fd00:1:0:2:3:4:5:6")).isEqualTo("fd00:1:0:2:3:4:5:6");
    }

    @Test
    void onlyNetworksOfTheFarmsOwnAreItsOwn() throws IOException {
        for (String own :
                List.of("127.0.0.1", "10.2.3.4", "172.31.0.9", "192.168.1.1", "100.100.1.1", "fd12::9", "::1")) {
            assertThat(FarmNet.isOwn(InetAddress.getByName(own))).as(own).isTrue();
        }
        for (String other : List.of("203.0.113.5", "172.32.0.1", "100.128.0.1", "192.0.2.2", "2001:db8::1")) {
            assertThat(FarmNet.isOwn(InetAddress.getByName(other))).as(other).isFalse();
        }
    }
}
