package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.server.access.Role;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.persistence.AccountRepository;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;

/** Who gets in, what those outside are served, and what the answers carry. */
@ExtendWith(RunningRampart.class)
class AccessTest {
    private final Http stranger = Http.browser(RunningRampart.url());

    @ParameterizedTest
    @ValueSource(
            strings = {
                "api/packs",
                "api/catalogue",
                "api/schemas/pack",
                "v3/api-docs",
                "v3/api-docs.yaml",
                "actuator",
                "actuator/env",
                "actuator/health/db",
                "api/nothing",
                "api/packs/x/file",
                "api/packs/x/revisions"
            })
    void strangersAreServedNothing(String path) {
        Answer answer = stranger.get(path);
        assertThat(answer.status()).isEqualTo(401);
        assertThat(answer.type()).startsWith("application/problem+json");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "packs/abc", "some/page", "favicon.svg", "actuator/health", "api/session"})
    void strangersGetThePageItsAssetsSignInAndHealth(String path) {
        assertThat(stranger.get(path).status()).isEqualTo(200);
    }

    @Test
    void healthSaysNoMoreThanItsStatus() {
        assertThat(stranger.get("actuator/health").body()).isEqualTo("{\"status\":\"UP\"}");
    }

    @Test
    void theContentPolicyAndItsCompanionsAreOnEveryAnswer() {
        for (String path : List.of("", "api/session", "api/packs", "actuator/health")) {
            var headers = stranger.get(path).raw().headers();
            assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                    .startsWith("default-src 'self'")
                    .doesNotContain("unsafe");
            assertThat(headers.firstValue("X-Content-Type-Options")).hasValue("nosniff");
            assertThat(headers.firstValue("X-Frame-Options")).hasValue("DENY");
            assertThat(headers.firstValue("Referrer-Policy")).hasValue("no-referrer");
        }
    }

    @Test
    void signingInGivesASessionThatHttpOnlyCookiesCarry() {
        Http browser = Http.browser(RunningRampart.url());
        Answer signedIn = browser.signIn(RunningRampart.designer());
        assertThat(signedIn.status()).isEqualTo(200);
        assertThat(signedIn.json().path("role").asString()).isEqualTo("designer");
        String cookie = signedIn.raw().headers().allValues("Set-Cookie").stream()
                .filter(c -> c.startsWith("RAMPART="))
                .findFirst()
                .orElseThrow();
        assertThat(cookie).contains("HttpOnly").contains("SameSite=Strict");
        assertThat(browser.get("api/packs").status()).isEqualTo(200);
        browser.get("api/session");
        assertThat(browser.send("DELETE", "api/session", null).status()).isEqualTo(204);
        assertThat(browser.get("api/packs").status()).isEqualTo(401);
    }

    @Test
    void theSessionIdChangesWithSigningIn() {
        Http browser = Http.browser(RunningRampart.url());
        browser.signIn(RunningRampart.designer());
        String first = session(browser.signIn(RunningRampart.packer()));
        String second = session(browser.signIn(RunningRampart.packer()));
        assertThat(second).isNotEqualTo(first);
    }

    private static String session(Answer answer) {
        return String.join(";", answer.raw().headers().allValues("Set-Cookie")).replaceAll(".*RAMPART=([^;]*).*", "$1");
    }

    @Test
    void aWrongPasswordIsRefusedInTheSameWordsAsAWrongName() {
        Http browser = Http.browser(RunningRampart.url());
        Answer wrongPassword = browser.signIn(new DemoAccount("designer", "wrong", Role.designer));
        Answer wrongName = browser.signIn(new DemoAccount("nobody", "wrong", Role.designer));
        assertThat(wrongPassword.status()).isEqualTo(401);
        assertThat(wrongName.body()).isEqualTo(wrongPassword.body());
        assertThat(wrongPassword.body()).doesNotContain("wrong\"");
    }

    @Test
    void withoutTheTokenABrowserChangesNothing() {
        Http browser = Http.browser(RunningRampart.url());
        browser.signIn(RunningRampart.designer());
        Answer answer = browser.send(
                "POST",
                "api/packs",
                Http.demoPack("10-hygrometer").getBytes(StandardCharsets.UTF_8),
                "X-XSRF-TOKEN",
                "forged");
        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.type()).startsWith("application/problem+json");
    }

    @Test
    void scriptsSignInWithBasicAndGetNoSession() {
        Answer answer = Http.designer().get("api/packs");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.raw().headers().allValues("Set-Cookie")).noneMatch(c -> c.startsWith("RAMPART="));
        Answer wrong = Http.script(RunningRampart.url(), new DemoAccount("designer", "no", Role.designer))
                .get("api/packs");
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(wrong.type()).startsWith("application/problem+json");
    }

    @Test
    void aPackerReadsAndEvaluatesButChangesNothing() {
        Http packer = Http.script(RunningRampart.url(), RunningRampart.packer());
        String pack = Http.demoPack("10-hygrometer");
        assertThat(packer.get("api/packs").status()).isEqualTo(200);
        assertThat(packer.post("api/evaluations", pack).status()).isEqualTo(200);
        assertThat(packer.post("api/curves?check=drop.face.3", pack).status()).isEqualTo(200);
        assertThat(packer.post("api/packs", pack).status()).isEqualTo(403);
        String id = packer.get("api/packs").json().at("/items/0/id").asString();
        assertThat(packer.put("api/packs/" + id + "/draft", pack, "If-Match", "\"1\"")
                        .status())
                .isEqualTo(403);
        assertThat(packer.send("DELETE", "api/packs/" + id, null).status()).isEqualTo(403);
        assertThat(packer.send("PATCH", "api/packs/" + id, "{\"name\":\"x\"}".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(403);
        assertThat(packer.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", "\"1\"")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void passwordsAreKeptAsArgon2() {
        String hash = RunningRampart.bean(AccountRepository.class)
                .byName("designer")
                .orElseThrow()
                .passwordHash();
        assertThat(hash).startsWith("$argon2id$");
    }

    @Test
    void errorsAreProblemsWhateverGoesWrong() {
        Http http = Http.signedIn();
        assertProblem(http.get("api/nothing"), 404);
        assertProblem(http.get("assets/nothing.js"), 404);
        assertProblem(http.get("api/packs/no-such-pack"), 404);
        assertProblem(http.send("DELETE", "api/catalogue", null), 405);
        assertProblem(http.send("PUT", "api/evaluations", "{}".getBytes(StandardCharsets.UTF_8)), 405);
        assertProblem(
                http.send(
                        "POST",
                        "api/evaluations",
                        "a=b".getBytes(StandardCharsets.UTF_8),
                        "Content-Type",
                        "text/plain"),
                415);
        assertProblem(
                http.send(
                        "POST", "api/evaluations", "a=b".getBytes(StandardCharsets.UTF_8), "Content-Type", "nonsense"),
                415);
        assertProblem(http.get("api/packs?size=0"), 400);
        assertProblem(http.get("api/packs?size=1000"), 400);
        assertProblem(http.get("api/packs?size=abc"), 400);
        assertProblem(http.get("api/packs?search=" + "x".repeat(300)), 400);
        assertProblem(http.post("api/curves", Http.demoPack("10-hygrometer")), 400);
        assertProblem(http.post("api/curves?check=lift", Http.demoPack("10-hygrometer")), 404);
        assertProblem(http.get("api/packs//x"), 400);
        assertProblem(http.get("api/packs/%2e%2e/%2e%2e/etc"), 400);
        assertProblem(http.get("api/packs;x=1"), 400);
        assertProblem(http.get("api/packs?search=%ff"), 400);
        assertProblem(http.get("api/packs?search=%ED%A0%80"), 400);
        assertProblem(http.get("api/packs/x%00y"), 400);
        assertThat(http.get("api/packs?size=abc").body())
                .contains("'abc' is not allowed")
                .contains("it must be a number");
        assertThat(http.put("api/packs/x/draft", "{}").body()).contains("If-Match");
    }

    @Test
    void smallBodiesAreHeldToTheirFieldsToo() {
        Http http = Http.signedIn();
        String id = http.get("api/packs").json().at("/items/0/id").asString();
        assertField(
                http.send("PATCH", "api/packs/" + id, "{\"name\":\"  \"}".getBytes(StandardCharsets.UTF_8)),
                "/name",
                "not blank");
        assertField(http.send("PATCH", "api/packs/" + id, "{}".getBytes(StandardCharsets.UTF_8)), "/name", "missing");
        assertField(
                http.send("PATCH", "api/packs/" + id, "{\"name\":\"a\",\"size\":1}".getBytes(StandardCharsets.UTF_8)),
                "/size",
                "unknown field");
        assertProblem(http.send("PATCH", "api/packs/" + id, "{\"name\":".getBytes(StandardCharsets.UTF_8)), 400);
        assertProblem(
                http.send(
                        "PATCH", "api/packs/" + id, ("{\"name\":" + "[".repeat(500)).getBytes(StandardCharsets.UTF_8)),
                400);
        assertProblem(http.send("PATCH", "api/packs/" + id, new byte[0]), 400);
        assertField(
                http.post(
                        "api/packs/" + id + "/revisions",
                        "{\"note\":\"" + "n".repeat(2001) + "\"}",
                        "If-Match",
                        "\"1\""),
                "/note",
                "2000");
        assertProblem(http.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}"), 400);
        assertProblem(http.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", "soon"), 400);
        assertProblem(http.post("api/session", "{\"name\":\"x\"}"), 400);
    }

    @Test
    void bodiesOverTwoMegabytesAreRefusedEvenWithoutALength() throws Exception {
        byte[] large = new byte[3 * 1024 * 1024];
        java.util.Arrays.fill(large, (byte) ' ');
        var client = java.net.http.HttpClient.newHttpClient();
        DemoAccount designer = RunningRampart.designer();
        String basic = java.util.Base64.getEncoder()
                .encodeToString((designer.name() + ":" + designer.password()).getBytes(StandardCharsets.UTF_8));
        var request = java.net.http.HttpRequest.newBuilder(
                        java.net.URI.create(RunningRampart.url() + "api/evaluations"))
                .header("Content-Type", "application/json")
                .header("Authorization", "Basic " + basic)
                .POST(java.net.http.HttpRequest.BodyPublishers.ofInputStream(
                        () -> new java.io.ByteArrayInputStream(large)))
                .build();
        var response = client.send(request, java.net.http.HttpResponse.BodyHandlers.ofString());
        assertThat(response.statusCode()).isEqualTo(413);
        assertThat(response.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
    }

    @Test
    void theFirstAccountAsksForTheCodeOfTheTerminal() {
        try (TestDatabase database = new TestDatabase();
                var house = RunningRampart.start(database)) {
            Http http = Http.browser(RunningRampart.url(house));
            assertThat(http.get("api/session").json().path("firstStart").asBoolean())
                    .isTrue();
            assertThat(http.get("api/session").json().path("demoAccounts").size())
                    .isZero();
            String code = house.getBean(rampart.server.access.FirstStart.class).code();
            String body = "{\"code\":\"%s\",\"name\":\"M\u00e4gde \u2603\",\"password\":\"%s\"}";
            assertThat(http.post("api/first-account", body.formatted("wrong", "long enough by far"))
                            .status())
                    .isEqualTo(403);
            assertField(http.post("api/first-account", body.formatted(code, "short")), "/password", "12 to 200");
            assertThat(http.post("api/first-account", body.formatted(code, "long enough by far"))
                            .status())
                    .isEqualTo(200);
            assertThat(http.get("api/packs").status()).isEqualTo(200);
            assertThat(http.get("api/session").json().at("/person/role").asString())
                    .isEqualTo("keeper");
            assertThat(Http.browser(RunningRampart.url(house))
                            .get("api/session")
                            .json()
                            .path("firstStart")
                            .asBoolean())
                    .isFalse();
            http.get("api/session");
            assertThat(http.post("api/first-account", body.formatted(code, "long enough by far"))
                            .status())
                    .isEqualTo(409);

            try (var second = RunningRampart.start(database)) {
                // A second server on the same database knows the session of the first.
                assertThat(http.at(RunningRampart.url(second)).get("api/packs").status())
                        .isEqualTo(200);
                assertThat(Http.browser(RunningRampart.url(second))
                                .get("api/packs")
                                .status())
                        .isEqualTo(401);
            }
        }
    }

    private static void assertProblem(Answer answer, int status) {
        assertThat(answer.status()).as(answer.body()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().path("detail").asString()).isNotBlank();
        assertThat(answer.body()).doesNotContain("Exception", "springframework", "SELECT", "tools.jackson");
    }

    private static void assertField(Answer answer, String path, String says) {
        assertProblem(answer, 400);
        assertThat(answer.json()
                        .path("errors")
                        .valueStream()
                        .filter(e -> e.path("path").asString().equals(path))
                        .map(e -> e.path("message").asString()))
                .as(answer.body())
                .anySatisfy(message -> assertThat(message).contains(says));
    }
}
