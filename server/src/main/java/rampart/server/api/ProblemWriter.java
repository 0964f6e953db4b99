package rampart.server.api;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import rampart.server.messages.Message;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem where no controller is at hand: in filters and security. */
@Component
public class ProblemWriter {
    private final JsonMapper mapper;

    ProblemWriter(JsonMapper mapper) {
        this.mapper = mapper;
    }

    public void write(HttpServletResponse response, Message message, Object... values) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(message.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        // Without its length: the container would send it, and close what is still being sent to it, as soon as that
        // much is written.
        response.getOutputStream()
                .write(mapper.writeValueAsBytes(
                        ProblemDetail.forStatusAndDetail(message.status(), message.text(values))));
    }
}
