package rampart.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import org.springframework.stereotype.Component;

/**
 * The first start of a house without accounts: whoever reads the one-time code in the terminal may make the first
 * account. Rampart ships no password.
 */
@Component
public class FirstStart {
    private final Accounts accounts;
    private final String code = Secrets.groups(3);

    FirstStart(Accounts accounts) {
        this.accounts = accounts;
    }

    /** True until there is an account. */
    public boolean open() {
        return accounts.none();
    }

    /** The code that the terminal shows. */
    public String code() {
        return code;
    }

    /**
     * Makes the first account, a keeper; false if the code is wrong. Synchronized, so that of two people with the
     * code only one gets through.
     */
    public synchronized boolean make(String givenCode, String name, String password) {
        byte[] given = givenCode.trim().getBytes(StandardCharsets.UTF_8);
        if (!open() || !MessageDigest.isEqual(given, code.getBytes(StandardCharsets.UTF_8))) {
            return false;
        }
        accounts.add(name, password, Role.keeper);
        return true;
    }
}
