package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;

/** Ids are plain letters: what names another thing than there can be is not there, and no trouble of the server's. */
@ExtendWith(RunningRampart.class)
class OtherLettersTest {
    private static final List<String> IDS =
            List.of("%E2%80%AE", "%C3%9Cn%C3%AFc%C3%B6d%C3%A9%20%E2%9C%82", "%F0%9F%98%80", "a%E2%9C%82");

    private final Http designer = Http.signedIn();

    static Stream<String> addresses() {
        return Stream.of(
                        "api/packs/%s",
                        "api/packs/%s/steps",
                        "api/packs/%s/page",
                        "api/packs/%s/revisions",
                        "api/packings/%s",
                        "api/releases/%s",
                        "api/consignments/%s",
                        "api/photographs/%s",
                        "api/photographs/%s/thumbnail",
                        "api/stores/materials/%s/tests")
                .flatMap(address -> IDS.stream().map(address::formatted));
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void whatIsCalledInOtherLettersIsNotThere(String address) {
        assertThat(designer.get(address).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @MethodSource("addresses")
    void norCanItBeChangedOrDeleted(String address) {
        assertThat(designer.send("DELETE", address, null, "If-Match", Http.tag(1))
                        .status())
                .isIn(403, 404, 405);
    }

    @ParameterizedTest
    @MethodSource("names")
    void norBegunAtTheTable(String id) {
        assertThat(designer.post("api/packings", "{\"number\":\"" + id + "\"}").status())
                .isIn(400, 404);
    }

    static Stream<String> names() {
        return Stream.of("\u202e", "Ünïcödé ✂", "a✂");
    }
}
