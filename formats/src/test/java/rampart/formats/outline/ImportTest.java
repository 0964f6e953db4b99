package rampart.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.core.search.Watcher;
import rampart.formats.Outside;

/** Drawings of others: every kind of curve with its area in closed form, units, gaps, and what is broken or hostile. */
class ImportTest {
    private static final double IN2 = 25.4 * 25.4;

    private static ImportedOutlines read(String text) {
        return ImportedOutlines.read(text.getBytes(StandardCharsets.UTF_8), Optional.empty(), 0.5, Watcher.NONE);
    }

    private static String svg(String inner) {
        return "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='100mm' viewBox='0 0 200 100'>" + inner
                + "</svg>";
    }

    /** A file of an independent library, in inches: slot, circle, ellipse, lines with gaps, arc, spline. */
    @Test
    void everyCurveOfDxf(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("all.dxf");
        Outside.python("write-dxf.py", file);
        ImportedOutlines read = ImportedOutlines.read(Files.readAllBytes(file), Optional.empty(), 0.5, Watcher.NONE);
        assertThat(read.unit()).isEqualTo(FileUnit.IN);
        assertThat(read.unitStated()).isTrue();
        assertThat(read.outlines())
                .extracting(ImportedOutlines.Imported::areaMm2)
                .usingElementComparator((a, b) -> Math.abs(a - b) < 0.005 * b ? 0 : Double.compare(a, b))
                .containsExactly(
                        Math.PI * 9 * IN2,
                        (4 * 2 + Math.PI) * IN2,
                        Math.PI * 2 * IN2,
                        Math.PI * IN2,
                        Math.PI / 2 * IN2,
                        1.0 * IN2);
        assertThat(read.outlines()).extracting(ImportedOutlines.Imported::layer).contains("plate", "round", "0");
        assertThat(read.outlines().get(5).gapMm()).isBetween(0.1, 0.2);
        assertThat(read.remarks())
                .anyMatch(r -> r.contains("gap of 0.1"))
                .anyMatch(r -> r.contains("TEXT"))
                .anyMatch(r -> r.contains("stays open") && r.contains("127.00 mm"));
    }

    @Test
    void everyShapeOfSvg() {
        ImportedOutlines read = read(svg("<g id='body'><rect x='10' y='10' width='60' height='40' rx='5'/>"
                + "<circle cx='120' cy='40' r='20'/><ellipse cx='120' cy='80' rx='20' ry='10'/>"
                + "<polygon points='150,10 190,10 190,30'/></g>"
                + "<g transform='translate(100,20) rotate(30) scale(2)'><path d='M0 0h10v10h-10z m20 0 a5 5 0 1 0 10 0 a5 5 0 1 0 -10 0'/></g>"
                + "<text x='1' y='1'>words</text>"));
        assertThat(read.outlines())
                .extracting(ImportedOutlines.Imported::areaMm2)
                .usingElementComparator((a, b) -> Math.abs(a - b) < 0.003 * b ? 0 : Double.compare(a, b))
                .containsExactly(
                        60 * 40 - (4 - Math.PI) * 25, Math.PI * 400, Math.PI * 200, 400.0, 400.0, Math.PI * 100);
        assertThat(read.outlines().get(0).layer()).isEqualTo("body");
        assertThat(read.remarks()).containsExactly("left out: 1 x text");
    }

    /** Up on the page is away from whoever lays the item down: a drawing is not mirrored. */
    @Test
    void upOnThePageIsAway() {
        ImportedOutlines read = read(svg("<path d='M0 100 L200 100 L0 0 Z'/>"));
        assertThat(read.outlines().get(0).places())
                .anySatisfy(p -> {
                    assertThat(p.xMm()).isCloseTo(-100, within(1e-9));
                    assertThat(p.yMm()).isCloseTo(50, within(1e-9));
                })
                .noneSatisfy(p -> assertThat(p.xMm() > 0 && p.yMm() > 0).isTrue());
    }

    @Test
    void unitsAreReadOrAsked() {
        String bare =
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 96 96'><rect width='96' height='48'/></svg>";
        ImportedOutlines pixels = read(bare);
        assertThat(pixels.unitStated()).isFalse();
        assertThat(pixels.outlines().get(0).areaMm2()).isCloseTo(25.4 * 12.7, within(1e-6));
        ImportedOutlines asked =
                ImportedOutlines.read(bare.getBytes(StandardCharsets.UTF_8), Optional.of(FileUnit.MM), 0, Watcher.NONE);
        assertThat(asked.unitStated()).isTrue();
        assertThat(asked.outlines().get(0).areaMm2()).isCloseTo(96 * 48, within(1e-6));
        String inches =
                "<svg xmlns='http://www.w3.org/2000/svg' width='2in' height='1in' viewBox='0 0 20 10'><rect width='10' height='10'/></svg>";
        assertThat(read(inches).outlines().get(0).areaMm2()).isCloseTo(IN2, within(1e-6));
    }

    private static ImportedOutlines dxf(String sections) {
        return ImportedOutlines.read(
                (sections + "0\nEOF\n").replace(" ", "\n").getBytes(StandardCharsets.ISO_8859_1),
                Optional.of(FileUnit.MM),
                0.5,
                Watcher.NONE);
    }

    private static double[] reach(ImportedOutlines.Imported outline) {
        double[] b = {1e9, 1e9, -1e9, -1e9};
        outline.places().forEach(p -> {
            b[0] = Math.min(b[0], p.xMm());
            b[1] = Math.min(b[1], p.yMm());
            b[2] = Math.max(b[2], p.xMm());
            b[3] = Math.max(b[3], p.yMm());
        });
        return b;
    }

    /** Published group codes: with normal 0, 0, -1 a circle at x = 30 lies at x = -30, a quarter's bulge turns the other way. */
    @Test
    void whatWasDrawnFromBelowIsMirrored() {
        String frame = "0 LWPOLYLINE 8 0 70 1 10 -100 20 -50 10 100 20 -50 10 100 20 50 10 -100 20 50 ";
        ImportedOutlines read = dxf("0 SECTION 2 ENTITIES " + frame + "0 CIRCLE 8 0 10 30 20 10 40 5 230 -1 0 ENDSEC ");
        double[] circle = reach(read.outlines().get(1));
        assertThat(circle[0]).isCloseTo(-35, within(.01));
        assertThat(circle[2]).isCloseTo(-25, within(.01));
        ImportedOutlines half = dxf(
                "0 SECTION 2 ENTITIES " + frame + "0 LWPOLYLINE 8 0 70 1 230 -1 10 10 20 0 42 1 10 30 20 0 0 ENDSEC ");
        double[] dome = reach(half.outlines().get(1));
        // From x = 10 to 30 counter-clockwise: below; mirrored from -10 to -30: still below.
        assertThat(dome).containsExactly(new double[] {-30, -10, -10, 0}, within(.02));
    }

    @Test
    void blocksAreInsertedScaledAndTurned() {
        String block =
                "0 SECTION 2 BLOCKS 0 BLOCK 2 HOLE 10 5 20 0 0 LWPOLYLINE 8 0 70 1 10 5 20 0 10 15 20 0 10 15 20 4 10 5"
                        + " 20 4 0 ENDBLK 0 ENDSEC ";
        ImportedOutlines read = dxf(block
                + "0 SECTION 2 ENTITIES 0 LWPOLYLINE 8 0 70 1 10 -100 20 -50 10 100 20 -50 10 100 20 50 10 -100 20 50 "
                + "0 INSERT 8 CUTS 2 HOLE 10 20 20 10 41 2 42 3 50 90 0 ENDSEC ");
        assertThat(read.outlines()).hasSize(2);
        assertThat(read.outlines().get(1).layer()).isEqualTo("CUTS");
        // 10 by 4 about its base, twice as long and three times as wide, turned a quarter: 12 to the left, 20 up.
        assertThat(reach(read.outlines().get(1))).containsExactly(new double[] {8, 10, 20, 30}, within(.01));
    }

    @Test
    void layersThatAreNotShownAreNotOffered() {
        String tables =
                "0 SECTION 2 TABLES 0 TABLE 2 LAYER 0 LAYER 2 OFF 70 0 62 -7 0 LAYER 2 COLD 70 1 62 7 0 ENDTAB 0 ENDSEC ";
        ImportedOutlines read = dxf(tables
                + "0 SECTION 2 ENTITIES 0 CIRCLE 8 SEEN 10 0 20 0 40 9 0 CIRCLE 8 OFF 10 0 20 0 40 8 0 CIRCLE 8 COLD 10 0 20 0"
                + " 40 7 0 CIRCLE 8 SEEN 60 1 10 0 20 0 40 6 0 ENDSEC ");
        assertThat(read.outlines()).hasSize(1);
        assertThat(read.remarks()).anyMatch(words -> words.contains("3 x CIRCLE on a layer that is not shown"));
        assertThat(read(svg("<g style='display:none' id='old'><rect width='50' height='50'/></g>"
                                + "<g display='none'><rect width='40' height='40'/></g><rect width='30' height='30'/>"))
                        .outlines())
                .hasSize(1);
    }

    /** W3C SVG 1.1, 7.8 and 5.6: the same by hand. */
    @Test
    void pagesInPagesSharesAndWhatIsUsedAgain() {
        ImportedOutlines nested = read(
                svg(
                        "<svg x='10' y='10' width='50' height='50' viewBox='0 0 100 100'><rect width='100' height='100'/></svg>"));
        assertThat(nested.outlines().get(0).areaMm2()).isCloseTo(2500, within(.1));
        ImportedOutlines stretched = read("<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='50mm'"
                + " viewBox='0 0 100 100' preserveAspectRatio='none'><rect width='100' height='100'/></svg>");
        assertThat(stretched.outlines().get(0).areaMm2()).isCloseTo(200 * 50, within(.1));
        ImportedOutlines kept = read("<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='50mm'"
                + " viewBox='0 0 100 100'><rect width='100' height='100'/></svg>");
        assertThat(kept.outlines().get(0).areaMm2()).isCloseTo(50 * 50, within(.1));
        ImportedOutlines shares = read("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm'"
                + " viewBox='0 0 100 100'><rect width='50%' height='25%'/></svg>");
        assertThat(shares.outlines().get(0).areaMm2()).isCloseTo(50 * 25, within(.1));
        ImportedOutlines used = read(
                "<?xml version='1.0'?><!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN'"
                        + " 'http://127.0.0.1:9/svg11.dtd'><svg xmlns='http://www.w3.org/2000/svg'"
                        + " xmlns:xlink='http://www.w3.org/1999/xlink' width='100mm' height='100mm' viewBox='0 0 100 100'><defs>"
                        + "<circle id='c' r='5'/></defs><use xlink:href='#c' x='20' y='20'/><use href='#c' x='60' y='60'/></svg>");
        assertThat(used.outlines()).hasSize(2);
        assertThat(used.outlines()
                        .get(0)
                        .places()
                        .get(0)
                        .to(used.outlines().get(1).places().get(0)))
                .isCloseTo(Math.hypot(40, 40), within(.1));
    }

    @Test
    void doublesAreTakenOnceAndGapsAreToldByTheNearestEnd() {
        String square =
                "0 LINE 8 0 10 0 20 0 11 50 21 0 0 LINE 8 0 10 50 20 0 11 50 21 50 0 LINE 8 0 10 50 20 50 11 0 21 50"
                        + " 0 LINE 8 0 10 0 20 50 11 0 21 0 ";
        ImportedOutlines twice = dxf("0 SECTION 2 ENTITIES " + square + square + "0 ENDSEC ");
        assertThat(twice.outlines()).hasSize(1);
        assertThat(twice.remarks()).anyMatch(words -> words.startsWith("4 lines lie exactly on another"));
        ImportedOutlines open = dxf("0 SECTION 2 ENTITIES 0 CIRCLE 8 0 10 200 20 0 40 5 "
                + square.replace("11 0 21 0 ", "11 0 21 2 ") + "0 ENDSEC ");
        assertThat(open.remarks()).anyMatch(words -> words.contains("the nearest end is 2.00 mm away"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "no drawing at all",
                "<svg",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L1e999 5 L3 3z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><circle r='NaN'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path transform='sudo(1)' d='M0 0h5v5z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 0 5'><rect width='4' height='4'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L10 10 L10 0 L0 10z'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'><rect width='9e9' height='9e9'/></svg>",
                "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'>&a;<rect width='4' height='4'/></svg>",
                "  0\nSECTION\n  2\nENTITIES\n  0\nLWPOLYLINE\n 70\n1\n 10\n0\n 20\n0\n 10\n50\n 20\n0\n 10\n50\n 20\n",
                "  0\nSECTION\n  2\nENTITIES\n  0\nCIRCLE\n 10\n0\n 20\n0\n 40\n5\n",
                "<html><body/></html>",
                "Binary DXF\r\n\u001a\0\0\0SECTION",
                "  0\nSECTION\n  2\nHEADER\n  0\nENDSEC\n  0\nEOF\n",
                "  0\nSECTION\n  2\nENTITIES\n  0\nCIRCLE\n 10\nnan\n 20\n0\n 40\n5\n  0\nENDSEC\n  0\nEOF\n",
                "  0\nSECTION\n  2\nENTITIES\n  0\nCIRCLE\n 10\n0\n 20\n0\n 40\n-5\n  0\nENDSEC\n  0\nEOF\n",
                "  0\nSECTION\n  2\nENTITIES\nx\nCIRCLE\n  0\nENDSEC\n  0\nEOF\n",
                "  0\nSECTION\n  2\nENTITIES\n  0\nSPLINE\n 71\n3\n 10\n0\n 20\n0\n  0\nENDSEC\n  0\nEOF\n",
                "  0\nSECTION\n  2\nENTITIES\n  0\nLINE\n 10\n0\n 20\n0\n 11\n5\n 21\n5\n  0\nENDSEC\n  0\nEOF\n"
            })
    @Timeout(10)
    void whatIsBrokenIsRefusedWithTheReason(String file) {
        assertThatThrownBy(() -> read(file))
                .isInstanceOf(RefusedDrawingException.class)
                .satisfies(e -> assertThat(e.getMessage()).hasSizeBetween(15, 400));
    }

    @Test
    @Timeout(30)
    void hugeFilesAreRefused() {
        StringBuilder million = new StringBuilder("<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0");
        for (int i = 0; i < 400_000; i++) {
            million.append('h').append(1).append("v1");
        }
        String many = million.append("z'/></svg>").toString();
        assertThatThrownBy(() -> read(many)).hasMessageContaining("200000 places");
        assertThatThrownBy(() -> read("x".repeat(DrawnCurves.MOST_BYTES + 1))).hasMessageContaining("5000001");
        String deep = "<svg xmlns='http://www.w3.org/2000/svg'>" + "<g>".repeat(100_000);
        assertThatThrownBy(() -> read(deep)).hasMessageContaining("200 deep");
        StringBuilder lines = new StringBuilder("  0\nSECTION\n  2\nENTITIES\n");
        for (int i = 0; i < 60_000; i++) {
            lines.append("  0\nLINE\n 10\n")
                    .append(i)
                    .append("\n 20\n0\n 11\n")
                    .append(i + 0.4)
                    .append("\n 21\n0\n");
        }
        assertThatThrownBy(() -> read(lines.append("  0\nENDSEC\n  0\nEOF\n").toString()))
                .isInstanceOf(RefusedDrawingException.class)
                .hasMessageContaining("no closed outline");
    }

    /** More places than a pack takes are simplified, never farther than half a millimetre. */
    @Test
    void tooManyPlacesAreSimplified() {
        StringBuilder path = new StringBuilder("<path d='M");
        int n = 20_000;
        for (int i = 0; i < n; i++) {
            double a = 2 * Math.PI * i / n;
            path.append(100 + 50 * Math.cos(a))
                    .append(' ')
                    .append(50 + 50 * Math.sin(a))
                    .append(i + 1 < n ? " L" : "z'/>");
        }
        ImportedOutlines read = read(svg(path.toString()));
        assertThat(read.outlines().get(0).places()).hasSizeLessThanOrEqualTo(ImportedOutlines.MOST_PLACES);
        assertThat(read.outlines().get(0).places())
                .allSatisfy(p -> assertThat(Math.hypot(p.xMm(), p.yMm())).isCloseTo(50, within(0.05)));
        assertThat(List.of(read.unitStated())).containsExactly(true);
    }
}
