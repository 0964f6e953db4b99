package rampart.formats.photograph;

import java.awt.image.BufferedImage;
import java.util.List;

/**
 * A photograph laid flat, and how sure that is.
 *
 * @param picture the table from straight above
 * @param difference of each place from the ground round it: 1 not at all, 255 wholly; 0 where no item can be
 * @param mmPerPixel of both
 * @param left edge of the first column, mm
 * @param back edge of the first row, mm
 * @param sheets that were seen, by name
 * @param marks that were seen whole
 * @param marksErrorMm how far corners of marks are from where they should be, root of the mean square
 */
public record LaidFlat(
        BufferedImage picture,
        BufferedImage difference,
        double mmPerPixel,
        double left,
        double back,
        List<String> sheets,
        int marks,
        CameraPlace camera,
        double marksErrorMm) {
    public LaidFlat {
        sheets = List.copyOf(sheets);
    }

    /**
     * Where the camera was.
     *
     * @param xMm of the place of the table under it
     * @param yMm of the place of the table under it
     * @param heightMm over the table
     * @param heightErrorMm standard error of that
     * @param tiltDegrees from straight down
     */
    public record CameraPlace(double xMm, double yMm, double heightMm, double heightErrorMm, double tiltDegrees) {}
}
