package rampart.core.explain;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.item.Item;
import rampart.core.journey.DropPlan;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.material.CushionLaw;
import rampart.core.material.Foam;
import rampart.core.material.StressEnergyLine;
import rampart.core.pack.Pack;
import rampart.core.quantity.Basis;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.search.Watcher;
import rampart.core.verdict.Status;
import rampart.core.words.FigureWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * Which input matters most to the verdict: each is changed by a tenth, one at a time, and the pack is evaluated again; and
 * how sure the verdict is: the lowest margin while the nominal constants go through their spread. Closed form only.
 */
public final class Sensitivity {
    /** Share by which each input is changed to see what it does. */
    private static final double TENTH = 0.1;

    /** Spread of nominal constants (engineering notes of the rules: good to about 20 %). */
    private static final double NOMINAL_SPREAD = 0.2;

    /** Standard deviations that hold nine results in ten of a normal scatter. */
    private static final double NINE_IN_TEN = 1.645;

    /** Half as much and twice as much: further no flip is sought. */
    private static final double FURTHEST = 2;

    private static final double CLOSE = 1e-4;

    private final Pack pack;
    private final Catalogue catalogue;
    private final Watcher watcher;
    private final Evaluation now;

    private Sensitivity(Pack pack, Catalogue catalogue, Watcher watcher) {
        this.watcher = watcher;
        this.pack = pack;
        this.catalogue = catalogue;
        now = Evaluator.evaluateUndrawn(pack, catalogue);
    }

    /**
     * One input and what a change of it does.
     *
     * @param name in a packer's words
     * @param unit of the value; empty for a plain number
     * @param value as it is
     * @param basis of the value
     * @param marginLess lowest margin with a tenth less of it
     * @param marginMore lowest margin with a tenth more of it
     * @param flipsAt the value nearest to the present one at which the verdict changes between holding, being thin and
     *     breaking; empty where none does between half and twice as much
     * @param verdictThere what it is then
     * @param swing the most by which a tenth less or more of it moves the lowest margin
     */
    public record Influence(
            Sentence name,
            String unit,
            double value,
            Basis basis,
            double marginLess,
            double marginMore,
            OptionalDouble flipsAt,
            Status verdictThere,
            double swing) {}

    /**
     * The answer.
     *
     * @param margin lowest margin as the pack is
     * @param marginLow lowest margin in the worst case of all nominal foam constants within their spread
     * @param marginHigh the same in the best
     * @param verdictLow verdict in the worst
     * @param verdictHigh verdict in the best
     * @param influences greatest swing first
     */
    public record Answer(
            double margin,
            double marginLow,
            double marginHigh,
            Status verdictLow,
            Status verdictHigh,
            List<Influence> influences) {}

    /** An input as a function of its value. */
    private record Input(Sentence name, String unit, double value, Basis basis, DoubleFunction<Evaluation> at) {}

    /**
     * The answer for this pack.
     *
     * @throws SearchStoppedException if the watcher stops it
     */
    public static Answer of(Pack pack, Catalogue catalogue, Watcher watcher) {
        return new Sensitivity(pack, catalogue, watcher).answer();
    }

    private Answer answer() {
        List<Influence> influences = inputs().parallelStream()
                .map(this::influence)
                .sorted(Comparator.comparingDouble(Influence::swing).reversed())
                .toList();
        Evaluation worst = now;
        Evaluation best = now;
        // The law's a and b pull in opposite ways on either side of the best load: all four corners are tried.
        for (double a : new double[] {1 - NOMINAL_SPREAD, 1 + NOMINAL_SPREAD}) {
            for (double b : new double[] {1 - NOMINAL_SPREAD, 1 + NOMINAL_SPREAD}) {
                Evaluation there = Evaluator.evaluateUndrawn(pack, nominal(a, b));
                worst = there.lowestMarginButFit() < worst.lowestMarginButFit() ? there : worst;
                best = there.lowestMarginButFit() > best.lowestMarginButFit() ? there : best;
            }
        }
        return new Answer(
                now.lowestMarginButFit(),
                worst.lowestMarginButFit(),
                best.lowestMarginButFit(),
                worst.verdict(),
                best.verdict(),
                influences);
    }

    private Influence influence(Input input) {
        double v = input.value;
        OptionalDouble flip = flip(input);
        double margin = now.lowestMarginButFit();
        double less = input.at.apply(v * (1 - TENTH)).lowestMarginButFit();
        double more = input.at.apply(v * (1 + TENTH)).lowestMarginButFit();
        return new Influence(
                input.name,
                input.unit,
                v,
                input.basis,
                less,
                more,
                flip,
                flip.isPresent() ? input.at.apply(flip.getAsDouble()).verdict() : now.verdict(),
                Math.max(Math.abs(less - margin), Math.abs(more - margin)));
    }

    /** The nearest value with another verdict, sought outward in steps of a fiftieth and then by halving. */
    private OptionalDouble flip(Input input) {
        double step = 1.02;
        for (double factor = step; factor <= FURTHEST; factor *= step) {
            watcher.look();
            for (double f : new double[] {1 / factor, factor}) {
                if (input.at.apply(input.value * f).verdict() != now.verdict()) {
                    return OptionalDouble.of(halved(input, f > 1 ? f / step : f * step, f));
                }
            }
        }
        return OptionalDouble.empty();
    }

    private double halved(Input input, double same, double other) {
        double near = same;
        double far = other;
        while (Math.abs(far - near) > CLOSE) {
            double middle = (near + far) / 2;
            if (input.at.apply(input.value * middle).verdict() == now.verdict()) {
                near = middle;
            } else {
                far = middle;
            }
        }
        return input.value * far;
    }

    private List<Input> inputs() {
        List<Input> inputs = new ArrayList<>();
        Item item = pack.item();
        inputs.add(new Input(
                FigureWords.MASS_OF_ITEM.of(), "kg", item.massKg(), Basis.INPUT, kg -> evaluate(withMass(kg))));
        item.fragility()
                .leastLimitG()
                .ifPresent(g -> inputs.add(new Input(
                        FigureWords.ITEM_BEARS.of(),
                        "G",
                        g,
                        Basis.INPUT,
                        other -> evaluate(new Pack(
                                item.with(item.fragility().times(other / g)), pack.journey(), pack.layers())))));
        DropPlan plan = pack.journey().drop();
        inputs.add(new Input(
                FigureWords.DROP_HEIGHT.of(),
                "mm",
                now.dropHeightMm(),
                plan.table().isPresent() ? Basis.STD : Basis.INPUT,
                mm -> evaluate(withHeight(mm))));
        thicknesses(inputs);
        constants(inputs);
        return inputs;
    }

    /** Each different thickness of each cushion, with the sides that have it. */
    private void thicknesses(List<Input> inputs) {
        for (int i = 0; i < pack.layers().size(); i++) {
            int index = i;
            pack.layers()
                    .get(i)
                    .match(
                            wrap -> inputs,
                            cushion -> thicknesses(inputs, index, cushion),
                            box -> inputs,
                            boards -> inputs);
        }
    }

    private List<Input> thicknesses(List<Input> inputs, int index, Layer.Cushion cushion) {
        Map<Double, List<Face>> sides = new TreeMap<>();
        for (Face face : Face.ALL) {
            double mm = cushion.thicknessMm().on(face);
            if (mm > 0) {
                sides.computeIfAbsent(mm, key -> new ArrayList<>()).add(face);
            }
        }
        Term foam = Term.name(catalogue.foam(cushion.material()).name());
        Term number = Quantity.count(index + 1);
        sides.forEach((mm, faces) -> {
            Sentence name = faces.size() == Face.ALL.size()
                    ? FigureWords.THICKNESS_ALL_ROUND.of(foam, number)
                    : FigureWords.THICKNESS_ON.of(
                            foam,
                            number,
                            Term.commas(faces.stream().map(Face::word).toList()));
            inputs.add(new Input(name, "mm", mm, Basis.INPUT, other -> {
                SixSided changed = SixSided.of(face ->
                        faces.contains(face) ? other : cushion.thicknessMm().on(face));
                return evaluate(withLayer(index, cushion.with(changed)));
            }));
        });
        return inputs;
    }

    /** The law of each foam in the pack. */
    private void constants(List<Input> inputs) {
        pack.layers().stream()
                .flatMap(layer -> layer.match(
                        wrap -> Stream.<String>empty(),
                        cushion -> Stream.of(cushion.material()),
                        box -> Stream.<String>empty(),
                        boards -> Stream.<String>empty()))
                .distinct()
                .map(catalogue::foam)
                .forEach(foam -> {
                    CushionLaw law = foam.law();
                    inputs.add(new Input(
                            FigureWords.A_OF.of(Term.name(foam.name())),
                            "kPa",
                            law.aKpa(),
                            lawBasis(foam),
                            a -> Evaluator.evaluateUndrawn(
                                    pack, with(foam, law.with(new StressEnergyLine(a, law.bPerKpa()))))));
                    inputs.add(new Input(
                            FigureWords.B_OF.of(Term.name(foam.name())),
                            "1/kPa",
                            law.bPerKpa(),
                            lawBasis(foam),
                            b -> Evaluator.evaluateUndrawn(
                                    pack, with(foam, law.with(new StressEnergyLine(law.aKpa(), b))))));
                    inputs.add(new Input(
                            FigureWords.CREEP_OF.of(Term.name(foam.name())),
                            "kPa",
                            foam.creepLimitKpa(),
                            foam.basis(),
                            kpa -> Evaluator.evaluateUndrawn(pack, replaced(foam, foam.withCreepLimit(kpa)))));
                });
    }

    private Evaluation evaluate(Pack changed) {
        return Evaluator.evaluateUndrawn(changed, catalogue);
    }

    private Pack withMass(double kg) {
        return new Pack(pack.item().withMass(kg), pack.journey(), pack.layers());
    }

    private Pack withHeight(double mm) {
        Journey journey = pack.journey();
        DropPlan plan =
                DropPlan.own(mm, journey.drop().sequence(), journey.drop().repeated());
        return new Pack(pack.item(), journey.with(plan), pack.layers());
    }

    private Pack withLayer(int index, Layer layer) {
        List<Layer> layers = new ArrayList<>(pack.layers());
        layers.set(index, layer);
        return new Pack(pack.item(), pack.journey(), layers);
    }

    private Catalogue with(Foam foam, CushionLaw law) {
        return replaced(foam, foam.withLaw(law));
    }

    private Catalogue replaced(Foam foam, Foam other) {
        return new Catalogue(
                catalogue.foams().stream().map(f -> f.equals(foam) ? other : f).toList(),
                catalogue.boards(),
                catalogue.wraps());
    }

    /** Nominal laws at an end of their spread; a measured one at an end of the scatter of its tests. */
    private Catalogue nominal(double a, double b) {
        return new Catalogue(
                catalogue.foams().stream().map(f -> spread(f, a, b)).toList(), catalogue.boards(), catalogue.wraps());
    }

    private static Foam spread(Foam foam, double a, double b) {
        if (foam.fit(false).isPresent()) {
            double scatter = Math.exp(NINE_IN_TEN * foam.fit(false).get().residual());
            return foam.withLaw(foam.law()
                    .with(new StressEnergyLine(
                            foam.law().aKpa() * (a > 1 ? scatter : 1 / scatter),
                            foam.law().bPerKpa())));
        }
        return foam.basis() == Basis.NOMINAL
                ? foam.withLaw(foam.law()
                        .with(new StressEnergyLine(
                                foam.law().aKpa() * a, foam.law().bPerKpa() * b)))
                : foam;
    }

    /** What the law of a foam rests on. */
    private static Basis lawBasis(Foam foam) {
        return foam.fit(false).isPresent() ? Basis.MEASURED : foam.basis();
    }
}
