package rampart.core.insert;

import rampart.core.geometry.Outline;

/**
 * A closed line on a piece that a knife or a machine follows.
 *
 * @param depthMm from the face that lies up; of a cut the whole thickness
 */
public record CutLine(Work work, double depthMm, Outline outline) {
    /** What is done along a line. */
    public enum Work {
        /** Right through. */
        CUT,
        /** Foam inside it is taken out to the depth. */
        POCKET,
        /** Foam that stands within a pocket. */
        ISLAND,
        /** Drawn only: where a tie runs, where a part lies. */
        MARK
    }
}
