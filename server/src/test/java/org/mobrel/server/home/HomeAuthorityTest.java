package org.mobrel.server.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.bouncycastle.asn1.ASN1ObjectIdentifier;
import org.bouncycastle.asn1.ASN1Primitive;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.NameConstraintValidatorException;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.asn1.x509.PKIXNameConstraintValidator;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HomeAuthorityTest {

    private static final Instant NOW = Instant.parse("2026-03-07T09:00:00Z");

    private final Path folder;

    HomeAuthorityTest(@TempDir Path folder) {
        this.folder = folder.resolve("keys");
    }

    private static X509Certificate server(KeyStore keys) throws Exception {
        return (X509Certificate) keys.getCertificateChain("kitchen")[0];
    }

    /** As a device does that has installed the authority: its constraints are part of what it is trusted for. */
    private static void validate(HomeAuthority authority, X509Certificate server) throws Exception {
        server.verify(authority.certificate().getPublicKey());
        PKIXNameConstraintValidator validator = new PKIXNameConstraintValidator();
        validator.intersectPermittedSubtree(
                NameConstraints.getInstance(extension(authority.certificate(), Extension.nameConstraints))
                        .getPermittedSubtrees());
        for (GeneralName name : GeneralNames.getInstance(extension(server, Extension.subjectAlternativeName))
                .getNames()) {
            validator.checkPermitted(name);
        }
    }

    private static ASN1Primitive extension(X509Certificate certificate, ASN1ObjectIdentifier which) throws IOException {
        return JcaX509ExtensionUtils.parseExtensionValue(certificate.getExtensionValue(which.getId()));
    }

    @Test
    void it_vouches_for_this_machine_for_ninety_days() throws Exception {
        HomeAuthority authority = HomeAuthority.in(folder, NOW);
        X509Certificate made = server(authority.serverKeys(List.of("mobrel.local"), List.of("192.168.1.20"), NOW));
        assertThatCode(() -> validate(authority, made)).doesNotThrowAnyException();
        assertThat(Duration.between(NOW, made.getNotAfter().toInstant())).isEqualTo(Duration.ofDays(90));
        assertThat(made.getSubjectAlternativeNames().stream().map(name -> String.valueOf(name.get(1))))
                .containsExactly("mobrel.local", "192.168.1.20");
        assertThat(made.getBasicConstraints())
                .as("it can vouch for nobody itself")
                .isEqualTo(-1);
    }

    @ParameterizedTest
    @CsvSource({"bank.example, 192.168.1.20", "mobrel.local, 192.0.2.7", "local.example, 10.0.0.1"})
    void it_is_believed_about_nothing_but_names_at_home_and_private_addresses(String name, String address)
            throws Exception {
        HomeAuthority authority = HomeAuthority.in(folder, NOW);
        X509Certificate made = server(authority.serverKeys(List.of(name), List.of(address), NOW));
        assertThatThrownBy(() -> validate(authority, made)).isInstanceOf(NameConstraintValidatorException.class);
    }

    @Test
    void it_stays_the_same_until_shortly_before_its_end_and_says_what_is_wrong_with_its_files() throws Exception {
        String first = HomeAuthority.in(folder, NOW).fingerprint();
        assertThat(first).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        assertThat(HomeAuthority.in(folder, NOW.plus(Duration.ofDays(3500))).fingerprint())
                .isEqualTo(first);
        assertThat(HomeAuthority.in(folder, NOW.plus(Duration.ofDays(3600))).fingerprint())
                .isNotEqualTo(first);
        Files.writeString(folder.resolve("authority.key"), "no key at all");
        assertThatThrownBy(() -> HomeAuthority.in(folder, NOW))
                .hasMessageContaining("cannot be used")
                .hasMessageContaining("authority.key holds no key");
    }
}
