package rampart.core.cut;

import java.util.ArrayList;
import java.util.List;
import rampart.core.box.Carton;
import rampart.core.words.BoardWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/**
 * A regular slotted carton made lower: a new score all round, the corners slit down to it, and what the new flaps do not need cut
 * off the top.
 *
 * @param scoreMm from the fold of the bottom up to the new score, along the outside of the wall
 * @param flapMm depth of the new flaps, which meet in the middle
 * @param offMm cut off the top
 * @param oldScoreMm how far above the new score the old one lies
 */
public record CutDown(double scoreMm, double flapMm, double offMm, double oldScoreMm) {
    /**
     * Of a carton as it is to be.
     *
     * @param fromMm inside height that it has now
     * @throws IllegalArgumentException if that is not above the height that it is to have
     */
    public static CutDown of(Carton lower, double fromMm) {
        double height = lower.inside().heightMm();
        if (!(fromMm > height)) {
            throw new IllegalArgumentException(
                    "a carton is cut down from a height above " + height + " mm inside, not from " + fromMm);
        }
        double c = lower.board().caliperMm();
        return new CutDown(height + 2 * c, (lower.shorterMm() + c) / 2, fromMm - height, fromMm - height);
    }

    /** True where the old score lies in the new flaps. */
    public boolean oldScoreInFlap() {
        return oldScoreMm < flapMm;
    }

    /** What is done, in order. */
    public List<Sentence> steps() {
        List<Sentence> steps = new ArrayList<>();
        steps.add(BoardWords.CUT_DOWN_EMPTY.of());
        steps.add(BoardWords.CUT_DOWN_MARK.of(Quantity.cut(scoreMm)));
        steps.add(BoardWords.CUT_DOWN_SCORE.of());
        steps.add(BoardWords.CUT_DOWN_OFF.of(Quantity.cut(offMm), Quantity.cut(flapMm)));
        steps.add(BoardWords.CUT_DOWN_SLIT.of());
        if (oldScoreInFlap()) {
            steps.add(BoardWords.CUT_DOWN_OLD_SCORE.of(Quantity.cut(oldScoreMm)));
        }
        steps.add(BoardWords.CUT_DOWN_FOLD.of());
        return List.copyOf(steps);
    }
}
