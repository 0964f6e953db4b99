package rampart.core.material;

/** Something wound round what is inside; it adds size and nothing else (rule 3). */
public record WrapMaterial(String id, String name) {}
