package rampart.core.check;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.PadGrid;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Status;
import rampart.core.verdict.Working;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/** What stands on pads that lie too close together rocks: how far apart they reach at the bottom (rule 22). */
public final class StandingCheck implements CheckRule {
    /** Share of the length and the width over which the pads must reach (assumed). */
    public static final double LEAST_REACH = 0.5;

    @Override
    public String id() {
        return "cushion.stand";
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        double least = Double.POSITIVE_INFINITY;
        LaidCushion cushion = null;
        Axis axis = Axis.X;
        for (LaidCushion candidate : context.layout().cushions()) {
            if (candidate.form() instanceof CushionForm.Pads pads && candidate.cushions(Face.BOTTOM)) {
                PadGrid grid = pads.grid(candidate.body(), Face.BOTTOM);
                for (Axis along : List.of(grid.first(), grid.second())) {
                    double reach = Units.roundTo9Decimals(grid.reach(along));
                    if (reach < least) {
                        least = reach;
                        cushion = candidate;
                        axis = along;
                    }
                }
            }
        }
        return cushion == null ? List.of() : List.of(check(cushion, axis));
    }

    private static Check check(LaidCushion cushion, Axis axis) {
        PadGrid grid = ((CushionForm.Pads) cushion.form()).grid(cushion.body(), Face.BOTTOM);
        double reach = grid.reach(axis);
        double body = cushion.body().along(axis);
        String dimension = axis == Axis.X ? "length" : "width";
        boolean rocks = reach < LEAST_REACH;
        Supplier<List<Sentence>> because = () -> List.of((rocks ? Say.ROCKS : Say.STANDS)
                .of(Quantity.wholeMm(reach * body), Quantity.wholeMm(body), Term.name(dimension)));
        Supplier<Working> working = () -> Working.noted(
                "D = R",
                List.of("L = (B - q + q*p)/B"),
                List.of(
                        Figure.assumed("R", "least share that stands", LEAST_REACH, "", "half of each side"),
                        Figure.law("B", "side of what stands on the pads", body, "mm"),
                        Figure.law("q", "part of that side for each pad", body / grid.cells(axis), "mm"),
                        Figure.law("p", "share of its part that a pad takes up", grid.scale(), ""),
                        Figure.law("L", "outer edge to outer edge of the pads, of that side", reach, "")),
                "Pads in rows and columns, each in the middle of its part of the face.");
        Check check = Check.judged(
                "cushion.stand",
                "Standing on its pads",
                Check.Where.layerFace(cushion.layer(), Face.BOTTOM),
                LEAST_REACH,
                OptionalDouble.of(reach),
                "",
                because,
                working);
        return check.status() == Status.BREAKS ? check.withStatus(Status.THIN) : check;
    }
}
