package rampart.core.kit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import rampart.core.bed.BedPart;
import rampart.core.bed.BedWell;
import rampart.core.bed.Nature;
import rampart.core.bed.Prism;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.quantity.Point;
import rampart.core.quantity.Require;
import rampart.core.quantity.Size;

/**
 * Several things as one item with a part for each: equal ones in rows, the heaviest row and in each row the heaviest thing in
 * the middle, foam between any two and room for a finger before each. In each layer all are level on top, so that what lies
 * over them is a plain sheet and each can be gripped; the heaviest lie in the lowest layer.
 *
 * @param layers names in each, the lowest first
 * @param size of all together
 * @param centre of mass, from the middle of that
 * @param parts one for each thing
 * @param wells the finger scoops
 * @param splitMm where base and lid part: over all of them
 * @param takingOut names in the order in which they are best taken out, lightest first; laid in the other way round
 */
public record KitLayout(
        Size size,
        double massKg,
        Point centre,
        List<BedPart> parts,
        List<BedWell> wells,
        double splitMm,
        List<List<String>> layers,
        List<String> takingOut) {
    /** More of them and what lies lowest is never looked at. */
    public static final int MOST_LAYERS = 4;

    /** Foam between two pockets, mm: a web of 12 (rule 53) and its margin. */
    public static final double WEB_MM = 15;

    /** A box is balanced with its centre of mass within this share of the half-length from the middle [assumed]. */
    public static final double BALANCED = 0.10;

    private static final double SCOOP_RADIUS_MM = 13;
    private static final double SCOOP_DEEP_MM = 30;
    private static final double SCOOP_FLATNESS_MM = 0.2;

    /** Foam and carton all round, roughly: what a longer or a deeper kit costs beside its own area. */
    private static final double ROUND_MM = 120;

    /** A kit whose mass lies at its edge is worth twice the area of one that is balanced (assumed). */
    private static final double TILT_COSTS = 1;

    private static final int TRIED = 24;

    public KitLayout {
        parts = List.copyOf(parts);
        wells = List.copyOf(wells);
        layers = List.copyOf(layers);
        takingOut = List.copyOf(takingOut);
    }

    /** How far the centre of mass is from the middle in plan, as the greater share of half the length or width. */
    public double unbalanced() {
        return Math.max(Math.abs(centre.xMm()) / (size.lengthMm() / 2), Math.abs(centre.yMm()) / (size.widthMm() / 2));
    }

    private record Placed(KitPiece piece, String name, double x, double y) {}

    /** All in one layer. */
    public static KitLayout of(List<KitPiece> pieces) {
        return of(pieces, 1);
    }

    /**
     * In layers, each a tray of its own that lies on the one below.
     *
     * @throws IllegalArgumentException if there is none, or more than a bed can hold, or more layers than things
     */
    public static KitLayout of(List<KitPiece> pieces, int layers) {
        int all = pieces.stream().mapToInt(KitPiece::count).sum();
        Require.within(all, 1, KitPiece.MOST, "number of things in the kit");
        Require.within(layers, 1, Math.min(MOST_LAYERS, all), "number of layers");
        List<List<KitPiece>> inLayers = KitLayers.of(pieces, layers);
        double longest = pieces.stream().mapToDouble(KitPiece::acrossMm).max().orElseThrow();
        double inOneRow = pieces.stream()
                .mapToDouble(piece -> piece.count() * (piece.acrossMm() + WEB_MM))
                .sum();
        List<List<Placed>> best = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= TRIED; i++) {
            double row = longest + (inOneRow - longest) * i / TRIED;
            List<List<Placed>> placed = inLayers.stream()
                    .map(layer -> centred(inRows(rows(layer, row))))
                    .toList();
            List<Placed> together = placed.stream().flatMap(List::stream).toList();
            double tilt = Math.max(0, unbalanced(together) - BALANCED);
            double cost = (length(together) + ROUND_MM) * (width(together) + ROUND_MM) * (1 + TILT_COSTS * tilt);
            if (cost < least) {
                least = cost;
                best = placed;
            }
        }
        return new Stacked(best).layout();
    }

    /** The same about the middle of all. */
    private static List<Placed> centred(List<Placed> placed) {
        double x = (extent(placed, true, false) + extent(placed, true, true)) / 2;
        double y = (extent(placed, false, false) + extent(placed, false, true)) / 2;
        return placed.stream()
                .map(one -> new Placed(one.piece, one.name, one.x - x, one.y - y))
                .toList();
    }

    private static double length(List<Placed> placed) {
        return extent(placed, true, false) - extent(placed, true, true);
    }

    private static double width(List<Placed> placed) {
        return extent(placed, false, false) - extent(placed, false, true);
    }

    /** Deep ones first, equal ones together, as many to a row as go in. */
    private static List<List<KitPiece>> rows(List<KitPiece> pieces, double longestMm) {
        List<List<KitPiece>> rows = new ArrayList<>();
        double room = 0;
        for (KitPiece piece : pieces.stream()
                .sorted(Comparator.comparingDouble(piece -> -piece.deepMm()))
                .toList()) {
            for (int i = 0; i < piece.count(); i++) {
                double needed = piece.acrossMm() + WEB_MM;
                if (rows.isEmpty() || needed > room + 1e-9) {
                    rows.add(new ArrayList<>());
                    room = longestMm + WEB_MM;
                }
                rows.get(rows.size() - 1).add(piece);
                room -= needed;
            }
        }
        return rows;
    }

    private static List<Placed> inRows(List<List<KitPiece>> rows) {
        double longest = rows.stream().mapToDouble(KitLayout::rowLength).max().orElse(0);
        List<Placed> placed = new ArrayList<>();
        double y = 0;
        for (List<KitPiece> row : heaviestInside(
                rows, one -> one.stream().mapToDouble(KitPiece::massKg).sum())) {
            double deep = row.stream().mapToDouble(KitPiece::deepMm).max().orElse(0);
            List<Placed> ahead = row(heaviestInside(row, KitPiece::massKg), y);
            double offset = moment(ahead, true) / mass(ahead);
            // A row shorter than the longest is moved until its own mass lies in the middle, as far as there is room.
            double room = (longest - rowLength(row)) / 2;
            double by = Math.max(-room, Math.min(room, -offset));
            ahead.forEach(one -> placed.add(new Placed(one.piece, one.name, one.x + by, one.y)));
            y += deep + WEB_MM + SCOOP_RADIUS_MM;
        }
        return placed;
    }

    private static List<Placed> row(List<KitPiece> row, double y) {
        List<Placed> placed = new ArrayList<>();
        double x = -rowLength(row) / 2;
        for (KitPiece piece : row) {
            placed.add(new Placed(piece, piece.name(), x + piece.acrossMm() / 2, y + piece.deepMm() / 2));
            x += piece.acrossMm() + WEB_MM;
        }
        return placed;
    }

    private static double rowLength(List<KitPiece> row) {
        return row.stream().mapToDouble(KitPiece::acrossMm).sum() + WEB_MM * (row.size() - 1);
    }

    private static double mass(List<Placed> placed) {
        return placed.stream().mapToDouble(one -> one.piece.massKg()).sum();
    }

    private static double moment(List<Placed> placed, boolean across) {
        return placed.stream()
                .mapToDouble(one -> one.piece.massKg() * (across ? one.x : one.y))
                .sum();
    }

    /** How far the mass is from the middle of all, as the greater share of half the length or width. */
    private static double unbalanced(List<Placed> placed) {
        double share = 0;
        for (boolean across : new boolean[] {true, false}) {
            double least = extent(placed, across, true);
            double most = extent(placed, across, false);
            double off = moment(placed, across) / mass(placed) - (least + most) / 2;
            share = Math.max(share, Math.abs(off) / ((most - least) / 2));
        }
        return share;
    }

    /** By turns on one side and the other, from the lightest outside to the heaviest in the middle. */
    private static <T> List<T> heaviestInside(List<T> all, ToDoubleFunction<T> mass) {
        List<T> front = new ArrayList<>();
        List<T> back = new ArrayList<>();
        List<T> rising = all.stream().sorted(Comparator.comparingDouble(mass)).toList();
        for (int i = 0; i < rising.size(); i++) {
            (i % 2 == 0 ? front : back).add(rising.get(i));
        }
        Collections.reverse(back);
        front.addAll(back);
        return front;
    }

    private static double extent(List<Placed> placed, boolean across, boolean least) {
        double sign = least ? -1 : 1;
        return sign
                * placed.stream()
                        .mapToDouble(one -> across
                                ? sign * one.x + one.piece.acrossMm() / 2
                                : sign * one.y + one.piece.deepMm() / 2)
                        .max()
                        .orElseThrow();
    }

    private static double tallest(List<Placed> layer) {
        return layer.stream()
                .mapToDouble(one -> one.piece.size().heightMm())
                .max()
                .orElseThrow();
    }

    /** The layers over each other, as one item. */
    private static final class Stacked {
        private final List<List<Placed>> layers;
        private final Size size;
        private final List<BedPart> parts = new ArrayList<>();
        private final List<BedWell> wells = new ArrayList<>();
        private final Map<String, Integer> numbered = new HashMap<>();

        Stacked(List<List<Placed>> layers) {
            this.layers = layers;
            List<Placed> all = layers.stream().flatMap(List::stream).toList();
            double high = layers.stream().mapToDouble(KitLayout::tallest).sum() + (layers.size() - 1) * WEB_MM;
            size = new Size(length(all), width(all), high);
        }

        KitLayout layout() {
            double mass = 0;
            double x = 0;
            double y = 0;
            double z = 0;
            double level = -size.heightMm() / 2 - WEB_MM;
            List<List<String>> names = new ArrayList<>();
            for (List<Placed> layer : layers) {
                level += tallest(layer) + WEB_MM;
                List<String> here = new ArrayList<>();
                for (Placed one : layer) {
                    here.add(lay(one, level));
                    mass += one.piece.massKg();
                    x += one.piece.massKg() * one.x;
                    y += one.piece.massKg() * one.y;
                    z += one.piece.massKg() * (level - one.piece.size().heightMm() / 2);
                }
                names.add(List.copyOf(here));
            }
            return new KitLayout(
                    size,
                    mass,
                    new Point(x / mass, y / mass, z / mass),
                    parts,
                    wells,
                    size.heightMm() / 2,
                    names,
                    takingOut());
        }

        /** The uppermost layer first, in each the lightest first. */
        private List<String> takingOut() {
            List<String> order = new ArrayList<>();
            for (int i = layers.size() - 1; i >= 0; i--) {
                layers.get(i).stream()
                        .sorted(Comparator.comparingDouble(one -> one.piece.massKg()))
                        .map(Placed::name)
                        .distinct()
                        .forEach(order::add);
            }
            return order;
        }

        private String lay(Placed one, double level) {
            double high = one.piece.size().heightMm();
            double halfAcross = one.piece.acrossMm() / 2;
            double halfDeep = one.piece.deepMm() / 2;
            boolean several = layers.stream()
                            .flatMap(List::stream)
                            .filter(other -> other.name.equals(one.name))
                            .count()
                    > 1;
            String name = several ? one.name + " " + numbered.merge(one.name, 1, Integer::sum) : one.name;
            parts.add(new BedPart(
                    name,
                    new Prism(
                            List.of(
                                    new PlanPoint(one.x - halfAcross, one.y - halfDeep),
                                    new PlanPoint(one.x + halfAcross, one.y - halfDeep),
                                    new PlanPoint(one.x + halfAcross, one.y + halfDeep),
                                    new PlanPoint(one.x - halfAcross, one.y + halfDeep)),
                            level - high,
                            level),
                    Nature.STRONG,
                    0));
            if (halfAcross > SCOOP_RADIUS_MM) {
                wells.add(new BedWell(
                        "finger, " + name,
                        new Prism(
                                Outline.circle(new PlanPoint(one.x, one.y - halfDeep), SCOOP_RADIUS_MM)
                                        .flattened(SCOOP_FLATNESS_MM)
                                        .corners(),
                                Math.max(level - high, level - SCOOP_DEEP_MM),
                                level)));
            }
            return name;
        }
    }
}
