package rampart.formats.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.Outline;
import rampart.core.insert.BedCut;
import rampart.core.insert.BlockCut;
import rampart.core.insert.CutPiece;
import rampart.core.insert.FoamInPlace;
import rampart.core.insert.PickOutGrid;
import rampart.core.insert.WayToMake;
import rampart.core.insert.Wedge;
import rampart.core.layout.LaidCushion;
import rampart.formats.cutting.CutDrawing;

/**
 * A bed as it is made: the ways beside each other, and one of them drawn piece by piece.
 *
 * @param picked sheets of columns with what is picked out of each, where that is the way; none otherwise
 * @param steps of the knife, where it is cut from the solid
 * @param faceBaseCm2 cloth or interleaf over all openings of the base
 * @param faceLidCm2 the same of the lid
 * @param wedges off-cuts to push in beside a part with play
 */
public record InsertView(
        List<WayView> ways,
        List<CutPieceView> pieces,
        List<PickedSheetView> picked,
        List<KnifeStepView> steps,
        double glueCm2,
        double faceBaseCm2,
        double faceLidCm2,
        List<WedgeView> wedges,
        FoamedView foamed) {
    private static final double MM3_PER_LITRE = 1e6;

    /**
     * One way to make it.
     *
     * @param kind block, sheets or pick_out
     * @param sheetMm thickness of the sheets; null where it is cut from the solid
     * @param heightMm of base and lid on each other, made so
     * @param blockMm of the block that it is to be
     * @param looseMm by how much it fits worse than a cut outline
     * @param cost of the foam; null where it has no price
     */
    public record WayView(
            String kind,
            @Nullable Double sheetMm,
            double heightMm,
            double blockMm,
            int pieces,
            int cuts,
            double pathM,
            double glueCm2,
            double foamLitres,
            double wastePercent,
            double minutes,
            double looseMm,
            double depthErrorMm,
            @Nullable Double cost) {
        static WayView of(WayToMake way) {
            return new WayView(
                    way.kind().name().toLowerCase(Locale.ROOT),
                    way.sheetMm().isPresent() ? way.sheetMm().getAsDouble() : null,
                    way.heightMm(),
                    way.blockMm(),
                    way.pieces(),
                    way.cuts(),
                    way.pathMm() / 1000,
                    way.glueMm2() / 100,
                    way.foamMm3() / MM3_PER_LITRE,
                    100 * way.wasteMm3() / way.foamMm3(),
                    way.minutes(),
                    way.looseMm(),
                    way.depthErrorMm(),
                    way.cost().isPresent() ? way.cost().getAsDouble() : null);
        }
    }

    /**
     * One piece as it lies while it is cut, from its lower left corner.
     *
     * @param file name of its files, without an ending
     * @param missed what is drawn and left standing, since it is narrower than the cut
     */
    public record CutPieceView(
            String file,
            String title,
            double widthMm,
            double depthMm,
            List<CutLayerView> layers,
            List<MissedView> missed) {
        static CutPieceView of(CutPiece piece) {
            CutDrawing drawing = CutDrawing.of(piece);
            return new CutPieceView(
                    drawing.file(),
                    drawing.title(),
                    drawing.widthMm(),
                    drawing.heightMm(),
                    drawing.layers().stream().map(CutLayerView::of).toList(),
                    piece.missed().stream().map(MissedView::of).toList());
        }
    }

    /**
     * Left standing.
     *
     * @param what opening or slot
     * @param xMm of its middle, from the left of the piece as it lies
     * @param yMm likewise from the front
     */
    public record MissedView(String what, double xMm, double yMm, double depthMm) {
        static MissedView of(CutPiece.Missed missed) {
            Bounds b = missed.outline().bounds();
            return new MissedView(
                    missed.what().name().toLowerCase(Locale.ROOT),
                    (b.minXMm() + b.maxXMm()) / 2,
                    (b.minYMm() + b.maxYMm()) / 2,
                    missed.depthMm());
        }
    }

    /**
     * Lines with the same work.
     *
     * @param work cut, pocket, island or mark
     */
    public record CutLayerView(String name, String work, double depthMm, List<List<List<Double>>> outlines) {
        private static final double FLAT_MM = 0.1;

        static CutLayerView of(CutDrawing.Layer layer) {
            return new CutLayerView(
                    layer.name(),
                    layer.work().name().toLowerCase(Locale.ROOT),
                    layer.depthMm(),
                    layer.outlines().stream().map(CutLayerView::places).toList());
        }

        private static List<List<Double>> places(Outline outline) {
            return outline.flattened(FLAT_MM).corners().stream()
                    .map(corner -> List.of(corner.xMm(), corner.yMm()))
                    .toList();
        }
    }

    /**
     * One cut of the knife.
     *
     * @param knifeMm what it is set to
     */
    public record KnifeStepView(String half, int piece, double knifeMm, double toMm, boolean through, int openings) {
        static KnifeStepView of(BlockCut.Step step) {
            return new KnifeStepView(
                    step.half().name().toLowerCase(Locale.ROOT),
                    step.piece(),
                    step.knifeMm(),
                    step.toMm(),
                    step.through(),
                    step.openings());
        }
    }

    /**
     * The same bed by foam that rises round the item.
     *
     * @param baseLitres to rise to, with what is added because it never fills evenly
     * @param shots of so many litres each
     * @param risingKpa what it presses the walls with meanwhile
     */
    public record FoamedView(
            double baseLitres, double lidLitres, double litresEach, int shots, double addedPercent, double risingKpa) {
        static FoamedView of(FoamInPlace foam, double litresEach) {
            return new FoamedView(
                    foam.baseMm3() / MM3_PER_LITRE,
                    foam.lidMm3() / MM3_PER_LITRE,
                    litresEach,
                    foam.shots(litresEach),
                    100 * (FoamInPlace.MORE - 1),
                    FoamInPlace.RISING_KPA);
        }
    }

    /**
     * One sheet of foam in columns, seen from above as it lies in the box.
     *
     * @param number within its half, from the parting plane outward
     * @param across columns from left to right
     * @param along rows from front to back
     * @param runs {@code [row from the front, first column from the left, last column]}, from 1, to be picked out
     */
    public record PickedSheetView(
            String half, int number, int across, int along, double looseMm, List<List<Integer>> runs) {
        static List<PickedSheetView> of(PickOutGrid grid) {
            return grid.layers().stream()
                    .map(layer -> new PickedSheetView(
                            layer.half().name().toLowerCase(Locale.ROOT),
                            layer.number(),
                            grid.across(),
                            grid.along(),
                            layer.looseMm(),
                            layer.runs().stream()
                                    .map(run -> List.of(run.fromFront(), run.firstFromLeft(), run.lastFromLeft()))
                                    .toList()))
                    .toList();
        }
    }

    /** An off-cut beside a part that has play, as high and as wide as it stands, thicker than its gap. */
    public record WedgeView(
            String part, String face, double wideMm, double highMm, double gapMm, double thickMm, double pressesN) {
        static WedgeView of(Wedge wedge) {
            return new WedgeView(
                    wedge.part(),
                    wedge.face().word(),
                    wedge.wideMm(),
                    wedge.highMm(),
                    wedge.gapMm(),
                    wedge.thickMm(),
                    wedge.pressesN());
        }
    }

    /**
     * Of a bed.
     *
     * @param picked columns, where that is the way that is drawn
     * @param glueMm2 of the way that is drawn
     * @param litresEach what a can or shot rises to
     */
    public static InsertView of(
            LaidCushion bed,
            BedCut cut,
            List<WayToMake> ways,
            List<CutPiece> pieces,
            Optional<PickOutGrid> picked,
            List<BlockCut.Step> steps,
            double glueMm2,
            double litresEach) {
        return new InsertView(
                ways.stream().map(WayView::of).toList(),
                pieces.stream().map(CutPieceView::of).toList(),
                picked.map(PickedSheetView::of).orElse(List.of()),
                steps.stream().map(KnifeStepView::of).toList(),
                glueMm2 / 100,
                cut.facedMm2(BedCut.Half.BASE) / 100,
                cut.facedMm2(BedCut.Half.LID) / 100,
                Wedge.of(bed).stream().map(WedgeView::of).toList(),
                FoamedView.of(FoamInPlace.of(cut), litresEach));
    }
}
