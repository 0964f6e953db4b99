package rampart.server.access;

/** What a person may do. */
public enum Role {
    /** Makes and changes packs. */
    designer,
    /** Reads and prints. */
    packer;

    /** As Spring Security names it. */
    String authority() {
        return "ROLE_" + name();
    }
}
