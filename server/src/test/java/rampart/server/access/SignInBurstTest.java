package rampart.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;

/** Many sign-ins at once take neither the memory nor the machine; names that look alike are one. */
@ExtendWith(RunningRampart.class)
class SignInBurstTest {
    @Test
    void aHundredUnknownNamesAtOnceAreAnsweredOrToldToComeAgain() throws Exception {
        ExecutorService people = Executors.newFixedThreadPool(100);
        try {
            List<Callable<Answer>> all = new ArrayList<>();
            for (int i = 0; i < 100; i++) {
                String name = "nobody " + i;
                all.add(() -> {
                    Http http = Http.browser(RunningRampart.url());
                    http.get("api/session");
                    return http.post("api/session", "{\"name\":\"" + name + "\",\"password\":\"of no account\"}");
                });
            }
            int refused = 0;
            for (Future<Answer> future : people.invokeAll(all)) {
                Answer answer = future.get();
                assertThat(answer.status()).as(answer.body()).isIn(401, 429, 503);
                if (answer.status() == 503) {
                    assertThat(answer.raw().headers().firstValue("Retry-After")).isPresent();
                    refused++;
                }
            }
            assertThat(refused)
                    .as("beyond the queue of %d", BoundedHashing.MOST_WAITING)
                    .isLessThan(60);
        } finally {
            people.shutdownNow();
        }
        assertThat(Http.signedIn().get("api/packs?size=1").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Designer",
                "d\u00e9signer",
                "\uff44\uff45\uff53\uff49\uff47\uff4e\uff45\uff52",
                "de\u200bsigner",
                " designer ",
                "de\u00adsigner",
                "de\u0301signer",
                "\u202edesigner"
            })
    void aNameThatLooksLikeAnotherIsCountedAsThatOne(String spelling) {
        assertThat(AccountName.likeness(spelling)).isEqualTo("designer");
    }

    @Test
    void namesThatDifferStayApart() {
        assertThat(AccountName.likeness("anna")).isNotEqualTo(AccountName.likeness("hanna"));
        assertThat(AccountName.of("  Jose\u0301   Li\u200b ")).isEqualTo("Jos\u00e9 Li");
        assertThat(AccountName.of("\u200b\u2060\u3164")).isEmpty();
    }
}
