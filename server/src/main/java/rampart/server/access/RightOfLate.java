package rampart.server.access;

import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.stereotype.Component;

/**
 * Passwords that were found right since the start, so that a script that signs each request is not made to wait, nor the machine to
 * hash, for what is known. Kept is the password under a key that only this process has, beside the hash it was right for: with another
 * password of the account it is worth nothing.
 */
@Component
class RightOfLate {
    private static final String WAY = "HmacSHA256";

    /** A house has dozens; more takes away what was used longest ago. */
    private static final int MOST = 2000;

    private final SecretKeySpec key;
    private final Map<String, byte[]> right = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, byte[]> eldest) {
            return size() > MOST;
        }
    };

    RightOfLate() {
        byte[] random = new byte[32];
        new SecureRandom().nextBytes(random);
        key = new SecretKeySpec(random, WAY);
    }

    /** True if this password was found right for this hash. */
    boolean holds(CharSequence password, String hash) {
        byte[] kept;
        synchronized (right) {
            kept = right.get(hash);
        }
        return kept != null && MessageDigest.isEqual(kept, sealed(password));
    }

    void add(CharSequence password, String hash) {
        byte[] sealed = sealed(password);
        synchronized (right) {
            right.put(hash, sealed);
        }
    }

    private byte[] sealed(CharSequence password) {
        try {
            Mac mac = Mac.getInstance(WAY);
            mac.init(key);
            return mac.doFinal(password.toString().getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException | InvalidKeyException e) {
            throw new IllegalStateException("every Java platform has " + WAY, e);
        }
    }
}
