package rampart.core.clearance;

import java.util.List;
import rampart.core.quantity.Face;
import rampart.core.words.Sentence;

/**
 * One box of a pack and what is inside it.
 *
 * @param layer index of the box
 * @param name as a packer says it
 * @param faces what lies between the two on each face
 * @param stacks for length, width and height
 * @param remarks whether it goes in, how, and what to mind
 */
public record Clearance(
        int layer, String name, List<FaceGap> faces, List<ToleranceStack> stacks, List<Remark> remarks) {
    public Clearance {
        faces = List.copyOf(faces);
        stacks = List.copyOf(stacks);
        remarks = List.copyOf(remarks);
    }

    /**
     * On one face.
     *
     * @param filled from what is inside outward
     * @param openMm what nothing fills; below 0 where the box is closed over more than it holds
     */
    public record FaceGap(Face face, List<Filling> filled, double openMm) {
        public FaceGap {
            filled = List.copyOf(filled);
        }

        /** From what is inside to the board, mm. */
        public double wholeMm() {
            return openMm + filled.stream().mapToDouble(Filling::mm).sum();
        }
    }

    /**
     * What fills a part of a gap.
     *
     * @param layer index of its layer
     */
    public record Filling(int layer, String what, double mm) {}

    /** @param caution true where something has to be done about it */
    public record Remark(boolean caution, Sentence words) {}
}
