package rampart.formats.paper;

import java.io.IOException;

/** What a page is put on. A new kind of block has to be thought of wherever this is implemented. */
public interface Medium {
    void title(Block.Title title) throws IOException;

    void text(Block.Text text) throws IOException;

    void drawings(Block.Drawings drawings) throws IOException;

    void table(Block.Table table) throws IOException;

    void step(Block.Step step) throws IOException;

    void cutOuts(Block.CutOuts cutOuts) throws IOException;

    void picture(Block.Picture picture) throws IOException;
}
