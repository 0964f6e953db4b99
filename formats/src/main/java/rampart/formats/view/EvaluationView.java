package rampart.formats.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import rampart.core.evaluation.Evaluation;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layout;
import rampart.core.layout.Solid;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.words.Wording;

/**
 * Everything Rampart says of a pack.
 *
 * @param doubted true where heavy boxes make it worth while to ask again with {@code simulate=auto} (rule 34)
 * @param workedInTime true where that was done
 * @param springs what the bed of the pack bears with; null without one
 */
public record EvaluationView(
        StatusView verdict,
        @Nullable String weakest,
        int rules,
        boolean doubted,
        boolean workedInTime,
        double dropHeightMm,
        double velocityChangeMps,
        double grossMassKg,
        List<Double> layerMassKg,
        @Nullable Double naturalFrequencyHz,
        SizeView outsideMm,
        List<BoxView> boxes,
        List<CushionView> cushions,
        List<WallView> walls,
        List<CheckView> checks,
        List<DropView> drops,
        List<SolidView> solids,
        @Nullable SpringsView springs) {

    /** @param wording in what units sentences are said */
    public static EvaluationView of(Evaluation evaluation, Wording wording) {
        Layout layout = evaluation.layout();
        List<DropView> drops = new ArrayList<>();
        for (int i = 0; i < evaluation.drops().size(); i++) {
            drops.add(DropView.of(evaluation.drops().get(i), evaluation.blows().get(i), wording));
        }
        return new EvaluationView(
                StatusView.of(evaluation.verdict()),
                evaluation.weakest().map(check -> check.id().text()).orElse(null),
                Evaluation.RULES_EDITION,
                evaluation.doubted(),
                evaluation.workedInTime(),
                evaluation.dropHeightMm(),
                evaluation.velocityChangeMps(),
                layout.grossMassKg(),
                layout.layerMassKg(),
                evaluation.naturalFrequencyHz().isPresent()
                        ? evaluation.naturalFrequencyHz().getAsDouble()
                        : null,
                SizeView.of(layout.outside()),
                layout.boxes().stream().map(BoxView::of).toList(),
                layout.cushions().stream()
                        .map(c -> CushionView.of(c, evaluation.creep()))
                        .toList(),
                layout.walls().stream().map(WallView::of).toList(),
                evaluation.checks().stream().map(c -> CheckView.of(c, wording)).toList(),
                drops,
                layout.solids().stream().map(SolidView::of).toList(),
                layout.bed().map(SpringsView::of).orElse(null));
    }

    /** A box layer in its place. */
    public record BoxView(
            int layer, SizeView insideMm, SizeView outsideMm, SizeView contentsMm, SizeView slackMm, double massKg) {
        static BoxView of(LaidBox box) {
            return new BoxView(
                    box.layer(),
                    SizeView.of(box.carton().inside()),
                    SizeView.of(box.carton().outside()),
                    SizeView.of(box.contents()),
                    SizeView.of(box.slack()),
                    box.carton().massKg());
        }
    }

    /**
     * A cushion layer in its place: what it bears on, and its load at rest on each face; null where it is bare.
     *
     * @param restStressKpa load at rest at the bottom
     * @param creep share of the bottom's thickness that is lost under it in the time of the journey (rule 21)
     */
    public record CushionView(
            int layer,
            double movingMassKg,
            SizeView bodyMm,
            SidesView thicknessMm,
            SidesView bearingCm2,
            SidesView padCm2,
            SidesView staticStressKpa,
            @Nullable Double restStressKpa,
            @Nullable Double creep,
            double massKg) {
        static CushionView of(LaidCushion c, Map<Integer, Double> creep) {
            return new CushionView(
                    c.layer(),
                    c.movingMassKg(),
                    SizeView.of(c.body()),
                    SidesView.of(c.thicknessMm()),
                    SidesView.of(Face.ALL, i -> c.bearingMm2().on(Face.ALL.get(i)) / 100),
                    SidesView.of(Face.ALL, i -> c.padMm2().on(Face.ALL.get(i)) / 100),
                    SidesView.of(Face.ALL, i -> c.staticStressKpa(Face.ALL.get(i))),
                    creep.containsKey(c.layer()) ? c.staticStressKpa(Face.BOTTOM) : null,
                    creep.get(c.layer()),
                    c.massKg());
        }
    }

    /** What stands between the item and the outside on one face, from the item outward. */
    public record WallView(String face, List<PieceView> pieces) {
        static WallView of(Layout.Wall wall) {
            return new WallView(
                    wall.face().word(),
                    wall.pieces().stream()
                            .map(p ->
                                    new PieceView(p.layer(), p.kind().name().toLowerCase(Locale.ROOT), p.thicknessMm()))
                            .toList());
        }
    }

    /** A piece of a wall: wrap, cushion, gap or board. */
    public record PieceView(int layer, String kind, double thicknessMm) {}

    /** A piece of the pack to draw to scale, mm from the middle of the item. */
    public record SolidView(
            String part, @Nullable Integer layer, @Nullable String face, List<Double> minMm, List<Double> maxMm) {
        public static SolidView of(Solid solid) {
            return new SolidView(
                    solid.part().name().toLowerCase(Locale.ROOT),
                    solid.layer().isPresent() ? solid.layer().getAsInt() : null,
                    solid.face().map(Face::word).orElse(null),
                    point(solid.cuboid().min()),
                    point(solid.cuboid().max()));
        }

        private static List<Double> point(Point p) {
            return List.of(p.xMm(), p.yMm(), p.zMm());
        }
    }
}
