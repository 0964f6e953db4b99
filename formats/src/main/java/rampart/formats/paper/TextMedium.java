package rampart.formats.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;

/** A paper as plain text, for a supplier's mail: tables with their columns in line; drawings are only named. */
public final class TextMedium implements Medium {
    private static final int WIDE = 96;

    private final StringBuilder text = new StringBuilder();

    private TextMedium() {}

    public static String write(PaperDocument document) {
        TextMedium medium = new TextMedium();
        try {
            for (Block block : document.blocks()) {
                block.on(medium);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory cannot fail", e);
        }
        return medium.text.toString();
    }

    @Override
    public void title(Block.Title title) {
        line(title.words());
        line(title.standing());
        line("="
                .repeat(Math.min(
                        WIDE, Math.max(title.words().length(), title.standing().length()))));
    }

    @Override
    public void text(Block.Text block) {
        line("");
        line(block.words());
    }

    @Override
    public void drawings(Block.Drawings block) {
        line("");
        block.drawings().forEach(drawing -> line("[drawing: " + drawing.caption() + "]"));
    }

    @Override
    public void table(Block.Table table) {
        line("");
        line(table.caption().toUpperCase(Locale.ROOT));
        List<Block.Table.Column> columns = table.columns();
        int[] wide = new int[columns.size()];
        for (int i = 0; i < wide.length; i++) {
            wide[i] = columns.get(i).head().length();
            for (List<String> row : table.rows()) {
                wide[i] = Math.max(wide[i], row.get(i).length());
            }
        }
        if (columns.stream().anyMatch(column -> !column.head().isEmpty())) {
            row(columns, columns.stream().map(Block.Table.Column::head).toList(), wide);
        }
        table.rows().forEach(cells -> row(columns, cells, wide));
    }

    private void row(List<Block.Table.Column> columns, List<String> cells, int[] wide) {
        StringBuilder line = new StringBuilder();
        for (int i = 0; i < cells.size(); i++) {
            String spaces = " ".repeat(wide[i] - cells.get(i).length());
            line.append(columns.get(i).number() ? spaces + cells.get(i) : cells.get(i) + spaces)
                    .append("  ");
        }
        line(line.toString().stripTrailing());
    }

    @Override
    public void step(Block.Step step) {
        line("");
        line(step.number() + "  " + step.words() + (step.sign().isEmpty() ? "" : "  [" + step.sign() + "]"));
        step.details().forEach(detail -> line("    " + detail));
    }

    @Override
    public void cutOuts(Block.CutOuts cutOuts) {
        cutOuts.drawings().forEach(drawing -> line("[label: " + drawing.caption() + "]"));
    }

    @Override
    public void picture(Block.Picture picture) {
        line("[picture: " + picture.caption() + "]");
    }

    private void line(String words) {
        text.append(words).append('\n');
    }
}
