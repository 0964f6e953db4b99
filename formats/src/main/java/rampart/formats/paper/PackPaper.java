package rampart.formats.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.pack.PackFile;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;
import rampart.formats.view.CheckView;
import rampart.formats.view.CutListView;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;

/** The page a packer and a supplier work from. */
public final class PackPaper {
    private static final List<Column> NUMBERED = List.of(new Column("", 7, false), new Column("", 170, false));
    private static final double ROOM_WIDTH_MM = 88;
    private static final double ROOM_HEIGHT_MM = 78;
    /** Scales a ruler has. */
    private static final double[] RATIOS = {1, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 100, 200};

    private final PackFile file;
    private final Pack pack;
    private final Catalogue catalogue;
    private final Layout layout;
    private final Wording wording;
    private final EvaluationView evaluation;
    private final CutListView cutList;
    private final List<Block> blocks = new ArrayList<>();

    private PackPaper(PaperSource source) {
        this.file = source.file();
        this.pack = file.pack();
        this.catalogue = source.catalogue();
        this.layout = source.layout();
        this.wording = source.wording();
        this.evaluation = source.report().evaluation();
        this.cutList = source.report().cutList();
    }

    /** What stands on the page. */
    static PaperDocument document(PaperSource source) {
        PackPaper paper = new PackPaper(source);
        paper.blocks.add(new Block.Title(paper.file.name(), source.standing()));
        source.reason().ifPresent(reason -> paper.blocks.add(Block.Text.of(Weight.STRONG, reason)));
        paper.head();
        source.picture().ifPresent(paper.blocks::add);
        paper.sections();
        paper.layers();
        paper.boxes();
        paper.blocks.addAll(BoardPaper.blocks(paper.pack, paper.layout, paper.catalogue, paper.wording));
        paper.pieces();
        paper.fills();
        paper.insert();
        paper.foot();
        return new PaperDocument(paper.file.name(), paper.blocks);
    }

    /** The item in a sentence, and the verdict. */
    static List<Block> itemAndVerdict(PaperSource source) {
        PackPaper paper = new PackPaper(source);
        paper.head();
        return paper.blocks;
    }

    /** What is cut: foam with the places of pads, board, what is filled in. */
    static List<Block> cutting(PaperSource source) {
        PackPaper paper = new PackPaper(source);
        paper.pieces();
        paper.fills();
        paper.boxes();
        paper.blocks.addAll(BoardPaper.blocks(paper.pack, paper.layout, paper.catalogue, paper.wording));
        return paper.blocks;
    }

    /** A layer in words. */
    static String layer(PaperSource source, int index) {
        return new PackPaper(source).layer(index);
    }

    private void head() {
        blocks.add(Block.Text.of(Weight.PLAIN, item()));
        blocks.add(new Block.Text(Weight.STRONG, verdict(), Optional.of(evaluation.verdict())));
    }

    private void foot() {
        blocks.add(Block.Text.of(
                Weight.STRONG,
                "Outside " + wording.size(size(evaluation.outsideMm()), 1) + ", " + mass(evaluation.grossMassKg())
                        + " packed, without tape and labels."));
        blocks.add(Block.Text.of(
                Weight.SMALL,
                "Rests on nominal foam constants, good to about 20 %, and on tables quoted from memory; rules' edition "
                        + evaluation.rules()
                        + (evaluation.workedInTime() ? "; the falls were worked in time" : "")
                        + ". A prediction for planning: prove what is valuable or can hurt "
                        + "someone in a laboratory. Carriers' rules and local law come first."));
    }

    private String item() {
        var item = pack.item();
        String bears = item.fragility().criticalAccelerationG().isPresent()
                ? ", bears "
                        + Math.round(item.fragility().criticalAccelerationG().getAsDouble()) + " G"
                : "";
        return item.name() + ": " + wording.size(item.size(), 1) + ", " + mass(item.massKg()) + bears + ". Falls "
                + wording.amount(Quantity.mm(evaluation.dropHeightMm())) + ".";
    }

    private String mass(double kg) {
        return wording.amount(new Quantity(kg, Unit.KG, 2)).toString();
    }

    private String verdict() {
        String verdict = evaluation.verdict().status().word();
        String word = verdict.substring(0, 1).toUpperCase(Locale.ROOT) + verdict.substring(1);
        Optional<CheckView> weakest = evaluation.checks().stream()
                .filter(c -> c.id().equals(evaluation.weakest()))
                .findFirst();
        if (weakest.isEmpty()) {
            return word + ".";
        }
        String title = weakest.get().titleInside();
        Double margin = weakest.get().margin();
        if (evaluation.verdict() == StatusView.holds && margin != null) {
            return word + ", weakest: " + title + ", with " + Math.round(margin * 100) + " % to spare.";
        }
        return word + ". Weakest: " + title + ". " + weakest.get().because();
    }

    private static Size size(SizeView size) {
        return new Size(size.length(), size.width(), size.height());
    }

    /** Both views to one scale, so that they can be compared. */
    private void sections() {
        List<EvaluationView.SolidView> solids = evaluation.solids();
        SectionDrawing front = new SectionDrawing(solids, pack.layers(), catalogue, Axis.X, Axis.Z);
        SectionDrawing side = new SectionDrawing(solids, pack.layers(), catalogue, Axis.Y, Axis.Z);
        double ratio =
                ratio(Math.max(front.widthMm(), side.widthMm()), front.heightMm(), ROOM_WIDTH_MM, ROOM_HEIGHT_MM);
        blocks.add(drawings(
                List.of(front.drawing("front", "From the front", ratio), side.drawing("side", "From the side", ratio)),
                ratio,
                wording));
    }

    /** The least of the scales a ruler has at which this goes into its room. */
    static double ratio(double widthMm, double heightMm, double roomWidthMm, double roomHeightMm) {
        for (double candidate : RATIOS) {
            if (widthMm / candidate <= roomWidthMm && heightMm / candidate <= roomHeightMm) {
                return candidate;
            }
        }
        return RATIOS[RATIOS.length - 1];
    }

    /** Side by side, with the bar that shows their scale. */
    static Block.Drawings drawings(List<Drawing> drawings, double ratio, Wording wording) {
        boolean inches = wording.lengths() == Wording.Lengths.in;
        String ratioWords = ratio == Math.rint(ratio) ? String.valueOf((long) ratio) : String.valueOf(ratio);
        return new Block.Drawings(
                drawings,
                ratio,
                inches ? 2 * Units.MM_PER_IN : 50,
                "1 : " + ratioWords + " printed at full size; this bar is " + (inches ? "2 in" : "50 mm")
                        + " long then.");
    }

    private void layers() {
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < pack.layers().size(); i++) {
            rows.add(List.of(String.valueOf(i + 1), layer(i)));
        }
        blocks.add(new Block.Table("From the item outward", NUMBERED, rows, true));
    }

    private String layer(int index) {
        Layer layer = pack.layers().get(index);
        return layer.match(
                wrap -> catalogue.wrap(wrap.material()).name() + ", wrapped round",
                cushion -> catalogue.foam(cushion.material()).name()
                        + cushion.form()
                                .match(
                                        full -> ", all round",
                                        pads -> ", pads",
                                        corners -> ", corner blocks",
                                        bed -> ", a bed"),
                box -> (index == pack.layers().size() - 1 ? "Outer carton, " : "Inner box, ")
                        + catalogue.board(box.material()).name(),
                boards -> "Rigid boards on two faces, "
                        + catalogue.board(boards.material()).name());
    }

    private void boxes() {
        List<List<String>> rows = new ArrayList<>();
        for (CutListView.CutBox box : cutList.boxes()) {
            rows.add(List.of(
                    String.valueOf(box.layer() + 1),
                    wording.sizeToCut(size(box.insideMm())) + " inside, " + box.board()
                            + (box.stock() ? ", from stock" : "") + "; outside "
                            + wording.size(size(box.outsideMm()), 1)));
        }
        blocks.add(new Block.Table("Boxes to make or buy, by inside size", NUMBERED, rows, true));
    }

    private void pieces() {
        if (cutList.pieces().isEmpty()) {
            return;
        }
        String unit = wording.lengths().name();
        List<List<String>> rows = new ArrayList<>();
        for (CutListView.CutPiece piece : cutList.pieces()) {
            rows.add(List.of(
                    String.valueOf(piece.layer() + 1),
                    String.valueOf(piece.count()),
                    cut(piece.lengthMm()) + " × " + cut(piece.widthMm()),
                    cut(piece.thicknessMm()),
                    catalogue.foam(pack.layers().get(piece.layer()).material()).name(),
                    piece.placesSaid().isEmpty() ? faces(piece.faces()) : String.join("; ", piece.placesSaid())));
        }
        blocks.add(new Block.Table(
                "Pieces to cut, to the nearest " + (wording.lengths() == Wording.Lengths.in ? "1/32 in" : "0.1 mm")
                        + "; no allowance for the saw is in them",
                List.of(
                        new Column("layer", 11, false),
                        new Column("pieces", 13, true),
                        new Column("size, " + unit, 34, true),
                        new Column("thick, " + unit, 20, true),
                        new Column("of", 38, false),
                        new Column("for", 68, false)),
                rows,
                false));
    }

    private String cut(double mm) {
        return wording.amount(Quantity.cut(mm)).number();
    }

    private void fills() {
        if (cutList.fills().isEmpty()) {
            return;
        }
        List<List<String>> rows = new ArrayList<>();
        for (CutListView.CutFill fill : cutList.fills()) {
            rows.add(List.of(
                    String.valueOf(fill.layer() + 1),
                    fill.material(),
                    wording.amount(new Quantity(fill.litres(), Unit.LITRE, fill.litres() < 10 ? 1 : 0))
                            .toString()));
        }
        blocks.add(new Block.Table(
                "To fill in, not cut",
                List.of(new Column("layer", 11, false), new Column("of", 60, false), new Column("about", 60, false)),
                rows,
                false));
    }

    private void insert() {
        layout.bed().ifPresent(bed -> blocks.addAll(InsertPaper.blocks(bed, wording)));
    }

    private static String faces(List<String> faces) {
        return faces.size() == Face.ALL.size() ? "all six faces" : String.join(", ", faces);
    }
}
