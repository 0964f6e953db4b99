package rampart.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import rampart.core.box.StackStrength;
import rampart.core.check.EvaluationContext;
import rampart.core.check.StackCheck;
import rampart.core.check.VibrationCheck;
import rampart.core.cushion.Impact;
import rampart.core.cushion.Resonance;
import rampart.core.drop.Drop;
import rampart.core.drop.Drops;
import rampart.core.journey.Spectrum;
import rampart.core.journey.Stack;
import rampart.core.layout.LaidCushion;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.words.FigureWords;
import rampart.core.words.Term;

/** Draws the curve behind a check: what would happen if one quantity were another. */
public final class Curves {
    private static final int POINTS = 81;
    private static final double SPREAD = 6;
    private static final int BISECTIONS = 50;

    private Curves() {}

    /** True where there is a curve for such a check; what a carton carries has none where nobody knows it. */
    public static boolean has(Check check) {
        return check.id().kind().isDrop()
                || check.id().kind() == CheckKind.VIBRATION
                || (check.id().kind() == CheckKind.STACK && check.limit().isPresent());
    }

    /** The curve of this check; empty where the pack has no such check or the check no curve. */
    public static Optional<Curve> of(Pack pack, Catalogue catalogue, CheckId id) {
        EvaluationContext context = EvaluationContext.of(pack, catalogue);
        if (id.kind() == CheckKind.VIBRATION) {
            return pack.journey().vibration().map(v -> vibration(context, v.spectrum()));
        }
        if (id.kind() == CheckKind.STACK) {
            OptionalDouble dryN = StackCheck.dryN(context);
            return dryN.isEmpty()
                    ? Optional.empty()
                    : pack.journey().stack().map(stack -> stack(context, stack, dryN.getAsDouble()));
        }
        return context.drops().stream()
                .filter(drop -> drop.id().id().equals(id))
                .findFirst()
                .flatMap(drop -> drop(context, drop));
    }

    /** G over the load at rest on the cushion that takes most of the blow, the rest of the wall as it is. */
    private static Optional<Curve> drop(EvaluationContext context, Drop drop) {
        Optional<Impact.LayerPeak> main = drop.worst().layers().stream()
                .filter(Impact.LayerPeak::acts)
                .max((a, b) -> Double.compare(a.energyJ(), b.energyJ()));
        if (main.isEmpty()) {
            return Optional.empty();
        }
        LaidCushion cushion = context.cushion(main.get().layer());
        Face face = drop.id().faces().get(0);
        double now = cushion.staticStressKpa(face);
        Drops drops = context.working();
        DoubleUnaryOperator g =
                s -> drops.drop(drop.id(), cushion.layer(), now / s).g();
        OptionalDouble limit =
                context.pack().item().fragility().limitG(drop.id().faces());
        List<Curve.Spot> points = logarithmic(g, now / SPREAD, now * SPREAD);
        return Optional.of(new Curve(
                drop.id().id(),
                new Curve.Scale(
                        FigureWords.LOAD_ON_WALL.of(Term.name(cushion.foam().name()), Term.name(face.word())), "kPa"),
                Curve.Scale.of(FigureWords.ITEM_FEELS, "G"),
                true,
                points,
                limit,
                true,
                limit.isPresent() ? bandBelow(g, points, limit.getAsDouble()) : List.of(),
                new Curve.Spot(now, drop.g())));
    }

    /** Density of what the item feels over frequency. */
    private static Curve vibration(EvaluationContext context, Spectrum spectrum) {
        List<Resonance> resonances = VibrationCheck.resonances(context);
        DoubleUnaryOperator density = hz -> {
            double d = spectrum.at(hz);
            for (Resonance resonance : resonances) {
                d *= resonance.squaredGain(hz);
            }
            return d;
        };
        List<Spectrum.Breakpoint> ends = spectrum.points();
        double low = ends.get(0).hz();
        double high = ends.get(ends.size() - 1).hz();
        double at = resonances.isEmpty()
                ? low
                : Math.max(low, Math.min(high, resonances.get(0).hz()));
        return new Curve(
                CheckId.of(CheckKind.VIBRATION),
                Curve.Scale.of(FigureWords.FREQUENCY, "Hz"),
                Curve.Scale.of(FigureWords.RIDE_FELT, "g2/Hz"),
                true,
                logarithmic(density, low, high),
                OptionalDouble.empty(),
                true,
                List.of(),
                new Curve.Spot(at, density.applyAsDouble(at)));
    }

    /** Strength of the outer carton over days in the pile. */
    private static Curve stack(EvaluationContext context, Stack stack, double dryN) {
        DoubleUnaryOperator strength = days -> StackStrength.of(
                        dryN, new Stack(stack.heightMm(), days, stack.relativeHumidity(), stack.pattern()))
                .strengthN();
        Check check = new StackCheck().on(context).get(0);
        List<Curve.Spot> points = logarithmic(strength, Math.min(1, stack.days()), Math.max(720, stack.days()));
        DoubleUnaryOperator missing = days -> check.demand() - strength.applyAsDouble(days);
        List<Curve.Spot> missingAt = points.stream()
                .map(p -> new Curve.Spot(p.x(), check.demand() - p.y()))
                .toList();
        return new Curve(
                CheckId.of(CheckKind.STACK),
                Curve.Scale.of(FigureWords.DAYS_IN_PILE, "d"),
                Curve.Scale.of(FigureWords.CARTON_CARRIES, "N"),
                true,
                points,
                OptionalDouble.of(check.demand()),
                false,
                bandBelow(missing, missingAt, 0),
                new Curve.Spot(stack.days(), strength.applyAsDouble(stack.days())));
    }

    private static List<Curve.Spot> logarithmic(DoubleUnaryOperator f, double from, double to) {
        List<Curve.Spot> points = new ArrayList<>(POINTS);
        for (int i = 0; i < POINTS; i++) {
            double x = from * Math.pow(to / from, (double) i / (POINTS - 1));
            points.add(new Curve.Spot(x, f.applyAsDouble(x)));
        }
        return List.copyOf(points);
    }

    /** The ranges in which f, known at the points, is at or below the limit; their ends by bisection. */
    private static List<Curve.Range> bandBelow(DoubleUnaryOperator f, List<Curve.Spot> points, double limit) {
        List<Curve.Range> band = new ArrayList<>();
        double from = Double.NaN;
        for (int i = 0; i < points.size(); i++) {
            double x = points.get(i).x();
            boolean holds = points.get(i).y() <= limit;
            boolean open = !Double.isNaN(from);
            if (holds && !open) {
                from = i == 0 ? x : crossing(f, limit, points.get(i - 1).x(), x);
            } else if (!holds && open) {
                band.add(new Curve.Range(
                        from, crossing(f, limit, points.get(i - 1).x(), x)));
                from = Double.NaN;
            }
        }
        if (!Double.isNaN(from)) {
            band.add(new Curve.Range(from, points.get(points.size() - 1).x()));
        }
        return List.copyOf(band);
    }

    private static double crossing(DoubleUnaryOperator f, double limit, double a, double b) {
        boolean holdsAtA = f.applyAsDouble(a) <= limit;
        double low = a;
        double high = b;
        for (int i = 0; i < BISECTIONS; i++) {
            double middle = (low + high) / 2;
            if (f.applyAsDouble(middle) <= limit == holdsAtA) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
