package rampart.server.durability;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import rampart.server.RampartApplication;
import rampart.server.access.FirstStart;
import rampart.server.access.Role;
import rampart.server.demo.DemoAccounts.DemoAccount;
import rampart.server.support.Http;
import rampart.server.support.Http.Answer;
import rampart.server.support.RunningRampart;
import rampart.server.support.TestDatabase;

/** A machine whose clock is set forward and back by years in the middle of the work: versions count saves, not times. */
class ClockJumpTest {
    private static final class Jumping extends Clock {
        private volatile Duration by = Duration.ZERO;

        @Override
        public Instant instant() {
            return Instant.now().plus(by);
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            throw new UnsupportedOperationException();
        }
    }

    @Test
    void savesRevisionsAndSignInGoOn() {
        Jumping clock = new Jumping();
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext house = new SpringApplicationBuilder(RampartApplication.class)
                        .initializers(context -> ((GenericApplicationContext) context)
                                .registerBean(
                                        "jumping", Clock.class, () -> clock, definition -> definition.setPrimary(true)))
                        .run(RunningRampart.arguments(database))) {
            Http keeper = Http.browser(RunningRampart.url(house));
            keeper.get("api/session");
            keeper.post(
                    "api/first-account",
                    "{\"code\":\"%s\",\"name\":\"keeper\",\"password\":\"a long password\"}"
                            .formatted(house.getBean(FirstStart.class).code()));
            keeper.get("api/session");
            String pack = Http.demoPack("10-hygrometer");
            String id = keeper.post("api/packs", pack).json().path("id").asString();
            int version = 1;
            for (int years : new int[] {10, -20, 0}) {
                clock.by = Duration.ofDays(365L * years);
                Answer saved = keeper.put("api/packs/" + id + "/draft", pack, "If-Match", Http.tag(version));
                assertThat(saved.status()).as(years + " years").isEqualTo(200);
                version++;
                assertThat(saved.json().path("version").asInt()).isEqualTo(version);
                Answer revision =
                        keeper.post("api/packs/" + id + "/revisions", "{\"note\":\"\"}", "If-Match", Http.tag(version));
                assertThat(revision.status()).isEqualTo(201);
                assertThat(keeper.put("api/packs/" + id + "/draft", pack, "If-Match", Http.tag(version - 1))
                                .status())
                        .as("a save over an older version")
                        .isEqualTo(409);
                for (int i = 0; i < 4; i++) {
                    Answer refused = Http.browser(RunningRampart.url(house))
                            .signIn(new DemoAccount("keeper", "not the password", Role.keeper));
                    assertThat(refused.status()).isIn(401, 429);
                    assertThat(refused.raw()
                                    .headers()
                                    .firstValueAsLong("Retry-After")
                                    .orElse(0))
                            .as("seconds to wait")
                            .isLessThanOrEqualTo(4);
                }
            }
            assertThat(keeper.get("api/packs")
                            .json()
                            .path("items")
                            .get(0)
                            .path("savedAt")
                            .asString())
                    .startsWith(clock.instant().toString().substring(0, 10));
            assertThat(keeper.get("api/packs/" + id + "/revisions").json()).hasSize(3);
            assertThat(keeper.get("api/events").status()).isEqualTo(200);
        }
    }
}
