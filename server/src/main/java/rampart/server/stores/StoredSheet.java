package rampart.server.stores;

/** A thickness in which a foam lies in the store, mm. */
public record StoredSheet(String foam, double thicknessMm, String source) {
    /** One foam lies in one thickness once. */
    String id() {
        return foam + " " + thicknessMm;
    }
}
