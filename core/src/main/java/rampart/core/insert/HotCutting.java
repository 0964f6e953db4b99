package rampart.core.insert;

import rampart.core.material.Substance;

/**
 * Whether foam may be cut by heat: what holds chlorine gives off hydrogen chloride, which harms people and machines; of what
 * nobody has named, nobody knows. A flame's colour releases nothing: it tells of copper and a halogen, not of what else burns.
 */
public enum HotCutting {
    /** With the usual caution: extraction, no flame left alone, the machine's own instructions. */
    WITH_CARE,
    /** Not before somebody has read its data sheet and said so. */
    NOT_UNTIL_CONFIRMED;

    /** Of a foam made of this. */
    public static HotCutting of(Substance substance) {
        return switch (substance) {
            case PE, PP, PS, PET, PU, PU_ETHER, PU_ESTER, WOOL, PAPER, PAPER_ACID_FREE, STARCH -> WITH_CARE;
            case PVC, RUBBER, OTHER -> NOT_UNTIL_CONFIRMED;
        };
    }
}
