package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import rampart.server.access.Role;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;

/** People, rights, passwords, visits, the ways of the house and its trail. */
@ExtendWith(RunningRampart.class)
class HouseTest {
    private final Http keeper = Http.signedIn(RunningRampart.keeper());

    private DemoAccount added(String name, Role role) {
        Answer answer = keeper.post("api/people", "{\"name\":\"%s\",\"role\":\"%s\"}".formatted(name, role));
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        return new DemoAccount(name, answer.json().path("password").asString(), role);
    }

    /** A body with the keeper's own password. */
    private static String own(String more) {
        return "{" + more + "\"ownPassword\":\"" + RunningRampart.keeper().password() + "\"}";
    }

    private long id(String name) {
        for (JsonNode member : keeper.get("api/people").json()) {
            if (member.path("name").asString().equals(name)) {
                return member.path("id").asLong();
            }
        }
        throw new AssertionError("nobody is called " + name);
    }

    private static int signIn(DemoAccount account) {
        return Http.browser(RunningRampart.url()).signIn(account).status();
    }

    @Test
    void someoneAddedComesInWithTheHandedPasswordAndTheirRights() {
        Http packer = Http.signedIn(added("Lamp room", Role.packer));
        assertThat(packer.get("api/packs").status()).isEqualTo(200);
        assertThat(packer.post("api/packs", Http.demoPack("10-hygrometer")).status())
                .isEqualTo(403);
        Http designer = Http.signedIn(added("Ünïcode ☂", Role.designer));
        assertThat(designer.get("api/people").status()).isEqualTo(403);
        assertThat(designer.get("api/events").status()).isEqualTo(403);
        assertThat(designer.put("api/house", "{\"lengthUnit\":\"in\",\"massUnit\":\"kg\",\"numbers\":\"point\"}")
                        .status())
                .isEqualTo(403);
        assertThat(designer.post("api/people", "{\"name\":\"x\",\"role\":\"keeper\"}")
                        .status())
                .isEqualTo(403);
    }

    @Test
    void aNameIsTakenOnceWhateverItsCapitalsAndAccents() {
        added("Quay office", Role.packer);
        Answer again = keeper.post("api/people", "{\"name\":\"QUÁY Office\",\"role\":\"packer\"}");
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.json().path("detail").asString())
                .contains("QUÁY Office")
                .contains("Nobody was added");
    }

    @Test
    void otherRightsEndTheVisitsThatHadTheOldOnes() {
        DemoAccount person = added("Crane", Role.designer);
        Http browser = Http.signedIn(person);
        Http second = Http.signedIn(person);
        assertThat(keeper.put("api/people/" + id("Crane") + "/rights", own("\"role\":\"packer\","))
                        .json()
                        .path("role")
                        .asString())
                .isEqualTo("packer");
        assertThat(browser.get("api/packs").status()).isEqualTo(401);
        assertThat(second.get("api/packs").status()).isEqualTo(401);
        browser.signIn(person);
        assertThat(browser.post("api/packs", Http.demoPack("10-hygrometer")).status())
                .isEqualTo(403);
    }

    @Test
    void aResetPasswordReplacesTheOldOne() {
        DemoAccount person = added("Winch", Role.packer);
        Http browser = Http.signedIn(person);
        Answer reset = keeper.post("api/people/" + id("Winch") + "/password", own(""));
        assertThat(reset.json().path("name").asString()).isEqualTo("Winch");
        assertThat(browser.get("api/packs").status()).isEqualTo(401);
        assertThat(signIn(person)).isEqualTo(401);
        assertThat(signIn(new DemoAccount("Winch", reset.json().path("password").asString(), Role.packer)))
                .isEqualTo(200);
    }

    @Test
    void whoIsRemovedIsOutAtOnceAndTheLastKeeperStays() {
        DemoAccount person = added("Buoy", Role.packer);
        Http browser = Http.signedIn(person);
        assertThat(keeper.delete("api/people/" + id("Buoy")).status()).isEqualTo(204);
        assertThat(browser.get("api/packs").status()).isEqualTo(401);
        assertThat(signIn(person)).isEqualTo(401);
        assertThat(keeper.delete("api/people/999999999").status()).isEqualTo(404);

        long last = id("keeper");
        Answer removed = keeper.delete("api/people/" + last);
        assertThat(removed.status()).isEqualTo(409);
        assertThat(removed.json().path("detail").asString()).contains("last keeper");
        assertThat(keeper.put("api/people/" + last + "/rights", own("\"role\":\"designer\","))
                        .status())
                .isEqualTo(409);
        assertThat(keeper.get("api/people").status()).isEqualTo(200);
    }

    @Test
    void aPersonChangesTheirOwnPasswordAndOtherVisitsEnd() {
        DemoAccount person = added("Tiller", Role.packer);
        Http here = Http.signedIn(person);
        Http there = Http.signedIn(person);
        String body = "{\"old\":\"%s\",\"password\":\"%s\"}";
        Answer wrong = here.put("api/session/password", body.formatted("not it", "a new password"));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.json().at("/errors/0/path").asString()).isEqualTo("/old");
        assertThat(wrong.body()).doesNotContain("not it").doesNotContain("a new password");
        assertThat(here.put("api/session/password", body.formatted(person.password(), "short"))
                        .json()
                        .at("/errors/0/message")
                        .asString())
                .contains("12 to 200")
                .doesNotContain("short");
        assertThat(here.put("api/session/password", body.formatted(person.password(), "a new password"))
                        .status())
                .isEqualTo(204);
        assertThat(here.get("api/packs").status()).isEqualTo(200);
        assertThat(there.get("api/packs").status()).isEqualTo(401);
        assertThat(signIn(person)).isEqualTo(401);
        assertThat(signIn(new DemoAccount("Tiller", "a new password", Role.packer)))
                .isEqualTo(200);
    }

    @Test
    void visitsAreListedWithoutTheirSecretsAndEnded() {
        DemoAccount person = added("Anchor", Role.packer);
        Http here = Http.signedIn(person);
        Http there = Http.signedIn(person);
        JsonNode visits = here.get("api/visits").json();
        assertThat(visits).hasSize(2);
        String other = "";
        int ours = 0;
        for (JsonNode visit : visits) {
            assertThat(visit.path("address").asString()).isEqualTo("127.0.0.1");
            assertThat(visit.path("handle").asString()).hasSize(16);
            ours += visit.path("here").asBoolean() ? 1 : 0;
            other = visit.path("here").asBoolean()
                    ? other
                    : visit.path("handle").asString();
        }
        assertThat(ours).isOne();
        // Nobody else's visit can be ended with its handle.
        assertThat(Http.signedIn(RunningRampart.packer())
                        .delete("api/visits/" + other)
                        .status())
                .isEqualTo(404);
        assertThat(here.delete("api/visits/" + other).status()).isEqualTo(204);
        assertThat(there.get("api/packs").status()).isEqualTo(401);
        assertThat(here.get("api/visits").json()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"in, lb, comma", "mm, kg, point"})
    void theWaysOfTheHouseAreSetForEverybody(String length, String mass, String numbers) {
        String body = "{\"lengthUnit\":\"%s\",\"massUnit\":\"%s\",\"numbers\":\"%s\",\"currency\":\"EUR\"}"
                .formatted(length, mass, numbers);
        assertThat(keeper.put("api/house", body).status()).isEqualTo(200);
        assertThat(Http.signedIn().get("api/house").json()).isEqualTo(Http.MAPPER.readTree(body));
        Answer wrong = keeper.put("api/house", body.replace(length, "furlong"));
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.json().at("/errors/0/message").asString())
                .contains("furlong")
                .contains("mm or in");
    }

    @Test
    void whatIsDoneStandsInTheTrailUnderTheNameOfWhoDidIt() {
        Http designer = Http.signedIn();
        String id = designer.post("api/packs", Http.demoPack("10-hygrometer"))
                .json()
                .path("id")
                .asString();
        designer.post("api/packs/" + id + "/revisions", "{\"note\":\"as sent\"}", "If-Match", "\"1\"");
        designer.delete("api/packs/" + id);
        JsonNode events = keeper.get("api/events?size=3").json();
        assertThat(events.get(0).path("words").asString()).isEqualTo("deleted");
        assertThat(events.get(1).path("words").asString()).isEqualTo("made a revision of");
        assertThat(events.get(1).path("detail").asString()).isEqualTo("revision 1: as sent");
        assertThat(events.get(2).path("words").asString()).isEqualTo("put on the shelf");
        for (JsonNode event : events) {
            assertThat(event.path("who").asString()).isEqualTo("designer");
            assertThat(event.path("subject").asString()).isEqualTo("Hygrometer head");
        }
        JsonNode earlier = keeper.get(
                        "api/events?size=1&before=" + events.get(1).path("id").asLong())
                .json();
        assertThat(earlier.get(0)).isEqualTo(events.get(2));
    }

    @Test
    void aRefusedChangeLeavesNoTrace() {
        long before = keeper.get("api/events?size=1").json().get(0).path("id").asLong();
        keeper.delete("api/people/" + id("keeper"));
        Http.signedIn().delete("api/packs/none");
        assertThat(keeper.get("api/events?size=1").json().get(0).path("id").asLong())
                .isEqualTo(before);
    }

    @Test
    void carriersAreKeptAsGivenAndAWallThatCrossesOneSaysSo() {
        JsonNode before = keeper.get("api/house/carriers").json();
        try {
            String given = "{\"lines\":[{\"name\":\" Quay post \",\"longestMm\":50.5,\"lengthAndGirthMm\":null,"
                    + "\"litres\":null,\"massKg\":0.1}]}";
            assertThat(keeper.put("api/house/carriers", given).status()).isEqualTo(200);
            JsonNode line = keeper.get("api/house/carriers").json().at("/lines/0");
            assertThat(line.path("name").asString()).isEqualTo("Quay post");
            assertThat(line.path("longestMm").asDouble()).isEqualTo(50.5);
            assertThat(line.path("litres").isNull()).isTrue();
            JsonNode told = keeper.get("api/events").json().get(0);
            assertThat(told.path("detail").asString()).isEqualTo("carriers: Quay post");

            String limits = "{\"build\":\"any\",\"foams\":[],\"longestMm\":null,\"lengthAndGirthMm\":null,"
                    + "\"reusable\":false,\"handCut\":false,\"stockOnly\":false}";
            Answer walls = Http.designer()
                    .post(
                            "api/proposals",
                            "{\"pack\":" + Http.demoPack("10-hygrometer") + ",\"limits\":" + limits + "}");
            assertThat(walls.body()).contains("Quay post");

            for (String wrong : new String[] {
                "{\"lines\":[{\"name\":\" \"}]}",
                "{\"lines\":[{\"name\":\"x\",\"longestMm\":0}]}",
                "{\"lines\":[{\"name\":\"x\",\"massKg\":1e9}]}",
                "{}"
            }) {
                Answer refused = keeper.put("api/house/carriers", wrong);
                assertThat(refused.status()).as(wrong).isEqualTo(400);
                assertThat(refused.json().path("errors")).as(wrong).isNotEmpty();
            }
            assertThat(keeper.get("api/house/carriers").json().path("lines")).hasSize(1);
            assertThat(Http.designer().put("api/house/carriers", given).status())
                    .isEqualTo(403);
        } finally {
            keeper.put("api/house/carriers", before.toString());
        }
    }
}
