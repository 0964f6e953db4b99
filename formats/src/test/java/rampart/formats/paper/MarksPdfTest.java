package rampart.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rampart.formats.Outside;
import rampart.formats.photograph.MarksSeen;
import rampart.formats.photograph.MarksSeen.Seen;

/** The printed marks, drawn by a program that is not ours and found in its picture: as many, as long, and every number. */
class MarksPdfTest {
    private static final double PIXELS_PER_MM = 150 / 25.4;

    @TempDir
    Path folder;

    private List<Seen> leaf(Paper paper, int number) throws IOException {
        Path pdf = folder.resolve("marks.pdf");
        Files.write(pdf, MarksPdf.write(paper));
        Path picture = folder.resolve("leaf");
        Outside.run(List.of(
                "pdftoppm",
                "-r",
                "150",
                "-png",
                "-singlefile",
                "-f",
                String.valueOf(number),
                pdf.toString(),
                picture.toString()));
        return MarksSeen.in(ImageIO.read(folder.resolve("leaf.png").toFile()));
    }

    @Test
    void theWholeSheetOfEitherPaperIsFoundAtTrueSize() throws IOException {
        for (Paper paper : List.of(Paper.a4, Paper.letter)) {
            List<Seen> seen = leaf(paper, 1);
            assertThat(seen).hasSize(12);
            double left = seen.stream().mapToDouble(Seen::left).min().orElseThrow();
            double right = seen.stream().mapToDouble(Seen::right).max().orElseThrow();
            assertThat((right - left) / PIXELS_PER_MM).isCloseTo(paper.widthMm() - 20, within(0.2));
        }
    }

    @Test
    void stripsAreTheSameOnEitherPaper() throws IOException {
        for (Paper paper : List.of(Paper.a4, Paper.letter)) {
            for (int number = 2; number <= 3; number++) {
                List<Seen> seen = leaf(paper, number);
                assertThat(seen).hasSize(8);
                double top = seen.stream().mapToDouble(Seen::top).min().orElseThrow();
                double low = seen.stream().mapToDouble(Seen::low).max().orElseThrow();
                assertThat((low - top) / PIXELS_PER_MM).isCloseTo(250, within(0.2));
            }
        }
    }

    @Test
    void noMarksArePrintedOnA3() {
        assertThatThrownBy(() -> MarksPdf.write(Paper.a3)).hasMessageContaining("a4 or letter");
    }
}
