package rampart.core.pack;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import rampart.core.box.RegularSlotted;
import rampart.core.box.StockCarton;
import rampart.core.cost.Prices;
import rampart.core.item.Item;
import rampart.core.layout.Layer;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Flute;
import rampart.core.material.Foam;
import rampart.core.quantity.Axis;
import rampart.core.quantity.SixSided;
import rampart.core.quantity.Size;

/**
 * The walls among which proposals are sought: one cushion in a carton, or two with an inner box between; every allowed
 * foam; the whole face or pads on 80, 60, 40 or 20 % of it; thicknesses in whole steps, the same all round, or with a
 * stock carton what it leaves on each axis; cartons made of every C and BC board, or from stock. A frame is what walls
 * of the same thicknesses have in common.
 */
final class ProposalSpace {
    private static final double MM3_PER_LITRE = 1e6;
    private static final double MM2_PER_M2 = 1e6;
    private static final double KG_PER_MM3_PER_KG_PER_M3 = 1e-9;

    private final Item item;
    private final List<Layer> wraps;
    private final Catalogue catalogue;
    private final ProposalLimits limits;
    private final Prices prices;
    private final List<Foam> foams;
    private final Size wrapped;
    private final boolean costed;

    /** @param wraps what lies round the item itself and stays */
    ProposalSpace(Item item, List<Layer> wraps, Catalogue catalogue, ProposalLimits limits, Prices prices) {
        this.item = item;
        this.wraps = wraps;
        this.catalogue = catalogue;
        this.limits = limits;
        this.prices = prices;
        foams = catalogue.foams().stream().filter(limits::allows).toList();
        double both = 0;
        for (Layer wrap : wraps) {
            both += 2 * ((Layer.Wrap) wrap).thicknessMm();
        }
        wrapped = item.size().plus(both, both, both);
        costed = foams.stream().allMatch(f -> prices.of(f.id()).isPresent())
                && boards().stream().allMatch(b -> prices.of(b.id()).isPresent())
                && wraps.stream().allMatch(w -> prices.of(w.material()).isPresent())
                && prices.of(WallSpace.INNER_BOARD).isPresent();
    }

    /** True where every part that may be used has a price. */
    boolean costed() {
        return costed;
    }

    /**
     * A cushion that may stand in a frame.
     *
     * @param massKg its own
     * @param cost its own; 0 where cost is not compared
     */
    record Option(Foam foam, Layer.Cushion layer, double massKg, double cost) {}

    /** An outer carton that may close a frame; {@code stock} is empty for one made to size. */
    record Shell(Layer.Box layer, String stock, RegularSlotted carton, double massKg, double cost) {
        double volumeMm3() {
            return carton.outside().volumeMm3();
        }
    }

    /**
     * Walls of the same thicknesses.
     *
     * @param innerBody what the inner or only cushion bears on
     * @param outerMm thickness outside the inner box; empty where there is none
     */
    record Frame(
            Size innerBody,
            SixSided innerMm,
            Optional<RegularSlotted> innerBox,
            Optional<SixSided> outerMm,
            List<Shell> shells) {
        double leastVolumeMm3() {
            return shells.stream().mapToDouble(Shell::volumeMm3).min().orElse(Double.POSITIVE_INFINITY);
        }

        Size outerBody() {
            return innerBox.orElseThrow().outside();
        }
    }

    /** All frames, the smallest outside first. */
    List<Frame> frames() {
        List<Frame> frames = new ArrayList<>();
        boolean single = limits.build() != ProposalLimits.Build.BOX_IN_BOX;
        boolean nested = limits.build() != ProposalLimits.Build.SINGLE;
        for (int mm = limits.stepMm(); mm <= limits.mostMm(); mm += limits.stepMm()) {
            if (single && !limits.stockOnly()) {
                add(frames, SixSided.all(mm), Optional.empty(), Optional.empty());
            }
            if (!nested || mm + limits.stepMm() > limits.mostMm()) {
                continue;
            }
            RegularSlotted inner = innerBox(mm);
            for (int outer = limits.stepMm();
                    outer + mm <= limits.mostMm() && !limits.stockOnly();
                    outer += limits.stepMm()) {
                add(frames, SixSided.all(mm), Optional.of(inner), Optional.of(SixSided.all(outer)));
            }
            if (limits.stockOnly()) {
                stock(frames, Optional.of(inner), SixSided.all(mm), inner.outside());
            }
        }
        if (single && limits.stockOnly()) {
            stock(frames, Optional.empty(), SixSided.ZERO, wrapped);
        }
        frames.sort(Comparator.comparingDouble(Frame::leastVolumeMm3));
        return frames;
    }

    private RegularSlotted innerBox(double mm) {
        double both = 2 * mm + WallSpace.SLACK_MM;
        return new RegularSlotted(wrapped.plus(both, both, both), catalogue.board(WallSpace.INNER_BOARD));
    }

    private void add(List<Frame> frames, SixSided mm, Optional<RegularSlotted> inner, Optional<SixSided> outerMm) {
        Size core = inner.isPresent() ? inner.get().outside() : wrapped;
        double both = 2 * outerMm.orElse(mm).top() + WallSpace.SLACK_MM;
        Size inside = core.plus(both, both, both);
        List<Shell> shells = new ArrayList<>();
        for (Board board : boards()) {
            RegularSlotted carton = new RegularSlotted(inside, board);
            if (limits.allows(carton.outside())) {
                shells.add(new Shell(WallSpace.box(board.id()), "", carton, carton.massKg(), cost(carton)));
            }
        }
        if (!shells.isEmpty()) {
            frames.add(new Frame(item.size(), mm, inner, outerMm, List.copyOf(shells)));
        }
    }

    /** Frames that fill each stock carton, both ways round, to less than 10 mm of play on each axis. */
    private void stock(List<Frame> frames, Optional<RegularSlotted> inner, SixSided innerMm, Size core) {
        for (StockCarton carton : limits.stock()) {
            for (StockCarton way : List.of(carton, carton.turned())) {
                double[] mm = new double[Axis.values().length];
                boolean fits = true;
                for (Axis axis : Axis.values()) {
                    double room = (way.inside().along(axis) - core.along(axis)) / 2;
                    mm[axis.ordinal()] = Math.floor(room / WallSpace.STEP_MM + WallSpace.HAIR) * WallSpace.STEP_MM;
                    fits &= mm[axis.ordinal()] >= limits.stepMm() && mm[axis.ordinal()] <= limits.mostMm();
                }
                RegularSlotted made = new RegularSlotted(way.inside(), catalogue.board(way.board()));
                if (!fits || !limits.allows(made.outside())) {
                    continue;
                }
                SixSided thickness = SixSided.of(face -> mm[face.axis().ordinal()]);
                Shell shell = new Shell(
                        Layer.Box.stock(way.board(), way.inside()), carton.id(), made, made.massKg(), cost(made));
                frames.add(
                        inner.isPresent()
                                ? new Frame(item.size(), innerMm, inner, Optional.of(thickness), List.of(shell))
                                : new Frame(item.size(), thickness, inner, Optional.empty(), List.of(shell)));
                if (way.inside().lengthMm() == way.inside().widthMm()) {
                    break;
                }
            }
        }
    }

    /** Cushions for this body in a frame. */
    List<Option> options(Size body, Size envelope, SixSided thickness) {
        List<Option> options = new ArrayList<>();
        for (Foam foam : foams) {
            for (int share : WallSpace.SHARES) {
                WallSpace.cushion(foam, share, thickness, body)
                        .ifPresent(layer -> options.add(option(foam, layer, body, envelope)));
            }
        }
        return options;
    }

    /** Envelope that the inner or only cushion lies round. */
    Size wrapped() {
        return wrapped;
    }

    private Option option(Foam foam, Layer.Cushion layer, Size body, Size envelope) {
        double mm3 = WallSpace.volumeMm3(layer, body, envelope);
        double price = costed ? prices.of(foam.id()).orElseThrow() : 0;
        return new Option(
                foam, layer, mm3 * foam.densityKgM3() * KG_PER_MM3_PER_KG_PER_M3, mm3 / MM3_PER_LITRE * price);
    }

    double cost(RegularSlotted carton) {
        return costed
                ? carton.blankAreaMm2()
                        / MM2_PER_M2
                        * prices.of(carton.board().id()).orElseThrow()
                : 0;
    }

    private List<Board> boards() {
        List<Board> boards = new ArrayList<>();
        if (limits.stockOnly()) {
            limits.stock().stream()
                    .map(StockCarton::board)
                    .distinct()
                    .map(catalogue::board)
                    .forEach(boards::add);
            return boards;
        }
        for (Flute flute : List.of(Flute.C, Flute.BC)) {
            boards.addAll(WallSpace.outerBoards(catalogue, flute));
        }
        return boards;
    }

    /** The layers of one wall. */
    List<Layer> layers(Frame frame, Option inner, Optional<Option> outer, Shell shell) {
        List<Layer> layers = new ArrayList<>(wraps);
        layers.add(inner.layer());
        outer.ifPresent(o -> {
            layers.add(WallSpace.box(WallSpace.INNER_BOARD));
            layers.add(o.layer());
        });
        layers.add(shell.layer());
        return layers;
    }
}
