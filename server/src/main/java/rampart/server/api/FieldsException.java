package rampart.server.api;

import java.util.List;
import rampart.formats.json.Problem;
import rampart.server.messages.Message;

/** A request whose fields are well formed but cannot be taken, with the words for each. */
final class FieldsException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Message message;
    private final transient List<Problem> problems;

    FieldsException(Message message, List<Problem> problems) {
        super(message.text());
        this.message = message;
        this.problems = problems;
    }

    Message message() {
        return message;
    }

    List<Problem> problems() {
        return problems;
    }
}
