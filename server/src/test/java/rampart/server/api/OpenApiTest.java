package rampart.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import rampart.server.support.Http;
import rampart.server.support.RunningRampart;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The client's types are made from web/openapi.json; this holds that file to the server. After a wanted change, run the
 * test with {@code -Drampart.write-openapi=true}, then {@code npm run types} in web.
 */
@ExtendWith(RunningRampart.class)
class OpenApiTest {
    private static final Path FILE = Path.of("../web/openapi.json");

    @Test
    void theClientsDocumentIsTheServers() throws IOException {
        JsonMapper mapper = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .enable(tools.jackson.databind.cfg.JsonNodeFeature.WRITE_PROPERTIES_SORTED)
                .build();
        JsonNode served = mapper.readTree(Http.signedIn().get("v3/api-docs").body());
        if (Boolean.getBoolean("rampart.write-openapi")) {
            Files.writeString(FILE, mapper.writeValueAsString(served) + "\n");
        }
        assertThat(mapper.readTree(Files.readString(FILE))).isEqualTo(served);
    }
}
