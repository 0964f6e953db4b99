package rampart.formats.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rampart.core.geometry.Region;
import rampart.core.measure.Assembly;
import rampart.core.measure.Assembly.Placed;
import rampart.core.measure.Assembly.Twin;
import rampart.core.measure.Assembly.Use;
import rampart.core.measure.Shape;
import rampart.core.search.Watcher;

/**
 * The demo's photograph: a theodolite of the invented workshop, lying on its side among four strips of marks. Worked out ray by
 * ray, no camera took it; made anew with {@code -Drampart.write-demo-photograph=true}.
 */
class DemoPhotographTest {
    static final Path FILE = Path.of("..", "demo", "photographs", "loan-theodolite.jpg");

    private static final double HEIGHT_MM = 60;

    private static Placed at(Shape shape, double right, double back) {
        return new Placed(shape, right, back, 0, Use.ADDED, Twin.NONE);
    }

    private static final Region THEODOLITE = Assembly.of(
                    List.of(
                            at(new Shape.Rectangle(36, 130, 6), -112, 0),
                            at(new Shape.Rectangle(60, 70, 8), -70, 0),
                            at(new Shape.Rectangle(120, 96, 14), 10, 0),
                            at(new Shape.Circle(84), 86, 0),
                            at(new Shape.Slot(150, 40), 86, 0),
                            new Placed(new Shape.Rectangle(150, 44, 20), 86, 0, 90, Use.ADDED, Twin.NONE)),
                    Watcher.NONE)
            .get(0);

    private static BufferedImage made() {
        return new MadeUpPhotograph()
                .table(new Color(196, 190, 176))
                .paper(MarkSheet.STRIPS.get(0), -235, -135, 1.5)
                .paper(MarkSheet.STRIPS.get(1), 195, -130, -2)
                .paper(MarkSheet.STRIPS.get(2), 130, 110, 91)
                .paper(MarkSheet.STRIPS.get(3), 135, -180, 89)
                .item(THEODOLITE, HEIGHT_MM, new Color(52, 74, 66))
                .lit(0.3, 2)
                .seen(
                        new MadeUpPhotograph.View(
                                1600, 1200, 0.75, 14, 60, 3, 720, new rampart.core.geometry.PlanPoint(5, 0)),
                        11);
    }

    @Test
    void thePhotographOfTheDemoShowsTheTheodolite() throws IOException {
        if (Boolean.getBoolean("rampart.write-demo-photograph")) {
            Files.createDirectories(FILE.getParent());
            ImageIO.write(made(), "jpeg", FILE.toFile());
        }
        LaidFlat flat =
                PhotographReader.read(ImageIO.read(FILE.toFile()), OptionalDouble.empty(), OptionalDouble.empty());
        Silhouette silhouette = Silhouette.of(flat, new Silhouette.Asked(OptionalInt.empty(), HEIGHT_MM), Watcher.NONE);
        assertThat(silhouette.outlines()).hasSize(1);
        assertThat(silhouette.outlines().get(0).areaMm2())
                .isCloseTo(THEODOLITE.areaMm2(), within(0.02 * THEODOLITE.areaMm2()));
    }
}
