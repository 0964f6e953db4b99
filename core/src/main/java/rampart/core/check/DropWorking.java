package rampart.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import rampart.core.cushion.Impact;
import rampart.core.cushion.ImpactSolver;
import rampart.core.drop.Creep;
import rampart.core.drop.Drop;
import rampart.core.journey.DropHeights;
import rampart.core.journey.DropPlan;
import rampart.core.layout.LaidCushion;
import rampart.core.material.CushionFit;
import rampart.core.material.CushionLaw;
import rampart.core.material.FirstRamp;
import rampart.core.material.Foam;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Units;
import rampart.core.verdict.Figure;
import rampart.core.verdict.Working;
import rampart.core.words.DropWords;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;
import rampart.core.words.Unit;
import rampart.core.words.Wording;

/** The numbers behind one drop: the closed form for a flat drop on one cushion, the balance of forces otherwise. */
final class DropWorking {
    private static final String LAW = "stress-energy law, Burgess and Daum 2006, from memory";
    private static final String IN_TIME =
            "item and inner boxes as masses on the cushions' loading and unloading laws, gravity on";
    private static final double EXTRAPOLATED_BELOW = 0.2;
    private static final double EXTRAPOLATED_ABOVE = 2.3;
    private static final String RISE = "by the structure of the material";

    private final EvaluationContext context;
    private final Drop drop;
    private final TestScatter scatter;
    private final List<Figure> figures = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private final List<Sentence> notes = new ArrayList<>();

    DropWorking(EvaluationContext context, Drop drop) {
        this.context = context;
        this.drop = drop;
        this.scatter = TestScatter.of(context, drop.worst());
    }

    public Working ofVelocity() {
        double inTime = drop.inTime().map(Drop.InTime::velocityChangeMps).orElse(0.0);
        if (inTime > context.velocityChangeMps()) {
            figures.add(Figure.of("Vt", FigureWords.VELOCITY_CHANGE_SIMULATED, inTime, "m/s", Basis.NOMINAL, IN_TIME));
            notes.add(DropWords.PEAK_OF_THIS_DROP.of(Quantity.fineG(drop.g())));
            return new Working("dV = Vt", steps, figures, notes);
        }
        height();
        gravity();
        figures.add(Figure.assumed("e", FigureWords.REBOUND, EvaluationContext.REBOUND, "", "0.5 for every material"));
        notes.add(DropWords.PEAK_OF_THIS_DROP.of(Quantity.fineG(drop.g())));
        return new Working("dV = (1 + e)*sqrt(2*g*h/1000)", steps, figures, notes);
    }

    public Working ofG() {
        height();
        if (drop.worst().capped()) {
            figures.add(Figure.assumed("cap", FigureWords.NO_CUSHION_WORKS, ImpactSolver.CAP_G, "G", "rule 17"));
            return new Working("G = cap", steps, figures, notes);
        }
        if (drop.simulatedG().orElse(0) > drop.worst().g()) {
            return simulated();
        }
        drop.simulatedG().ifPresent(g -> notes.add(DropWords.SIMULATED_LOWER.of(Quantity.fineG(g))));
        gravity();
        List<Impact.LayerPeak> acting =
                drop.worst().layers().stream().filter(Impact.LayerPeak::acts).toList();
        notes.add(DropWords.NOTE_NEGLECTED.of());
        conditions();
        scatter();
        if (drop.worst().withinRamp()) {
            notes.add(DropWords.NOTE_WITHIN_FIRST_RISE.of());
        }
        if (drop.id().flat()
                && acting.size() == 1
                && context.cushion(acting.get(0).layer()).bed().isEmpty()) {
            return closedForm(acting.get(0));
        }
        return balance(acting);
    }

    private Working simulated() {
        figures.add(Figure.of("Gt", FigureWords.PEAK_SIMULATED, drop.g(), "G", Basis.NOMINAL, IN_TIME));
        notes.add(DropWords.QUICK_RECKONING.of(Quantity.fineG(drop.worst().g())));
        notes.add(DropWords.NOTE_NEGLECTED_SHEAR_FRICTION.of());
        scatter();
        return new Working("G = Gt", steps, figures, notes);
    }

    private Working closedForm(Impact.LayerPeak peak) {
        LaidCushion cushion = context.cushion(peak.layer());
        Face face = drop.id().faces().get(0);
        double k = drop.worst().loadFactor();
        double t = thicknessMm(cushion, face);
        double s = cushion.staticStressKpa(face) * k;
        String source = cushion.foam().source();
        double f = cushion.foam().stiffnessAt(drop.worst().temperatureC());
        boolean repeated = drop.worst().repeated();
        boolean measured = cushion.foam().fit(repeated).isPresent();
        double r = repeated && !measured ? cushion.foam().repeatFactor() : 1;
        CushionLaw law =
                measured ? cushion.foam().law(repeated) : cushion.foam().law();
        double b = law.bPerKpa();
        Basis basis = lawBasis(cushion.foam());
        String lawSource = cushion.foam().fit(repeated).map(DropWorking::tests).orElse(source);
        figures.add(0, Figure.law("s", FigureWords.LOAD_AT_REST, s, "kPa"));
        figures.add(Figure.law("m", FigureWords.MASS_ON_CUSHION, cushion.movingMassKg(), "kg"));
        figures.add(
                Figure.law("A", FigureWords.BEARING_AREA, cushion.bearingMm2().on(face) / 100, "cm2"));
        figures.add(loadFactor(k));
        figures.add(new Figure(
                "a",
                DropWords.BEGINS_TO_GIVE.of(Term.name(cushion.foam().name())),
                law.aKpa(),
                "kPa",
                basis,
                lawSource));
        figures.add(Figure.of("b", FigureWords.HOW_FAST_STIFFENS, b, "1/kPa", basis, lawSource));
        figures.add(stiffness(f, cushion));
        figures.add(repeat(r, cushion));
        figures.add(Figure.input("t", FigureWords.THICKNESS, t, "mm"));
        steps.add("s = k*m*g/(A/10)");
        double x = r * b / f * s * context.dropHeightMm() / t;
        if (!measured && (x < EXTRAPOLATED_BELOW || x > EXTRAPOLATED_ABOVE)) {
            notes.add(DropWords.EXTRAPOLATED_LAW.of(Quantity.number(x, 2)));
        }
        if (drop.worst().withinRamp()) {
            FirstRamp ramp = cushion.foam().law().ramp();
            figures.add(Figure.nominal("R", FigureWords.STRESS_AFTER_FIRST_RISE, ramp.rise(), "", RISE));
            figures.add(Figure.nominal("w", FigureWords.BEND_OF_FIRST_RISE, ramp.exponent(), "", RISE));
            return new Working("G = (R*f*a/s)*((r*b/f)*s*h/t/ln(R))^(w/(w+1))", steps, figures, notes);
        }
        return new Working("G = (f*a/s)*exp((r*b/f)*s*h/t)", steps, figures, notes);
    }

    /** The innermost cushion that gives carries G times its mass; all cushions together absorb the fall. */
    private Working balance(List<Impact.LayerPeak> acting) {
        Impact.LayerPeak giving =
                acting.stream().filter(p -> p.energyJ() > 0).findFirst().orElse(acting.get(0));
        LaidCushion cushion = context.cushion(giving.layer());
        List<Face> faces = drop.id().faces();
        figures.add(
                Figure.law("m", DropWords.MASS_ON.of(Term.name(cushion.foam().name())), cushion.movingMassKg(), "kg"));
        figures.add(loadFactor(drop.worst().loadFactor()));
        boolean bed = cushion.bed().isPresent();
        if (bed) {
            figures.add(Figure.law("F", FigureWords.FORCE_BED_ALONG, giving.forceN(), "N"));
            notes.add(DropWords.NOTE_BED_IS_SPRINGS.of());
        }
        for (int i = 0; i < faces.size() && !bed; i++) {
            String n = "_" + faces.get(i).number();
            Term on = Term.name(faces.get(i).word());
            figures.add(Figure.law(
                    "A" + n,
                    DropWords.BEARING_AREA_ON.of(on),
                    cushion.bearingMm2().on(faces.get(i)) / 100,
                    "cm2"));
            figures.add(new Figure(
                    "S" + n, DropWords.STRESS_ON.of(on), giving.stressKpa()[i], "kPa", lawBasis(cushion.foam()), LAW));
            figures.add(Figure.law(
                    "n" + n, DropWords.DIRECTION_ON.of(on), drop.cosine().get(i), ""));
        }
        LaidCushion outermost = context.cushion(acting.get(acting.size() - 1).layer());
        figures.add(Figure.law("M", FigureWords.MASS_ON_OUTERMOST, outermost.movingMassKg(), "kg"));
        double fall = drop.worst().loadFactor()
                * outermost.movingMassKg()
                * Units.STANDARD_GRAVITY
                * context.dropHeightMm()
                / 1000;
        figures.add(Figure.law("U", FigureWords.ENERGY_FALL, fall, "J"));
        for (Impact.LayerPeak peak : acting) {
            figures.add(Figure.law(
                    "U_" + peak.layer(),
                    DropWords.TAKEN_BY.of(
                            Term.name(context.cushion(peak.layer()).foam().name()), Quantity.count(peak.layer() + 1)),
                    peak.energyJ(),
                    "J"));
        }
        steps.add("U = k*M*g*h/1000");
        steps.add("U = " + acting.stream().map(p -> "U_" + p.layer()).collect(Collectors.joining(" + ")));
        String sum = faces.stream()
                .map(face -> "A_N*S_N*n_N".replace("N", Integer.toString(face.number())))
                .collect(Collectors.joining(" + "));
        return new Working(bed ? "G = F/(k*m*g)" : "G = (" + sum + ")/10/(k*m*g)", steps, figures, notes);
    }

    private double thicknessMm(LaidCushion cushion, Face face) {
        double left = face == Face.BOTTOM ? 1 - context.creep().getOrDefault(cushion.layer(), 0.0) : 1;
        return cushion.thicknessMm().on(face) * left;
    }

    private void height() {
        DropPlan plan = context.pack().journey().drop();
        if (plan.table().isPresent()) {
            figures.add(Figure.std(
                    "h",
                    FigureWords.DROP_HEIGHT,
                    context.dropHeightMm(),
                    "mm",
                    plan.table().get().source()));
            if (plan.table().get().outOfScope(context.layout().grossMassKg())) {
                notes.add(DropWords.OUT_OF_TABLE.of(new Quantity(DropHeights.PARCEL_SCOPE_LB, Unit.LB, 0)));
            }
        } else {
            figures.add(Figure.input("h", FigureWords.DROP_HEIGHT, context.dropHeightMm(), "mm"));
        }
    }

    private void gravity() {
        figures.add(Figure.law("g", FigureWords.GRAVITY, Units.STANDARD_GRAVITY, "m/s2"));
    }

    private void conditions() {
        notes.add((drop.worst().repeated() ? DropWords.WORST_REPEATED : DropWords.WORST_FIRST)
                .of(Quantity.degC(drop.worst().temperatureC())));
        if (drop.id().faces().contains(Face.BOTTOM)) {
            context.creep().forEach((layer, lost) -> notes.add(thinned(context.cushion(layer), lost)));
        }
    }

    private Sentence thinned(LaidCushion cushion, double lost) {
        return DropWords.THINNED_LAYER.of(
                Term.name(cushion.foam().name()),
                Quantity.count(cushion.layer() + 1),
                Quantity.finePercent(lost),
                Term.name(Creep.basis(cushion.foam(), context.pack().journey()).word()));
    }

    /** What the law of this foam rests on in this drop. */
    private Basis lawBasis(Foam foam) {
        if (foam.fit(drop.worst().repeated()).isEmpty()) {
            return foam.basis();
        }
        return scatter.extrapolated() ? Basis.EXTRAPOLATED : Basis.MEASURED;
    }

    private static String tests(CushionFit fit) {
        return fit.points() + " drop tests of the house, R2 " + Wording.decimals(fit.rSquared(), 3);
    }

    private void scatter() {
        if (!scatter.measured()) {
            return;
        }
        notes.add(DropWords.NINE_IN_TEN.of(
                Quantity.fineG(drop.g() / scatter.factor()), Quantity.fineG(drop.g() * scatter.factor())));
        if (scatter.extrapolated()) {
            notes.add(DropWords.NOTE_EXTRAPOLATED_THIS_BLOW.of());
        }
    }

    private static Figure loadFactor(double k) {
        return Figure.assumed("k", FigureWords.SHARE_OF_HEAVIEST_QUARTER, k, "", "rule 19: the item is stiff");
    }

    private Figure stiffness(double f, LaidCushion cushion) {
        return Figure.nominal(
                "f",
                DropWords.STIFFNESS_AT.of(Quantity.degC(drop.worst().temperatureC())),
                f,
                "",
                cushion.foam().source());
    }

    private static Figure repeat(double r, LaidCushion cushion) {
        return Figure.nominal(
                "r",
                r == 1 ? FigureWords.FIRST_IMPACT : FigureWords.LATER_IMPACTS,
                r,
                "",
                cushion.foam().source());
    }
}
