package rampart.formats.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import rampart.core.clearance.FittedBox;
import rampart.core.cost.Roll;
import rampart.core.item.Feature;
import rampart.core.item.Pieces;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Face;
import rampart.core.steps.TapeNeeded;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;
import rampart.formats.view.AboutView;
import rampart.formats.view.CheckView;
import rampart.formats.view.CheckView.FigureView;
import rampart.formats.view.EvaluationView.SolidView;
import rampart.formats.view.StatusView;

/** What a supplier makes and a laboratory proves: the pack with every thickness, its verdict, and what that rests on. */
final class SpecificationPaper {
    private static final double ROOM_WIDTH_MM = 56;
    private static final double ROOM_HEIGHT_MM = 62;
    private static final int MOST_ASSUMED = 14;

    private final PaperSource source;
    private final Wording wording;
    private final List<Block> blocks = new ArrayList<>();

    SpecificationPaper(PaperSource source) {
        this.source = source;
        this.wording = source.wording();
    }

    List<Block> blocks() {
        blocks.addAll(PackPaper.itemAndVerdict(source));
        source.picture().ifPresent(blocks::add);
        JourneyWords.of(source.pack().journey(), source.layout().grossMassKg(), wording)
                .forEach(line -> blocks.add(Block.Text.of(Weight.PLAIN, line)));
        sections();
        layers();
        bearing();
        round();
        boxes();
        features();
        checks();
        assumed();
        blocks.add(Papers.smallPrint(source));
        return blocks;
    }

    private void sections() {
        List<SolidView> solids =
                source.layout().solids().stream().map(SolidView::of).toList();
        SectionDrawing front = new SectionDrawing(solids, source.pack().layers(), source.catalogue(), Axis.X, Axis.Z);
        SectionDrawing side = new SectionDrawing(solids, source.pack().layers(), source.catalogue(), Axis.Y, Axis.Z);
        SectionDrawing plan = new SectionDrawing(solids, source.pack().layers(), source.catalogue(), Axis.X, Axis.Y);
        double ratio = PackPaper.ratio(
                Math.max(front.widthMm(), side.widthMm()),
                Math.max(front.heightMm(), plan.heightMm()),
                ROOM_WIDTH_MM,
                ROOM_HEIGHT_MM);
        blocks.add(PackPaper.drawings(
                List.of(
                        front.drawing("front", "Section from the front", ratio),
                        side.drawing("side", "Section from the side", ratio),
                        plan.drawing("plan", "Plan, cut half way up", ratio)),
                ratio,
                wording));
    }

    private void layers() {
        List<List<String>> rows = new ArrayList<>();
        for (LaidCushion cushion : source.layout().cushions()) {
            List<String> row = new ArrayList<>(List.of(
                    String.valueOf(cushion.layer() + 1),
                    PackPaper.layer(source, cushion.layer()),
                    wording.amount(new Quantity(cushion.foam().densityKgM3(), Unit.KG_PER_M3, 0))
                            .number()));
            for (Face face : Face.ALL) {
                row.add(cut(cushion.thicknessMm().on(face)));
            }
            rows.add(row);
        }
        List<Column> columns = new ArrayList<>(List.of(
                new Column("layer", 11, false),
                new Column("cushion", 60, false),
                new Column(wording.scale(Unit.KG_PER_M3).unit(), 16, true)));
        Face.ALL.forEach(face -> columns.add(new Column(face.word(), 16, true)));
        blocks.add(new Block.Table(
                "Foam by layer, from the item outward; thickness on each face, " + Papers.unit(wording),
                columns,
                rows,
                false));
    }

    private void bearing() {
        List<List<String>> rows = new ArrayList<>();
        String unit = wording.amount(Quantity.cm2(1)).unit();
        for (LaidCushion cushion : source.layout().cushions()) {
            List<String> row = new ArrayList<>(List.of(
                    String.valueOf(cushion.layer() + 1),
                    wording.amount(new Quantity(cushion.movingMassKg(), Unit.KG, 2))
                            .toString()));
            for (Face face : Face.ALL) {
                row.add(wording.amount(Quantity.cm2(cushion.bearingMm2().on(face) / 100))
                        .number());
            }
            rows.add(row);
        }
        List<Column> columns =
                new ArrayList<>(List.of(new Column("layer", 11, false), new Column("carries", 76, false)));
        Face.ALL.forEach(face -> columns.add(new Column(face.word(), 16, true)));
        blocks.add(new Block.Table("Bearing area on each face, " + unit, columns, rows, false));
    }

    /** What lies round the item and is no cushion: wraps, boards, and what divides a set. */
    private void round() {
        List<List<String>> rows = new ArrayList<>();
        source.pack().item().properties().pieces().ifPresent(pieces -> set(rows, pieces));
        for (int i = 0; i < source.pack().layers().size(); i++) {
            String layer = String.valueOf(i + 1);
            source.pack()
                    .layers()
                    .get(i)
                    .match(
                            wrap -> rows.add(List.of(
                                    layer,
                                    "wrap",
                                    source.catalogue().wrap(wrap.material()).name(),
                                    cut(wrap.thicknessMm()) + " thick, "
                                            + wrap.tape().words())),
                            cushion -> false,
                            box -> false,
                            boards -> rows.add(List.of(
                                    layer,
                                    "rigid boards",
                                    source.catalogue().board(boards.material()).name(),
                                    boards.plies() + " on each of the two faces across the "
                                            + boards.across().word() + ", standing out " + cut(boards.overhangMm())
                                            + (boards.interleafMm() > 0
                                                    ? ", interleaf " + cut(boards.interleafMm())
                                                    : ""))));
        }
        if (!rows.isEmpty()) {
            blocks.add(new Block.Table(
                    "Wraps, boards and dividers, " + Papers.unit(wording),
                    List.of(
                            new Column("layer", 11, false),
                            new Column("what", 30, false),
                            new Column("of", 56, false),
                            new Column("how", 89, false)),
                    rows,
                    false));
        }
    }

    private void set(List<List<String>> rows, Pieces pieces) {
        String cells = pieces.columns() + " across, " + pieces.rows() + " along, " + pieces.levels()
                + (pieces.levels() == 1 ? " level" : " levels") + ", "
                + pieces.arrangement().words();
        rows.add(List.of(
                "",
                pieces.quantity() + " pieces",
                wording.size(pieces.piece(), 1) + ", " + wording.amount(new Quantity(pieces.pieceKg(), Unit.KG, 2))
                        + " each",
                cells + (pieces.wrapMm() > 0 ? "; each wrapped " + cut(pieces.wrapMm()) + " thick" : "")));
        pieces.dividerBoard()
                .ifPresent(board -> rows.add(List.of(
                        "", "divider", source.catalogue().board(board).name(), "strips as drawn, slotted together")));
    }

    private void boxes() {
        List<List<String>> rows = new ArrayList<>();
        for (LaidBox box : source.layout().boxes()) {
            boolean outer = box.layer() == source.layout().outer().layer();
            String fittings = box.box().build().fittings().stream()
                    .map(fitting -> fitting.words())
                    .collect(Collectors.joining(", "));
            rows.add(List.of(
                    String.valueOf(box.layer() + 1),
                    (outer ? "outer carton" : "inner box") + ", "
                            + box.carton().style().words()
                            + (box.stock() ? ", from stock" : "")
                            + (fittings.isEmpty() ? "" : "; " + fittings),
                    wording.sizeToCut(box.carton().inside()),
                    wording.size(box.carton().outside(), 1),
                    box.carton().board().name()));
        }
        blocks.add(new Block.Table(
                "Boxes",
                List.of(
                        new Column("layer", 11, false),
                        new Column("what", 50, false),
                        new Column("inside", 46, true),
                        new Column("outside", 40, true),
                        new Column("board", 40, false)),
                rows,
                false));
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "Outside " + wording.size(FittedBox.outside(source.layout()), 1) + ", "
                        + wording.amount(new Quantity(source.layout().grossMassKg(), Unit.KG, 2))
                        + " packed, without tape and labels."));
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "Closed by tape along each seam and " + wording.amount(Quantity.wholeMm(TapeNeeded.DOWN_MM))
                        + " down both ends, "
                        + wording.amount(new Quantity(1000 * TapeNeeded.metres(source.layout()), Unit.MM, 0))
                        + " in all, " + wording.amount(Quantity.wholeMm(Roll.TAPE.wideMm())) + " wide"
                        + FittedBox.all(source.layout()).stream()
                                .filter(FittedBox::strapped)
                                .map(box -> "; " + box.strapping().straps() + " straps, "
                                        + wording.amount(Quantity.wholeMm(box.strapMm())) + " in all")
                                .collect(Collectors.joining())
                        + " (common practice, no source)."));
    }

    private void features() {
        Map<String, String> notes = source.featureNotes();
        List<List<String>> rows = new ArrayList<>();
        for (Feature feature : source.pack().item().properties().features()) {
            rows.add(List.of(
                    feature.name(),
                    feature.kind().name().toLowerCase(Locale.ROOT),
                    feature.face().map(Face::word).orElse(""),
                    notes.getOrDefault(feature.name(), "")));
        }
        if (!rows.isEmpty()) {
            blocks.add(new Block.Table(
                    "What to mind of the item",
                    List.of(
                            new Column("part", 46, false),
                            new Column("it is", 26, false),
                            new Column("on the", 20, false),
                            new Column("note", 94, false)),
                    rows,
                    false));
        }
    }

    private void checks() {
        List<List<String>> rows = new ArrayList<>();
        for (CheckView check : source.report().evaluation().checks()) {
            String unit =
                    check.said().unit().isEmpty() ? "" : " " + check.said().unit();
            // What harms a surface is told in words under the table; its share of one is nothing to read.
            boolean counted = check.about() != AboutView.harm;
            rows.add(List.of(
                    check.title(),
                    counted ? check.said().demand() + unit : "",
                    counted
                            ? Optional.ofNullable(check.said().limit())
                                    .map(limit -> limit + unit)
                                    .orElse("nobody knows")
                            : "",
                    check.status().status().word(),
                    bases(check)));
        }
        blocks.add(new Block.Table(
                "Computed checks",
                List.of(
                        new Column("check", 66, false),
                        new Column("demand", 26, true),
                        new Column("limit", 26, true),
                        new Column("verdict", 18, false),
                        new Column("rests on", 50, false)),
                rows,
                false));
        source.report().evaluation().checks().stream()
                .filter(check -> check.about() == AboutView.harm && check.status() != StatusView.holds)
                .forEach(check -> blocks.add(Block.Text.of(Weight.PLAIN, check.because())));
    }

    private static String bases(CheckView check) {
        return check.working().stream()
                .map(FigureView::basis)
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }

    /** Figures that nobody measured, each once. */
    private void assumed() {
        Map<String, List<String>> rows = new LinkedHashMap<>();
        for (CheckView check : source.report().evaluation().checks()) {
            for (FigureView figure : check.working()) {
                if (figure.basis().equals("assumed") || figure.basis().equals("nominal")) {
                    String value = figure.said() == null
                            ? wording.amount(Quantity.number(figure.value(), 2)).number() + " " + figure.unit()
                            : figure.said();
                    rows.putIfAbsent(
                            figure.name(), List.of(figure.name(), value.strip(), figure.basis(), figure.source()));
                }
            }
        }
        if (!rows.isEmpty()) {
            blocks.add(new Block.Table(
                    "Assumptions to verify first",
                    List.of(
                            new Column("figure", 70, false),
                            new Column("value", 30, true),
                            new Column("basis", 20, false),
                            new Column("source", 66, false)),
                    rows.values().stream().limit(MOST_ASSUMED).toList(),
                    false));
        }
    }

    private String cut(double mm) {
        return mm == 0 ? "none" : wording.amount(Quantity.cut(mm)).number();
    }
}
