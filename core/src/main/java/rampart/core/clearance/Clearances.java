package rampart.core.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.insert.FoamInPlace;
import rampart.core.layout.CushionForm;
import rampart.core.layout.LaidBoards;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.Structure;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.words.ClearanceWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;
import rampart.core.words.Unit;

/** Works out, box by box, what lies round its contents and whether they go in. */
public final class Clearances {
    /** Room that fingers need on each of two opposite sides, mm (common practice, no source). */
    public static final double FINGERS_MM = 20;

    /** A wall of rigid foam that keeps warmth is no thinner, mm (common practice, no source). */
    private static final double INSULATES_MM = 20;

    /** More than this nobody leans on a flap with, N (assumed). */
    private static final double BY_HAND_N = 500;

    /** Foam gives way by this share of its thickness without bulging the walls (rule 42). */
    private static final double GIVES = 0.20;

    private static final double ROUNDING_MM = 1e-9;

    private static final double MM3_PER_LITRE = 1e6;

    private final Pack pack;
    private final Layout layout;
    private final Catalogue catalogue;
    private final LaidBox box;
    private final int inward;
    private final List<LaidCushion> cushions;
    private final List<Clearance.Remark> remarks = new ArrayList<>();

    private Clearances(Pack pack, Layout layout, Catalogue catalogue, LaidBox box, int inward) {
        this.pack = pack;
        this.layout = layout;
        this.catalogue = catalogue;
        this.box = box;
        this.inward = inward;
        cushions = layout.cushions().stream()
                .filter(c -> c.layer() > inward && c.layer() < box.layer())
                .toList();
    }

    /** Every box, from the item outward. */
    public static List<Clearance> of(Pack pack, Layout layout, Catalogue catalogue) {
        List<Clearance> all = new ArrayList<>();
        int inward = -1;
        for (LaidBox box : layout.boxes()) {
            all.add(new Clearances(pack, layout, catalogue, box, inward).made());
            inward = box.layer();
        }
        return List.copyOf(all);
    }

    private Clearance made() {
        List<Clearance.FaceGap> faces = Face.ALL.stream().map(this::face).toList();
        List<ToleranceStack> stacks =
                List.of(Axis.values()).stream().map(this::stack).toList();
        goesIn(stacks);
        presses(stacks);
        byHand(faces);
        cushions.forEach(this::fills);
        String name = box.layer() == layout.outer().layer() ? "Outer carton" : "Inner box";
        return new Clearance(box.layer(), name, faces, stacks, remarks);
    }

    private Clearance.FaceGap face(Face face) {
        List<Clearance.Filling> filled = new ArrayList<>();
        for (Layout.Wall.Piece piece : layout.walls().stream()
                .filter(w -> w.face() == face)
                .findFirst()
                .orElseThrow()
                .pieces()) {
            if (piece.layer() > inward && piece.layer() < box.layer() && piece.thicknessMm() > 0) {
                filled.add(new Clearance.Filling(piece.layer(), name(piece.layer()), piece.thicknessMm()));
            }
        }
        return new Clearance.FaceGap(
                face, filled, box.box().room().gapsMm(box.contents()).on(face));
    }

    private String name(int layer) {
        return pack.layers()
                .get(layer)
                .match(
                        wrap -> catalogue.wrap(wrap.material()).name(),
                        cushion -> catalogue.foam(cushion.material()).name(),
                        inner -> catalogue.board(inner.material()).name(),
                        boards -> catalogue.board(boards.material()).name());
    }

    private ToleranceStack stack(Axis axis) {
        List<ToleranceStack.Part> parts = new ArrayList<>();
        part(parts, "scores of the " + (box.layer() == layout.outer().layer() ? "carton" : "box"), scores());
        Optional<LaidBox> inner = innerBox();
        if (inner.isPresent()) {
            Board board = inner.get().carton().board();
            part(parts, "scores of the inner box", Tolerances.scoresMm(board));
            double walls = inner.get().carton().outside().along(axis)
                    - inner.get().carton().inside().along(axis);
            part(parts, "board of the inner box", Tolerances.boardMm(walls));
        } else {
            part(parts, "the item as measured", Tolerances.ITEM_MM);
        }
        for (LaidBoards boards : layout.boards()) {
            if (boards.layer() > inward
                    && boards.layer() < box.layer()
                    && boards.boards().across() == axis) {
                part(
                        parts,
                        "rigid boards",
                        Tolerances.boardMm(
                                2 * boards.boards().plies() * boards.board().caliperMm()));
            }
        }
        for (int i = inward + 1; i < box.layer(); i++) {
            if (pack.layers().get(i) instanceof Layer.Wrap wrap) {
                part(parts, name(i), Tolerances.wrapMm(2 * wrap.thicknessMm()));
            }
        }
        for (LaidCushion cushion : cushions) {
            for (Face face : Face.ALL) {
                if (face.axis() == axis) {
                    part(
                            parts,
                            cushion.foam().name() + ", " + face.word(),
                            Tolerances.cushionMm(cushion.thicknessMm().on(face)));
                }
            }
        }
        return new ToleranceStack(
                axis, box.carton().inside().along(axis), box.contents().along(axis), parts);
    }

    private double scores() {
        return Tolerances.scoresMm(box.carton().board());
    }

    private static void part(List<ToleranceStack.Part> parts, String what, double mm) {
        if (mm > 0) {
            parts.add(new ToleranceStack.Part(what, mm));
        }
    }

    private Optional<LaidBox> innerBox() {
        return layout.boxes().stream().filter(b -> b.layer() == inward).findFirst();
    }

    /** Of the dimension with the least room, by what is likely. */
    private void goesIn(List<ToleranceStack> stacks) {
        ToleranceStack tight = stacks.stream()
                .min(Comparator.comparingDouble(ToleranceStack::likelyLeastMm))
                .orElseThrow();
        Term dimension = Term.name(tight.axis().word());
        if (tight.slackMm() < -ROUNDING_MM) {
            if (foamMm(tight.axis()) == 0 && box.stock()) {
                say(true, ClearanceWords.TOO_SMALL.of(Quantity.mm(-tight.slackMm()), dimension));
            }
        } else if (tight.leastMm() >= 0) {
            say(false, ClearanceWords.GOES_IN.of(Quantity.mm(tight.leastMm()), dimension));
        } else if (tight.likelyLeastMm() >= 0) {
            say(
                    false,
                    ClearanceWords.LIKELY_GOES_IN.of(
                            Quantity.mm(tight.likelyLeastMm()), dimension, Quantity.mm(-tight.leastMm())));
        } else if (gives(-tight.likelyLeastMm(), tight.axis())) {
            say(
                    false,
                    ClearanceWords.FOAM_GIVES.of(
                            Quantity.mm(tight.slackMm()),
                            dimension,
                            Quantity.mm(tight.likelyMm()),
                            Quantity.mm(-tight.likelyLeastMm()),
                            Quantity.percent(-tight.likelyLeastMm() / foamMm(tight.axis()))));
        } else {
            say(
                    true,
                    ClearanceWords.MAY_NOT_GO_IN.of(
                            Quantity.mm(tight.slackMm()),
                            dimension,
                            Quantity.mm(tight.likelyMm()),
                            Quantity.wholeMm(Math.ceil(-tight.likelyLeastMm()))));
        }
    }

    /** Whether foam takes up so much along an axis without bulging the walls, and somebody can press it so far. */
    private boolean gives(double mm, Axis axis) {
        double share = mm / foamMm(axis);
        return share <= GIVES
                && foamAlong(axis)
                                .mapToDouble(c -> pressedN(c, axis, share))
                                .min()
                                .orElse(Double.POSITIVE_INFINITY)
                        <= BY_HAND_N;
    }

    /** What it takes to press a cushion by such a share of its thickness, N. */
    private static double pressedN(LaidCushion cushion, Axis axis, double share) {
        double mm2 = Face.ALL.stream()
                .filter(f -> f.axis() == axis)
                .mapToDouble(f -> cushion.bearingMm2().on(f))
                .max()
                .orElse(0);
        return cushion.foam().pressKpa(share) * 1e-3 * mm2;
    }

    private Stream<LaidCushion> foamAlong(Axis axis) {
        return cushions.stream()
                .filter(c -> Face.ALL.stream()
                        .anyMatch(f -> f.axis() == axis && c.thicknessMm().on(f) > 0));
    }

    private double foamMm(Axis axis) {
        double mm = 0;
        for (LaidCushion cushion : cushions) {
            for (Face face : Face.ALL) {
                mm += face.axis() == axis ? cushion.thicknessMm().on(face) : 0;
            }
        }
        return mm;
    }

    /** What closing over more than it holds does, and what a bulge does. */
    private void presses(List<ToleranceStack> stacks) {
        String inside = innerBox().isPresent() ? "inner box" : "item";
        Map<List<Double>, List<String>> over = new LinkedHashMap<>();
        for (ToleranceStack stack : stacks) {
            if (-stack.slackMm() > ROUNDING_MM) {
                double rounded = Math.rint(-stack.slackMm() * 1e6) * 1e-6;
                over.computeIfAbsent(List.of(rounded, foamMm(stack.axis())), alike -> new ArrayList<>())
                        .add(stack.axis().word());
            }
        }
        over.forEach((alike, dimensions) -> {
            double mm = alike.get(0);
            double foam = alike.get(1);
            Axis axis = Axis.named(dimensions.get(0));
            Term along = Term.and(dimensions);
            if (foam == 0) {
                if (!box.stock()) {
                    say(true, ClearanceWords.NO_GIVE.of(Quantity.mm(mm), along));
                }
                return;
            }
            LaidCushion softest = foamAlong(axis)
                    .min(Comparator.comparingDouble(c -> c.foam().squeezeKpa()))
                    .orElseThrow();
            double share = mm / foam;
            say(
                    share > Foam.LEVEL_FROM,
                    ClearanceWords.PRESSED_IN.of(
                            Quantity.mm(mm),
                            along,
                            Term.name(softest.foam().name()),
                            Quantity.percent(share),
                            Term.name(inside),
                            Quantity.kpa(softest.foam().pressKpa(share))));
        });
        box.state()
                .bulgeMm()
                .ifPresent(mm -> say(mm > 0, ClearanceWords.BULGE_PRESSES.of(Quantity.mm(mm), Term.name(inside))));
    }

    /** By how much boards stand out beside the item on this side, where they lie in this box itself. */
    private double overhangMm(Face face) {
        return layout.boards().stream()
                .filter(laid -> laid.layer() < box.layer()
                        && layout.boxes().stream()
                                .noneMatch(each -> each.layer() > laid.layer() && each.layer() < box.layer()))
                .filter(laid -> laid.boards().across() != face.axis())
                .mapToDouble(laid -> laid.boards().overhangMm())
                .sum();
    }

    /** Whether hands have room beside what is set in, where it is set in from above. */
    private void byHand(List<Clearance.FaceGap> faces) {
        boolean fromAbove = switch (box.carton().style()) {
            case REGULAR_SLOTTED, HALF_SLOTTED, FULL_OVERLAP, MAILER -> true;
            default -> false;
        };
        boolean poured = cushions.stream().anyMatch(c -> !c.foam().structure().cut() && !padded(c));
        if (!fromAbove || poured) {
            return;
        }
        Map<Face, Double> beside = new HashMap<>();
        for (Clearance.FaceGap gap : faces) {
            double whole = cushions.stream()
                    .filter(c -> !padded(c))
                    .mapToDouble(c -> c.thicknessMm().on(gap.face()))
                    .sum();
            beside.put(gap.face(), gap.wholeMm() - whole - overhangMm(gap.face()));
        }
        double room = Math.max(
                Math.min(beside.get(Face.LEFT), beside.get(Face.RIGHT)),
                Math.min(beside.get(Face.FRONT), beside.get(Face.BACK)));
        Quantity free = Quantity.wholeMm(Math.max(0, Math.floor(room)));
        if (room >= FINGERS_MM) {
            say(false, ClearanceWords.FINGERS.of(free));
        } else if (cushions.isEmpty()) {
            say(false, ClearanceWords.NO_FINGERS.of(free, Quantity.wholeMm(FINGERS_MM)));
        } else if (layout.bed().stream().noneMatch(cushions::contains)) {
            say(false, room < 1 ? ClearanceWords.LAST_SIDE_TIGHT.of() : ClearanceWords.LAST_SIDE.of(free));
        }
    }

    /** True where there is room between its pads or blocks. */
    private static boolean padded(LaidCushion cushion) {
        return cushion.form().match(full -> false, pads -> true, corners -> true, bed -> false);
    }

    private void fills(LaidCushion cushion) {
        Structure structure = cushion.foam().structure();
        Term name = Term.name(cushion.foam().name());
        double height = cushion.thicknessMm().top() + cushion.thicknessMm().bottom();
        if (structure.onlyFull()) {
            say(
                    false,
                    ClearanceWords.FILL_PROUD.of(name, Quantity.wholeMm(Math.ceil(structure.settlement() * height))));
        } else if (structure == Structure.AIR_CELLS) {
            say(false, ClearanceWords.SLACK_CELLS.of(name));
        }
        if (structure == Structure.FOAMED_IN_PLACE && cushion.form() instanceof CushionForm.Corners) {
            foamCorners(cushion);
        }
        boolean rigid = structure == Structure.MOULDED && cushion.form() instanceof CushionForm.Full;
        double thinnest = Face.ALL.stream()
                .mapToDouble(f -> cushion.thicknessMm().on(f))
                .min()
                .orElseThrow();
        if (rigid && thinnest >= INSULATES_MM) {
            double outside = box.carton().inside().volumeMm3();
            double air = outside > 0 ? Math.max(0, 1 - box.contents().volumeMm3() / outside) : 0;
            say(false, ClearanceWords.INSULATING.of(Quantity.wholeMm(thinnest), Quantity.percent(air)));
        }
    }

    private void foamCorners(LaidCushion cushion) {
        double litres = FoamInPlace.MORE * cushion.massKg() / cushion.foam().densityKgM3() * 1e9 / MM3_PER_LITRE;
        say(true, ClearanceWords.FOAM_CORNERS.of(new Quantity(litres, Unit.LITRE, 1)));
        double caliper = box.carton().board().caliperMm();
        double gap = cushion.thicknessMm().bottom();
        double layers = Math.floor(gap / caliper);
        if (layers >= 1) {
            say(
                    false,
                    ClearanceWords.SPACERS.of(
                            Quantity.count(layers),
                            Quantity.mm(layers * caliper),
                            Quantity.mm(gap - layers * caliper)));
        }
    }

    private void say(boolean caution, Sentence words) {
        remarks.add(new Clearance.Remark(caution, words));
    }
}
