package rampart.formats.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Block.Step;

/** What packers send every day, packed and opened in words; each sentence stands for something that once could not be done with hands. */
class DailyPacksTest {
    private static PaperSource source(String name) throws IOException {
        try (InputStream in = DailyPacksTest.class.getResourceAsStream("/daily/" + name + ".json")) {
            return PaperSources.of(PackFile.read(in.readAllBytes()), Wording.METRIC);
        }
    }

    private static List<String> said(PaperSource source, PaperKind kind) {
        return Papers.document(kind, source).blocks().stream()
                .filter(Step.class::isInstance)
                .map(Step.class::cast)
                .map(step -> step.words() + " " + String.join(" ", step.details()))
                .toList();
    }

    private static int place(List<String> steps, String part) {
        return IntStream.range(0, steps.size())
                .filter(i -> steps.get(i).contains(part))
                .findFirst()
                .orElseThrow(() -> new AssertionError(part + " in " + steps));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "mug",
                "print",
                "glasses",
                "book",
                "instrument",
                "lamp",
                "tied",
                "three",
                "tray",
                "heavy",
                "cups",
                "folder"
            })
    void everyPaperOfEachIsWritten(String name) throws IOException {
        PaperSource source = source(name);
        for (PaperKind kind : PaperKind.values()) {
            PaperDocument document = Papers.document(kind, source);
            assertThat(PdfMedium.write(document, Paper.a4)).isNotEmpty();
            assertThat(TextMedium.write(document)).contains(source.file().name());
        }
        List<String> packing = said(source, PaperKind.packing);
        assertThat(packing).noneMatch(step -> step.contains("on the inner box:"));
        // What is read first lies over everything else.
        assertThat(place(packing, "Lay the papers")).isGreaterThan(place(packing, "in place, before it is covered"));
        assertThat(packing).noneMatch(step -> step.contains("Lay 1 ties") || step.contains("1 one over another"));
    }

    /** A blank that is folded round what is inside is not joined before, and is folded before it is shaken. */
    @ParameterizedTest
    @ValueSource(strings = {"book", "folder"})
    void whatIsFoldedRoundIsNotJoinedBefore(String name) throws IOException {
        List<String> packing = said(source(name), PaperKind.packing);
        assertThat(packing).noneMatch(step -> step.startsWith("Join the carton"));
        assertThat(packing.get(place(packing, "shake it"))).contains("It is folded round what is inside first");
        assertThat(packing.get(place(packing, "Fold the carton round"))).contains("a tab is glued or taped now");
    }

    /** The boards stand out: what is set in is as large as they are, and fingers have the room that they leave. */
    @Test
    void aPrintIsSetInWithItsBoards() throws IOException {
        PaperSource source = source("print");
        List<String> packing = said(source, PaperKind.packing);
        assertThat(packing.get(place(packing, "Set the boards with the item between them")))
                .contains("It has 2 mm of room beside it")
                .doesNotContain("Neither pull nor lean");
        List<String> opening = said(source, PaperKind.unpacking);
        assertThat(place(opening, "Lift the boards with the item between them"))
                .isLessThan(place(opening, "Cut the tape round the edges of the boards"));
    }

    /** A corner block carries with all of it: what is loose lies in the paper. A slab that lies all over is hollowed. */
    @Test
    void whatIsLooseTakesNothingAwayFromWhatCarries() throws IOException {
        assertThat(said(source("lamp"), PaperKind.packing))
                .anyMatch(step -> step.contains("in the middle of the paper"));
        assertThat(said(source("instrument"), PaperKind.packing))
                .anyMatch(step -> step.contains("a hollow cut from above"));
    }

    @Test
    void whatIsHeavyIsLiftedByTwoOutAsIn() throws IOException {
        PaperSource source = source("heavy");
        assertThat(said(source, PaperKind.packing)).anyMatch(step -> step.contains("More than one person"));
        assertThat(said(source, PaperKind.unpacking)).anyMatch(step -> step.contains("More than one person"));
    }

    /** Twenty edge protectors are told by their names and where they go; one tie is one. */
    @Test
    void thingsAreToldByTheirNames() throws IOException {
        List<String> instrument = said(source("instrument"), PaperKind.packing);
        assertThat(instrument.get(place(instrument, "Cut 20 pieces")))
                .contains("4 × edge protector, upright", "16 × edge protector under a strap");
        assertThat(instrument.get(place(instrument, "Put edge protectors"))).contains("under every turn of a strap");
        assertThat(said(source("tied"), PaperKind.packing))
                .anyMatch(step -> step.startsWith("Lay the tie through its slots"))
                .anyMatch(step -> step.startsWith("Pull the tie and knot it"));
    }

    /** By hand: six round pieces of 80 x 80 x 150 in 14 mm: (108 x 108 x 178 - 80 x 80 x 150) x pi / 4 each. */
    @Test
    void whatIsWoundRoundPiecesIsAmongTheMaterials() throws IOException {
        String text = TextMedium.write(Papers.document(PaperKind.materials, source("glasses")));
        assertThat(text).containsPattern("Bubble film or thin foam sheet round the pieces +5\\.26");
    }
}
