package rampart.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;

/** Twelve layers, a bed of forty parts: every paper is made and holds all of them. Its time is measured in bench. */
class BigPackTest {
    /** A grid of eight by five upright blocks of different height in one bed, three boxes round it. */
    private static PackFile file() throws IOException {
        return PackFile.read(Files.readAllBytes(Path.of("src/test/resources/forty-parts.json")));
    }

    @Test
    void allItsPapersAreMadeAndNamesOfAllPartsStandOnThem() throws IOException {
        PaperSource source = PaperSources.of(file(), Wording.METRIC);
        assertThat(source.pack().layers()).hasSize(12);
        for (PaperKind kind : PaperKind.values()) {
            assertThat(PdfMedium.write(Papers.document(kind, source), Paper.a4))
                    .as("%s", kind)
                    .startsWith('%', 'P', 'D', 'F');
        }
        String drawings = TextMedium.write(Papers.document(PaperKind.drawings, source));
        for (int i = 1; i <= 40; i++) {
            assertThat(drawings).contains("piece " + i + " ");
        }
        // What is wrapped round foam is wrapped before it goes into its box.
        List<String> ids =
                source.steps().steps().stream().map(each -> each.step().id()).toList();
        assertThat(ids.indexOf("round:j")).isLessThan(ids.indexOf("round:k"));
        assertThat(ids.indexOf("round:k")).isLessThan(ids.indexOf("set:l"));
        assertThat(ids.indexOf("close:h")).isLessThan(ids.indexOf("round:i"));
        // An inspector opens all three boxes, also those that are wrapped.
        String note = TextMedium.write(Papers.document(PaperKind.inspection, source));
        assertThat(note.split("cut the tape along the seam", -1)).hasSize(5);
    }
}
