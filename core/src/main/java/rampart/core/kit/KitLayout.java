package rampart.core.kit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
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
 * Several things side by side in one layer, as one item with a part for each: equal ones in rows, the heaviest row and in each
 * row the heaviest thing in the middle, all level on top so that the lid is a plain sheet and each can be gripped, foam between
 * any two and room for a finger before each.
 *
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
        List<String> takingOut) {
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
        takingOut = List.copyOf(takingOut);
    }

    /** How far the centre of mass is from the middle in plan, as the greater share of half the length or width. */
    public double unbalanced() {
        return Math.max(Math.abs(centre.xMm()) / (size.lengthMm() / 2), Math.abs(centre.yMm()) / (size.widthMm() / 2));
    }

    private record Placed(KitPiece piece, String name, double x, double y) {}

    /** @throws IllegalArgumentException if there is none, or more than a bed can hold */
    public static KitLayout of(List<KitPiece> pieces) {
        int all = pieces.stream().mapToInt(KitPiece::count).sum();
        Require.within(all, 1, KitPiece.MOST, "number of things in the kit");
        double longest = pieces.stream().mapToDouble(KitPiece::acrossMm).max().orElseThrow();
        double inOneRow = pieces.stream()
                .mapToDouble(piece -> piece.count() * (piece.acrossMm() + WEB_MM))
                .sum();
        List<Placed> best = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= TRIED; i++) {
            double row = longest + (inOneRow - longest) * i / TRIED;
            List<Placed> placed = inRows(rows(pieces, row));
            Size size = size(placed);
            double tilt = Math.max(0, unbalanced(placed) - BALANCED);
            double cost = (size.lengthMm() + ROUND_MM) * (size.widthMm() + ROUND_MM) * (1 + TILT_COSTS * tilt);
            if (cost < least) {
                least = cost;
                best = placed;
            }
        }
        return layout(best);
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
        double longest = rows.stream().mapToDouble(KitLayout::length).max().orElse(0);
        List<Placed> placed = new ArrayList<>();
        double y = 0;
        for (List<KitPiece> row : heaviestInside(
                rows, one -> one.stream().mapToDouble(KitPiece::massKg).sum())) {
            double deep = row.stream().mapToDouble(KitPiece::deepMm).max().orElse(0);
            List<Placed> ahead = row(heaviestInside(row, KitPiece::massKg), y);
            double offset = moment(ahead, true) / mass(ahead);
            // A row shorter than the longest is moved until its own mass lies in the middle, as far as there is room.
            double room = (longest - length(row)) / 2;
            double by = Math.max(-room, Math.min(room, -offset));
            ahead.forEach(one -> placed.add(new Placed(one.piece, one.name, one.x + by, one.y)));
            y += deep + WEB_MM + SCOOP_RADIUS_MM;
        }
        return placed;
    }

    private static List<Placed> row(List<KitPiece> row, double y) {
        List<Placed> placed = new ArrayList<>();
        double x = -length(row) / 2;
        for (KitPiece piece : row) {
            placed.add(new Placed(piece, piece.name(), x + piece.acrossMm() / 2, y + piece.deepMm() / 2));
            x += piece.acrossMm() + WEB_MM;
        }
        return placed;
    }

    private static double length(List<KitPiece> row) {
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
    private static <T> List<T> heaviestInside(List<T> all, java.util.function.ToDoubleFunction<T> mass) {
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

    private static Size size(List<Placed> placed) {
        return new Size(
                extent(placed, true, false) - extent(placed, true, true),
                extent(placed, false, false) - extent(placed, false, true),
                placed.stream()
                        .mapToDouble(one -> one.piece.size().heightMm())
                        .max()
                        .orElseThrow());
    }

    private static KitLayout layout(List<Placed> placed) {
        Size size = size(placed);
        double middleX = (extent(placed, true, false) + extent(placed, true, true)) / 2;
        double middleY = (extent(placed, false, false) + extent(placed, false, true)) / 2;
        double level = size.heightMm() / 2;
        List<BedPart> parts = new ArrayList<>();
        List<BedWell> wells = new ArrayList<>();
        double mass = 0;
        double x = 0;
        double y = 0;
        double z = 0;
        for (Placed one : placed) {
            double cx = one.x - middleX;
            double cy = one.y - middleY;
            double high = one.piece.size().heightMm();
            double halfAcross = one.piece.acrossMm() / 2;
            double halfDeep = one.piece.deepMm() / 2;
            int same = 1
                    + (int) parts.stream()
                            .filter(part ->
                                    part.name().equals(one.name) || part.name().startsWith(one.name + " "))
                            .count();
            String name = one.piece.count() == 1 ? one.name : one.name + " " + same;
            parts.add(new BedPart(
                    name,
                    new Prism(
                            List.of(
                                    new PlanPoint(cx - halfAcross, cy - halfDeep),
                                    new PlanPoint(cx + halfAcross, cy - halfDeep),
                                    new PlanPoint(cx + halfAcross, cy + halfDeep),
                                    new PlanPoint(cx - halfAcross, cy + halfDeep)),
                            level - high,
                            level),
                    Nature.STRONG,
                    0));
            if (halfAcross > SCOOP_RADIUS_MM) {
                wells.add(new BedWell(
                        "finger, " + name,
                        new Prism(
                                Outline.circle(new PlanPoint(cx, cy - halfDeep), SCOOP_RADIUS_MM)
                                        .flattened(SCOOP_FLATNESS_MM)
                                        .corners(),
                                Math.max(level - high, level - SCOOP_DEEP_MM),
                                level)));
            }
            mass += one.piece.massKg();
            x += one.piece.massKg() * cx;
            y += one.piece.massKg() * cy;
            z += one.piece.massKg() * (level - high / 2);
        }
        return new KitLayout(
                size,
                mass,
                new Point(x / mass, y / mass, z / mass),
                parts,
                wells,
                level,
                placed.stream()
                        .sorted(Comparator.comparingDouble(one -> one.piece.massKg()))
                        .map(Placed::name)
                        .distinct()
                        .toList());
    }
}
