package rampart.server.stores;

/**
 * A price as it is kept.
 *
 * @param amount null where it was taken away
 */
public record KeptPrice(Double amount, String source) {}
