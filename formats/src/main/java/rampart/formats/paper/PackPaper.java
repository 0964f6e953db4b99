package rampart.formats.paper;

import static rampart.formats.paper.Sheet.MARGIN_MM;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.PackFile;
import rampart.formats.view.CheckView;
import rampart.formats.view.CutListView;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.ReportView;
import rampart.formats.view.SizeView;
import rampart.formats.view.StatusView;

/** The page a packer and a supplier work from. */
public final class PackPaper {
    private static final double TITLE = 15;
    private static final double BODY = 9.5;
    private static final double SMALL = 8;
    private static final double ROOM_WIDTH_MM = 88;
    private static final double ROOM_HEIGHT_MM = 78;
    /** Scales a ruler has. */
    private static final double[] RATIOS = {1, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 100, 200};

    private final PackFile file;
    private final Pack pack;
    private final Catalogue catalogue;
    private final Wording wording;
    private final EvaluationView evaluation;
    private final CutListView cutList;
    private final Sheet sheet;

    private PackPaper(PackFile file, Catalogue catalogue, ReportView report, Wording wording, Sheet sheet) {
        this.file = file;
        this.pack = file.pack();
        this.catalogue = file.catalogue(catalogue);
        this.wording = wording;
        this.evaluation = report.evaluation();
        this.cutList = report.cutList();
        this.sheet = sheet;
    }

    /**
     * Writes the page.
     *
     * @param catalogue materials that the file does not bring
     * @param report on the pack, in the same wording
     * @param standing what state of the pack it shows, in words
     * @return a PDF file
     */
    public static byte[] write(
            PackFile file, Catalogue catalogue, ReportView report, String standing, Wording wording, Paper paper) {
        try (Sheet sheet = new Sheet(paper, file.name())) {
            new PackPaper(file, catalogue, report, wording, sheet).write(standing);
            return sheet.bytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(String standing) throws IOException {
        sheet.paragraph(TITLE, true, file.name());
        sheet.paragraph(SMALL, false, standing);
        sheet.down(1);
        sheet.line(MARGIN_MM, sheet.y(), MARGIN_MM + sheet.widthMm(), sheet.y(), 0.5);
        sheet.down(2);
        sheet.paragraph(BODY, false, item());
        sheet.paragraph(BODY, true, verdict());
        sections();
        layers();
        boxes();
        pieces();
        fills();
        sheet.down(2);
        sheet.paragraph(
                BODY,
                true,
                "Outside " + wording.size(size(evaluation.outsideMm()), 1) + ", " + mass(evaluation.grossMassKg())
                        + " packed, without tape and labels.");
        sheet.paragraph(
                SMALL,
                false,
                "Rests on nominal foam constants, good to about 20 %, and on tables quoted from memory; rules' edition "
                        + evaluation.rules()
                        + (evaluation.workedInTime() ? "; the falls were worked in time" : "")
                        + ". A prediction for planning: prove what is valuable or can hurt "
                        + "someone in a laboratory. Carriers' rules and local law come first.");
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
    private void sections() throws IOException {
        List<EvaluationView.SolidView> solids = evaluation.solids();
        SectionDrawing front = new SectionDrawing(solids, pack.layers(), catalogue, Axis.X);
        SectionDrawing side = new SectionDrawing(solids, pack.layers(), catalogue, Axis.Y);
        double ratio = RATIOS[RATIOS.length - 1];
        for (double candidate : RATIOS) {
            if (Math.max(front.widthMm(), side.widthMm()) / candidate <= ROOM_WIDTH_MM
                    && front.heightMm() / candidate <= ROOM_HEIGHT_MM) {
                ratio = candidate;
                break;
            }
        }
        double height = front.heightMm() / ratio;
        sheet.down(3);
        sheet.need(height + 14);
        double second = MARGIN_MM + sheet.widthMm() / 2 + 2;
        front.draw(sheet, MARGIN_MM, sheet.y(), ratio);
        side.draw(sheet, second, sheet.y(), ratio);
        sheet.down(height + 1);
        sheet.text(MARGIN_MM, sheet.y(), SMALL, false, "From the front");
        sheet.text(second, sheet.y(), SMALL, false, "From the side");
        sheet.down(Sheet.lineMm(SMALL) + 1.5);
        boolean inches = wording.lengths() == Wording.Lengths.in;
        double bar = inches ? 2 * Units.MM_PER_IN : 50;
        sheet.line(MARGIN_MM, sheet.y() + 1.5, MARGIN_MM + bar, sheet.y() + 1.5, 0.8);
        String ratioWords = ratio == Math.rint(ratio) ? String.valueOf((long) ratio) : String.valueOf(ratio);
        sheet.text(
                MARGIN_MM + bar + 3,
                sheet.y() - 0.5,
                SMALL,
                false,
                "1 : " + ratioWords + " printed at full size; this bar is " + (inches ? "2 in" : "50 mm")
                        + " long then.");
        sheet.down(Sheet.lineMm(SMALL) + 2);
    }

    private void layers() throws IOException {
        PaperTable table = new PaperTable("From the item outward", List.of("", ""), List.of(7.0, 170.0));
        for (int i = 0; i < pack.layers().size(); i++) {
            table.row(String.valueOf(i + 1), layer(i));
        }
        table.write(sheet);
    }

    private String layer(int index) {
        Layer layer = pack.layers().get(index);
        return layer.match(
                wrap -> catalogue.wrap(wrap.material()).name() + ", wrapped round",
                cushion -> catalogue.foam(cushion.material()).name()
                        + cushion.form().match(full -> ", all round", pads -> ", pads", corners -> ", corner blocks"),
                box -> (index == pack.layers().size() - 1 ? "Outer carton, " : "Inner box, ")
                        + catalogue.board(box.material()).name());
    }

    private void boxes() throws IOException {
        PaperTable table = new PaperTable("Boxes to make or buy, by inside size", List.of("", ""), List.of(7.0, 170.0));
        for (CutListView.CutBox box : cutList.boxes()) {
            table.row(
                    String.valueOf(box.layer() + 1),
                    wording.sizeToCut(size(box.insideMm())) + " inside, " + box.board()
                            + (box.stock() ? ", from stock" : "") + "; outside "
                            + wording.size(size(box.outsideMm()), 1));
        }
        table.write(sheet);
    }

    private void pieces() throws IOException {
        String unit = wording.lengths().name();
        PaperTable table = new PaperTable(
                "Pieces to cut, to the nearest " + (wording.lengths() == Wording.Lengths.in ? "1/32 in" : "0.1 mm")
                        + "; no allowance for the saw is in them",
                List.of("layer", "pieces", "size, " + unit, "thick, " + unit, "of", "for"),
                List.of(11.0, 13.0, 34.0, 20.0, 38.0, 68.0));
        for (CutListView.CutPiece piece : cutList.pieces()) {
            table.row(
                    String.valueOf(piece.layer() + 1),
                    String.valueOf(piece.count()),
                    cut(piece.lengthMm()) + " × " + cut(piece.widthMm()),
                    cut(piece.thicknessMm()),
                    catalogue.foam(pack.layers().get(piece.layer()).material()).name(),
                    piece.placesSaid().isEmpty() ? faces(piece.faces()) : String.join("; ", piece.placesSaid()));
        }
        table.write(sheet);
    }

    private String cut(double mm) {
        return wording.amount(Quantity.cut(mm)).number();
    }

    private void fills() throws IOException {
        PaperTable table =
                new PaperTable("To fill in, not cut", List.of("layer", "of", "about"), List.of(11.0, 60.0, 60.0));
        for (CutListView.CutFill fill : cutList.fills()) {
            table.row(
                    String.valueOf(fill.layer() + 1),
                    fill.material(),
                    wording.amount(new Quantity(fill.litres(), Unit.LITRE, fill.litres() < 10 ? 1 : 0))
                            .toString());
        }
        table.write(sheet);
    }

    private static String faces(List<String> faces) {
        return faces.size() == Face.ALL.size() ? "all six faces" : String.join(", ", faces);
    }
}
