package rampart.core.blank;

import java.util.ArrayList;
import java.util.List;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Pieces;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Size;
import rampart.core.words.FittingWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;

/**
 * One level of a set of pieces seen from above, with the strips between them, and what is left of play.
 *
 * @param size of all of it, mm
 * @param places of wrapped pieces, numbered from the left front
 * @param strips between them, lettered as {@link Divider} does
 * @param playMm of a piece along length, width and height
 * @param settlesMm how much of it comes when what is wrapped round a piece has settled
 */
public record SetPlan(Size size, List<Place> places, List<Strip> strips, Size playMm, double settlesMm) {
    /** Share of its thickness that a wrap settles (assumed: as bubble does). */
    private static final double SETTLES = 0.05;

    /** Play under this is nothing to fill, mm (assumed). */
    private static final double FILLS_FROM_MM = 3;

    /**
     * Where a piece stands.
     *
     * @param middle of the piece
     * @param narrowUp true where its narrow end is up
     */
    public record Place(int number, PlanPoint middle, double lengthMm, double widthMm, boolean narrowUp) {}

    /** The middle line of a strip of board. */
    public record Strip(String label, PlanPoint from, PlanPoint to) {}

    /**
     * Of such a set.
     *
     * @param size of all the pieces together, mm
     * @param caliperMm of the board between them; 0 where there is none
     */
    public static SetPlan of(Pieces pieces, Size size, double caliperMm) {
        boolean divided = pieces.dividerBoard().isPresent();
        List<Place> places = new ArrayList<>();
        List<Strip> strips = new ArrayList<>();
        switch (pieces.arrangement()) {
            case GRID -> {
                grid(pieces, size, divided ? caliperMm : 0, places);
                if (divided) {
                    across(pieces, size, caliperMm, strips);
                    along(pieces, size, caliperMm, strips);
                }
            }
            case DIAGONAL -> {
                cross(pieces, size, divided ? caliperMm : 0, places);
                if (divided) {
                    strips.add(new Strip("A1", new PlanPoint(0, 0), new PlanPoint(size.lengthMm(), size.widthMm())));
                    strips.add(new Strip("B1", new PlanPoint(0, size.widthMm()), new PlanPoint(size.lengthMm(), 0)));
                }
            }
            case ALTERNATE -> {
                rows(pieces, size, divided ? caliperMm : 0, places);
                if (divided) {
                    along(pieces, size, caliperMm, strips);
                }
            }
        }
        Size play = new Size(
                pieces.playMm(size, caliperMm, Axis.X),
                pieces.playMm(size, caliperMm, Axis.Y),
                pieces.playMm(size, caliperMm, Axis.Z));
        return new SetPlan(
                size, places.stream().limit(pieces.quantity()).toList(), strips, play, SETTLES * 2 * pieces.wrapMm());
    }

    /** What play there is, and what fills it. */
    public List<Sentence> said() {
        List<Sentence> said = new ArrayList<>();
        said.add(FittingWords.PIECE_PLAY.of(
                Quantity.mm(playMm.lengthMm()), Quantity.mm(playMm.widthMm()), Quantity.mm(playMm.heightMm())));
        if (settlesMm > 0) {
            said.add(FittingWords.PIECE_SETTLES.of(Quantity.mm(settlesMm)));
        }
        double most = Math.max(playMm.lengthMm(), playMm.widthMm());
        if (most >= FILLS_FROM_MM) {
            said.add(FittingWords.PLAY_ROUND.of(
                    Quantity.mm(playMm.lengthMm() / 2),
                    Quantity.mm(playMm.widthMm() / 2),
                    Quantity.mm(size.heightMm())));
        }
        if (playMm.heightMm() >= FILLS_FROM_MM) {
            said.add(FittingWords.PLAY_ABOVE.of(Quantity.mm(playMm.heightMm())));
        }
        return said;
    }

    private static void grid(Pieces pieces, Size size, double c, List<Place> places) {
        Size one = pieces.wrapped();
        List<Double> columns = pieces.cellsMm(size.lengthMm(), c, Axis.X);
        List<Double> rows = pieces.cellsMm(size.widthMm(), c, Axis.Y);
        double y = 0;
        for (double row : rows) {
            double x = 0;
            for (double column : columns) {
                PlanPoint middle = new PlanPoint(x + column / 2, y + row / 2);
                // In a cell that is narrower than the piece stands something else, as large as the cell.
                places.add(new Place(
                        places.size() + 1,
                        middle,
                        Math.min(one.lengthMm(), column),
                        Math.min(one.widthMm(), row),
                        false));
                x += column + c;
            }
            y += row + c;
        }
    }

    /** Each as far out in its quarter as the strips and the walls leave it: the circle in a triangle of 90 degrees. */
    private static void cross(Pieces pieces, Size size, double c, List<Place> places) {
        double one = pieces.wrapped().lengthMm();
        double middleX = size.lengthMm() / 2;
        double middleY = size.widthMm() / 2;
        double out = (one / 2 + c / 2) * Math.sqrt(2);
        double[][] to = {{0, -1}, {1, 0}, {0, 1}, {-1, 0}};
        for (double[] way : to) {
            PlanPoint middle = new PlanPoint(middleX + way[0] * out, middleY + way[1] * out);
            places.add(new Place(places.size() + 1, middle, one, one, false));
        }
    }

    private static void rows(Pieces pieces, Size size, double c, List<Place> places) {
        Size one = pieces.wrapped();
        double y = pieces.cellsMm(size.widthMm(), c, Axis.Y).get(0);
        double from = (size.lengthMm() - one.lengthMm() - (pieces.columns() - 1) * pieces.pitchMm()) / 2;
        for (int row = 0; row < pieces.rows(); row++) {
            for (int column = 0; column < pieces.columns(); column++) {
                PlanPoint middle =
                        new PlanPoint(from + one.lengthMm() / 2 + column * pieces.pitchMm(), row * (y + c) + y / 2);
                places.add(new Place(places.size() + 1, middle, one.lengthMm(), one.widthMm(), column % 2 == 0));
            }
        }
    }

    private static void across(Pieces pieces, Size size, double c, List<Strip> strips) {
        for (double x : Divider.middlesMm(pieces.cellsMm(size.lengthMm(), c, Axis.X), c)) {
            strips.add(new Strip("A" + (strips.size() + 1), new PlanPoint(x, 0), new PlanPoint(x, size.widthMm())));
        }
    }

    private static void along(Pieces pieces, Size size, double c, List<Strip> strips) {
        int before = strips.size();
        for (double y : Divider.middlesMm(pieces.cellsMm(size.widthMm(), c, Axis.Y), c)) {
            String label = "B" + (strips.size() - before + 1);
            strips.add(new Strip(label, new PlanPoint(0, y), new PlanPoint(size.lengthMm(), y)));
        }
    }
}
