package rampart.formats.paper;

import static rampart.formats.paper.Sheet.MARGIN_MM;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import rampart.core.box.RegularSlotted;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Check;
import rampart.core.pack.CutList;
import rampart.core.pack.Evaluation;
import rampart.core.pack.Evaluator;
import rampart.core.pack.Pack;
import rampart.core.pack.Status;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.formats.PackFile;

/** The page a packer and a supplier work from. */
public final class PackPaper {
    private static final double TITLE = 15;
    private static final double BODY = 9.5;
    private static final double SMALL = 8;
    private static final double ROOM_WIDTH_MM = 88;
    private static final double ROOM_HEIGHT_MM = 78;
    private static final double BAR_MM = 50;
    /** Scales a ruler has. */
    private static final double[] RATIOS = {1, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30, 40, 50, 100, 200};

    private final PackFile file;
    private final Pack pack;
    private final Catalogue catalogue;
    private final PaperUnits units;
    private final Evaluation evaluation;
    private final Sheet sheet;

    private PackPaper(PackFile file, Catalogue catalogue, PaperUnits units, Sheet sheet) {
        this.file = file;
        this.pack = file.pack();
        this.catalogue = file.catalogue(catalogue);
        this.units = units;
        this.evaluation = Evaluator.evaluate(pack, this.catalogue);
        this.sheet = sheet;
    }

    /**
     * Writes the page.
     *
     * @param standing what state of the pack it shows, in words
     * @return a PDF file
     */
    public static byte[] write(PackFile file, Catalogue catalogue, String standing, PaperUnits units, Paper paper) {
        try (Sheet sheet = new Sheet(paper, file.name())) {
            new PackPaper(file, catalogue, units, sheet).write(standing);
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
        sheet.down(2);
        sheet.paragraph(
                BODY,
                true,
                "Outside " + units.size(evaluation.layout().outside()) + ", "
                        + units.mass(evaluation.layout().grossMassKg()) + " packed, without tape and labels.");
        sheet.paragraph(
                SMALL,
                false,
                "Rests on nominal foam constants, good to about 20 %, and on tables quoted from memory; rules' edition "
                        + Evaluation.RULES_EDITION + ". A prediction for planning: prove what is valuable or can hurt "
                        + "someone in a laboratory. Carriers' rules and local law come first.");
    }

    private String item() {
        var item = pack.item();
        String bears = item.fragility().criticalAccelerationG().isPresent()
                ? ", bears "
                        + Math.round(item.fragility().criticalAccelerationG().getAsDouble()) + " G"
                : "";
        return item.name() + ": " + units.size(item.size()) + ", " + units.mass(item.massKg()) + bears + ". Falls "
                + units.length(evaluation.dropHeightMm()) + ".";
    }

    private String verdict() {
        String verdict = evaluation.verdict().word();
        String word = verdict.substring(0, 1).toUpperCase(Locale.ROOT) + verdict.substring(1);
        Optional<Check> weakest = evaluation.weakest();
        if (weakest.isEmpty()) {
            return word + ".";
        }
        String title = weakest.get().title().replaceFirst("^Falls", "falls");
        if (evaluation.verdict() == Status.HOLDS) {
            return word + ", weakest: " + title + ", with "
                    + Math.round(weakest.get().margin().orElse(0) * 100) + " % to spare.";
        }
        return word + ". Weakest: " + title + ". "
                + units.sentence(weakest.get().because());
    }

    /** Both views to one scale, so that they can be compared. */
    private void sections() throws IOException {
        var solids = evaluation.layout().solids();
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
        sheet.line(MARGIN_MM, sheet.y() + 1.5, MARGIN_MM + BAR_MM, sheet.y() + 1.5, 0.8);
        String ratioWords = ratio == Math.rint(ratio) ? String.valueOf((long) ratio) : String.valueOf(ratio);
        sheet.text(
                MARGIN_MM + BAR_MM + 3,
                sheet.y() - 0.5,
                SMALL,
                false,
                "1 : " + ratioWords + " printed at full size; this bar is 50 mm long then.");
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
        if (layer instanceof Layer.Box) {
            return (index == pack.layers().size() - 1 ? "Outer carton, " : "Inner box, ")
                    + catalogue.board(layer.material()).name();
        }
        if (layer instanceof Layer.Wrap) {
            return catalogue.wrap(layer.material()).name() + ", wrapped round";
        }
        CushionForm form = ((Layer.Cushion) layer).form();
        return catalogue.foam(layer.material()).name()
                + (form instanceof CushionForm.Full
                        ? ", all round"
                        : form instanceof CushionForm.Pads ? ", pads" : ", corner blocks");
    }

    private void boxes() throws IOException {
        PaperTable table = new PaperTable("Boxes to make or buy, by inside size", List.of("", ""), List.of(7.0, 170.0));
        for (CutList.Box box : CutList.of(evaluation.layout()).boxes()) {
            RegularSlotted carton = box.carton();
            table.row(
                    String.valueOf(box.layer() + 1),
                    units.size(carton.inside()) + " inside, "
                            + carton.board().name() + (box.stock() ? ", from stock" : "") + "; outside "
                            + units.size(carton.outside()));
        }
        table.write(sheet);
    }

    private void pieces() throws IOException {
        PaperTable table = new PaperTable(
                "Pieces to cut; no allowance for the saw is in them",
                List.of("layer", "pieces", "size, " + units.name(), "thick, " + units.name(), "of", "for"),
                List.of(11.0, 13.0, 34.0, 20.0, 38.0, 68.0));
        for (CutList.Piece piece : CutList.of(evaluation.layout()).pieces()) {
            table.row(
                    String.valueOf(piece.layer() + 1),
                    String.valueOf(piece.count()),
                    units.number(piece.lengthMm()) + " × " + units.number(piece.widthMm()),
                    units.number(piece.thicknessMm()),
                    catalogue.foam(pack.layers().get(piece.layer()).material()).name(),
                    faces(piece.faces()));
        }
        table.write(sheet);
    }

    private static String faces(List<Face> faces) {
        if (faces.size() == Face.ALL.size()) {
            return "all six faces";
        }
        List<String> words = new ArrayList<>();
        faces.forEach(face -> words.add(face.word()));
        return String.join(", ", words);
    }
}
