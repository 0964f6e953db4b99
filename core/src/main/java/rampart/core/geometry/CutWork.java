package rampart.core.geometry;

/** What is done along a line of a piece of foam or board. */
public enum CutWork {
    /** Right through. */
    CUT,
    /** Foam inside it is taken out to the depth. */
    POCKET,
    /** Foam that stands within a pocket. */
    ISLAND,
    /** Pressed in, so that the board bends there. */
    SCORE,
    /** Cut in dashes, so that the board bends sharply or tears there. */
    PERFORATION,
    /** Where glue or tape goes. */
    GLUE,
    /** Drawn only: where a tie runs, where a part lies. */
    MARK
}
