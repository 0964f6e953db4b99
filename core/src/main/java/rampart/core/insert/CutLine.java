package rampart.core.insert;

import rampart.core.geometry.CutWork;
import rampart.core.geometry.Outline;

/**
 * A closed line on a piece that a knife or a machine follows.
 *
 * @param depthMm from the face that lies up; of a cut the whole thickness
 */
public record CutLine(CutWork work, double depthMm, Outline outline) {}
