package rampart.formats.paper;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The typefaces of a document: one that ships, for Latin, Greek and Cyrillic, and others of the machine for what it lacks,
 * loaded when they are first needed. Lines are put in the order in which they are seen, Arabic letters joined.
 */
final class Faces {
    /** It comes with the PDF library. */
    private static final String SHIPPED = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    /** Debian's fonts-dejavu-core, which has Arabic as joined forms, Hebrew and more; fonts-droid-fallback, for Chinese. */
    private static final List<Path> OF_THE_MACHINE = List.of(
            Path.of("/usr/share/fonts/truetype/dejavu/DejaVuSans.ttf"),
            Path.of("/usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf"));

    private static final char UNKNOWN = '?';

    private final PDDocument document;
    private final PDType0Font shipped;
    private final Map<Path, PDType0Font> others = new LinkedHashMap<>();

    Faces(PDDocument document) throws IOException {
        this.document = document;
        try (InputStream in = PDDocument.class.getResourceAsStream(SHIPPED)) {
            shipped = load(in);
        }
    }

    /** Without its ligatures: looking for them takes most of the time of a page, and breaking lines knows nothing of them. */
    private PDType0Font load(InputStream in) throws IOException {
        TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
        document.registerTrueTypeFontForClosing(font);
        font.setEnableGsub(false);
        return PDType0Font.load(document, font, true);
    }

    /** A stretch of text in one typeface. */
    record Run(PDType0Font font, String text) {}

    /** A line as it is written, from left to right; what no typeface has a sign for stands as a question mark. */
    List<Run> runs(String line) throws IOException {
        List<Run> runs = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        PDType0Font font = shipped;
        for (int point : seen(line).codePoints().toArray()) {
            String sign = Character.toString(point);
            PDType0Font its = fontOf(sign, font);
            if (its != null && !its.equals(font)) {
                add(runs, font, text);
                font = its;
            }
            text.append(its == null ? String.valueOf(UNKNOWN) : sign);
        }
        add(runs, font, text);
        return runs;
    }

    private static void add(List<Run> runs, PDType0Font font, StringBuilder text) {
        if (!text.isEmpty()) {
            runs.add(new Run(font, text.toString()));
            text.setLength(0);
        }
    }

    /** The shipped face where it has the sign, else the one in use, else the first that has it. */
    private PDType0Font fontOf(String sign, PDType0Font inUse) throws IOException {
        if (has(shipped, sign)) {
            return shipped;
        }
        if (has(inUse, sign)) {
            return inUse;
        }
        for (Path path : OF_THE_MACHINE) {
            PDType0Font other = others.get(path);
            if (other == null && Files.isReadable(path)) {
                try (InputStream in = Files.newInputStream(path)) {
                    other = load(in);
                }
                others.put(path, other);
            }
            if (other != null && has(other, sign)) {
                return other;
            }
        }
        return null;
    }

    private static boolean has(PDType0Font font, String sign) throws IOException {
        try {
            font.encode(sign);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** A line in the order in which it is seen, with Arabic letters in the forms in which they join. */
    private static String seen(String line) {
        if (!Bidi.requiresBidi(line.toCharArray(), 0, line.length())) {
            return line;
        }
        try {
            String joined = new ArabicShaping(ArabicShaping.LETTERS_SHAPE).shape(line);
            Bidi bidi = new Bidi(joined, Bidi.LEVEL_DEFAULT_LTR);
            return bidi.writeReordered(Bidi.DO_MIRRORING | Bidi.REMOVE_BIDI_CONTROLS);
        } catch (ArabicShapingException e) {
            throw new IllegalArgumentException("this line cannot be shaped: " + line, e);
        }
    }
}
