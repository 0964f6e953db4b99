package rampart.formats.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.oned.Code128Writer;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rampart.core.geometry.PlanPoint;

/**
 * Bar codes as outlines to fill, mm. A module is a whole number of dots of a 203 dpi label printer (8 dots a mm), so that no bar is
 * rounded on it.
 */
final class BarCode {
    /** Three dots. */
    static final double BAR_MM = 0.375;

    /** Four dots. */
    static final double MODULE_MM = 0.5;

    /** What Code 128 can say of a keyboard: printable characters of ASCII. */
    private static final int MOST_LETTERS = 40;

    private BarCode() {}

    /** Width of a text in Code 128 without its quiet zones, mm. */
    static double widthMm(String text) {
        return bits(text).getWidth() * BAR_MM;
    }

    /**
     * Code 128.
     *
     * @throws IllegalArgumentException if the text is empty, longer than 40 letters, or not of printable ASCII
     */
    static List<Drawing.Shape> lines(String text, double leftMm, double topMm, double heightMm) {
        BitMatrix bits = bits(text);
        List<Drawing.Shape> shapes = new ArrayList<>();
        runs(
                bits,
                0,
                (from, to) -> shapes.add(rectangle(leftMm + from * BAR_MM, topMm, (to - from) * BAR_MM, heightMm)));
        return shapes;
    }

    private static BitMatrix bits(String text) {
        if (text.isEmpty() || text.length() > MOST_LETTERS || !text.chars().allMatch(c -> c >= ' ' && c <= '~')) {
            throw new IllegalArgumentException(
                    "a bar code takes 1 to " + MOST_LETTERS + " letters of printable ASCII, not \"" + text + "\"");
        }
        return new Code128Writer().encode(text, BarcodeFormat.CODE_128, 0, 1, Map.of(EncodeHintType.MARGIN, 0));
    }

    /** Side of a QR code without its quiet zone, mm. */
    static double sideMm(String text) {
        return square(text).getWidth() * MODULE_MM;
    }

    /** QR code, 15 % of it may be lost. */
    static List<Drawing.Shape> qr(String text, double leftMm, double topMm) {
        BitMatrix bits = square(text);
        List<Drawing.Shape> shapes = new ArrayList<>();
        for (int row = 0; row < bits.getHeight(); row++) {
            double top = topMm + row * MODULE_MM;
            runs(
                    bits,
                    row,
                    (from, to) ->
                            shapes.add(rectangle(leftMm + from * MODULE_MM, top, (to - from) * MODULE_MM, MODULE_MM)));
        }
        return shapes;
    }

    private static BitMatrix square(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    0,
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8",
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalArgumentException("a QR code cannot hold \"" + text + "\"", e);
        }
    }

    private interface Run {
        void of(int from, int to);
    }

    private static void runs(BitMatrix bits, int row, Run run) {
        int from = -1;
        for (int x = 0; x <= bits.getWidth(); x++) {
            boolean dark = x < bits.getWidth() && bits.get(x, row);
            if (dark && from < 0) {
                from = x;
            } else if (!dark && from >= 0) {
                run.of(from, x);
                from = -1;
            }
        }
    }

    private static Drawing.Shape rectangle(double x, double y, double width, double height) {
        return new Drawing.Shape(
                List.of(
                        new PlanPoint(x, y),
                        new PlanPoint(x + width, y),
                        new PlanPoint(x + width, y + height),
                        new PlanPoint(x, y + height)),
                1,
                false,
                0);
    }
}
