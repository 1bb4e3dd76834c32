package org.mobrel.server.home;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.Service;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Opens the doors of the home network beside this machine's own, at the start or when a cook lets it in, and renews their certificate
 * before it ends or when the machine moves to another address.
 */
@Component
class HomeConnectors {

    /** For TLS 1.2, none that chains blocks: they were broken too often. TLS 1.3 has none of them. */
    private static final String CIPHERS =
            "ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-ECDSA-AES256-GCM-SHA384:ECDHE-ECDSA-CHACHA20-POLY1305";

    private static final Logger LOG = LoggerFactory.getLogger(HomeConnectors.class);
    private static final Duration RENEWED = Duration.ofDays(30);

    /** What the server's certificate says; looked up once for it, as a machine's own name may be asked of the network. */
    private record Certified(List<String> local, List<String> addresses, Instant since) {
        List<String> all() {
            return Stream.concat(local.stream(), addresses.stream()).toList();
        }
    }

    /** Both doors while they are open. */
    private record Open(HomeAuthority authority, Connector secure, Connector hello) {}

    private final HomeSettings settings;
    private final HomeChoice choice;
    private final InetAddress own;
    private volatile Certified certified = new Certified(List.of(), List.of(), Instant.EPOCH);
    private volatile Optional<Open> open = Optional.empty();
    private volatile Optional<String> trouble = Optional.empty();
    private volatile Optional<Service> program = Optional.empty();

    HomeConnectors(HomeSettings settings, HomeChoice choice, @Value("${server.address}") InetAddress own) {
        if (!own.isLoopbackAddress()) {
            throw new IllegalStateException(
                    "Without encryption and pairing Mobrel listens on this machine only, not on " + own.getHostAddress()
                            + ". For the home network start it with: ./mobrel start --home");
        }
        this.settings = settings;
        this.choice = choice;
        this.own = own;
    }

    @EventListener
    void started(WebServerInitializedEvent event) {
        if (event.getApplicationContext().getParent() == null
                && event.getWebServer() instanceof TomcatWebServer tomcat) {
            program = Optional.of(tomcat.getTomcat().getService());
            if (choice.mayIn()) {
                open();
            }
        }
    }

    /** Lets it in. Where that does not work it stays out, {@link #trouble} says why, and it is tried again each minute. */
    synchronized void open() {
        Service service = program.orElseThrow();
        if (open.isPresent()) {
            return;
        }
        Connector secure = new Connector();
        Connector hello = new Connector();
        try {
            requireFree(settings.port());
            requireFree(settings.helloPort());
            HomeAuthority authority = HomeAuthority.in(settings.keys(), Instant.now());
            secure.setPort(settings.port());
            secure.setScheme("https");
            secure.setSecure(true);
            Http11NioProtocol protocol = (Http11NioProtocol) secure.getProtocolHandler();
            protocol.setSSLEnabled(true);
            protocol.addSslHostConfig(certificate(authority));
            hello.setPort(settings.helloPort());
            ((AbstractHttp11Protocol<?>) hello.getProtocolHandler()).setMaxThreads(4);
            // Known before the first request of theirs comes.
            open = Optional.of(new Open(authority, secure, hello));
            service.addConnector(secure);
            service.addConnector(hello);
            trouble = Optional.empty();
        } catch (IllegalStateException | IllegalArgumentException failed) {
            open = Optional.empty();
            end(service, secure);
            end(service, hello);
            String why = String.valueOf(failed.getMessage());
            if (!trouble.equals(Optional.of(why))) {
                LOG.warn("The home network cannot be let in. {}", why);
            }
            trouble = Optional.of(why);
        }
    }

    /** In words a cook can act on, before a door says it in its own. */
    private static void requireFree(int port) {
        try (ServerSocket free = new ServerSocket()) {
            free.setReuseAddress(true);
            free.bind(new InetSocketAddress(port));
        } catch (IOException taken) {
            throw new IllegalStateException(
                    "Port %s of this machine is in use by something else: end that, or choose another in the settings."
                            .formatted(port),
                    taken);
        }
    }

    /** Shuts it out, and ends what its devices are listening to. */
    synchronized void close() {
        trouble = Optional.empty();
        open.ifPresent(doors -> {
            open = Optional.empty();
            end(program.orElseThrow(), doors.secure());
            end(program.orElseThrow(), doors.hello());
        });
    }

    /** Its port is free again only once it is destroyed. */
    private static void end(Service service, Connector door) {
        service.removeConnector(door);
        try {
            door.destroy();
        } catch (LifecycleException gone) {
            LOG.debug("a door was not closed", gone);
        }
    }

    private SSLHostConfig certificate(HomeAuthority authority) {
        Instant now = Instant.now();
        certified = new Certified(local(), addresses(), now);
        SSLHostConfig config = new SSLHostConfig();
        config.setProtocols("TLSv1.2+TLSv1.3");
        config.setCiphers(CIPHERS);
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
        if (trouble.isPresent()) {
            open();
        }
        open.ifPresent(this::renew);
    }

    private void renew(Open doors) {
        boolean moved = !addresses().equals(certified.addresses());
        if (moved || certified.since().plus(RENEWED).isBefore(Instant.now())) {
            ((Http11NioProtocol) doors.secure().getProtocolHandler())
                    .addSslHostConfig(certificate(doors.authority()), true);
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
        return open.isPresent();
    }

    /** Why it is not let in although it may. */
    Optional<String> trouble() {
        return trouble;
    }

    /** What the kitchen is called on the home network; none while it is not let in. */
    List<String> names() {
        return isOpen() ? certified.all() : List.of();
    }

    /** Where pages of it are, the one that works everywhere first; none while it is not let in. */
    List<String> places() {
        return open.map(doors -> places("https", doors.secure())).orElse(List.of());
    }

    /** Where the certificate is handed out; nowhere while it is not let in. */
    List<String> helloPlaces() {
        return open.map(doors -> places("http", doors.hello())).orElse(List.of());
    }

    private List<String> places(String scheme, Connector door) {
        return Stream.concat(
                        certified.addresses().stream().filter(address -> !address.equals(own.getHostAddress())),
                        Stream.of(settings.localName()))
                // Until it is bound it has the port that it is going to have.
                .map(name -> "%s://%s:%s"
                        .formatted(scheme, name, door.getLocalPort() > 0 ? door.getLocalPort() : door.getPort()))
                .toList();
    }

    /** What the kitchen signs with; empty while the home network is not let in. */
    Optional<HomeAuthority> opened() {
        return open.map(Open::authority);
    }

    /** @throws java.util.NoSuchElementException while it is not let in */
    HomeAuthority authority() {
        return open.orElseThrow().authority();
    }
}
