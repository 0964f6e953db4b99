package rampart.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.house.Detail;
import rampart.server.house.Trail;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;

/** Passwords, names, visits that end, a password asked again, what the trail says of who was not let in, cookies over TLS. */
@ExtendWith(RunningRampart.class)
class KeptDoorTest {
    private final Http keeper = Http.signedIn(RunningRampart.keeper());

    private DemoAccount added(Role role) {
        String name = "door " + UUID.randomUUID().toString().substring(0, 8);
        Answer answer = keeper.post("api/people", "{\"name\":\"%s\",\"role\":\"%s\"}".formatted(name, role));
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        return new DemoAccount(name, answer.json().path("password").asString(), role);
    }

    private static boolean good(String password) throws NoSuchFieldException {
        return RunningRampart.bean(jakarta.validation.Validator.class)
                .validate(new Chosen(password))
                .isEmpty();
    }

    private record Chosen(@GoodPassword String password) {}

    /** Of the yearly lists of the commonest passwords and what people make of them to come to twelve characters (from memory). */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "password1234", "Password123!", "123456789012", "1234567890123456", "qwertyuiop12", "qwertyuiopasdf",
                "iloveyou1234", "aaaaaaaaaaaa", "abcabcabcabc", "111111111111", "passwordpassword", "rampartrampart",
                "letmeinletmein", "footballfootball", "elevenchars", "short", ""
            })
    void whatIsTriedFirstIsNoPassword(String password) throws Exception {
        assertThat(good(password)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a long password",
                "long enough by far",
                "gamh-3g7s-2srm-yw49",
                "Kaffee morgens um sieben",
                "correct horse battery staple",
                "\u2603\u2603 eine Sch\u00fcssel \u2603"
            })
    void severalWordsAreOne(String password) throws Exception {
        assertThat(good(password)).isTrue();
    }

    @Test
    void thereIsALimit() throws Exception {
        assertThat(good("many words and a tail ".repeat(9))).isTrue();
        assertThat(good("many words and a tail ".repeat(10))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"a:b", ":", "a\\u0000b", "a\\u0007b", " a", "a ", "a\\nb", "\\u0000"})
    void noNameHasAColonOrWhatNobodySees(String name) {
        Answer answer = keeper.post("api/people", "{\"name\":\"" + name + "\",\"role\":\"packer\"}");
        assertThat(answer.status()).as(answer.body()).isEqualTo(400);
        assertThat(answer.json().at("/errors/0/path").asString()).isEqualTo("/name");
    }

    /** NUL is no character of any text that people write; databases, papers and files end at it. */
    @Test
    void noTextHasNul() {
        String pack = Http.demoPack("10-hygrometer").replace("Hygrometer head", "Hygro\\u0000meter");
        Answer made = Http.signedIn().post("api/packs", pack);
        assertThat(made.status()).as(made.body()).isEqualTo(400);
        assertThat(Http.signedIn()
                        .post("api/stores/cartons", "{\"name\":\"a\\u0000\"}")
                        .status())
                .isEqualTo(400);
    }

    @ParameterizedTest
    @CsvSource({"PUT, rights", "POST, password"})
    void whatAKeeperDoesToOthersAsksForTheirOwnPasswordAgain(String method, String what) {
        DemoAccount person = added(Role.packer);
        String id = idOf(person.name());
        for (String body : List.of("{}", "{\"ownPassword\":\"\"}", "{\"ownPassword\":\"not it\"}")) {
            String whole = body.replace("{", "{" + (what.equals("rights") ? "\"role\":\"keeper\"," : ""))
                    .replace(",}", "}");
            Answer answer = keeper.send(
                    method, "api/people/" + id + "/" + what, whole.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            assertThat(answer.status()).as(answer.body()).isEqualTo(403);
            assertThat(answer.json().at("/errors/0/path").asString()).isEqualTo("/ownPassword");
        }
        assertThat(Http.browser(RunningRampart.url()).signIn(person).status()).isEqualTo(200);
        Answer another = keeper.post("api/people", "{\"name\":\"another keeper\",\"role\":\"keeper\"}");
        assertThat(another.status()).isEqualTo(403);
    }

    private String idOf(String name) {
        for (var member : keeper.get("api/people").json()) {
            if (member.path("name").asString().equals(name)) {
                return member.path("id").asString();
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void aVisitEndsAfterAWeekHoweverOftenItIsUsed() {
        DemoAccount person = added(Role.packer);
        Http browser = Http.signedIn(person);
        move(person, LongestVisit.LONGEST.toMillis() - 60_000);
        assertThat(browser.get("api/packs?size=1").status()).isEqualTo(200);
        move(person, 120_000);
        assertThat(browser.get("api/packs?size=1").status()).isEqualTo(401);
        assertThat(browser.signIn(person).status()).isEqualTo(200);
        assertThat(browser.get("api/packs?size=1").status()).isEqualTo(200);
    }

    private static void move(DemoAccount person, long ms) {
        RunningRampart.database()
                .execute("UPDATE SPRING_SESSION SET CREATION_TIME = CREATION_TIME - " + ms + " WHERE PRINCIPAL_NAME = '"
                        + person.name() + "'");
    }

    @Test
    void whoWasNotLetInAndWhatWasRefusedIsInTheTrail() {
        DemoAccount person = added(Role.packer);
        for (int i = 0; i < 3; i++) {
            Http.browser(RunningRampart.url()).signIn(new DemoAccount(person.name(), "not the password", Role.packer));
        }
        Http packer = Http.signedIn(person);
        assertThat(packer.put("api/house", "{}").status()).isEqualTo(403);
        List<Trail.Entry> entries =
                RunningRampart.bean(Trail.class).before(Long.MAX_VALUE, Optional.empty(), 40).stream()
                        .filter(entry -> entry.who().equals(person.name())
                                || (entry.what() == Trail.EventType.SIGN_IN_FAILED
                                        && entry.subject().name().equals(person.name())))
                        .toList();
        assertThat(entries)
                .extracting(Trail.Entry::what)
                .as("one entry for three failures within a while")
                .containsExactly(Trail.EventType.ACCESS_REFUSED, Trail.EventType.SIGN_IN_FAILED);
        assertThat(entries.get(1).who()).isEqualTo("somebody");
        assertThat(entries.get(0).detail()).isEqualTo(new Detail.Refused("127.0.0.1", "PUT /api/house", 1));
    }

    /** People type their password where the name belongs: what no account is called is not written down. */
    @Test
    void namesOfNobodyAreNotWrittenDown() {
        String typed = "my password " + UUID.randomUUID();
        Http.browser(RunningRampart.url()).signIn(new DemoAccount(typed, "x", Role.packer));
        assertThat(keeper.get("api/events?size=200&about=person").body())
                .doesNotContain(typed)
                .contains("a name that no account has");
    }

    @Test
    void behindTlsCookiesTravelOverItAlone() {
        List<String> plain = cookies(RunningRampart.url(), RunningRampart.packer());
        assertThat(plain)
                .noneMatch(cookie -> cookie.contains("Secure"))
                .anyMatch(cookie -> cookie.startsWith("RAMPART="));
        try (TestDatabase database = new TestDatabase();
                var house = RunningRampart.start(database, "--rampart.demo=true", "--rampart.tls=true")) {
            String url = RunningRampart.url(house);
            DemoAccount packer = house.getBean(rampart.server.demo.DemoAccounts.class)
                    .offered()
                    .get(1);
            List<String> secure = cookies(url, packer);
            assertThat(secure)
                    .hasSizeGreaterThanOrEqualTo(3)
                    .allMatch(cookie -> cookie.contains("Secure") && cookie.startsWith("__"))
                    .anyMatch(cookie -> cookie.startsWith("__Host-RAMPART=") && cookie.contains("Path=/;"))
                    .anyMatch(cookie -> cookie.startsWith("__Host-XSRF-TOKEN="))
                    .anyMatch(cookie -> cookie.startsWith("__Secure-RAMPART_KNOWN="));
            assertThat(Http.browser(url).get("api/session").raw().headers().firstValue("Strict-Transport-Security"))
                    .contains("max-age=31536000");
        }
        assertThat(Http.browser(RunningRampart.url())
                        .get("api/session")
                        .raw()
                        .headers()
                        .firstValue("Strict-Transport-Security"))
                .isEmpty();
    }

    private static List<String> cookies(String url, DemoAccount account) {
        Http http = Http.browser(url);
        List<String> all = new java.util.ArrayList<>(
                http.get("api/session").raw().headers().allValues("Set-Cookie"));
        Answer answer = http.send(
                "POST",
                "api/session",
                "{\"name\":\"%s\",\"password\":\"%s\"}"
                        .formatted(account.name(), account.password())
                        .getBytes(java.nio.charset.StandardCharsets.UTF_8),
                "Cookie",
                all.get(0).substring(0, all.get(0).indexOf(';')),
                "X-XSRF-TOKEN",
                all.get(0).substring(all.get(0).indexOf('=') + 1, all.get(0).indexOf(';')));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        all.addAll(answer.raw().headers().allValues("Set-Cookie"));
        // What is taken away is set to nothing.
        all.removeIf(cookie -> cookie.matches("[^=]*=;.*"));
        return all;
    }
}
