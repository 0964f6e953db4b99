package rampart.formats.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import rampart.core.geometry.PlanPoint;

/**
 * A drawing with its figures round it: above it how far each upright line is from the left edge, at its right how far each level line is
 * from the lower edge; scores where there are any, else edges. What else has to be known stands over them as lines, so that the piece itself stays where it begins, at its
 * lower left.
 *
 * @param strokes lines that lead to the figures, in mm of the piece; all of them outside it
 * @param texts figures and lines of words
 * @param rightMm room that they take at the right of the piece
 * @param aboveMm room that they take above it
 */
public record Drafted(
        CutDrawing piece,
        List<CutDrawing.Stroke> strokes,
        List<CutDrawing.Text> texts,
        double rightMm,
        double aboveMm) {
    /** Name of the layer of all that. */
    public static final String LAYER = "dimension";

    /** Width of a figure, in heights of it. */
    private static final double FIGURE = 0.62;

    /** Words are set a little closer than figures. */
    private static final double LETTER = 0.56;

    /** Letters are read on a screen that shows all of the piece, and on a sheet of it beside the machine. */
    private static final double LETTER_SHARE = 1.0 / 90;

    private static final double LEAST_LETTER_MM = 2.5;
    private static final double MOST_LETTER_MM = 14;

    /** A piece narrower than this has its lines of words longer than itself, in heights. */
    private static final double LEAST_LINE = 70;

    public Drafted {
        strokes = List.copyOf(strokes);
        texts = List.copyOf(texts);
    }

    /** For a file at true size: its title, what it belongs to, its scale, its notes. */
    static Drafted file(CutDrawing piece, List<String> head) {
        List<String> lines = new ArrayList<>();
        lines.add(piece.title());
        lines.addAll(head);
        lines.add("Scale 1:1, lengths in mm; over all " + CutDrawing.figure(piece.widthMm()) + " × "
                + CutDrawing.figure(piece.heightMm()) + ".");
        lines.addAll(piece.notes());
        double letter = Math.min(
                MOST_LETTER_MM, Math.max(LEAST_LETTER_MM, Math.max(piece.widthMm(), piece.heightMm()) * LETTER_SHARE));
        return of(piece, lines, letter, CutDrawing::figure);
    }

    /**
     * Of a drawing.
     *
     * @param lines what stands over them; they are broken where the piece ends
     * @param letterMm height of a figure, mm of the piece
     * @param figure how a length in mm is written
     */
    public static Drafted of(CutDrawing piece, List<String> lines, double letterMm, DoubleFunction<String> figure) {
        Places places = Places.of(piece);
        List<Double> across = places.scored() ? ends(places.scoresAcross(), piece.widthMm()) : places.edgesAcross();
        List<Double> along = places.scored() ? ends(places.scoresAlong(), piece.heightMm()) : places.edgesAlong();
        List<CutDrawing.Stroke> strokes = new ArrayList<>();
        List<CutDrawing.Text> texts = new ArrayList<>();
        double h = letterMm;
        double widest = widest(across, figure) * h;
        List<Double> over = spread(across, widest + 0.6 * h);
        double top = piece.heightMm();
        for (int i = 0; i < over.size(); i++) {
            lead(strokes, new PlanPoint(across.get(i), top + 0.4 * h), new PlanPoint(over.get(i), top + 1.8 * h));
            String words = figure.apply(across.get(i));
            texts.add(new CutDrawing.Text(over.get(i) - words.length() * FIGURE * h / 2, top + 2 * h, h, words));
        }
        List<Double> beside = spread(along, 1.3 * h);
        for (int i = 0; i < beside.size(); i++) {
            lead(
                    strokes,
                    new PlanPoint(piece.widthMm() + 0.4 * h, along.get(i)),
                    new PlanPoint(piece.widthMm() + 1.8 * h, beside.get(i)));
            texts.add(
                    new CutDrawing.Text(piece.widthMm() + 2 * h, beside.get(i) - h / 2, h, figure.apply(along.get(i))));
        }
        double right = (2 + widest(along, figure) + 1) * h;
        if (!over.isEmpty()) {
            right = Math.max(right, over.get(over.size() - 1) + widest / 2 + h - piece.widthMm());
            top += 3.6 * h;
        }
        if (!beside.isEmpty()) {
            top = Math.max(top, beside.get(beside.size() - 1) + h);
        }
        int letters = (int) (Math.max(piece.widthMm() + right, LEAST_LINE * h) / (LETTER * h));
        List<String> broken =
                lines.stream().flatMap(line -> broken(line, letters).stream()).toList();
        for (int i = 0; i < broken.size(); i++) {
            texts.add(new CutDrawing.Text(0, top + (broken.size() - i - 0.8) * 1.5 * h, h, broken.get(i)));
            right = Math.max(right, broken.get(i).length() * LETTER * h - piece.widthMm());
        }
        return new Drafted(piece, strokes, texts, right, top + broken.size() * 1.5 * h - piece.heightMm());
    }

    private static void lead(List<CutDrawing.Stroke> strokes, PlanPoint from, PlanPoint to) {
        strokes.add(new CutDrawing.Stroke(from, to));
    }

    /** With the far edge, which is the size over all. */
    private static List<Double> ends(List<Double> scores, double overAllMm) {
        List<Double> places = new ArrayList<>(scores);
        places.add(overAllMm);
        return places;
    }

    private static double widest(List<Double> places, DoubleFunction<String> figure) {
        return FIGURE
                * places.stream()
                        .mapToInt(place -> figure.apply(place).length())
                        .max()
                        .orElse(0);
    }

    /**
     * As near to their places as they can be with this much between them: means of neighbours that crowd each other (the pool of adjacent
     * violators).
     */
    static List<Double> spread(List<Double> places, double apartMm) {
        List<double[]> pools = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            double[] pool = {places.get(i) - i * apartMm, 1};
            while (!pools.isEmpty() && pools.get(pools.size() - 1)[0] > pool[0]) {
                double[] before = pools.remove(pools.size() - 1);
                double count = before[1] + pool[1];
                pool = new double[] {(before[0] * before[1] + pool[0] * pool[1]) / count, count};
            }
            pools.add(pool);
        }
        List<Double> spread = new ArrayList<>();
        for (double[] pool : pools) {
            for (int k = 0; k < pool[1]; k++) {
                spread.add(pool[0] + spread.size() * apartMm);
            }
        }
        return spread;
    }

    private static List<String> broken(String line, int letters) {
        List<String> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        for (String word : line.split(" ", -1)) {
            if (!part.isEmpty() && part.length() + 1 + word.length() > letters) {
                parts.add(part.toString());
                part = new StringBuilder();
            }
            part.append(part.isEmpty() ? "" : " ").append(word);
        }
        parts.add(part.toString());
        return parts;
    }
}
