package rampart.formats.photograph;

import boofcv.abst.fiducial.SquareHamming_to_FiducialDetector;
import boofcv.factory.fiducial.ConfigFiducialHammingDetector;
import boofcv.factory.fiducial.FactoryFiducial;
import boofcv.struct.image.GrayF32;
import georegression.struct.point.Point2D_F64;
import georegression.struct.shapes.Polygon2D_F64;
import java.util.ArrayList;
import java.util.List;

/** Finds the marks of {@link MarkSheet} in a picture. */
final class MarkFinder {
    /** The library begins at the lower right corner and goes with the clock. */
    private static final int[] FROM_LOWER_LEFT = {1, 0, 3, 2};

    private MarkFinder() {}

    /** Every mark that is seen whole, each once; a number seen twice is none, for nobody knows which is meant. */
    static List<FoundMark> in(Pixels pixels) {
        GrayF32 grey = new GrayF32(pixels.width(), pixels.height());
        for (int at = 0; at < grey.data.length; at++) {
            grey.data[at] = pixels.grey(at);
        }
        SquareHamming_to_FiducialDetector<GrayF32> detector = FactoryFiducial.squareHamming(
                MarkPattern.DICTIONARY, new ConfigFiducialHammingDetector(), GrayF32.class);
        detector.detect(grey);
        int[] seen = new int[MarkPattern.DICTIONARY.encoding.size()];
        for (int i = 0; i < detector.totalFound(); i++) {
            seen[(int) detector.getId(i)]++;
        }
        List<FoundMark> found = new ArrayList<>();
        for (int i = 0; i < detector.totalFound(); i++) {
            int number = (int) detector.getId(i);
            if (seen[number] > 1) {
                continue;
            }
            List<FoundMark.Pixel> corners = new ArrayList<>();
            Polygon2D_F64 bounds = detector.getBounds(i, null);
            for (int c : FROM_LOWER_LEFT) {
                Point2D_F64 corner = bounds.get(c);
                corners.add(new FoundMark.Pixel(corner.x, corner.y));
            }
            for (MarkSheet sheet : MarkSheet.all()) {
                sheet.marks().stream()
                        .filter(mark -> mark.number() == number)
                        .forEach(mark -> found.add(new FoundMark(sheet, mark, corners)));
            }
        }
        return found;
    }
}
