package rampart.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import rampart.core.bed.BedShape;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.box.StockCarton;
import rampart.core.cost.Prices;
import rampart.core.item.Item;
import rampart.core.journey.Journey;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.material.Foam;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * The walls among which first walls and proposals are sought: one cushion in a carton, or two with an inner box between;
 * every material allowed, all round; what is cut in pads and corner blocks too, sized by load ({@link PadSizing}); as thick
 * as sheets can be had ({@link Thicknesses}); cartons of every C and BC board, or from stock. Common practice, no source.
 *
 * <p>Left out, so that the search ends in time: a box in a box whose inner cushion is not all round (a packer wraps the
 * item whole and pads the box), whose two cushions together are thicker than 200 mm, or whose inner box is of another board
 * than the common one; thicknesses that differ from side to side but for what a stock carton leaves.
 */
final class WallSpace {
    /** Clearance of each box, mm. */
    static final double SLACK_MM = 3;

    /** Board of the inner box: the common single wall. */
    static final String INNER_BOARD = "c-32";

    /** Two cushions together are no thicker on one side, mm. */
    static final double MOST_IN_ALL_MM = 200;

    private static final List<Flute> FLUTES = List.of(Flute.C, Flute.BC);
    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM2_PER_M2 = 1e6;
    private static final double KG_PER_MM3_PER_KG_PER_M3 = 1e-9;

    private final List<Layer> kept;
    private final Optional<BedShape> bed;
    private final double wrapsMm;
    private final Catalogue catalogue;
    private final ProposalLimits limits;
    private final Prices prices;
    private final Thicknesses thicknesses;
    private final List<Foam> foams;
    private final Size wrapped;

    /** What the first cushion bears on, and what it carries. */
    private final Size body;

    private final double bodyKg;
    private final boolean costed;
    private final Map<Frame, List<Cushioning>> inners = new HashMap<>();
    private final Map<Double, List<Cushioning>> innersByThickness = new HashMap<>();
    private final Map<List<Double>, List<Cushioning>> outersByThickness = new HashMap<>();

    /** For an item that has no bed. */
    WallSpace(Item item, Journey journey, List<Layer> kept, Catalogue catalogue, ProposalLimits limits, Prices prices) {
        this(item, journey, kept, Optional.empty(), catalogue, limits, prices);
    }

    /**
     * Of these materials and limits.
     *
     * @param journey where it is kept for years, nothing that ages is proposed (rule 45)
     * @param kept what lies round the item itself and stays: wraps, and rigid boards
     * @param bed what is cut to the item and stays as it is; only its foam and thickness are open
     */
    WallSpace(
            Item item,
            Journey journey,
            List<Layer> kept,
            Optional<BedShape> bed,
            Catalogue catalogue,
            ProposalLimits limits,
            Prices prices) {
        this.kept = kept;
        this.bed = bed;
        this.catalogue = catalogue;
        this.limits = limits;
        this.prices = prices;
        thicknesses = new Thicknesses(limits.stock());
        foams = catalogue.foams().stream()
                .filter(limits::allows)
                .filter(foam -> foam.keeps() || !journey.keptLong())
                .toList();
        LayoutWalk.Core core = LayoutWalk.core(item, kept, catalogue);
        wrapped = core.envelope();
        body = core.body();
        bodyKg = core.massKg();
        wrapsMm = (wrapped.lengthMm() - body.lengthMm()) / 2;
        costed = foams.stream().allMatch(f -> prices.of(f.id()).isPresent())
                && boards().stream().allMatch(b -> prices.of(b.id()).isPresent())
                && prices.of(INNER_BOARD).isPresent();
    }

    /** What the first cushion bears on, mm. */
    Size body() {
        return body;
    }

    /** What it carries, kg. */
    double bodyKg() {
        return bodyKg;
    }

    /** True where every part that a wall may be made of has a price. */
    boolean costed() {
        return costed;
    }

    /** All frames that the limits allow: those of one cushion first, each kind by outside volume. */
    List<Frame> frames() {
        List<Frame> frames = new ArrayList<>();
        if (limits.build() != ProposalLimits.Build.BOX_IN_BOX) {
            singles(frames);
        }
        if (limits.build() != ProposalLimits.Build.SINGLE) {
            nested(frames);
        }
        frames.sort(Comparator.comparing(Frame::nested).thenComparingDouble(Frame::volumeMm3));
        return frames;
    }

    private void singles(List<Frame> frames) {
        if (limits.stockOnly()) {
            inStock(frames, Optional.empty(), Optional.empty());
            return;
        }
        for (double mm : allThicknesses()) {
            made(frames, Optional.of(mm), Optional.empty(), Optional.empty(), wrapped, mm);
        }
    }

    private void nested(List<Frame> frames) {
        for (double innerMm : allThicknesses()) {
            Carton box = innerBox(innerMm);
            if (limits.stockOnly()) {
                inStock(frames, Optional.of(innerMm), Optional.of(box));
                continue;
            }
            for (double outerMm : allThicknesses()) {
                if (innerMm + outerMm <= MOST_IN_ALL_MM) {
                    made(frames, Optional.of(innerMm), Optional.of(box), Optional.of(outerMm), box.outside(), outerMm);
                }
            }
        }
    }

    /** Thicknesses in which some material can be had, rising. */
    private Set<Double> allThicknesses() {
        Set<Double> all = new TreeSet<>();
        foams.forEach(foam -> all.addAll(thicknesses.of(foam)));
        return all;
    }

    private Carton innerBox(double mm) {
        double both = 2 * mm + SLACK_MM;
        return CartonStyle.REGULAR_SLOTTED.of(wrapped.plus(both, both, both), catalogue.board(INNER_BOARD));
    }

    private void made(
            List<Frame> frames,
            Optional<Double> innerMm,
            Optional<Carton> box,
            Optional<Double> outerMm,
            Size core,
            double lastMm) {
        double both = 2 * lastMm + SLACK_MM;
        Size inside = core.plus(both, both, both);
        for (Flute flute : FLUTES) {
            List<Frame.Shell> shells = new ArrayList<>();
            for (Board board : boards()) {
                Carton carton = CartonStyle.REGULAR_SLOTTED.of(inside, board);
                if (board.flute() == flute && limits.allows(carton.outside())) {
                    shells.add(new Frame.Shell(Layer.Box.made(board.id(), SLACK_MM), carton, cost(carton)));
                }
            }
            if (!shells.isEmpty()) {
                frames.add(new Frame(innerMm, box, outerMm, List.copyOf(shells), ""));
            }
        }
    }

    /** Each stock carton, both ways round. */
    private void inStock(List<Frame> frames, Optional<Double> innerMm, Optional<Carton> box) {
        for (StockCarton carton : limits.stock().cartons()) {
            boolean square = carton.inside().lengthMm() == carton.inside().widthMm();
            for (StockCarton way : square ? List.of(carton) : List.of(carton, carton.turned())) {
                Carton made = CartonStyle.REGULAR_SLOTTED.of(way.inside(), catalogue.board(way.board()));
                if (limits.allows(made.outside())) {
                    Frame.Shell shell = new Frame.Shell(Layer.Box.stock(way.board(), way.inside()), made, cost(made));
                    frames.add(new Frame(innerMm, box, Optional.empty(), List.of(shell), carton.id()));
                }
            }
        }
    }

    /** The only or the inner cushions of a frame. */
    List<Cushioning> inners(Frame frame) {
        if (frame.innerMm().isPresent()) {
            double mm = frame.innerMm().get();
            return frame.nested()
                    ? innersByThickness(mm).stream()
                            .filter(c ->
                                    c.layer().form().match(full -> true, pads -> false, corners -> false, cut -> true))
                            .toList()
                    : innersByThickness(mm);
        }
        return inners.computeIfAbsent(frame, f -> filling(f.inside(), bed, body, wrapped, bodyKg));
    }

    private List<Cushioning> innersByThickness(double mm) {
        return innersByThickness.computeIfAbsent(mm, key -> {
            List<Cushioning> all = new ArrayList<>();
            for (Foam foam : foams) {
                if (thicknesses.of(foam).contains(key)) {
                    all.addAll(cushionings(foam, SixSided.all(key), bed, body, wrapped, bodyKg));
                }
            }
            return List.copyOf(all);
        });
    }

    /**
     * The outer cushions of a frame with an inner box. They are sized by load for item and inner box, whatever the inner
     * cushion weighs.
     */
    List<Cushioning> outers(Frame frame) {
        Carton box = frame.innerBox().orElseThrow();
        double massKg = bodyKg + box.massKg();
        if (frame.outerMm().isEmpty()) {
            return filling(frame.inside(), Optional.empty(), box.outside(), box.outside(), massKg);
        }
        double mm = frame.outerMm().get();
        return outersByThickness.computeIfAbsent(List.of(frame.innerMm().orElseThrow(), mm), key -> {
            List<Cushioning> all = new ArrayList<>();
            for (Foam foam : foams) {
                if (thicknesses.of(foam).contains(mm)) {
                    all.addAll(cushionings(
                            foam, SixSided.all(mm), Optional.empty(), box.outside(), box.outside(), massKg));
                }
            }
            return List.copyOf(all);
        });
    }

    /** Cushions that fill this inside round a body. */
    private List<Cushioning> filling(Size inside, Optional<BedShape> cut, Size body, Size envelope, double massKg) {
        List<Cushioning> all = new ArrayList<>();
        for (Foam foam : foams) {
            thicknesses(foam, inside, envelope)
                    .ifPresent(mm -> all.addAll(cushionings(foam, mm, cut, body, envelope, massKg)));
        }
        return List.copyOf(all);
    }

    /** The thicker of two sides lies below, right and at the back. */
    private Optional<SixSided> thicknesses(Foam foam, Size inside, Size envelope) {
        Map<Face, Double> mm = new TreeMap<>();
        for (Face face : List.of(Face.BOTTOM, Face.RIGHT, Face.BACK)) {
            double room = inside.along(face.axis()) - envelope.along(face.axis());
            Optional<Thicknesses.Pair> pair = thicknesses.filling(foam, room);
            if (pair.isEmpty()) {
                return Optional.empty();
            }
            for (Face either : Face.ALL) {
                if (either.axis() == face.axis()) {
                    mm.put(
                            either,
                            either == face ? pair.get().more() : pair.get().less());
                }
            }
        }
        return Optional.of(SixSided.of(mm::get));
    }

    /** One material at this thickness: cut to the item as it was, or all round, and in pads and blocks for each load. */
    private List<Cushioning> cushionings(
            Foam foam, SixSided mm, Optional<BedShape> cut, Size body, Size envelope, double massKg) {
        if (cut.isPresent()) {
            return foam.structure().beds() && cut.get().liesWithin(mm, wrapsMm)
                    ? List.of(cushioning(
                            foam, new Layer.Cushion(foam.id(), new CushionForm.Bed(cut.get()), mm), body, envelope))
                    : List.of();
        }
        Set<CushionForm> forms = new LinkedHashSet<>();
        forms.add(new CushionForm.Full());
        for (double load : PadSizing.LOADS_KPA) {
            if (foam.structure().cut()) {
                PadSizing.pads(body, mm, massKg, load).ifPresent(forms::add);
            }
            if (foam.structure().blocks()) {
                PadSizing.corners(body, mm, massKg, load).ifPresent(forms::add);
            }
        }
        return forms.stream()
                .map(form -> cushioning(foam, new Layer.Cushion(foam.id(), form, mm), body, envelope))
                .toList();
    }

    private Cushioning cushioning(Foam foam, Layer.Cushion layer, Size body, Size envelope) {
        double mm3 = layer.form().volumeMm3(layer.thicknessMm(), body, envelope);
        double price = costed ? prices.of(foam.id()).orElseThrow() : 0;
        return new Cushioning(
                foam, layer, mm3 * foam.densityKgM3() * KG_PER_MM3_PER_KG_PER_M3, mm3 / MM3_PER_LITRE * price);
    }

    double cost(Carton carton) {
        return costed
                ? carton.blankAreaMm2()
                        / MM2_PER_M2
                        * prices.of(carton.board().id()).orElseThrow()
                : 0;
    }

    private List<Board> boards() {
        if (limits.stockOnly()) {
            return limits.stock().cartons().stream()
                    .map(StockCarton::board)
                    .distinct()
                    .map(catalogue::board)
                    .toList();
        }
        return catalogue.boards().stream()
                .filter(board -> FLUTES.contains(board.flute()))
                .sorted(Comparator.comparingDouble(Board::grammageGm2))
                .toList();
    }

    /** The layers of one wall. */
    List<Layer> layers(Cushioning inner, Optional<Cushioning> outer, Frame.Shell shell) {
        List<Layer> layers = new ArrayList<>(kept);
        layers.add(inner.layer());
        outer.ifPresent(o -> {
            layers.add(Layer.Box.made(INNER_BOARD, SLACK_MM));
            layers.add(o.layer());
        });
        layers.add(shell.layer());
        return List.copyOf(layers);
    }
}
