package rampart.server.access;

import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.authentication.session.CompositeSessionAuthenticationStrategy;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import rampart.server.api.ProblemWriter;
import rampart.server.messages.Message;

/** Two ways in: HTTP Basic for scripts, without session or CSRF; a session cookie with a CSRF token for browsers. */
@Configuration(proxyBeanMethods = false)
class SecurityConfig {
    /** As much of an address as is written down where it is refused. */
    private static final int LONGEST_ASKED = 120;

    private static final String CONTENT_POLICY =
            "default-src 'self'; object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";
    private static final String[] CLOSED = {"/api/**", "/v3/**", "/actuator/**"};
    private static final String[] OPEN = {"/api/session", "/api/first-account", "/actuator/health"};
    private static final String[] ASKING_ONLY = {
        "/api/evaluations",
        "/api/evaluations.csv",
        "/api/simulations",
        "/api/sensitivities",
        "/api/proposals",
        "/api/proposals/lines",
        "/api/curves",
        "/api/remedies",
        "/api/first-walls",
        "/api/cut-lists",
        "/api/comparisons",
        "/api/stock-fits",
        "/api/beds",
        "/api/carton-sizes",
        "/api/quotes",
        "/api/pre-quotes",
        "/api/piece-ways",
        "/api/set-plans",
        "/api/board-work",
        "/api/board-sheets",
        "/api/board-cartons",
        "/api/board-choices",
        "/api/clearances",
        "/api/fittings",
        "/api/thinner-cushions",
        "/api/beds/making",
        "/api/beds/ties",
        "/api/beds/wells",
        "/api/beds/beginnings",
        "/api/cutter-plays",
        "/api/outlines",
        "/api/kits",
        "/api/outlines/measured",
        "/api/outlines/photograph",
        "/api/outlines/photograph/trace",
        "/api/sheet-plans",
        "/api/orientations",
        "/api/stores/fits",
        "/api/stores/differences"
    };

    /** One's own searches: looked at and stopped. */
    private static final String SEARCHES = "/api/searches";

    /** What belongs to each person: their password, their visits. */
    private static final String[] OWN = {"/api/session/password", "/api/visits/**"};

    /** Work at the packing table: packers do it. */
    private static final String[] TABLE = {"/api/packings", "/api/packings/**", "/api/packs/*/returns/**"};

    private static final String[] KEEPERS = {"/api/people/**", "/api/events"};

    @Bean
    @Order(1)
    SecurityFilterChain scripts(
            HttpSecurity http, ProblemWriter problems, AuthenticationManager signIn, Refusals refusals, Tls tls) {
        common(http, problems, refusals, tls);
        return http.securityMatcher(request -> {
                    String header = request.getHeader("Authorization");
                    return header != null && header.regionMatches(true, 0, "Basic ", 0, 6);
                })
                .authenticationManager(signIn)
                .httpBasic(basic -> basic.authenticationEntryPoint(notSignedIn(problems)))
                .csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain browsers(
            HttpSecurity http,
            ProblemWriter problems,
            CsrfTokenRepository tokens,
            SecurityContextRepository contexts,
            Refusals refusals,
            Tls tls) {
        common(http, problems, refusals, tls);
        return http.csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .build();
    }

    /** True where a POST changes nothing. */
    static boolean onlyAsks(String path) {
        return List.of(ASKING_ONLY).contains(path);
    }

    private static void common(HttpSecurity http, ProblemWriter problems, Refusals refusals, Tls tls) {
        http.authorizeHttpRequests(rules -> rules.requestMatchers(OPEN)
                        .permitAll()
                        .requestMatchers(KEEPERS)
                        .hasAuthority(Role.keeper.authority())
                        .requestMatchers(HttpMethod.GET, CLOSED)
                        .authenticated()
                        .requestMatchers(HttpMethod.HEAD, CLOSED)
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, ASKING_ONLY)
                        .authenticated()
                        .requestMatchers(OWN)
                        .authenticated()
                        .requestMatchers(SEARCHES)
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, TABLE)
                        .authenticated()
                        .requestMatchers(
                                HttpMethod.PUT,
                                "/api/house",
                                "/api/house/carriers",
                                "/api/house/tariffs",
                                "/api/house/papers")
                        .hasAuthority(Role.keeper.authority())
                        .requestMatchers("/api/**")
                        .hasAuthority(Role.designer.authority())
                        .requestMatchers(CLOSED)
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .exceptionHandling(errors -> errors.authenticationEntryPoint(notSignedIn(problems))
                        .accessDeniedHandler(notAllowed(problems, refusals)))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(policy -> policy.policy("camera=(), geolocation=(), microphone=()"))
                        .crossOriginOpenerPolicy(Customizer.withDefaults())
                        .frameOptions(frame -> frame.deny())
                        .httpStrictTransportSecurity(tls::strict));
    }

    private static AuthenticationEntryPoint notSignedIn(ProblemWriter problems) {
        return (request, response, failure) -> {
            if (failure instanceof HashingBusyException) {
                response.setHeader(HttpHeaders.RETRY_AFTER, "2");
                problems.write(response, Message.SIGN_INS_BUSY);
            } else if (failure instanceof TooManySignInsException) {
                response.setHeader(HttpHeaders.RETRY_AFTER, "4");
                problems.write(response, Message.TOO_MANY_SIGN_INS);
            } else {
                problems.write(response, Message.NOT_SIGNED_IN);
            }
        };
    }

    private static AccessDeniedHandler notAllowed(ProblemWriter problems, Refusals refusals) {
        return (request, response, failure) -> {
            if (request.getUserPrincipal() == null || failure instanceof CsrfException) {
                problems.write(response, Message.PAGE_OUT_OF_DATE);
                return;
            }
            String asked = request.getMethod() + " " + request.getRequestURI();
            refusals.access(
                    request.getUserPrincipal().getName(),
                    request.getRemoteAddr(),
                    asked.substring(0, Math.min(asked.length(), LONGEST_ASKED)));
            problems.write(response, Message.NOT_YOUR_RIGHT);
        };
    }

    /** Requests that the firewall turns away before any controller sees them. */
    @Bean
    RequestRejectedHandler rejected(ProblemWriter problems) {
        return (request, response, failure) -> problems.write(response, Message.BAD_ADDRESS);
    }

    @Bean
    CsrfTokenRepository csrfTokens(Tls tls) {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieName(tls.cookie("XSRF-TOKEN"));
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict").secure(tls.on()));
        return tokens;
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** What must happen to the session when somebody signs in: a new id and a new token. */
    @Bean
    SessionAuthenticationStrategy signInStrategy(CsrfTokenRepository tokens) {
        return new CompositeSessionAuthenticationStrategy(
                List.of(new ChangeSessionIdAuthenticationStrategy(), new CsrfAuthenticationStrategy(tokens)));
    }

    @Bean
    AuthenticationManager authenticationManager(
            UserDetailsService accounts,
            PasswordEncoder encoder,
            SignInThrottle throttle,
            RightOfLate ofLate,
            Refusals refusals) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accounts);
        provider.setPasswordEncoder(encoder);
        return new ThrottledSignIn(
                new ProviderManager(provider),
                throttle,
                attempt -> {
                    try {
                        return ofLate.holds(
                                String.valueOf(attempt.getCredentials()),
                                accounts.loadUserByUsername(attempt.getName()).getPassword());
                    } catch (UsernameNotFoundException e) {
                        return false;
                    }
                },
                refusals);
    }

    /** Argon2id, as OWASP recommends for passwords (from memory). */
    @Bean
    static PasswordEncoder passwordEncoder(RightOfLate ofLate) {
        return new BoundedHashing(Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8(), ofLate);
    }
}
