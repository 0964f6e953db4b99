package rampart.core.box;

import rampart.core.quantity.Axis;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * A carton that lies in the store.
 *
 * @param id names it in the store
 * @param name what people call it
 * @param inside inside size, mm
 * @param board id of its board in the catalogue
 */
public record StockCarton(String id, String name, Size inside, String board) {
    public StockCarton {
        for (Axis axis : Axis.values()) {
            Require.positive(inside.along(axis), "inside of the stock carton along " + axis + " in mm");
        }
    }

    /** The same carton turned by a quarter on the floor. */
    public StockCarton turned() {
        return new StockCarton(
                id,
                name,
                new Size(/* lengthMm= */ inside.widthMm(), /* widthMm= */ inside.lengthMm(), inside.heightMm()),
                board);
    }
}
