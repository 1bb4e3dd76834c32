package org.mobrel.server.access;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/** What only one device knows, and what is kept of it here. */
final class Secrets {

    private static final int BYTES = 32;
    private static final int SIX_DIGITS = 1_000_000;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    static String token() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    static String digits() {
        return String.format(Locale.ROOT, "%06d", RANDOM.nextInt(SIX_DIGITS));
    }

    static String hash(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException failed) {
            throw new IllegalStateException(failed);
        }
    }
}
