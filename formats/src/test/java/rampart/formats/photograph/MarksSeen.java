package rampart.formats.photograph;

import java.awt.image.BufferedImage;
import java.util.List;

/** Marks found in a picture, as boxes. */
public final class MarksSeen {
    private MarksSeen() {}

    /** A mark's number and the smallest box round it, pixels. */
    public record Seen(int number, double left, double right, double top, double low) {}

    public static List<Seen> in(BufferedImage image) {
        return MarkFinder.in(Pixels.of(image)).stream()
                .map(mark -> new Seen(
                        mark.mark().number(),
                        mark.corners().stream()
                                .mapToDouble(FoundMark.Pixel::x)
                                .min()
                                .orElseThrow(),
                        mark.corners().stream()
                                .mapToDouble(FoundMark.Pixel::x)
                                .max()
                                .orElseThrow(),
                        mark.corners().stream()
                                .mapToDouble(FoundMark.Pixel::y)
                                .min()
                                .orElseThrow(),
                        mark.corners().stream()
                                .mapToDouble(FoundMark.Pixel::y)
                                .max()
                                .orElseThrow()))
                .toList();
    }
}
