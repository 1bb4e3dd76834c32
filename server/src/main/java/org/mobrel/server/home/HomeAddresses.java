package org.mobrel.server.home;

import java.io.UncheckedIOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Where this machine is on its networks at home. */
final class HomeAddresses {

    private HomeAddresses() {}

    /** Its private addresses, the fourth version of the protocol only: those are what people type. May be none. */
    static List<InetAddress> now() {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(HomeAddresses::isUp)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(Inet4Address.class::isInstance)
                    .filter(InetAddress::isSiteLocalAddress)
                    .distinct()
                    .toList();
        } catch (SocketException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static boolean isUp(NetworkInterface network) {
        try {
            return network.isUp() && !network.isLoopback();
        } catch (SocketException gone) {
            return false;
        }
    }

    /** What this machine calls itself, where that is a plain name. */
    static Optional<String> machine() {
        try {
            String name = InetAddress.getLocalHost()
                    .getHostName()
                    .toLowerCase(Locale.ROOT)
                    .replaceFirst("\\..*", "");
            return Optional.of(name)
                    .filter(plain -> plain.matches("[a-z0-9][a-z0-9-]{0,61}") && !plain.equals("localhost"));
        } catch (UnknownHostException nameless) {
            return Optional.empty();
        }
    }
}
