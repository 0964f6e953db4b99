package rampart.core.check;

import java.util.List;
import rampart.core.bed.Nature;
import rampart.core.verdict.CheckKind;

/** All checks but the drops, in the order in which ties are settled (rule 28). */
public final class Checks {
    /** The one list. */
    public static final List<CheckRule> AFTER_DROPS = List.of(
            new StrainCheck(),
            new BucklingCheck(),
            new CreepCheck(),
            new VibrationCheck(),
            new StackCheck(),
            new BoardLimitsCheck(),
            new LiftCheck(),
            new FitCheck(),
            new MovementCheck(),
            new MaterialCheck(),
            new SettlingCheck(),
            new SqueezeCheck(),
            new HoldDownCheck(),
            new ComponentCheck(),
            new JointCheck(),
            new StandingCheck(),
            new BedReachCheck(CheckKind.BED_CLEARANCE, Nature.FRAGILE),
            new BedReachCheck(CheckKind.BED_TOUCH, Nature.SENSITIVE),
            new BedFloorCheck(),
            new BedWebCheck(),
            new BedHoldCheck(),
            new BedTiesCheck(),
            new PiecesFitCheck(),
            new BoardsCheck());

    private Checks() {}
}
