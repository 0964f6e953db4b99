package rampart.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.material.Foam;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.verdict.Check;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.CheckWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * What the lid's pressure does where a carton is closed over more than it holds (rule 41): it must carry the contents
 * turned upside down ({@code hold-down}), and must not press an item harder than it bears ({@code pressure}).
 */
final class HoldDownCheck implements CheckRule {
    /** The law of static squeeze holds up to here. */
    private static final double KNOWN_TO = 0.40;

    @Override
    public Set<CheckKind> makes() {
        return Set.of(CheckKind.HOLD_DOWN, CheckKind.PRESSURE);
    }

    @Override
    public List<Check> on(EvaluationContext context) {
        List<Check> holding = new ArrayList<>();
        List<Check> pressing = new ArrayList<>();
        OptionalDouble bears = context.pack().item().properties().bearsKpa();
        for (Squeezed box : Squeezed.all(context)) {
            if (!box.overFilled()) {
                continue;
            }
            double strain = box.squeeze(Axis.Z);
            List<LaidCushion> above = box.cushions().stream()
                    .filter(cushion -> cushion.cushions(Face.TOP))
                    .toList();
            above.stream()
                    .min(Comparator.comparingDouble(cushion -> forceN(cushion, strain)))
                    .ifPresent(cushion -> holding.add(holdDown(cushion, strain)));
            if (bears.isPresent()) {
                above.stream()
                        .filter(cushion -> onTheItem(context.pack().layers(), cushion.layer()))
                        .forEach(cushion -> pressing.add(pressure(cushion, strain, bears.getAsDouble())));
            }
        }
        for (LaidCushion cushion : context.layout().cushions()) {
            if (!onTheItem(context.pack().layers(), cushion.layer())) {
                continue;
            }
            double bed = cushion.bed()
                    .map(shape -> shape.holdDownMm() / cushion.thicknessMm().top())
                    .orElse(0.0);
            if (bed > 0 && bears.isPresent()) {
                Check byBed = pressure(cushion, bed, bears.getAsDouble());
                if (pressing.stream().allMatch(other -> other.demand() < byBed.demand())) {
                    pressing.clear();
                    pressing.add(byBed);
                }
            }
        }
        List<Check> checks = new ArrayList<>();
        holding.stream().min(Comparator.comparingDouble(HoldDownCheck::margin)).ifPresent(checks::add);
        checks.addAll(pressing);
        return checks;
    }

    /** True where only wraps lie between: what presses on a box, on boards or on other foam does not press on the item. */
    private static boolean onTheItem(List<Layer> layers, int layer) {
        return layers.subList(0, layer).stream()
                .allMatch(inward -> inward.match(wrap -> true, cushion -> false, box -> false, boards -> false));
    }

    private static double margin(Check check) {
        return check.margin().orElse(0);
    }

    private static double stressKpa(LaidCushion cushion, double strain) {
        return cushion.foam().pressKpa(strain);
    }

    private static double forceN(LaidCushion cushion, double strain) {
        return stressKpa(cushion, strain) * cushion.bearingMm2().top() / 1000;
    }

    private static Check holdDown(LaidCushion cushion, double strain) {
        double weight = cushion.movingMassKg() * Units.STANDARD_GRAVITY;
        double force = forceN(cushion, strain);
        Supplier<List<Sentence>> because = () -> List.of((force < weight ? CheckWords.DROPS_AWAY : CheckWords.HELD_DOWN)
                .of(Quantity.newton(weight), Term.name(cushion.foam().name()), Quantity.newton(force)));
        Supplier<Working> working = () -> {
            List<Figure> figures = new ArrayList<>(pressed(cushion, strain));
            figures.add(Figure.law(
                    "A", FigureWords.BEARING_AREA_TOP, cushion.bearingMm2().top() / 100, "cm2"));
            figures.add(Figure.law("F", FigureWords.FORCE_OF_LID, force, "N"));
            figures.add(Figure.law("m", FigureWords.MASS_UNDER_LID, cushion.movingMassKg(), "kg"));
            figures.add(Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2"));
            return new Working("D = m*g", List.of("p = " + law(strain), "F = p*A/10"), figures, notes(strain));
        };
        return Check.judged(
                CheckId.of(CheckKind.HOLD_DOWN),
                "Held down by the lid",
                Check.Where.layerFace(cushion.layer(), Face.TOP),
                weight,
                OptionalDouble.of(force),
                "N",
                because,
                working);
    }

    private static Check pressure(LaidCushion cushion, double strain, double bearsKpa) {
        double stress = stressKpa(cushion, strain);
        Supplier<List<Sentence>> because =
                () -> List.of(CheckWords.LID_PRESSES.of(Quantity.kpa(stress), Quantity.kpa(bearsKpa)));
        Supplier<Working> working = () -> {
            List<Figure> figures = new ArrayList<>(pressed(cushion, strain));
            figures.add(Figure.input("L", FigureWords.LASTING_PRESSURE_ITEM, bearsKpa, "kPa"));
            return new Working("p = " + law(strain), List.of(), figures, notes(strain));
        };
        return Check.judged(
                CheckId.of(CheckKind.PRESSURE),
                "Pressure of the lid on the item",
                Check.Where.layerFace(cushion.layer(), Face.TOP),
                stress,
                OptionalDouble.of(bearsKpa),
                "kPa",
                because,
                working);
    }

    private static String law(double strain) {
        return strain < Foam.LEVEL_FROM ? "s25*e/el" : "s25";
    }

    private static List<Figure> pressed(LaidCushion cushion, double strain) {
        return List.of(
                new Figure(
                        "s25",
                        CheckWords.STRESS_SQUEEZED.of(Term.name(cushion.foam().name())),
                        cushion.foam().squeezeKpa(),
                        "kPa",
                        cushion.foam().basis(),
                        cushion.foam().source()),
                Figure.law("e", FigureWords.SHARE_FOAM_PRESSED, strain, ""),
                Figure.assumed(
                        "el", FigureWords.WHERE_STRESS_STAYS, Foam.LEVEL_FROM, "", "straight to a tenth, then level"),
                Figure.law("p", FigureWords.STRESS_FOAM, stressKpa(cushion, strain), "kPa"));
    }

    private static List<Sentence> notes(double strain) {
        return strain > KNOWN_TO ? List.of(CheckWords.NOTE_BEYOND_LAW_OF_SQUEEZE.of()) : List.of();
    }
}
