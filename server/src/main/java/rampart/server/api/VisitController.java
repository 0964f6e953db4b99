package rampart.server.api;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.json.Problem;
import rampart.server.access.Accounts;
import rampart.server.access.GoodPassword;
import rampart.server.access.OwnPassword;
import rampart.server.access.Visits;
import rampart.server.messages.Message;

/** One's own password and visits. */
@RestController
class VisitController {
    private final Visits visits;
    private final Accounts accounts;
    private final OwnPassword ownPassword;

    VisitController(Visits visits, Accounts accounts, OwnPassword ownPassword) {
        this.ownPassword = ownPassword;
        this.visits = visits;
        this.accounts = accounts;
    }

    /**
     * A browser that is signed in.
     *
     * @param here true for the one that asks
     */
    record VisitView(String handle, Instant began, Instant lastUsed, String browser, String address, boolean here) {}

    /** One's own password, old and new. */
    record PasswordChange(
            @NotNull(message = "give the password you have now")
            @Size(max = 200, message = "a password has at most 200 characters")
            String old,

            @NotNull(message = "give a new password") @GoodPassword
            String password) {}

    @GetMapping(path = "/api/visits", produces = MediaType.APPLICATION_JSON_VALUE)
    List<VisitView> visits(Principal who, @Parameter(hidden = true) HttpServletRequest request) {
        String here = Visits.handle(sessionId(request));
        return visits.of(who.getName()).stream()
                .map(v -> new VisitView(
                        v.handle(),
                        v.began(),
                        v.lastUsed(),
                        v.browser(),
                        v.address(),
                        v.handle().equals(here)))
                .toList();
    }

    @DeleteMapping("/api/visits/{handle}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable("handle") String handle, Principal who) {
        if (!visits.end(who.getName(), handle)) {
            throw new ApiException(Message.NO_VISIT);
        }
    }

    @PutMapping(path = "/api/session/password", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @Valid @RequestBody PasswordChange change,
            Principal who,
            @Parameter(hidden = true) HttpServletRequest request) {
        if (!ownPassword.isRight(who, change.old(), request)) {
            throw new FieldsException(
                    Message.PASSWORD_NOT_CHANGED,
                    List.of(new Problem("/old", "this is not the password you have now; type it again")));
        }
        accounts.changePassword(who.getName(), change.password(), sessionId(request));
    }

    private static String sessionId(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? "" : session.getId();
    }
}
