package rampart.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Lays rectangles on as few sheets as it finds: several orders and rules of a greedy filling (see Jylanki, A Thousand Ways to
 * Pack the Bin, 2010, from memory), then for the last pieces a search of all ways within a bound of steps. Not proven to be the
 * fewest; the tests hold it against proven optima.
 */
public final class SheetPlanner {
    /** Steps of the search for one sheet. */
    private static final int MOST_STEPS = 60_000;

    /** With more pieces than this no search of all ways would end. */
    private static final int MOST_SEARCHED = 14;

    private static final double EPSILON = 1e-6;

    private final StockSheet stock;
    private final BooleanSupplier stopped;

    private SheetPlanner(StockSheet stock, BooleanSupplier stopped) {
        this.stock = stock;
        this.stopped = stopped;
    }

    /** A plan for all pieces. */
    public static SheetPlan plan(List<CutPart> parts, StockSheet stock) {
        return plan(parts, stock, () -> false);
    }

    /**
     * A plan for all pieces.
     *
     * @param stopped asked between two ways; the best so far is told when it says so
     */
    public static SheetPlan plan(List<CutPart> parts, StockSheet stock, BooleanSupplier stopped) {
        return new SheetPlanner(stock, stopped).plan(parts);
    }

    private SheetPlan plan(List<CutPart> parts) {
        List<Piece> pieces = new ArrayList<>();
        List<CutPart> tooLarge = new ArrayList<>();
        for (CutPart part : parts) {
            Piece piece =
                    new Piece(part.name(), part.lengthMm() + stock.kerfMm(), part.widthMm() + stock.kerfMm(), false);
            if (ways(piece).stream().anyMatch(this::fits)) {
                for (int i = 0; i < part.count(); i++) {
                    pieces.add(piece);
                }
            } else {
                tooLarge.add(part);
            }
        }
        List<Filled> best = null;
        for (Comparator<Piece> order : ORDERS) {
            for (Rule rule : Rule.values()) {
                if (best != null && stopped.getAsBoolean()) {
                    break;
                }
                List<Filled> sheets = fill(sorted(pieces, order), rule);
                if (best == null || better(sheets, best)) {
                    best = sheets;
                }
            }
        }
        return new SheetPlan(stock, best.stream().map(this::sheet).toList(), tooLarge);
    }

    /** A rectangle with its kerf. */
    private record Piece(String name, double along, double across, boolean turned) {
        double area() {
            return along * across;
        }

        Piece other() {
            double newAlong = across;
            double newAcross = along;
            return new Piece(name, newAlong, newAcross, !turned);
        }

        boolean like(Piece piece) {
            return along == piece.along && across == piece.across && name.equals(piece.name);
        }
    }

    private record Box(double x, double y, double along, double across) {
        double area() {
            return along * across;
        }

        boolean holds(Piece piece) {
            return piece.along <= along + EPSILON && piece.across <= across + EPSILON;
        }
    }

    private record At(Piece piece, double x, double y) {}

    private record Filled(List<At> placed, List<SheetPlan.Cut> cuts) {
        double area() {
            return placed.stream().mapToDouble(at -> at.piece.area()).sum();
        }
    }

    private static final List<Comparator<Piece>> ORDERS = List.of(
            Comparator.comparingDouble(piece -> -piece.area()),
            Comparator.comparingDouble(piece -> -Math.max(piece.along, piece.across)),
            Comparator.comparingDouble(piece -> -Math.min(piece.along, piece.across)),
            Comparator.comparingDouble(piece -> -(piece.along + piece.across)));

    /** How what is left of a box is divided once a piece lies in its corner. */
    private enum Rule {
        ACROSS_FIRST,
        ALONG_FIRST,
        LARGER_REST,
        SMALLER_REST;

        /** True where the first cut runs across the length. */
        boolean across(Box box, Piece piece) {
            double right = box.along - piece.along;
            double behind = box.across - piece.across;
            return switch (this) {
                case ACROSS_FIRST -> true;
                case ALONG_FIRST -> false;
                case LARGER_REST -> right * box.across >= behind * box.along;
                case SMALLER_REST -> right * box.across < behind * box.along;
            };
        }
    }

    private boolean fits(Piece piece) {
        return whole().holds(piece);
    }

    private Box whole() {
        return new Box(0, 0, stock.usableLengthMm(), stock.usableWidthMm());
    }

    private List<Piece> ways(Piece piece) {
        return stock.grain() || piece.along == piece.across ? List.of(piece) : List.of(piece, piece.other());
    }

    private static List<Piece> sorted(List<Piece> pieces, Comparator<Piece> order) {
        List<Piece> sorted = new ArrayList<>(pieces);
        sorted.sort(order);
        return sorted;
    }

    private List<Filled> fill(List<Piece> pieces, Rule rule) {
        List<Piece> left = new ArrayList<>(pieces);
        List<Filled> sheets = new ArrayList<>();
        while (!left.isEmpty()) {
            Filled sheet = stock.freely() ? new FreeFilling(left).fill() : guillotine(left, rule);
            Filled rows = rows(left);
            if (rows.area() > sheet.area() + EPSILON) {
                sheet = rows;
            }
            if (left.size() <= MOST_SEARCHED && sheet.placed().size() < left.size()) {
                Filled searched = new Search(left).best();
                if (searched.area() > sheet.area() + EPSILON) {
                    sheet = searched;
                }
            }
            for (At at : sheet.placed()) {
                remove(left, at.piece());
            }
            sheets.add(sheet);
        }
        return sheets;
    }

    private static void remove(List<Piece> left, Piece piece) {
        for (int i = 0; i < left.size(); i++) {
            if (left.get(i).like(piece) || left.get(i).like(piece.other())) {
                left.remove(i);
                return;
            }
        }
    }

    /** Where all pieces left are equal and lie one way: plain rows, which no greedy rule beats. */
    private Filled rows(List<Piece> left) {
        Piece first = left.get(0);
        Filled best = new Filled(List.of(), List.of());
        for (Piece way : ways(first)) {
            if (!fits(way)) {
                continue;
            }
            int along = (int) Math.floor((stock.usableLengthMm() + EPSILON) / way.along);
            int across = (int) Math.floor((stock.usableWidthMm() + EPSILON) / way.across);
            long equal = left.stream().filter(piece -> piece.like(first)).count();
            List<At> placed = new ArrayList<>();
            List<SheetPlan.Cut> cuts = new ArrayList<>();
            for (int j = 0; j < across && placed.size() < equal; j++) {
                cut(cuts, false, (j + 1) * way.across, 0, stock.usableLengthMm());
                for (int i = 0; i < along && placed.size() < equal; i++) {
                    placed.add(new At(way, i * way.along, j * way.across));
                    cut(cuts, true, (i + 1) * way.along, j * way.across, (j + 1) * way.across);
                }
            }
            Filled filled = new Filled(placed, cuts);
            if (filled.area() > best.area()) {
                best = filled;
            }
        }
        return best;
    }

    /** Notes a cut unless it falls on the edge of the sheet. */
    private void cut(List<SheetPlan.Cut> cuts, boolean across, double at, double from, double to) {
        double edge = across ? stock.usableLengthMm() : stock.usableWidthMm();
        if (at < edge - EPSILON) {
            cuts.add(new SheetPlan.Cut(
                    across,
                    at - stock.kerfMm() + stock.trimMm(),
                    from + stock.trimMm(),
                    Math.min(to, across ? stock.usableWidthMm() : stock.usableLengthMm())
                            - stock.kerfMm()
                            + stock.trimMm()));
        }
    }

    /** A piece in the corner of a box. */
    private record Fit(Box box, Piece way) {
        At at() {
            return new At(way, box.x, box.y);
        }
    }

    /** The box and the way round that leave the least beside the piece; null where it fits into none. */
    private Fit bestFit(List<Box> boxes, Piece piece) {
        Fit best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Box box : boxes) {
            for (Piece way : ways(piece)) {
                double beside = Math.min(box.along - way.along, box.across - way.across);
                if (box.holds(way) && beside < least - EPSILON) {
                    least = beside;
                    best = new Fit(box, way);
                }
            }
        }
        return best;
    }

    private Filled guillotine(List<Piece> pieces, Rule rule) {
        List<Box> boxes = new ArrayList<>(List.of(whole()));
        List<At> placed = new ArrayList<>();
        List<SheetPlan.Cut> cuts = new ArrayList<>();
        for (Piece piece : pieces) {
            Fit fit = bestFit(boxes, piece);
            if (fit != null) {
                placed.add(fit.at());
                boxes.remove(fit.box());
                boxes.addAll(split(fit.box(), fit.way(), rule.across(fit.box(), fit.way()), cuts));
            }
        }
        return new Filled(placed, cuts);
    }

    /** What is left of a box, and the two cuts that free the piece. */
    private List<Box> split(Box box, Piece piece, boolean across, List<SheetPlan.Cut> cuts) {
        double right = box.along - piece.along;
        double behind = box.across - piece.across;
        List<Box> rest = new ArrayList<>();
        if (across) {
            add(rest, new Box(box.x + piece.along, box.y, right, box.across));
            add(rest, new Box(box.x, box.y + piece.across, piece.along, behind));
            cut(cuts, true, box.x + piece.along, box.y, box.y + box.across);
            cut(cuts, false, box.y + piece.across, box.x, box.x + piece.along);
        } else {
            add(rest, new Box(box.x, box.y + piece.across, box.along, behind));
            add(rest, new Box(box.x + piece.along, box.y, right, piece.across));
            cut(cuts, false, box.y + piece.across, box.x, box.x + box.along);
            cut(cuts, true, box.x + piece.along, box.y, box.y + piece.across);
        }
        return rest;
    }

    private static void add(List<Box> boxes, Box box) {
        if (box.along > EPSILON && box.across > EPSILON) {
            boxes.add(box);
        }
    }

    /** Pieces anywhere: boxes that overlap, each as large as it can be. */
    private final class FreeFilling {
        private final List<Piece> pieces;
        private List<Box> boxes = new ArrayList<>(List.of(whole()));

        FreeFilling(List<Piece> pieces) {
            this.pieces = pieces;
        }

        Filled fill() {
            List<At> placed = new ArrayList<>();
            for (Piece piece : pieces) {
                Fit fit = bestFit(boxes, piece);
                if (fit != null) {
                    placed.add(fit.at());
                    boxes = cutOut(new Box(fit.box().x, fit.box().y, fit.way().along, fit.way().across));
                }
            }
            return new Filled(placed, List.of());
        }

        private List<Box> cutOut(Box taken) {
            List<Box> next = new ArrayList<>();
            for (Box box : boxes) {
                if (taken.x >= box.x + box.along - EPSILON
                        || taken.x + taken.along <= box.x + EPSILON
                        || taken.y >= box.y + box.across - EPSILON
                        || taken.y + taken.across <= box.y + EPSILON) {
                    next.add(box);
                    continue;
                }
                add(next, new Box(box.x, box.y, taken.x - box.x, box.across));
                add(next, new Box(box.x, box.y, box.along, taken.y - box.y));
                double right = taken.x + taken.along;
                add(next, new Box(right, box.y, box.x + box.along - right, box.across));
                double behind = taken.y + taken.across;
                add(next, new Box(box.x, behind, box.along, box.y + box.across - behind));
            }
            List<Box> kept = new ArrayList<>();
            for (int i = 0; i < next.size(); i++) {
                Box box = next.get(i);
                boolean within = false;
                for (int j = 0; j < next.size() && !within; j++) {
                    within = i != j && lies(box, next.get(j)) && (j < i || !lies(next.get(j), box));
                }
                if (!within) {
                    kept.add(box);
                }
            }
            return kept;
        }

        private static boolean lies(Box inner, Box outer) {
            return inner.x >= outer.x - EPSILON
                    && inner.y >= outer.y - EPSILON
                    && inner.x + inner.along <= outer.x + outer.along + EPSILON
                    && inner.y + inner.across <= outer.y + outer.across + EPSILON;
        }
    }

    /** All ways to fill one sheet by cuts from edge to edge, the most area first, until the steps are used up. */
    private final class Search {
        private final List<Piece> pieces;
        private final boolean[] used;
        private final List<At> placed = new ArrayList<>();
        private List<At> bestPlaced = List.of();
        private List<SheetPlan.Cut> bestCuts = List.of();
        private double bestArea;
        private final double all;
        private int steps;

        Search(List<Piece> pieces) {
            this.pieces = pieces;
            this.used = new boolean[pieces.size()];
            this.all = pieces.stream().mapToDouble(Piece::area).sum();
        }

        Filled best() {
            List<Box> open = new ArrayList<>(List.of(whole()));
            go(open, whole().area(), 0, new ArrayList<>());
            return new Filled(bestPlaced, bestCuts);
        }

        private void go(List<Box> open, double room, double area, List<SheetPlan.Cut> cuts) {
            if (area > bestArea + EPSILON) {
                bestArea = area;
                bestPlaced = List.copyOf(placed);
                bestCuts = List.copyOf(cuts);
            }
            if (open.isEmpty()
                    || ++steps > MOST_STEPS
                    || Math.min(area + room, all) <= bestArea + EPSILON
                    || bestArea >= all - EPSILON) {
                return;
            }
            Box box = open.remove(open.size() - 1);
            for (int i = 0; i < pieces.size(); i++) {
                if (used[i] || seenBefore(i)) {
                    continue;
                }
                for (Piece way : ways(pieces.get(i))) {
                    if (!box.holds(way)) {
                        continue;
                    }
                    used[i] = true;
                    placed.add(new At(way, box.x, box.y));
                    for (boolean across : new boolean[] {true, false}) {
                        List<SheetPlan.Cut> made = new ArrayList<>(cuts);
                        List<Box> next = new ArrayList<>(open);
                        next.addAll(split(box, way, across, made));
                        go(next, room - way.area(), area + way.area(), made);
                    }
                    placed.remove(placed.size() - 1);
                    used[i] = false;
                }
            }
            go(new ArrayList<>(open), room - box.area(), area, cuts);
        }

        private boolean seenBefore(int i) {
            for (int j = 0; j < i; j++) {
                if (!used[j] && pieces.get(j).like(pieces.get(i))) {
                    return true;
                }
            }
            return false;
        }
    }

    /** Fewer sheets, or as many with less on the last: what is left of it is of use. */
    private static boolean better(List<Filled> one, List<Filled> other) {
        if (one.size() != other.size()) {
            return one.size() < other.size();
        }
        return !one.isEmpty()
                && one.get(one.size() - 1).area() < other.get(other.size() - 1).area() - EPSILON;
    }

    private SheetPlan.Sheet sheet(Filled filled) {
        double trim = stock.trimMm();
        return new SheetPlan.Sheet(
                filled.placed().stream()
                        .map(at -> new SheetPlan.Placed(
                                at.piece().name(),
                                at.x() + trim,
                                at.y() + trim,
                                at.piece().along() - stock.kerfMm(),
                                at.piece().across() - stock.kerfMm(),
                                at.piece().turned()))
                        .toList(),
                filled.cuts());
    }
}
