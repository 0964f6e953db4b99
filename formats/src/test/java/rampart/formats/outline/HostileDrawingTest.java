package rampart.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.core.search.SearchStoppedException;
import rampart.core.search.Watcher;

/** Small files that would be much work: each is refused with words, before the work is begun. */
class HostileDrawingTest {
    private static String dxf(String entities) {
        return "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n";
    }

    private static String svg(String path) {
        return "<svg xmlns='http://www.w3.org/2000/svg' width='2m' height='2m' viewBox='0 0 2000 2000'><path d='" + path
                + "'/></svg>";
    }

    private static String times(int count, IntFunction<String> each) {
        return IntStream.range(0, count).mapToObj(each).collect(Collectors.joining());
    }

    static Arguments[] drawings() {
        int spline = 60_000;
        return new Arguments[] {
            Arguments.of(
                    "arcs of 900 m",
                    dxf(times(60_000, i -> "0\nARC\n10\n0\n20\n0\n40\n9e5\n50\n0\n51\n359\n")),
                    "more than 200000 places"),
            Arguments.of(
                    "bulges",
                    dxf("0\nLWPOLYLINE\n70\n1\n"
                            + times(90_000, i -> "10\n" + (i % 2 * 900_000) + "\n20\n" + i + "\n42\n1\n")),
                    "more than 200000 places"),
            Arguments.of(
                    "a spline of 60,000 places",
                    dxf("0\nSPLINE\n71\n3\n"
                            + times(spline + 4, i -> "40\n" + Math.max(0, Math.min(spline - 3, i - 3)) + "\n")
                            + times(spline, i -> "10\n" + i % 700 + "\n20\n" + i % 900 + "\n")),
                    "more than 200000 places"),
            Arguments.of(
                    "curves of 900 m",
                    svg("M0,0" + times(60_000, i -> " C9e5,9e5 -9e5,9e5 " + i + ",0") + "Z"),
                    "more than 200000 places"),
            Arguments.of(
                    "lines that begin within a tenth of a millimetre",
                    dxf(times(
                            60_000,
                            i -> "0\nLINE\n10\n" + i * 1e-6 + "\n20\n0\n11\n" + (100 + i) + "\n21\n" + i * 0.7 + "\n")),
                    "too many lines end close to each other"),
            Arguments.of(
                    "lines from one place",
                    dxf(times(60_000, i -> "0\nLINE\n10\n0\n20\n0\n11\n" + (100 + i) + "\n21\n" + i * 0.7 + "\n")),
                    "no closed outline"),
            Arguments.of(
                    "a comb of 20,000 teeth",
                    svg("M0,0" + times(40_000, i -> " L" + i * 0.02 + "," + (i % 2 == 0 ? 0.5 : 500))
                            + " L800,-10 L0,-10 Z"),
                    "places and cannot be used"),
            Arguments.of(
                    "a bulge that is no number any more when squared",
                    dxf("0\nLWPOLYLINE\n70\n1\n10\n0\n20\n0\n42\n1e300\n10\n5\n20\n0\n10\n5\n20\n9\n"),
                    "the bulge of an arc must be"),
            Arguments.of(
                    "a spline without weight",
                    dxf("0\nSPLINE\n71\n3\n" + times(8, i -> "40\n" + i / 4 + "\n")
                            + times(4, i -> "10\n" + i * 10 + "\n20\n" + i * i + "\n41\n0\n")),
                    "weights of a spline must be above 0")
        };
    }

    /** On the code before: the heap was exhausted, the stack, or minutes passed. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("drawings")
    @Timeout(60)
    void isRefusedWithWords(String what, String drawing, String words) {
        assertThat(drawing.length()).isLessThan(DrawnCurves.MOST_BYTES);
        assertThatThrownBy(() -> ImportedOutlines.read(
                        drawing.getBytes(StandardCharsets.UTF_8), Optional.empty(), 0.5, Watcher.NONE))
                .isInstanceOf(RefusedDrawingException.class)
                .hasMessageContaining(words);
    }

    /** Who has left is not read for. */
    @Test
    void endsWhenNobodyWaits() {
        byte[] drawing = svg(times(2000, i -> "M" + i % 100 * 5 + "," + i / 100 * 5 + "h3v3h-3z"))
                .getBytes(StandardCharsets.UTF_8);
        assertThat(ImportedOutlines.read(drawing, Optional.empty(), 0.5, Watcher.NONE)
                        .outlines())
                .hasSize(500);
        int[] looks = {0};
        Watcher leaves = () -> ++looks[0] < 40;
        assertThatThrownBy(() -> ImportedOutlines.read(drawing, Optional.empty(), 0.5, leaves))
                .isInstanceOf(SearchStoppedException.class);
        assertThat(looks[0]).isEqualTo(40);
    }
}
