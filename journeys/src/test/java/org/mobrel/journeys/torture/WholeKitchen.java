package org.mobrel.journeys.torture;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** Whether a file is a backup as it should be, found out without the program's help. */
final class WholeKitchen {

    private static final String CHECK = "\"check\":\"";

    private WholeKitchen() {}

    static boolean is(String file) {
        int at = file.lastIndexOf(CHECK);
        if (at < 0 || !file.endsWith("\"}\n")) {
            return false;
        }
        String said = file.substring(at + CHECK.length(), file.length() - 3);
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(file.substring(0, at).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).equals(said);
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
