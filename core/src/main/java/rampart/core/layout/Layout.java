package rampart.core.layout;

import java.util.List;
import java.util.Optional;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * A pack with every layer in its place.
 *
 * @param boards pairs of rigid boards on flat work
 * @param layerMassKg mass of each layer, in the order of the layers
 * @param grossMassKg item, cushions and boxes (rule 11)
 * @param distanceMm from the centre of mass to each outside face of the outer carton (rule 12)
 * @param walls what stands between item and outside on each face
 */
public record Layout(
        List<LaidCushion> cushions,
        List<LaidBox> boxes,
        List<LaidBoards> boards,
        List<Double> layerMassKg,
        double grossMassKg,
        SixSided distanceMm,
        List<Wall> walls,
        List<Solid> solids) {

    /** The cushion that is a bed; empty where the item lies in none. */
    public Optional<LaidCushion> bed() {
        for (LaidCushion cushion : cushions) {
            if (cushion.bed().isPresent()) {
                return Optional.of(cushion);
            }
        }
        return Optional.empty();
    }

    public LaidBox outer() {
        return boxes.get(boxes.size() - 1);
    }

    /** What is inside one of the boxes before its cushions, mm: what the first of these bears on, or all that the box holds. */
    public Size bodyIn(LaidBox box) {
        int inward = boxes.stream()
                .mapToInt(LaidBox::layer)
                .filter(i -> i < box.layer())
                .max()
                .orElse(-1);
        return cushions.stream()
                .filter(c -> c.layer() > inward && c.layer() < box.layer())
                .findFirst()
                .map(LaidCushion::body)
                .orElse(box.contents());
    }

    /** Outside size of the outer carton, mm. */
    public Size outside() {
        return outer().carton().outside();
    }

    /**
     * What stands between the item and the outside on one face, from the item outward.
     *
     * @param pieces in order; gaps are the half slacks
     */
    public record Wall(Face face, List<Piece> pieces) {
        /** One piece of a wall; {@code layer} is the index of its layer, for a gap that of the box. */
        public record Piece(int layer, Kind kind, double thicknessMm) {}

        /** What a piece of the wall is. */
        public enum Kind {
            WRAP,
            CUSHION,
            GAP,
            BOARD
        }
    }
}
