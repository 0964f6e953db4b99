package rampart.server.stores;

import rampart.formats.kept.KeptForm;

/** A thickness in which a foam lies in the store, mm. */
public record StoredSheet(String foam, double thicknessMm, String source) {
    public static final KeptForm<StoredSheet> FORM = KeptForm.of("sheet", StoredSheet.class);

    /** One foam lies in one thickness once. */
    String id() {
        return foam + " " + thicknessMm;
    }
}
