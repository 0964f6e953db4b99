package rampart.server.support;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import rampart.server.demo.DemoAccounts.DemoAccount;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A script, or a browser's session, that speaks to a running Rampart. */
public final class Http {
    public static final JsonMapper MAPPER = JsonMapper.shared();

    private final CookieManager cookies;
    private final HttpClient client;
    private final String base;
    private final String authorization;

    private Http(String base, String authorization, CookieManager cookies) {
        this.base = base;
        this.authorization = authorization;
        this.cookies = cookies;
        client = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .cookieHandler(cookies)
                .build();
    }

    /** The same browser, with its cookies, at another server. */
    public Http at(String otherBase) {
        return new Http(otherBase, authorization, cookies);
    }

    /** Signs each request with HTTP Basic. */
    public static Http script(String base, DemoAccount account) {
        String pair = account.name() + ":" + account.password();
        return new Http(
                base,
                "Basic " + Base64.getEncoder().encodeToString(pair.getBytes(StandardCharsets.UTF_8)),
                new CookieManager());
    }

    /** Keeps cookies and sends the CSRF token, as the pages do. */
    public static Http browser(String base) {
        return new Http(base, "", new CookieManager());
    }

    public static Http designer() {
        return script(RunningRampart.url(), RunningRampart.designer());
    }

    /** A browser in which this person has signed in. */
    public static Http signedIn(DemoAccount account) {
        Http http = browser(RunningRampart.url());
        http.signIn(account);
        return http;
    }

    /** A signed-in designer's browser session: no password is hashed for each request. */
    public static Http signedIn() {
        return SignedIn.HTTP;
    }

    private static final class SignedIn {
        static final Http HTTP = browser(RunningRampart.url());

        static {
            HTTP.signIn(RunningRampart.designer());
        }
    }

    /** An answer. */
    public record Answer(int status, String type, String body, HttpResponse<byte[]> raw) {
        public JsonNode json() {
            return MAPPER.readTree(body);
        }
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }

    public Answer post(String path, String body, String... headers) {
        return send("POST", path, body.getBytes(StandardCharsets.UTF_8), headers);
    }

    public Answer put(String path, String body, String... headers) {
        return send("PUT", path, body.getBytes(StandardCharsets.UTF_8), headers);
    }

    public Answer delete(String path) {
        return send("DELETE", path, null);
    }

    public Answer send(String method, String path, byte[] body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path.replaceFirst("^/", "")))
                .method(
                        method,
                        body == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofByteArray(body));
        if (body != null) {
            request.header("Content-Type", "application/json");
        }
        if (!authorization.isEmpty()) {
            request.header("Authorization", authorization);
        }
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .ifPresent(c -> request.header("X-XSRF-TOKEN", c.getValue()));
        for (int i = 0; i < headers.length; i += 2) {
            request.setHeader(headers[i], headers[i + 1]);
        }
        try {
            HttpResponse<byte[]> response = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(
                    response.statusCode(),
                    response.headers().firstValue("Content-Type").orElse(""),
                    new String(response.body(), StandardCharsets.UTF_8),
                    response);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public Answer signIn(DemoAccount account) {
        get("api/session");
        Answer answer = post(
                "api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(account.name(), account.password()));
        // Signing in clears the token; the next reading call brings the new one.
        get("api/session");
        return answer;
    }

    /** A version as {@code If-Match} takes it. */
    public static String tag(long version) {
        return "\"" + version + "\"";
    }

    /** A demo pack's file. */
    public static String demoPack(String name) {
        try {
            return Files.readString(Path.of("../demo/packs/" + name + ".json"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
