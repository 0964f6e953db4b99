package rampart.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;

/** What stands on labels is whole, and says what the carton bears, not what is asked of it. */
class LabelsPaperTest {
    private static final List<String> SENDER = List.of(
            "Hollin Quay Instruments, workshop for measuring instruments and their restoration",
            "Lower Quay 3, the yard behind the chandler's",
            "Hollin Harbour HH1 2QY",
            "Telephone +00 0000 000 000, weekdays from eight to five");
    private static final List<String> RECEIVER = List.of(
            "The Observatory of Sound Haven, department of historical and of marine instruments",
            "Attention of the keeper of the eastern collections",
            "Signal Hill 9, entrance by the boat house",
            "Sound Haven SH9 9ZZ",
            "Supercalifragilisticexpialidociousstreetnamewithoutanyspaceinit");

    private static LabelsPaper labels(PackFile pack) {
        return new LabelsPaper(PaperSources.of(
                pack, Wording.METRIC, new Travel("C0042/2", 2, 3, SENDER, RECEIVER, ""), Optional.empty(), 1));
    }

    private static String words(List<Drawing> drawings) {
        return drawings.stream()
                .flatMap(drawing -> drawing.labels().stream())
                .map(Drawing.Label::words)
                .collect(Collectors.joining(" "));
    }

    @Test
    void anAddressIsWholeAndStaysOnItsLabel() throws IOException {
        List<Drawing> labels = labels(PaperSources.demo("60-barograph")).singles();
        String all = words(labels).replace(" ", "");
        for (String line :
                List.of(SENDER, RECEIVER).stream().flatMap(List::stream).toList()) {
            assertThat(all).contains(line.replace(" ", ""));
        }
        assertThat(words(labels.stream()
                        .filter(label -> label.id().equals("inside"))
                        .toList()))
                .contains("000 000, weekdays");
        // Widths by another measure of type than the product's guess at it.
        Font face = new Font("Liberation Sans", Font.PLAIN, 100);
        FontRenderContext context = new FontRenderContext(new AffineTransform(), true, true);
        for (Drawing drawing : labels) {
            for (Drawing.Label label : drawing.labels()) {
                double mm = face.getStringBounds(label.words(), context).getWidth() / 100 * label.size() * 25.4 / 72;
                double right = label.middle() ? label.xMm() + mm / 2 : label.xMm() + mm;
                assertThat(right).as("%s on %s", label.words(), drawing.id()).isLessThan(drawing.widthMm());
                assertThat(label.yMm()).isLessThan(drawing.heightMm());
            }
        }
        List<Double> to = labels.get(0).labels().stream()
                .filter(label -> Arrays.stream(label.words().split(" "))
                        .allMatch(word -> String.join(" ", RECEIVER).contains(word)))
                .map(Drawing.Label::yMm)
                .toList();
        assertThat(to).isNotEmpty().allMatch(y -> y < 68);
    }

    /** What it bears after days, in the damp, in its pattern, rounded down; no word where nobody asked. */
    @Test
    void theStackingMarkSaysWhatTheCartonBears() throws IOException {
        for (String name : PaperSources.demos()) {
            PackFile pack = PaperSources.demo(name);
            PaperSource source = PaperSources.of(pack, Wording.METRIC);
            Optional<Double> limit = source.report().evaluation().checks().stream()
                    .filter(check -> check.id().equals("stack") && check.limit() != null)
                    .map(check -> check.limit())
                    .findFirst();
            String said = words(new LabelsPaper(source).singles());
            if (pack.pack().journey().stack().isEmpty()) {
                assertThat(said).as(name).doesNotContain(" max").doesNotContain("Do not stack");
            } else if (limit.isPresent()) {
                assertThat(said).as(name).contains((long) Math.floor(limit.get() / 9.80665) + " kg max");
            } else {
                assertThat(said).as(name).contains("Do not stack");
            }
        }
    }

    @Test
    void asManyNoticesAreOnTheSheetAsThePlanSays() throws IOException {
        int heavy = 0;
        for (String name : PaperSources.demos()) {
            PaperSource source = PaperSources.of(PaperSources.demo(name), Wording.METRIC);
            boolean two = source.layout().grossMassKg() > 23;
            assertThat(new LabelsPaper(source)
                            .singles().stream().filter(label -> label.id().equals("two-people")))
                    .as(name)
                    .hasSize(two ? 2 : 0);
            heavy += two ? 1 : 0;
        }
        assertThat(heavy).isPositive();
    }
}
