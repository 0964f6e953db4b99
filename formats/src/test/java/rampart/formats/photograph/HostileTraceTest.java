package rampart.formats.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.Base64;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import java.util.function.IntBinaryOperator;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import rampart.core.search.SearchStoppedException;
import rampart.core.search.Watcher;
import rampart.formats.view.LaidFlatView;

/** What comes back as laid flat may be any picture at all: forty kilobytes of a comb took all the memory. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class HostileTraceTest {
    private static final int EDGE = 3000;

    private static BufferedImage picture(int width, int height, IntBinaryOperator grey) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.getRaster().setSample(x, y, 0, grey.applyAsInt(x, y));
            }
        }
        return image;
    }

    private static LaidFlatView view(byte[] png) {
        String coded = Base64.getEncoder().encodeToString(png);
        return new LaidFlatView(
                coded,
                coded,
                EDGE,
                EDGE,
                0.3,
                0,
                0,
                List.of("a4"),
                8,
                new LaidFlatView.CameraView(100, 100, 900, 5, 3),
                0.1);
    }

    private static byte[] png(BufferedImage image) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static Silhouette traced(IntBinaryOperator grey, double height, Watcher watcher) throws Exception {
        return Silhouette.of(
                view(png(picture(
                                EDGE,
                                EDGE,
                                (x, y) -> x < 50 || y < 50 || x > EDGE - 50 || y > EDGE - 50
                                        ? 10
                                        : grey.applyAsInt(x, y))))
                        .flat(),
                new Silhouette.Asked(OptionalInt.of(100), height),
                watcher);
    }

    @Test
    void aCombAndDotsAreTooManyEdges() {
        assertThatThrownBy(() -> traced((x, y) -> y < 60 || x / 2 % 2 == 0 ? 200 : 10, 30, Watcher.NONE))
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContaining("too many edges");
        assertThatThrownBy(() -> traced((x, y) -> x % 8 < 5 && y % 8 < 5 ? 200 : 10, 30, Watcher.NONE))
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContaining("too many edges");
    }

    /** As many edges as are taken: one comb of them all, and dots. */
    @Test
    void whatIsJustTakenComesToAnEnd() throws Exception {
        Silhouette comb = traced((x, y) -> y < 200 || (x / 45 % 2 == 0 && y < 2900) ? 200 : 10, 30, Watcher.NONE);
        assertThat(comb.outlines()).hasSize(1);
        assertThat(comb.outlines().get(0).outlines().get(0).corners().size()).isLessThanOrEqualTo(2000);
        IntBinaryOperator small = (x, y) -> x % 100 < 30 && y % 100 < 30 ? 200 : 10;
        assertThatThrownBy(() -> traced(small, 30, Watcher.NONE))
                .as("far from the camera they would be behind themselves")
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContaining("at a height of 30 mm nothing would be left");
        Silhouette dots = traced(small, 0, Watcher.NONE);
        assertThat(dots.outlines()).hasSizeGreaterThan(800);
    }

    @Test
    void itEndsWhenNobodyWaits() {
        assertThatThrownBy(() -> traced((x, y) -> x % 100 < 30 && y % 100 < 30 ? 200 : 10, 30, () -> false))
                .isInstanceOf(SearchStoppedException.class);
    }

    /** The size is looked at before the pixels are unpacked. */
    @Test
    void whatIsLargerThanWeMakeIsNotUnpacked() throws Exception {
        byte[] large = png(picture(4001, 3, (x, y) -> 0));
        assertThatThrownBy(() -> view(large).flat())
                .isInstanceOf(RefusedPhotographException.class)
                .hasMessageContaining("did not come back whole");
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        ImageIO.write(picture(10, 10, (x, y) -> x), "gif", gif);
        assertThatThrownBy(() -> view(gif.toByteArray()).flat()).isInstanceOf(RefusedPhotographException.class);
    }
}
