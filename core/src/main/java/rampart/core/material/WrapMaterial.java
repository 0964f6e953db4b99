package rampart.core.material;

/**
 * Something wound round what is inside; it adds size and nothing else (rule 3).
 *
 * @param substance what it is made of
 * @param source where it comes from; empty for one of the catalogue
 */
public record WrapMaterial(String id, String name, Substance substance, String source) {}
