package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import rampart.core.blank.CountedBlank;
import rampart.core.box.Carton;
import rampart.core.clearance.Tolerances;
import rampart.core.cut.BoardWork;
import rampart.core.material.Flute;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;

/** What whoever makes a blank has to know beside its lines, so that nothing has to be asked. */
public final class BlankNotes {
    private final BoardWork work;
    private final CountedBlank counted;
    private final CutDrawing drawing;
    private final Wording wording;

    private BlankNotes(BoardWork work, CountedBlank counted, CutDrawing drawing, Wording wording) {
        this.work = work;
        this.counted = counted;
        this.drawing = drawing;
        this.wording = wording;
    }

    /** Line by line. */
    public static List<String> of(BoardWork work, CountedBlank counted, CutDrawing drawing, Wording wording) {
        return new BlankNotes(work, counted, drawing, wording).lines();
    }

    private List<String> lines() {
        List<String> lines = new ArrayList<>();
        boolean fluted = work.board().flute() != Flute.SOLID;
        lines.add("For one pack: " + counted.count() + ". Board " + work.board().name() + ", "
                + mm(work.board().caliperMm()) + " thick"
                + (fluted ? "; flutes run up and down on this drawing" : ", solid") + "."
                + (counted.blank().steps().isEmpty() ? "" : " Seen from the inside."));
        String tolerance =
                wording.amount(Quantity.cut(Tolerances.scoresMm(work.board()))).toString();
        work.carton()
                .map(Carton::inside)
                .ifPresent(inside -> lines.add("Inside once it is folded " + wording.sizeToCut(inside) + ", each ± "
                        + tolerance + " from score to score (common practice, no source)."));
        if (work.carton().isEmpty()) {
            lines.add("Cut to ± " + wording.amount(Quantity.cut(Tolerances.BOARD_CUT_MM))
                    + " (common practice, no source).");
        }
        lines.add(
                drawing.layers().stream().anyMatch(layer -> layer.name().equals("glue"))
                        ? "Joint: where glue is drawn, glued or taped."
                        : "No joint.");
        Places places = Places.of(drawing);
        list(lines, "Scores from the left edge", places.scoresAcross());
        list(lines, "Scores from the lower edge", places.scoresAlong());
        list(lines, "Edges and slots from the left edge", places.edgesAcross());
        list(lines, "Edges and slots from the lower edge", places.edgesAlong());
        return lines;
    }

    private void list(List<String> lines, String what, List<Double> places) {
        if (!places.isEmpty()) {
            lines.add(what + ": "
                    + places.stream()
                            .map(place -> wording.amount(Quantity.cut(place)).number())
                            .collect(Collectors.joining(", "))
                    + " " + wording.lengths().name() + ".");
        }
    }

    private String mm(double value) {
        return wording.amount(Quantity.mm(value)).toString();
    }
}
