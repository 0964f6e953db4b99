package rampart.server.api;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.CurrentSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.view.Nullable;
import rampart.server.access.FirstStart;
import rampart.server.access.GoodPassword;
import rampart.server.access.KnownBrowsers;
import rampart.server.access.Origin;
import rampart.server.access.Role;
import rampart.server.access.Visits;
import rampart.server.demo.DemoAccounts;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.messages.Message;

/** Signing in and out, and the first account of a new house. */
@RestController
class SessionController {
    private static final int LONGEST_AGENT = 300;

    private final AuthenticationManager authentication;
    private final SessionAuthenticationStrategy strategy;
    private final SecurityContextRepository contexts;
    private final FirstStart firstStart;
    private final DemoAccounts demo;
    private final KnownBrowsers knownBrowsers;

    SessionController(
            AuthenticationManager authentication,
            SessionAuthenticationStrategy strategy,
            SecurityContextRepository contexts,
            FirstStart firstStart,
            DemoAccounts demo,
            KnownBrowsers knownBrowsers) {
        this.authentication = authentication;
        this.strategy = strategy;
        this.contexts = contexts;
        this.firstStart = firstStart;
        this.demo = demo;
        this.knownBrowsers = knownBrowsers;
    }

    /** Who is signed in, and what the page offers to those who are not. */
    public record SessionView(@Nullable Person person, boolean firstStart, List<DemoAccount> demoAccounts) {}

    /** A signed-in person. */
    public record Person(String name, Role role) {}

    /** Name and password. */
    public record SignIn(
            @NotNull(message = "give the name of your account")
            @Size(min = 1, max = 60, message = "a name has 1 to 60 characters")
            String name,

            @NotNull(message = "give your password")
            @Size(min = 1, max = 200, message = "a password has 1 to 200 characters")
            String password) {}

    /** The first account, against the code in the terminal. */
    public record FirstAccount(
            @NotNull(message = "give the code that the terminal shows")
            @Size(max = 60, message = "the code has 14 characters")
            String code,

            @NotNull(message = "give a name") @Pattern(regexp = PersonName.PATTERN, message = PersonName.MESSAGE)
            String name,

            @NotNull(message = "give a password") @GoodPassword
            String password) {}

    @GetMapping(path = "/api/session", produces = MediaType.APPLICATION_JSON_VALUE)
    SessionView session(@Parameter(hidden = true) @CurrentSecurityContext SecurityContext context) {
        Authentication who = context.getAuthentication();
        boolean signedIn = who instanceof UsernamePasswordAuthenticationToken && who.isAuthenticated();
        return new SessionView(signedIn ? person(who) : null, !signedIn && firstStart.open(), demo.offered());
    }

    @PostMapping(path = "/api/session", produces = MediaType.APPLICATION_JSON_VALUE)
    Person signIn(@Valid @RequestBody SignIn given, HttpServletRequest request, HttpServletResponse response) {
        try {
            return start(given.name(), given.password(), request, response);
        } catch (BadCredentialsException e) {
            throw new ApiException(Message.WRONG_PASSWORD);
        }
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    @PostMapping(path = "/api/first-account", produces = MediaType.APPLICATION_JSON_VALUE)
    Person firstAccount(
            @Valid @RequestBody FirstAccount given, HttpServletRequest request, HttpServletResponse response) {
        if (!firstStart.open()) {
            throw new ApiException(Message.HOUSE_HAS_ACCOUNT);
        }
        if (!firstStart.make(given.code(), given.name(), given.password())) {
            throw new ApiException(Message.WRONG_CODE);
        }
        return start(given.name(), given.password(), request, response);
    }

    private Person start(String name, String password, HttpServletRequest request, HttpServletResponse response) {
        UsernamePasswordAuthenticationToken attempt =
                UsernamePasswordAuthenticationToken.unauthenticated(name, password);
        Origin origin = Origin.of(request);
        attempt.setDetails(origin);
        Authentication who = authentication.authenticate(attempt);
        request.getSession().setAttribute(Visits.ADDRESS, origin.address());
        request.getSession().setAttribute(Visits.BROWSER, browser(request));
        knownBrowsers.remember(who.getName(), origin, response);
        strategy.onAuthentication(who, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(who);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return person(who);
    }

    private static String browser(HttpServletRequest request) {
        String agent = request.getHeader(HttpHeaders.USER_AGENT);
        return agent == null ? "" : agent.substring(0, Math.min(agent.length(), LONGEST_AGENT));
    }

    private static Person person(Authentication who) {
        return new Person(who.getName(), Role.of(who.getAuthorities()));
    }
}
