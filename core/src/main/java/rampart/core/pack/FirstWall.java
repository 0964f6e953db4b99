package rampart.core.pack;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import rampart.core.box.RegularSlotted;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.words.Quantity;
import rampart.core.words.Say;
import rampart.core.words.Sentence;

/**
 * The wall to begin with: of all walls of {@link WallSpace} that hold, the one of least outside volume; among those of
 * the same outside, the lightest. The search goes through the outsides from the smallest up and stops at the first that
 * holds, so that it looks at little more than the answer.
 */
public final class FirstWall {
    /** What may be forgiven when nothing holds, in the order in which it is tried. */
    private static final List<String> FORGIVABLE =
            List.of("lift", "stack", "board.limits", "vibration", "cushion.creep");

    /** An item that would have to bear more than this many times as much is beyond any foam. */
    private static final double MOST_RELAXED = 64;

    /** The G asked for is found to this share. */
    private static final double CLOSE_ENOUGH = 1.02;

    /** Then it is tried with this share of it, again and again, until no wall holds. */
    private static final double DOWNWARD = 0.95;

    private final Item item;
    private final Journey journey;
    private final Catalogue catalogue;
    private final Set<String> forgiven;
    private final Watcher watcher;
    private final BlowCapacity capacity;
    /** Checks that ruled out some wall: forgiving any other would change nothing. */
    private final Set<String> failed = Collections.synchronizedSet(new HashSet<>());

    private final Map<Integer, List<Inner>> innersByThickness = new HashMap<>();

    private FirstWall(Item item, Journey journey, Catalogue catalogue, Set<String> forgiven, Watcher watcher) {
        this.watcher = watcher;
        this.item = item;
        this.journey = journey;
        this.catalogue = catalogue;
        this.forgiven = forgiven;
        this.capacity = BlowCapacity.of(item.fragility(), journey);
    }

    /**
     * What was found.
     *
     * @param layers the wall that holds, from the item outward; where none does, the smallest that would hold if the
     *     one demand gave way; empty where there is none either
     * @param relax the demand that has to give way; empty where a wall holds
     */
    public record Answer(List<Layer> layers, Optional<Relaxed> relax) {
        public boolean holds() {
            return relax.isEmpty();
        }
    }

    /**
     * A demand that has to give way for a wall to hold.
     *
     * @param check id of the check, {@code drop} for all drops, or empty where no single one would do
     * @param neededG what the item would have to bear, G, where it is the drops
     */
    public record Relaxed(String check, OptionalDouble neededG) {
        /** Why no wall holds and what would have to give, in a packer's words. */
        public Sentence because() {
            return switch (check) {
                case "lift" -> Say.NO_WALL_TOO_HEAVY.of();
                case "stack" -> Say.NO_WALL_PILE.of();
                case "board.limits" -> Say.NO_WALL_BOARD.of();
                case "vibration" -> Say.NO_WALL_RIDE.of();
                case "cushion.creep" -> Say.NO_WALL_CREEP.of();
                case "drop" -> Say.NO_WALL_DROPS.of(Quantity.cut(WallSpace.MOST_MM), Quantity.g(neededG.orElseThrow()));
                default -> Say.NO_WALL.of(Quantity.cut(WallSpace.MOST_MM));
            };
        }
    }

    /**
     * The wall to begin with, or what would have to give.
     *
     * @throws IllegalArgumentException if nobody has said what the item bears: no wall could be judged
     * @throws SearchStoppedException if the watcher stops it
     */
    public static Answer find(Item item, Journey journey, Catalogue catalogue, Watcher watcher) {
        if (item.fragility().leastLimitG().isEmpty()) {
            throw new IllegalArgumentException("a first wall needs to know what the item bears, in G");
        }
        FirstWall search = new FirstWall(item, journey, catalogue, Set.of(), watcher);
        Optional<List<Layer>> wall = search.smallest();
        if (wall.isPresent()) {
            return new Answer(wall.get(), Optional.empty());
        }
        for (String check : FORGIVABLE) {
            if (!search.failed.contains(check)) {
                continue;
            }
            Optional<List<Layer>> relaxed = new FirstWall(item, journey, catalogue, Set.of(check), watcher).smallest();
            if (relaxed.isPresent()) {
                return new Answer(relaxed.get(), Optional.of(new Relaxed(check, OptionalDouble.empty())));
            }
        }
        return relaxDrops(item, journey, catalogue, watcher);
    }

    /**
     * About the least G that the item would have to bear for some wall to hold: by halving over the thickest walls, which
     * mostly decide it, then downward over all of them.
     */
    private static Answer relaxDrops(Item item, Journey journey, Catalogue catalogue, Watcher watcher) {
        double low = 1;
        double high = MOST_RELAXED;
        while (high / low > CLOSE_ENOUGH) {
            double middle = Math.sqrt(low * high);
            FirstWall search = new FirstWall(stronger(item, middle), journey, catalogue, Set.of(), watcher);
            boolean holds = search.outsides().stream()
                    .filter(outside -> outside.cushionMm() == WallSpace.MOST_MM)
                    .anyMatch(search::holdsSomehow);
            if (holds) {
                high = middle;
            } else {
                low = middle;
            }
        }
        Optional<List<Layer>> best = Optional.empty();
        Optional<List<Layer>> next =
                new FirstWall(stronger(item, high), journey, catalogue, Set.of(), watcher).smallest();
        while (next.isPresent()) {
            best = next;
            next = new FirstWall(stronger(item, high * DOWNWARD), journey, catalogue, Set.of(), watcher).smallest();
            high *= next.isPresent() ? DOWNWARD : 1;
        }
        double needed = Math.ceil(item.fragility().leastLimitG().orElseThrow() * high);
        return best.map(wall -> new Answer(wall, Optional.of(new Relaxed("drop", OptionalDouble.of(needed)))))
                .orElse(new Answer(List.of(), Optional.of(new Relaxed("", OptionalDouble.empty()))));
    }

    private static Item stronger(Item item, double factor) {
        return item.with(item.fragility().times(factor));
    }

    private Optional<List<Layer>> smallest() {
        if (!passes("lift", item.massKg() <= LiftCheck.ONE_PERSON_KG)) {
            return Optional.empty();
        }
        return outsides().stream().map(this::lightest).flatMap(Optional::stream).findFirst();
    }

    /** Walls of one outside size: so much cushion in all on each side, one or two cushions, a flute for the carton. */
    private record Outside(int cushionMm, boolean boxInBox, Flute flute, double volumeMm3) {}

    private List<Outside> outsides() {
        List<Outside> all = new ArrayList<>();
        for (Flute flute : List.of(Flute.C, Flute.BC)) {
            Board any = WallSpace.outerBoards(catalogue, flute).get(0);
            for (int mm : WallSpace.thicknesses(WallSpace.MOST_MM)) {
                all.add(new Outside(
                        mm, false, flute, carton(mm, false, any).outside().volumeMm3()));
                if (mm >= 2 * WallSpace.THINNEST_MM) {
                    all.add(new Outside(
                            mm, true, flute, carton(mm, true, any).outside().volumeMm3()));
                }
            }
        }
        all.sort(Comparator.comparingDouble(Outside::volumeMm3));
        return all;
    }

    private RegularSlotted carton(Outside outside, Board board) {
        return carton(outside.cushionMm(), outside.boxInBox(), board);
    }

    /** Its size does not depend on how the cushion is divided between inside and outside of an inner box. */
    private RegularSlotted carton(int cushionMm, boolean boxInBox, Board board) {
        Size body = boxInBox ? WallSpace.innerBox(item.size(), 0, catalogue).outside() : item.size();
        double both = 2.0 * cushionMm + WallSpace.SLACK_MM;
        return new RegularSlotted(body.plus(both, both, both), board);
    }

    /** The lightest of this outside that holds. */
    private Optional<List<Layer>> lightest(Outside outside) {
        List<Board> boards = WallSpace.outerBoards(catalogue, outside.flute());
        List<Wall> walls = (outside.boxInBox() ? doubles(outside) : singles(outside)).toList();
        List<Trial> trials = new ArrayList<>();
        for (Wall wall : walls) {
            for (Board board : boards) {
                double grossKg = wall.withoutCartonKg + carton(outside, board).massKg();
                if (carries(board, outside, grossKg)) {
                    trials.add(new Trial(wall, board, grossKg));
                }
            }
        }
        trials.sort(Comparator.comparingDouble(Trial::grossKg));
        // On all cores; findFirst still answers with the lightest.
        return trials.parallelStream()
                .map(this::tried)
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Whether any wall of this outside holds: tried one by one as they are made, which ends soon where many do. */
    private boolean holdsSomehow(Outside outside) {
        List<Board> boards = WallSpace.outerBoards(catalogue, outside.flute());
        return (outside.boxInBox() ? doubles(outside) : singles(outside))
                .anyMatch(wall -> boards.stream().anyMatch(board -> {
                    double grossKg =
                            wall.withoutCartonKg + carton(outside, board).massKg();
                    return carries(board, outside, grossKg)
                            && tried(new Trial(wall, board, grossKg)).isPresent();
                }));
    }

    /** False where mass or size alone rule this board out, so that the wall need not be laid (rules 26 and 27). */
    private boolean carries(Board board, Outside outside, double grossKg) {
        Size size = carton(outside, board).outside();
        double inches = (size.lengthMm() + size.widthMm() + size.heightMm()) / Units.MM_PER_IN;
        double share = (1 - Status.THIN_BELOW) * (1 + WallSpace.HAIR);
        boolean graded = grossKg / Units.KG_PER_LB <= board.limitLb() * share && inches <= board.limitIn() * share;
        return liftable(grossKg) && passes("board.limits", graded);
    }

    private boolean passes(String check, boolean holds) {
        if (!holds) {
            failed.add(check);
        }
        return holds || forgiven.contains(check);
    }

    /** A wall that may hold, but for its carton. */
    private static final class Wall {
        private final List<Layer> layers;
        private final double withoutCartonKg;
        /** The last fall that this wall is known not to take; boards of one thickness only change its mass. */
        private volatile KnownFailure failure = KnownFailure.NONE;

        private Wall(List<Layer> layers, double withoutCartonKg) {
            this.layers = layers;
            this.withoutCartonKg = withoutCartonKg;
        }
    }

    private record Trial(Wall wall, Board board, double grossKg) {}

    private Optional<List<Layer>> tried(Trial trial) {
        watcher.look();
        double height = journey.drop().heightMm(trial.grossKg());
        if (trial.wall.failure.covers(height, trial.board.caliperMm(), 0)) {
            return Optional.empty();
        }
        List<Layer> layers = new ArrayList<>(trial.wall.layers);
        layers.add(WallSpace.box(trial.board.id()));
        Optional<String> failing = Holds.failing(new Pack(item, journey, layers), catalogue, forgiven);
        if (failing.isEmpty()) {
            return Optional.of(List.copyOf(layers));
        }
        failed.add(failing.get());
        if (!failing.get().matches("board.limits|stack|lift")) {
            trial.wall.failure = new KnownFailure(height, trial.board.caliperMm(), 0);
        }
        return Optional.empty();
    }

    private Stream<Wall> singles(Outside outside) {
        watcher.look();
        double most = mostOutsideKg(outside);
        double least = lightestCartonKg(outside);
        return inners(outside.cushionMm()).stream()
                .filter(inner -> liftable(item.massKg() + inner.cushionKg + least))
                .filter(inner -> !BlowCapacity.tooLittle(
                        inner.perMm,
                        outside.cushionMm(),
                        inner.perMm,
                        0,
                        item.massKg(),
                        journey.drop().heightMm(inner.outerMassKg + most)))
                .map(inner -> new Wall(List.of(inner.layer), item.massKg() + inner.cushionKg));
    }

    private Stream<Wall> doubles(Outside outside) {
        double most = mostOutsideKg(outside);
        double least = lightestCartonKg(outside);
        return IntStream.of(WallSpace.thicknesses(outside.cushionMm() - WallSpace.THINNEST_MM))
                .boxed()
                .flatMap(innerMm -> inners(innerMm).stream()
                        .filter(inner -> inner.outerMassKg - item.massKg()
                                <= EvaluationContext.HEAVY_BOXES_BEYOND * item.massKg())
                        .filter(inner -> liftable(inner.outerMassKg + least))
                        .flatMap(inner -> doubles(outside, inner, innerMm, most)))
                .filter(wall -> liftable(wall.withoutCartonKg + least));
    }

    private Stream<Wall> doubles(Outside outside, Inner inner, int innerMm, double mostOutsideKg) {
        watcher.look();
        int outerMm = outside.cushionMm() - innerMm;
        double height = journey.drop().heightMm(inner.outerMassKg + mostOutsideKg);
        if (BlowCapacity.tooLittle(inner.perMm, innerMm, inner.bestOuter(), outerMm, inner.outerMassKg, height)) {
            return Stream.empty();
        }
        return inner.outers().stream()
                .filter(outer ->
                        !BlowCapacity.tooLittle(inner.perMm, innerMm, outer.perMm, outerMm, inner.outerMassKg, height))
                .flatMap(outer -> wall(inner, outer, outerMm).stream());
    }

    private boolean liftable(double kg) {
        return passes("lift", kg <= LiftCheck.ONE_PERSON_KG * (1 + WallSpace.HAIR));
    }

    private double lightestCartonKg(Outside outside) {
        return WallSpace.outerBoards(catalogue, outside.flute()).stream()
                .mapToDouble(b -> carton(outside, b).massKg())
                .min()
                .orElse(0);
    }

    private Optional<Wall> wall(Inner inner, Outer outer, int outerMm) {
        WallSpace.Cushioning cushioning =
                new WallSpace.Cushioning(outer.cushioning.foam(), outer.cushioning.sharePercent(), outerMm);
        return cushioning
                .on(inner.box.outside())
                .map(layer -> new Wall(
                        List.of(inner.layer, WallSpace.box(WallSpace.INNER_BOARD), layer),
                        inner.outerMassKg + massKg(cushioning, layer, inner.box.outside())));
    }

    /** No outer cushion and carton of this outside weigh more: no foam is denser and no board heavier. */
    private double mostOutsideKg(Outside outside) {
        double densest = catalogue.foams().stream()
                .mapToDouble(f -> f.densityKgM3())
                .max()
                .orElse(0);
        double heaviest = WallSpace.outerBoards(catalogue, outside.flute()).stream()
                .mapToDouble(b -> carton(outside, b).massKg())
                .max()
                .orElse(0);
        return densest * outside.volumeMm3() * 1e-9 + heaviest;
    }

    /** An inner or only cushion round the item, with what lies round it in a box in box. */
    private final class Inner {
        private final Layer.Cushion layer;
        private final double[] perMm;
        private final double cushionKg;
        private final RegularSlotted box;
        /** Moving mass of a cushion outside the inner box. */
        private final double outerMassKg;

        private List<Outer> outers;
        private double[] bestOuter;

        private Inner(WallSpace.Cushioning cushioning, Layer.Cushion layer) {
            this.layer = layer;
            perMm = capacity.perMm(cushioning.foam(), layer, item.size(), item.massKg());
            cushionKg = massKg(cushioning, layer, item.size());
            box = WallSpace.innerBox(item.size(), cushioning.thicknessMm(), catalogue);
            outerMassKg = item.massKg() + cushionKg + box.massKg();
        }

        /** Cushions that bear on this inner box without creeping, at the thinnest; thickness is added later. */
        private List<Outer> outers() {
            if (outers == null) {
                outers = new ArrayList<>();
                for (WallSpace.Cushioning c : WallSpace.cushionings(catalogue, WallSpace.THINNEST_MM)) {
                    c.on(box.outside())
                            .filter(l -> rests(c, l, box.outside(), outerMassKg))
                            .ifPresent(l ->
                                    outers.add(new Outer(c, capacity.perMm(c.foam(), l, box.outside(), outerMassKg))));
                }
            }
            return outers;
        }

        /** What the best outer cushion absorbs on each face and temperature by itself: a bound for all of them. */
        private double[] bestOuter() {
            if (bestOuter == null) {
                bestOuter = new double[perMm.length];
                for (Outer outer : outers()) {
                    for (int i = 0; i < bestOuter.length; i++) {
                        bestOuter[i] = Math.max(bestOuter[i], outer.perMm[i]);
                    }
                }
            }
            return bestOuter;
        }
    }

    private record Outer(WallSpace.Cushioning cushioning, double[] perMm) {}

    private List<Inner> inners(int thicknessMm) {
        return innersByThickness.computeIfAbsent(thicknessMm, mm -> {
            List<Inner> list = new ArrayList<>();
            for (WallSpace.Cushioning c : WallSpace.cushionings(catalogue, mm)) {
                c.on(item.size())
                        .filter(layer -> rests(c, layer, item.size(), item.massKg()))
                        .ifPresent(layer -> list.add(new Inner(c, layer)));
            }
            return list;
        });
    }

    /** True where the foam bears what rests on it, or where that is forgiven. */
    private boolean rests(WallSpace.Cushioning cushioning, Layer.Cushion layer, Size body, double massKg) {
        return passes("cushion.creep", WallSpace.rests(cushioning.foam(), layer, body, massKg));
    }

    private static double massKg(WallSpace.Cushioning cushioning, Layer.Cushion layer, Size body) {
        return WallSpace.volumeMm3(layer, body, body) * 1e-9 * cushioning.foam().densityKgM3();
    }
}
