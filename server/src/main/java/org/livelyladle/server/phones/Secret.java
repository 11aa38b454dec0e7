package org.livelyladle.server.phones;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** Random bits that open something, as text for an address or a cookie; only their hash is kept. */
final class Secret {
    static final int INVITATION_BITS = 128;
    static final int COOKIE_BITS = 256;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {}

    static String make(int bits) {
        byte[] bytes = new byte[bits / Byte.SIZE];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Six figures to type. */
    static String code() {
        return "%06d".formatted(RANDOM.nextInt(1_000_000));
    }

    /** SHA-256: the secrets are as random as its result, so that nothing slower is needed. */
    static byte[] hash(String secret) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Takes as long whatever differs. */
    static boolean same(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }
}
