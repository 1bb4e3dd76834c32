package org.mobrel.server.home;

import java.net.InetAddress;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Opens the doors of the home network beside this machine's own, and renews their certificate before it ends or when the machine moves
 * to another address.
 */
@Component
class HomeConnectors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private static final Logger LOG = LoggerFactory.getLogger(HomeConnectors.class);
    private static final Duration RENEWED = Duration.ofDays(30);

    /** What the server's certificate says; looked up once for it, as a machine's own name may be asked of the network. */
    private record Certified(List<String> local, List<String> addresses, Instant since) {
        List<String> all() {
            return Stream.concat(local.stream(), addresses.stream()).toList();
        }
    }

    private final HomeSettings settings;
    private final InetAddress own;
    private volatile HomeAuthority authority;
    private volatile Certified certified = new Certified(List.of(), List.of(), Instant.EPOCH);
    private volatile Connector secure;
    private volatile Connector hello;

    @SuppressWarnings("NullAway.Init") // the rest is there once the doors are open
    HomeConnectors(HomeSettings settings, @Value("${server.address}") InetAddress own) {
        if (!own.isLoopbackAddress()) {
            throw new IllegalStateException(
                    "Without encryption and pairing Mobrel listens on this machine only, not on " + own.getHostAddress()
                            + ". For the home network start it with: ./mobrel start --home");
        }
        this.settings = settings;
        this.own = own;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!settings.isOpen()) {
            return;
        }
        authority = HomeAuthority.in(settings.keys(), Instant.now());
        secure = new Connector();
        secure.setPort(settings.port());
        secure.setScheme("https");
        secure.setSecure(true);
        Http11NioProtocol protocol = (Http11NioProtocol) secure.getProtocolHandler();
        protocol.setSSLEnabled(true);
        protocol.addSslHostConfig(certificate());
        hello = new Connector();
        hello.setPort(settings.helloPort());
        ((AbstractHttp11Protocol<?>) hello.getProtocolHandler()).setMaxThreads(4);
        factory.addAdditionalConnectors(secure, hello);
    }

    private SSLHostConfig certificate() {
        Instant now = Instant.now();
        certified = new Certified(local(), addresses(), now);
        SSLHostConfig config = new SSLHostConfig();
        config.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate kept = new SSLHostConfigCertificate(config, SSLHostConfigCertificate.Type.EC);
        kept.setCertificateKeystore(authority.serverKeys(certified.local(), certified.addresses(), now));
        kept.setCertificateKeyAlias("kitchen");
        kept.setCertificateKeystorePassword("");
        kept.setCertificateKeyPassword("");
        config.addCertificate(kept);
        return config;
    }

    @Scheduled(initialDelay = 60_000, fixedDelay = 60_000)
    void renew() {
        if (secure == null) {
            return;
        }
        boolean moved = !addresses().equals(certified.addresses());
        if (moved || certified.since().plus(RENEWED).isBefore(Instant.now())) {
            ((Http11NioProtocol) secure.getProtocolHandler()).addSslHostConfig(certificate(), true);
            LOG.info(
                    "The certificate of the home network was renewed{}",
                    moved ? ": this machine has another address" : "");
        }
    }

    private List<String> local() {
        Stream<String> machine = HomeAddresses.machine().stream().map(name -> name + ".local");
        return Stream.of(Stream.of(settings.localName()), machine, Stream.of("localhost"))
                .flatMap(each -> each)
                .distinct()
                .toList();
    }

    /** Those of the home network, and last the one of this machine for itself. */
    private List<String> addresses() {
        Stream<String> home =
                HomeAddresses.now().stream().map(InetAddress::getHostAddress).sorted();
        return Stream.concat(home, Stream.of(own.getHostAddress())).toList();
    }

    boolean isOpen() {
        return secure != null;
    }

    /** What the kitchen is called on the home network; none while it is not let in. */
    List<String> names() {
        return certified.all();
    }

    /** Where pages of it are, the one that works everywhere first. */
    List<String> places() {
        return places("https", secure);
    }

    /** Where the certificate is handed out. */
    List<String> helloPlaces() {
        return places("http", hello);
    }

    private List<String> places(String scheme, Connector door) {
        return Stream.concat(
                        certified.addresses().stream().filter(address -> !address.equals(own.getHostAddress())),
                        Stream.of(settings.localName()))
                .map(name -> "%s://%s:%d".formatted(scheme, name, door.getLocalPort()))
                .toList();
    }

    HomeAuthority authority() {
        return authority;
    }
}
