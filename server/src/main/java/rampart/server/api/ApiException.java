package rampart.server.api;

import rampart.server.messages.Message;

/** A request that cannot be met, with the message for it. */
final class ApiException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final Message message;

    ApiException(Message message, Object... values) {
        super(message.text(values));
        this.message = message;
    }

    Message message() {
        return message;
    }
}
