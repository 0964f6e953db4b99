package rampart.server.api;

/** How a person of the house may be called, wherever a name is given to one. */
final class PersonName {
    /** HTTP Basic parts name and password by a colon (RFC 7617, section 2); what nobody sees is in no name. */
    static final String PATTERN =
            "[^\\s:\\u0000-\\u001F\\u007F](?:[^:\\u0000-\\u001F\\u007F]{0,58}[^\\s:\\u0000-\\u001F\\u007F])?";

    static final String MESSAGE =
            "a name has 1 to 60 characters, no colon and nothing unseen, and neither starts nor ends with a space";

    private PersonName() {}
}
