package rampart.formats.paper;

/** The papers of a pack; the names are the words in addresses. */
@SuppressWarnings("java:S115")
public enum PaperKind {
    page("Packer's page"),
    specification("Specification"),
    drawings("Drawings of insert and carton"),
    materials("Materials"),
    cutting("Cut list and cut plan"),
    packing("Packing steps"),
    unpacking("Unpacking"),
    inspection("Note for inspectors"),
    labels("Labels"),
    parts("Parts, out and back");

    private final String title;

    PaperKind(String title) {
        this.title = title;
    }

    /** What a packer calls it. */
    public String title() {
        return title;
    }
}
