package rampart.core.fingers;

import java.util.Optional;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * A case to cut.
 *
 * @param outside mm
 * @param sheetMm thickness of the sheet
 * @param fingerMm width that a finger is to have; edges are divided into an odd number of equal ones near to it
 * @param allowanceMm what every cut edge is moved outward, so that fingers hold where the cutter has taken its kerf; from a trial
 * @param tag a name tag let into the lid; empty for none
 */
public record CaseSpec(Size outside, double sheetMm, double fingerMm, double allowanceMm, Optional<Tag> tag) {
    /** The lid lies this many sheets under the upper edge of the sides, so that its pins have wood round them. */
    static final double LID_UNDER = 1;

    /** Sheets that inside height is less than outside: the floor, the lid, and what it lies under the edge. */
    private static final double SHEETS_IN_HEIGHT = 2 + LID_UNDER;

    private static final double LEAST_SHEETS = 6;

    /** Fingers along an edge; so many are 3 m of fingers of 15 mm. With ten times as many, files and trial took over three minutes. */
    private static final double MOST_FINGERS = 200;

    /**
     * A tag let into the lid.
     *
     * @param allowanceMm by how much it is cut larger on each side than nominal; its opening is nominal
     */
    public record Tag(double lengthMm, double widthMm, double allowanceMm) {
        public Tag {
            Require.positive(lengthMm, "length of the tag in mm");
            Require.positive(widthMm, "width of the tag in mm");
            Require.within(allowanceMm, 0, 1, "allowance of the tag in mm");
        }
    }

    public CaseSpec {
        Require.within(sheetMm, 0.5, 30, "thickness of the sheet in mm");
        Require.within(fingerMm, sheetMm, 200, "width of a finger in mm");
        Require.within(allowanceMm, 0, 0.5, "allowance of an edge in mm");
        for (Axis axis : Axis.values()) {
            Require.within(outside.along(axis) / fingerMm, 0, MOST_FINGERS, "number of fingers along an edge");
            Require.within(
                    outside.along(axis),
                    Math.max(LEAST_SHEETS * sheetMm, 3 * fingerMm),
                    3000,
                    "outside " + axis.word() + " of the case in mm");
        }
        tag.ifPresent(t -> {
            Require.within(t.lengthMm(), 1, outside.lengthMm() - 6 * sheetMm, "length of the tag in mm");
            Require.within(t.widthMm(), 1, outside.widthMm() - 6 * sheetMm, "width of the tag in mm");
        });
    }

    /** The case that has this inside. */
    public static CaseSpec round(Size inside, double sheetMm, double fingerMm, double allowanceMm, Optional<Tag> tag) {
        double both = 2 * sheetMm;
        return new CaseSpec(inside.plus(both, both, SHEETS_IN_HEIGHT * sheetMm), sheetMm, fingerMm, allowanceMm, tag);
    }

    /** Inside, under the lid, mm. */
    public Size inside() {
        double both = 2 * sheetMm;
        return outside.plus(-both, -both, -SHEETS_IN_HEIGHT * sheetMm);
    }
}
