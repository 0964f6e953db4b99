package rampart.formats.photograph;

import java.util.List;

/**
 * A mark as a photograph shows it.
 *
 * @param corners pixels from the upper left of the picture, the lower left corner of the mark first, against the clock on paper
 */
record FoundMark(MarkSheet sheet, MarkSheet.Mark mark, List<Pixel> corners) {
    FoundMark {
        corners = List.copyOf(corners);
    }

    /** A place in a picture, from the upper left. */
    record Pixel(double x, double y) {}
}
