package rampart.formats.paper;

import java.util.List;

/** What stands on a page, written once: shown on the screen and made into a PDF file. */
public record PaperDocument(String title, List<Block> blocks) {
    public PaperDocument {
        blocks = List.copyOf(blocks);
    }
}
