package rampart.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import rampart.core.cushion.DropLayer;
import rampart.core.cushion.ImpactSolver;
import rampart.core.material.CushionLaw;
import rampart.core.quantity.Units;

/**
 * One drop worked in time: item and inner boxes as masses on the cushions' loading and unloading laws, from the touch of
 * the floor through the greatest squeeze to the top of the rebound, or to where it has left the floor if gravity is off.
 * Shear, friction and rotation are neglected, as in the closed form. Each stretch between two turns or bends of a spring
 * is integrated by Dormand and Prince's 8(5,3) method (Hairer, Norsett, Wanner 1993, in Hipparchus).
 */
public final class DropSimulation {
    private static final double LEAST_STEP_S = 1e-14;
    private static final double LONGEST_STEP_S = 5e-3;

    /**
     * The first step of a stretch, in times of going through the thinnest cushion at the speed of the blow: about a
     * fifth of what later steps are. The method's own first guess is a thousandth of it, for every stretch anew.
     */
    private static final double FIRST_STEP = 0.02;

    private static final double ABSOLUTE_TOLERANCE = 1e-12;
    private static final double LONGEST_S = 3;

    private static final int MOST_STRETCHES = 2000;

    private final SimulatedDrop drop;
    private final FallingColumn column;
    private final Assumptions assumptions;
    private final Course course;
    private final double enoughG;
    private final double impactMps;
    private final double firstStepS;

    private DropSimulation(SimulatedDrop drop, Assumptions assumptions, boolean drawn, double enoughG) {
        this.drop = drop;
        this.assumptions = assumptions;
        this.enoughG = enoughG;
        this.column = FallingColumn.of(drop);
        this.course = new Course(column, drawn);
        this.impactMps = Math.sqrt(2 * Units.STANDARD_GRAVITY * drop.heightM());
        double thinnestM = drop.layers().stream()
                .filter(DropLayer::acts)
                .flatMapToDouble(layer -> Arrays.stream(layer.thicknessM()))
                .min()
                .orElse(0);
        this.firstStepS = Math.max(LEAST_STEP_S, FIRST_STEP * thinnestM / impactMps);
    }

    /** The course of this drop. */
    public static Pulse run(SimulatedDrop drop, Assumptions assumptions) {
        return new DropSimulation(drop, assumptions, true, ImpactSolver.CAP_G).run();
    }

    /**
     * The same without duration and moments, for who asks for the peak alone.
     *
     * @param enoughG once the item has felt so much the rest is not worked; {@link ImpactSolver#CAP_G} for all of it
     */
    public static Pulse runUndrawn(SimulatedDrop drop, Assumptions assumptions, double enoughG) {
        return new DropSimulation(drop, assumptions, false, enoughG).run();
    }

    private Pulse run() {
        int n = column.bodies();
        if (n == 0) {
            return new Pulse(
                    ImpactSolver.CAP_G,
                    0,
                    true,
                    true,
                    impactMps,
                    impactMps,
                    0,
                    List.of(),
                    new Pulse.Energy(0, 0, 0, 0),
                    List.of());
        }
        double[] state = new double[2 * n];
        Arrays.fill(state, n, 2 * n, impactMps);
        Contacts contacts = new Contacts(column, assumptions.gravity());
        course.note(0, state, contacts);
        double time = 0;
        boolean stuck = false;
        for (int stretch = 0; stretch < MOST_STRETCHES && !contacts.over(state) && time < LONGEST_S; stretch++) {
            ODEStateAndDerivative end;
            try {
                end = integrate(time, time + LONGEST_S, state, contacts);
            } catch (MathIllegalArgumentException | MathIllegalStateException e) {
                // The integrator finds no step that is small enough: what is known so far stands as broken off.
                stuck = true;
                break;
            }
            time = end.getTime();
            state = end.getPrimaryState();
            course.note(time, state, contacts);
            if (course.peakG() >= enoughG) {
                break;
            }
            contacts.settle(state);
            course.note(time, state, contacts);
        }
        return pulse(time, state, contacts, !stuck && contacts.over(state));
    }

    private ODEStateAndDerivative integrate(double time, double until, double[] state, Contacts contacts) {
        DormandPrince853Integrator integrator = new DormandPrince853Integrator(
                LEAST_STEP_S, LONGEST_STEP_S, ABSOLUTE_TOLERANCE, assumptions.relativeTolerance());
        integrator.setInitialStepSize(firstStepS);
        contacts.detectors().forEach(integrator::addEventDetector);
        // The item feels most where its cushion turns, and there a stretch ends: between, only a drawing wants to know.
        if (course.drawn()) {
            integrator.addStepHandler(interpolator -> course.note(interpolator, contacts));
        }
        OrdinaryDifferentialEquation motion = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return state.length;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                return contacts.motion(y);
            }
        };
        return integrator.integrate(motion, new ODEState(time, state), until);
    }

    private Pulse pulse(double time, double[] state, Contacts contacts, boolean whole) {
        boolean capped = course.peakG() >= ImpactSolver.CAP_G;
        boolean enough = course.peakG() >= enoughG;
        int n = column.bodies();
        double fall = 0;
        double gravity = 0;
        double kinetic = 0;
        for (int k = 0; k < n; k++) {
            double mass = column.massKg()[k];
            fall += mass * impactMps * impactMps / 2;
            gravity += assumptions.gravity() ? mass * Units.STANDARD_GRAVITY * state[k] : 0;
            kinetic += mass * state[n + k] * state[n + k] / 2;
        }
        double change = impactMps - state[n] + (assumptions.gravity() ? Units.STANDARD_GRAVITY * time : 0);
        return new Pulse(
                Math.min(course.peakG(), ImpactSolver.CAP_G),
                course.peakS(),
                whole || enough,
                capped,
                impactMps,
                change,
                course.durationS(),
                layers(contacts),
                new Pulse.Energy(fall, gravity, contacts.absorbedJ(state), kinetic),
                course.moments());
    }

    private List<Pulse.LayerCourse> layers(Contacts contacts) {
        double[] most = contacts.greatestTravelsM();
        List<Pulse.LayerCourse> courses = new ArrayList<>();
        int at = 0;
        for (DropLayer layer : drop.layers()) {
            if (layer.acts()) {
                CushionLaw law = layer.foam().lawAt(drop.temperatureC(), drop.repeated());
                double[] strain = new double[drop.cosine().length];
                double[] fraction = new double[strain.length];
                for (int i = 0; i < layer.side().length; i++) {
                    int side = layer.side()[i];
                    strain[side] = Math.max(strain[side], most[at] * drop.cosine()[side] / layer.thicknessM()[i]);
                    fraction[side] = strain[side] / law.lockUpStrain();
                }
                courses.add(new Pulse.LayerCourse(layer.layer(), most[at], strain, fraction));
                at++;
            }
        }
        return courses;
    }
}
