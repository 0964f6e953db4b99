package rampart.core.check;

import java.util.List;
import java.util.Map;
import rampart.core.box.CartonState;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;

/** How the contents of one box are pressed together, or have room, when it is closed (rules 39 to 42). */
final class Squeezed {
    /** Over this share of the foam a filling bulges the carton. */
    public static final double BULGES_OVER = 0.20;

    private final LaidBox box;
    private final CartonState state;
    private final List<LaidCushion> cushions;
    private final Map<Integer, Double> creep;

    private Squeezed(LaidBox box, CartonState state, List<LaidCushion> cushions, Map<Integer, Double> creep) {
        this.box = box;
        this.state = state;
        this.cushions = cushions;
        this.creep = creep;
    }

    /** Every box of the pack, innermost first; none where no box says or does anything out of the ordinary. */
    public static List<Squeezed> all(EvaluationContext context) {
        return !context.cartonsMatter()
                ? List.of()
                : context.layout().boxes().stream().map(box -> of(context, box)).toList();
    }

    public static Squeezed outer(EvaluationContext context) {
        return of(context, context.layout().outer());
    }

    private static Squeezed of(EvaluationContext context, LaidBox box) {
        int inward = context.layout().boxes().stream()
                .mapToInt(LaidBox::layer)
                .filter(i -> i < box.layer())
                .max()
                .orElse(-1);
        return new Squeezed(
                box,
                box.state(),
                context.layout().cushions().stream()
                        .filter(c -> c.layer() > inward && c.layer() < box.layer())
                        .toList(),
                context.creep());
    }

    public LaidBox box() {
        return box;
    }

    public CartonState state() {
        return state;
    }

    /** Cushions between this box and the next one inward. */
    public List<LaidCushion> cushions() {
        return cushions;
    }

    /** Foam that creep takes from the bottom, mm. */
    private double creepMm() {
        double mm = 0;
        for (LaidCushion cushion : cushions) {
            mm += creep.getOrDefault(cushion.layer(), 0.0)
                    * cushion.thicknessMm().bottom();
        }
        return mm;
    }

    /** True where a made carton is smaller than its contents. */
    public boolean overFilled() {
        return !box.stock() && box.slack().along(Axis.Z) < 0;
    }

    /** Foam on both sides along an axis, mm. */
    public double foamMm(Axis axis) {
        double mm = 0;
        for (LaidCushion cushion : cushions) {
            for (Face face : Face.ALL) {
                mm += face.axis() == axis ? cushion.thicknessMm().on(face) : 0;
            }
        }
        return mm;
    }

    /** Share of the foam's thickness that closing the carton takes; 1 where there is no foam to give way. */
    public double squeeze(Axis axis) {
        double over = -box.slack().along(axis);
        double foam = foamMm(axis);
        return over <= 0 ? 0 : foam > 0 ? over / foam : 1;
    }

    /** The axis that is squeezed most. */
    public Axis tightest() {
        Axis tightest = Axis.Z;
        for (Axis axis : Axis.values()) {
            if (squeeze(axis) > squeeze(tightest)) {
                tightest = axis;
            }
        }
        return tightest;
    }

    /** How far the sides stand out, mm: as measured, else what the foam does not take up to a fifth of its thickness. */
    public double bulgeMm() {
        if (state.bulgeMm().isPresent()) {
            return state.bulgeMm().getAsDouble();
        }
        double most = 0;
        for (Axis axis : Axis.values()) {
            if (!box.stock()) {
                most = Math.max(most, -box.slack().along(axis) - BULGES_OVER * foamMm(axis));
            }
        }
        return most;
    }

    /** What the settling of foam and fill, and creep at the bottom, add to the room above the contents, mm. */
    public double settlementMm() {
        double mm = creepMm();
        for (LaidCushion cushion : cushions) {
            mm += cushion.foam().structure().settlement()
                    * (cushion.thicknessMm().top() + cushion.thicknessMm().bottom());
        }
        CartonState.Fill fill = state.fill().orElse(CartonState.Fill.NONE);
        return mm + fill.settlement() * Math.max(0, box.slack().along(Axis.Z));
    }

    /** The room above the contents after a while on the way, mm; below 0 they are still pressed. */
    public double gapMm() {
        double slack = box.slack().along(Axis.Z);
        boolean filled = state.fill().orElse(CartonState.Fill.NONE) != CartonState.Fill.NONE;
        return (filled ? Math.min(0, slack) : slack) + settlementMm();
    }
}
