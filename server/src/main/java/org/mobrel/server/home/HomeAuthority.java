package org.mobrel.server.home;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * A certificate authority for one kitchen. It can vouch for names under {@code .local} and for private addresses only, so that a device
 * that trusts it trusts it for nothing else; its key never leaves this machine.
 */
final class HomeAuthority {

    /** For how long a device that installed it need not do so again. */
    private static final Duration LASTS = Duration.ofDays(3650);

    /** Some devices refuse more than 398 days. */
    private static final Duration SERVER_LASTS = Duration.ofDays(90);

    /** Clocks in kitchens go wrong by this much. */
    private static final Duration EARLY = Duration.ofDays(1);

    private static final String SIGNED = "SHA256withECDSA";
    private static final String KEY = "authority.key";
    private static final String CERTIFICATE = "authority.crt";
    private static final List<String> NAMES = List.of("local", "localhost");
    private static final List<String> NETWORKS = List.of(
            "10.0.0.0/8",
            "172.16.0.0/12",
            "192.168.0.0/16",
            "127.0.0.0/8",
            "169.254.0.0/16",
            "fc00::/7",
            "fe80::/10",
            "::1/128");

    private final PrivateKey key;
    private final X509Certificate certificate;
    private final SecureRandom random = new SecureRandom();

    private HomeAuthority(PrivateKey key, X509Certificate certificate) {
        this.key = key;
        this.certificate = certificate;
    }

    /**
     * The one in this folder, or a new one where there is none, or where it soon ends.
     *
     * @throws IllegalStateException if what is there cannot be read
     */
    static HomeAuthority in(Path folder, Instant now) {
        try {
            Files.createDirectories(
                    folder, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
            Path key = folder.resolve(KEY);
            Path certificate = folder.resolve(CERTIFICATE);
            if (Files.exists(key) && Files.exists(certificate)) {
                HomeAuthority known = new HomeAuthority(readKey(key), readCertificate(certificate));
                if (known.certificate.getNotAfter().toInstant().isAfter(now.plus(SERVER_LASTS))) {
                    return known;
                }
            }
            HomeAuthority made = make(now);
            write(key, new JcaPKCS8Generator(made.key, null));
            write(certificate, made.certificate);
            return made;
        } catch (IOException failed) {
            throw new IllegalStateException(
                    "The keys of the home network in " + folder + " cannot be used: " + failed.getMessage(), failed);
        } catch (GeneralSecurityException | OperatorCreationException failed) {
            throw new IllegalStateException(
                    "No certificate can be made on this machine: " + failed.getMessage(), failed);
        }
    }

    private static PrivateKey readKey(Path file) throws IOException {
        try (PEMParser pem = new PEMParser(Files.newBufferedReader(file))) {
            if (pem.readObject() instanceof PrivateKeyInfo known) {
                return new JcaPEMKeyConverter().getPrivateKey(known);
            }
        }
        throw new IOException(file.getFileName() + " holds no key");
    }

    private static X509Certificate readCertificate(Path file) throws IOException, GeneralSecurityException {
        try (PEMParser pem = new PEMParser(Files.newBufferedReader(file))) {
            if (pem.readObject() instanceof X509CertificateHolder known) {
                return new JcaX509CertificateConverter().getCertificate(known);
            }
        }
        throw new IOException(file.getFileName() + " holds no certificate");
    }

    /** Readable for its owner alone from the first moment, and whole or not there. */
    private static void write(Path file, Object content) throws IOException {
        Path half = file.resolveSibling(file.getFileName() + ".half");
        Files.deleteIfExists(half);
        Files.createFile(half, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        try (JcaPEMWriter pem = new JcaPEMWriter(Files.newBufferedWriter(half))) {
            pem.writeObject(content);
        }
        Files.move(half, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private static KeyPair newPair() throws GeneralSecurityException {
        KeyPairGenerator pairs = KeyPairGenerator.getInstance("EC");
        pairs.initialize(new ECGenParameterSpec("secp256r1"));
        return pairs.generateKeyPair();
    }

    private static HomeAuthority make(Instant now)
            throws GeneralSecurityException, OperatorCreationException, IOException {
        KeyPair pair = newPair();
        String machine = HomeAddresses.machine().orElse("this machine");
        X500Name name =
                new X500Name("CN=Mobrel kitchen on %s %s".formatted(machine, LocalDate.ofInstant(now, ZoneOffset.UTC)));
        JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                name,
                serial(new SecureRandom()),
                Date.from(now.minus(EARLY)),
                Date.from(now.plus(LASTS)),
                name,
                pair.getPublic());
        JcaX509ExtensionUtils extensions = new JcaX509ExtensionUtils();
        builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(0));
        builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign));
        builder.addExtension(
                Extension.subjectKeyIdentifier, false, extensions.createSubjectKeyIdentifier(pair.getPublic()));
        GeneralSubtree[] allowed = Stream.concat(
                        NAMES.stream().map(local -> new GeneralName(GeneralName.dNSName, local)),
                        NETWORKS.stream().map(network -> new GeneralName(GeneralName.iPAddress, network)))
                .map(GeneralSubtree::new)
                .toArray(GeneralSubtree[]::new);
        builder.addExtension(Extension.nameConstraints, true, new NameConstraints(allowed, null));
        X509Certificate made = new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED).build(pair.getPrivate())));
        return new HomeAuthority(pair.getPrivate(), made);
    }

    private static BigInteger serial(SecureRandom random) {
        return new BigInteger(127, random).setBit(126);
    }

    /**
     * A key and a certificate for this machine, for 90 days, with the authority's beside it.
     *
     * @param names under {@code .local}
     * @param addresses private ones
     */
    KeyStore serverKeys(Collection<String> names, Collection<String> addresses, Instant now) {
        try {
            KeyPair pair = newPair();
            JcaX509v3CertificateBuilder builder = new JcaX509v3CertificateBuilder(
                    certificate,
                    serial(random),
                    Date.from(now.minus(EARLY)),
                    Date.from(now.plus(SERVER_LASTS)),
                    new X500Name("CN=" + names.iterator().next()),
                    pair.getPublic());
            JcaX509ExtensionUtils extensions = new JcaX509ExtensionUtils();
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false));
            builder.addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature));
            builder.addExtension(
                    Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth));
            builder.addExtension(
                    Extension.authorityKeyIdentifier, false, extensions.createAuthorityKeyIdentifier(certificate));
            GeneralName[] called = Stream.concat(
                            names.stream().map(name -> new GeneralName(GeneralName.dNSName, name)),
                            addresses.stream().map(address -> new GeneralName(GeneralName.iPAddress, address)))
                    .toArray(GeneralName[]::new);
            builder.addExtension(Extension.subjectAlternativeName, false, new GeneralNames(called));
            X509Certificate made = new JcaX509CertificateConverter()
                    .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNED).build(key)));
            KeyStore keys = KeyStore.getInstance("PKCS12");
            keys.load(null, null);
            keys.setKeyEntry("kitchen", pair.getPrivate(), new char[0], new Certificate[] {made, certificate});
            return keys;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (GeneralSecurityException | OperatorCreationException failed) {
            throw new IllegalStateException(
                    "No certificate can be made on this machine: " + failed.getMessage(), failed);
        }
    }

    /** As devices install it. */
    byte[] encoded() {
        try {
            return certificate.getEncoded();
        } catch (GeneralSecurityException failed) {
            throw new IllegalStateException(failed);
        }
    }

    X509Certificate certificate() {
        return certificate;
    }

    /** What a careful cook compares on both screens: the SHA-256 of it, in pairs of digits. */
    String fingerprint() {
        try {
            return HexFormat.ofDelimiter(":")
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(encoded()))
                    .toUpperCase(Locale.ROOT);
        } catch (GeneralSecurityException failed) {
            throw new IllegalStateException(failed);
        }
    }
}
