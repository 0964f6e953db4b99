package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Require;
import rampart.formats.outline.DrawingReader;
import rampart.formats.outline.DrawnCurves;
import rampart.formats.outline.FileUnit;

/**
 * What a machine would do with a file, played without one: a stand-in that reads the file as any machine does, lays its sheet
 * with the lower left corner at the file's origin, goes from curve to curve in their order and follows each. What it does with
 * depth and with layers is the machine's own affair; that it stays on the sheet and how long it takes is not.
 *
 * @param layers in the order in which they are met
 * @param pathMm along curves
 * @param travelMm between them, from the origin on
 * @param minutes at the speeds asked for
 * @param offSheet where it would leave the sheet, one for each curve that does
 * @param open curves that do not come back to where they began
 * @param moves what is followed, in order
 */
public record CutterPlay(
        List<LayerPlay> layers,
        double pathMm,
        double travelMm,
        double minutes,
        List<OffSheet> offSheet,
        int open,
        List<Move> moves) {
    /** A head that is not cutting moves so much faster (assumed). */
    public static final double TRAVEL_FACTOR = 5;

    private static final double HAIR_MM = 0.01;

    public CutterPlay {
        layers = List.copyOf(layers);
        offSheet = List.copyOf(offSheet);
        moves = List.copyOf(moves);
    }

    /** Curves of one layer together. */
    public record LayerPlay(String name, int curves, double pathMm) {}

    /** How far outside the sheet a curve reaches, and where. */
    public record OffSheet(String layer, PlanPoint at, double byMm) {}

    /** One curve; a closed one ends where it began. */
    public record Move(String layer, List<PlanPoint> places) {
        public Move {
            places = List.copyOf(places);
        }
    }

    /**
     * The sheet and the speed.
     *
     * @param mmPerSecond while it cuts
     */
    public record Machine(double lengthMm, double widthMm, double mmPerSecond) {
        public Machine {
            Require.within(lengthMm, 10, 6000, "length of the sheet in mm");
            Require.within(widthMm, 10, 6000, "width of the sheet in mm");
            Require.within(mmPerSecond, 0.1, 2000, "speed in mm per second");
        }
    }

    /**
     * Plays a file, without the layer of its figures, which no machine is told to cut.
     *
     * @throws rampart.formats.outline.RefusedDrawingException if it cannot be read, with the reason
     */
    public static CutterPlay of(byte[] file, Machine machine) {
        DrawnCurves drawn = DrawingReader.read(file, Optional.<FileUnit>empty());
        Map<String, LayerPlay> layers = new LinkedHashMap<>();
        List<OffSheet> off = new ArrayList<>();
        List<Move> moves = new ArrayList<>();
        PlanPoint head = new PlanPoint(0, 0);
        double path = 0;
        double travel = 0;
        int open = 0;
        for (DrawnCurves.Curve curve : drawn.curves()) {
            if (curve.layer().equalsIgnoreCase(Drafted.LAYER)) {
                continue;
            }
            List<PlanPoint> places = new ArrayList<>(curve.places());
            if (curve.closed()) {
                places.add(places.get(0));
            } else {
                open++;
            }
            double length = 0;
            for (int i = 1; i < places.size(); i++) {
                length += places.get(i - 1).to(places.get(i));
            }
            travel += head.to(places.get(0));
            path += length;
            head = places.get(places.size() - 1);
            LayerPlay before = layers.getOrDefault(curve.layer(), new LayerPlay(curve.layer(), 0, 0));
            layers.put(curve.layer(), new LayerPlay(curve.layer(), before.curves() + 1, before.pathMm() + length));
            farthest(curve, machine).ifPresent(off::add);
            moves.add(new Move(curve.layer(), places));
        }
        return new CutterPlay(
                List.copyOf(layers.values()),
                path,
                travel,
                (path + travel / TRAVEL_FACTOR) / machine.mmPerSecond() / 60,
                off,
                open,
                moves);
    }

    private static Optional<OffSheet> farthest(DrawnCurves.Curve curve, Machine machine) {
        OffSheet worst = null;
        for (PlanPoint place : curve.places()) {
            double by = Math.max(
                    Math.max(-place.xMm(), place.xMm() - machine.lengthMm()),
                    Math.max(-place.yMm(), place.yMm() - machine.widthMm()));
            if (by > HAIR_MM && (worst == null || by > worst.byMm())) {
                worst = new OffSheet(curve.layer(), place, by);
            }
        }
        return Optional.ofNullable(worst);
    }
}
