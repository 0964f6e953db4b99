package rampart.core.cut;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rampart.core.blank.Blank;
import rampart.core.box.Carton;
import rampart.core.geometry.Bounds;
import rampart.core.words.BoardWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/**
 * A regular slotted carton opened at its glued seam and laid flat, and where a blank comes out of it whole: from the walls in a row
 * between the slots, or from one wall with its flaps.
 *
 * @param from what of the carton it comes out of, as a packer says it
 * @param xMm from the left of that part to the left of the blank
 * @param yMm from below likewise
 * @param oldScores how many of the old scores lie in it
 * @param clearMm from an old score in it to the nearest score of its own in the same direction; infinite where none is
 */
public record OpenedCarton(String from, double xMm, double yMm, int oldScores, double clearMm) {
    private static final int PLACES = 200;

    /** Boards of one flute differ by less than this in caliper, those of two by more, mm (nominal calipers). */
    private static final double SAME_BOARD_MM = 0.3;

    /** A part of the opened carton without slots in it, and the old scores that run through it. */
    private record Part(String name, double acrossMm, double alongMm, List<Double> upright, List<Double> level) {}

    /**
     * Where the blank comes out of the carton with the fewest old scores, and these the farthest from its own; empty where it does not,
     * also where the carton is of another flute: the blank's scores are laid out for its own caliper.
     */
    public static Optional<OpenedCarton> of(Blank blank, Carton carton) {
        if (Math.abs(carton.board().caliperMm() - blank.caliperMm()) > SAME_BOARD_MM) {
            return Optional.empty();
        }
        Bounds b = blank.bounds();
        return parts(carton).stream()
                .filter(part -> b.widthMm() <= part.acrossMm() && b.heightMm() <= part.alongMm())
                .map(part -> best(blank, part))
                .min(Comparator.comparingInt(OpenedCarton::oldScores)
                        .thenComparing(Comparator.comparingDouble(OpenedCarton::clearMm)
                                .reversed()));
    }

    /** What to do about the old scores, in a sentence. */
    public Sentence said() {
        if (oldScores == 0) {
            return BoardWords.NO_OLD_SCORE.of();
        }
        return Double.isFinite(clearMm)
                ? BoardWords.OLD_SCORES.of(Quantity.count(oldScores), Quantity.cut(clearMm))
                : BoardWords.OLD_SCORES_ALONE.of(Quantity.count(oldScores));
    }

    private static List<Part> parts(Carton carton) {
        double c = carton.board().caliperMm();
        double longer = carton.longerMm() + c;
        double shorter = carton.shorterMm() + c;
        double wall = carton.inside().heightMm() + 2 * c;
        double flap = (carton.shorterMm() + c) / 2;
        List<Double> flaps = List.of(flap, flap + wall);
        return List.of(
                new Part(
                        "the walls in a row",
                        2 * (longer + shorter),
                        wall,
                        List.of(longer, longer + shorter, 2 * longer + shorter),
                        List.of()),
                new Part("a long wall with its flaps", longer, wall + 2 * flap, List.of(), flaps),
                new Part("a short wall with its flaps", shorter, wall + 2 * flap, List.of(), flaps));
    }

    private static OpenedCarton best(Blank blank, Part part) {
        Bounds b = blank.bounds();
        Along x = Along.best(b.widthMm(), part.acrossMm(), part.upright(), blank.scoresMm(true));
        Along y = Along.best(b.heightMm(), part.alongMm(), part.level(), blank.scoresMm(false));
        return new OpenedCarton(
                part.name(), x.place(), y.place(), x.crossed() + y.crossed(), Math.min(x.clearMm(), y.clearMm()));
    }

    /** A place along one direction. */
    private record Along(double place, int crossed, double clearMm) {
        static Along best(double blankMm, double partMm, List<Double> old, List<Double> own) {
            Along best = null;
            for (int i = 0; i <= PLACES; i++) {
                Along along = at((partMm - blankMm) * i / PLACES, blankMm, old, own);
                if (best == null
                        || along.crossed < best.crossed
                        || (along.crossed == best.crossed && along.clearMm > best.clearMm)) {
                    best = along;
                }
            }
            return best;
        }

        private static Along at(double place, double blankMm, List<Double> old, List<Double> own) {
            int crossed = 0;
            double clear = Double.POSITIVE_INFINITY;
            for (double score : old) {
                double in = score - place;
                if (in > 0 && in < blankMm) {
                    crossed++;
                    for (double crease : own) {
                        clear = Math.min(clear, Math.abs(in - crease));
                    }
                }
            }
            return new Along(place, crossed, clear);
        }
    }
}
