package rampart.formats.view;

import java.util.List;
import rampart.core.cost.CarrierLine;
import rampart.core.cut.CutList;
import rampart.core.cut.Work;
import rampart.core.evaluation.Evaluation;
import rampart.core.quantity.Size;
import rampart.core.words.Wording;

/**
 * What a wall is compared by: for sending it, and for making it.
 *
 * @param longestMm longest outside edge
 * @param lengthAndGirthMm longest outside edge and twice the sum of the others
 * @param layers cushions and boxes
 * @param pieces cut from sheets
 * @param cuts through sheets
 * @param minutes at the packing table (assumed)
 * @param crosses which lines of carriers it crosses, in words
 */
public record WallFiguresView(
        SizeView outsideMm,
        double volumeL,
        double longestMm,
        double lengthAndGirthMm,
        double grossMassKg,
        int layers,
        int pieces,
        int cuts,
        double minutes,
        List<String> crosses) {
    private static final double MM3_PER_LITRE = 1e6;

    /** Of an evaluation with solids. */
    public static WallFiguresView of(Evaluation evaluation, List<CarrierLine> carriers, Wording wording) {
        Size size = evaluation.layout().outside();
        Work work = Work.of(CutList.of(evaluation.layout()));
        return new WallFiguresView(
                SizeView.of(size),
                size.volumeMm3() / MM3_PER_LITRE,
                size.longestMm(),
                size.lengthAndGirthMm(),
                evaluation.layout().grossMassKg(),
                work.layers(),
                work.pieces(),
                work.cuts(),
                work.minutes(),
                carriers.stream()
                        .flatMap(
                                line -> line.crossedBy(size, evaluation.layout().grossMassKg()).stream())
                        .map(wording::say)
                        .toList());
    }
}
