package rampart.formats.view;

import rampart.core.bed.Tie;

/**
 * A band across the item, as it stands in a pack file.
 *
 * @param axis length or width: the direction in which it runs over the item
 * @param atMm where on the other axis, from the middle of the item
 */
public record TieView(String axis, double atMm, double widthMm, double tensionN) {
    public static TieView of(Tie tie) {
        return new TieView(tie.axis().word(), tie.atMm(), tie.widthMm(), tie.tensionN());
    }
}
