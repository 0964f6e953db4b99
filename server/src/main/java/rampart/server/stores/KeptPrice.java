package rampart.server.stores;

import rampart.formats.kept.KeptForm;

/**
 * A price as it is kept.
 *
 * @param amount null where it was taken away
 */
public record KeptPrice(Double amount, String source) {
    public static final KeptForm<KeptPrice> FORM = KeptForm.of("price", KeptPrice.class);
}
