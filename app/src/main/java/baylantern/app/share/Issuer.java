package baylantern.app.share;

import java.io.IOException;
import java.math.BigInteger;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.PublicKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.stream.Stream;
import javax.security.auth.x500.X500Principal;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.CertIOException;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * Makes certificates (RFC 5280). The farm's authority may speak only for names and addresses of networks that are nobody's but
 * the farm's: a phone that trusts it is in no danger elsewhere, even where somebody takes its key.
 */
final class Issuer {

    static final Duration AUTHORITY_LASTS = Duration.ofDays(3650);
    static final Duration SERVER_LASTS = Duration.ofDays(180);

    /** A clock of a phone may be behind by a day. */
    private static final Duration BEFORE = Duration.ofDays(2);

    private static final int SERIAL_BITS = 120;

    private final SecureRandom random;

    Issuer(SecureRandom random) {
        this.random = random;
    }

    /**
     * A new authority, valid from now on: its key, and the certificate phones trust as the last of the chain. That one's key
     * vouches for the authority once and is thrown away; so everything there will ever be under it is within the limits,
     * also where a phone does not heed limits written into what it trusts itself.
     */
    KeyFile.Held authority(Instant now) throws GeneralSecurityException, IOException {
        KeyPair top = pair();
        KeyPair below = pair();
        String name = "CN=Bay Lantern farm " + Long.toHexString(random.nextLong());
        X500Principal trusted = new X500Principal(name);
        X509Certificate first =
                signed(limited(builder(trusted, trusted, now, AUTHORITY_LASTS, top), 1, top.getPublic()), top);
        X509Certificate second = signed(
                limited(
                        builder(trusted, new X500Principal(name + " authority"), now, AUTHORITY_LASTS, below),
                        0,
                        below.getPublic()),
                top);
        return new KeyFile.Held(below.getPrivate(), new X509Certificate[] {second, first});
    }

    private static JcaX509v3CertificateBuilder limited(JcaX509v3CertificateBuilder made, int below, PublicKey key)
            throws GeneralSecurityException, IOException {
        made.addExtension(Extension.basicConstraints, true, new BasicConstraints(below))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign))
                .addExtension(Extension.nameConstraints, true, new NameConstraints(ownNetworks(), null))
                .addExtension(
                        Extension.subjectKeyIdentifier,
                        false,
                        new JcaX509ExtensionUtils().createSubjectKeyIdentifier(key));
        return made;
    }

    /** A certificate of a server for what its machine goes by, vouched for by an authority. */
    KeyFile.Held server(KeyFile.Held authority, FarmNet.Here here, Instant now)
            throws GeneralSecurityException, IOException {
        KeyPair pair = pair();
        X500Principal issuer = authority.certificate().getSubjectX500Principal();
        var made = builder(issuer, new X500Principal("CN=Bay Lantern"), now, SERVER_LASTS, pair)
                .addExtension(Extension.basicConstraints, true, new BasicConstraints(false))
                .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature))
                .addExtension(Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                .addExtension(Extension.subjectAlternativeName, false, new GeneralNames(names(here)))
                .addExtension(
                        Extension.authorityKeyIdentifier,
                        false,
                        new JcaX509ExtensionUtils().createAuthorityKeyIdentifier(authority.certificate()));
        X509Certificate certificate =
                signed(made, new KeyPair(authority.certificate().getPublicKey(), authority.key()));
        return new KeyFile.Held(
                pair.getPrivate(), new X509Certificate[] {certificate, authority.certificate(), authority.trusted()});
    }

    private static GeneralName[] names(FarmNet.Here here) {
        return Stream.concat(
                        here.names().stream().map(name -> new GeneralName(GeneralName.dNSName, name)),
                        here.addresses().stream().map(address -> new GeneralName(GeneralName.iPAddress, address)))
                .toArray(GeneralName[]::new);
    }

    // The machine's own name without an ending too, as people type it.
    private static GeneralSubtree[] ownNetworks() {
        List<GeneralSubtree> own = new ArrayList<>();
        FarmNet.OWN.forEach(net -> own.add(new GeneralSubtree(new GeneralName(GeneralName.iPAddress, net))));
        Stream.concat(FarmNet.ENDINGS.stream(), Stream.of(FarmNet.machineName()))
                .filter(name -> !name.isEmpty())
                .distinct()
                .forEach(name -> own.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, name))));
        return own.toArray(GeneralSubtree[]::new);
    }

    private KeyPair pair() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"), random);
        return generator.generateKeyPair();
    }

    private JcaX509v3CertificateBuilder builder(
            X500Principal issuer, X500Principal subject, Instant now, Duration lasts, KeyPair pair) {
        return new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(SERIAL_BITS, random).add(BigInteger.ONE),
                Date.from(now.minus(BEFORE)),
                Date.from(now.plus(lasts)),
                subject,
                pair.getPublic());
    }

    private static X509Certificate signed(org.bouncycastle.cert.X509v3CertificateBuilder made, KeyPair by)
            throws GeneralSecurityException, CertIOException {
        try {
            return new JcaX509CertificateConverter()
                    .getCertificate(made.build(new JcaContentSignerBuilder("SHA256withECDSA").build(by.getPrivate())));
        } catch (OperatorCreationException e) {
            throw new GeneralSecurityException(e);
        }
    }
}
