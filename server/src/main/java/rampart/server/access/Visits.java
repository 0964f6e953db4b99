package rampart.server.access;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import rampart.formats.json.Sha256;

/** The sessions people have open. */
@Service
public class Visits {
    /** Session attribute: what the browser calls itself. */
    public static final String BROWSER = "rampart.browser";

    /** Session attribute: the network address it signed in from. */
    public static final String ADDRESS = "rampart.address";

    private static final int HANDLE_DIGITS = 16;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Visits(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * A session as others may see it.
     *
     * @param handle names it without being its secret id
     */
    public record Visit(String handle, Instant began, Instant lastUsed, String browser, String address) {}

    /** Last used first. */
    public List<Visit> of(String account) {
        return sessions.findByPrincipalName(account).values().stream()
                .filter(s -> !s.isExpired())
                .map(s -> new Visit(
                        handle(s.getId()),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        text(s, BROWSER),
                        text(s, ADDRESS)))
                .sorted(Comparator.comparing(Visit::lastUsed).reversed())
                .toList();
    }

    /** Ends one; false if the account has none of this handle. */
    public boolean end(String account, String handle) {
        List<String> ids = sessions.findByPrincipalName(account).keySet().stream()
                .filter(id -> handle(id).equals(handle))
                .toList();
        ids.forEach(sessions::deleteById);
        return !ids.isEmpty();
    }

    /** Ends all but the one of this id. */
    public void endAllBut(String account, String id) {
        sessions.findByPrincipalName(account).keySet().stream()
                .filter(other -> !other.equals(id))
                .forEach(sessions::deleteById);
    }

    public void endAll(String account) {
        endAllBut(account, "");
    }

    public static String handle(String sessionId) {
        return Sha256.hex(sessionId).substring(0, HANDLE_DIGITS);
    }

    private static String text(Session session, String attribute) {
        String value = session.getAttribute(attribute);
        return value == null ? "" : value;
    }
}
