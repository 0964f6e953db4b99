package rampart.formats.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.geometry.PlanPoint;

class MarkFinderTest {
    /** A camera straight above, so that each corner's place follows by the rule of three. */
    @Test
    void everyMarkOfASheetIsFoundInItsPlace() {
        BufferedImage image = new MadeUpPhotograph()
                .paper(MarkSheet.A4, 0, 0, 0)
                .seen(new MadeUpPhotograph.View(900, 1200, 0.8, 0, 0, 0, 400, new PlanPoint(105, 148.5)), 1);
        List<FoundMark> found = MarkFinder.in(Pixels.of(image));
        assertThat(found).hasSize(12);
        double scale = 1200 * 0.8 / 400;
        for (FoundMark mark : found) {
            for (int c = 0; c < 4; c++) {
                PlanPoint corner = mark.mark().corners().get(c);
                assertThat(mark.corners().get(c).x()).isCloseTo(450 + (corner.xMm() - 105) * scale, within(0.2));
                assertThat(mark.corners().get(c).y()).isCloseTo(600 - (corner.yMm() - 148.5) * scale, within(0.2));
            }
        }
    }

    @Test
    void noTwoMarksHaveTheSameNumber() {
        List<Integer> numbers = MarkSheet.all().stream()
                .flatMap(sheet -> sheet.marks().stream())
                .map(MarkSheet.Mark::number)
                .toList();
        assertThat(numbers).doesNotHaveDuplicates().hasSize(40);
    }
}
