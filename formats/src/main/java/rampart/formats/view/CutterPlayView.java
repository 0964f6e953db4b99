package rampart.formats.view;

import java.util.List;
import rampart.formats.cutting.CutterPlay;

/**
 * A file played back by a cutter that is not there; mm from the lower left corner of the sheet.
 *
 * @param open curves that do not come back to where they began
 */
public record CutterPlayView(
        List<PlayedLayer> layers,
        double pathM,
        double travelM,
        double minutes,
        List<OffSheetView> offSheet,
        int open,
        List<MoveView> moves) {
    /** Curves of one layer together. */
    public record PlayedLayer(String name, int curves, double pathM) {}

    /** Where a curve leaves the sheet. */
    public record OffSheetView(String layer, List<Double> atMm, double byMm) {}

    /** One curve in its order; a closed one ends where it began. */
    public record MoveView(String layer, List<List<Double>> placesMm) {}

    public static CutterPlayView of(CutterPlay play) {
        return new CutterPlayView(
                play.layers().stream()
                        .map(l -> new PlayedLayer(l.name(), l.curves(), l.pathMm() / 1000))
                        .toList(),
                play.pathMm() / 1000,
                play.travelMm() / 1000,
                play.minutes(),
                play.offSheet().stream()
                        .map(o -> new OffSheetView(o.layer(), List.of(o.at().xMm(), o.at().yMm()), o.byMm()))
                        .toList(),
                play.open(),
                play.moves().stream()
                        .map(m -> new MoveView(
                                m.layer(),
                                m.places().stream()
                                        .map(p -> List.of(
                                                Math.round(p.xMm() * 100) / 100.0, Math.round(p.yMm() * 100) / 100.0))
                                        .toList()))
                        .toList());
    }
}
