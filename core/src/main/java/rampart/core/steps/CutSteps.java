package rampart.core.steps;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import rampart.core.box.CartonStyle;
import rampart.core.cut.BoardWork;
import rampart.core.cut.CutList;
import rampart.core.insert.BedBlock;
import rampart.core.insert.HotCutting;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.StepWords;
import rampart.core.words.Term;

/** What is cut before anything is packed: foam, board, boxes. */
final class CutSteps {
    private static final double MINUTES_A_PIECE = 1.25;
    private static final double MINUTES_A_BED = 30;
    private static final double MINUTES_A_BLANK = 5;
    private static final double MINUTES_GLUING = 10;
    private static final int MOST_SIZES = 8;

    private CutSteps() {}

    static void write(Table table) {
        foam(table);
        for (BoardWork work : BoardWork.of(table.pack, table.layout, table.catalogue)) {
            board(table, work);
        }
    }

    private static void foam(Table table) {
        Map<Integer, List<CutList.Piece>> byLayer = new LinkedHashMap<>();
        CutList.of(table.layout)
                .pieces()
                .forEach(piece -> byLayer.computeIfAbsent(piece.layer(), key -> new ArrayList<>())
                        .add(piece));
        for (LaidCushion cushion : table.layout.cushions()) {
            List<CutList.Piece> pieces = byLayer.getOrDefault(cushion.layer(), List.of());
            if (pieces.isEmpty()) {
                continue;
            }
            Caution heat = HotCutting.of(cushion.foam().substance()) == HotCutting.WITH_CARE
                    ? Caution.FUMES
                    : Caution.NEVER_BY_HEAT;
            int count = pieces.stream().mapToInt(CutList.Piece::count).sum();
            boolean bed = cushion.bed().isPresent();
            table.step("cut:" + table.ids.layers().get(cushion.layer()), Stage.CUT)
                    .says(bed ? bed(cushion) : pieces(cushion, pieces, count))
                    .takes(bed ? MINUTES_A_BED : MINUTES_A_PIECE * count)
                    .asks(bed ? new Ask.Tick() : new Ask.Count(count))
                    .caution(Caution.BLADE, heat)
                    .mind(
                            bed
                                    ? List.of(StepWords.STEP_GLUE_BED.of(
                                            Term.name(cushion.foam().name())))
                                    : List.of())
                    .done();
            if (cushion.atCorners()) {
                glue(
                        table,
                        table.ids.layers().get(cushion.layer()),
                        "cut:",
                        StepWords.STEP_GLUE_BLOCKS.of(Term.name(cushion.foam().name())));
            }
        }
    }

    private static void glue(Table table, String layer, String made, Sentence how) {
        table.step("glue:" + layer, Stage.CUT)
                .after(made + layer)
                .says(how)
                .takes(MINUTES_GLUING)
                .done();
    }

    private static Sentence bed(LaidCushion cushion) {
        BedBlock block = BedBlock.of(cushion);
        Size size = cushion.outside();
        return StepWords.STEP_CUT_BED.of(
                Term.name(cushion.foam().name()),
                Quantity.cut(size.lengthMm()),
                Quantity.cut(size.widthMm()),
                Quantity.cut(block.baseMm()),
                Quantity.cut(block.lidMm()));
    }

    private static Sentence pieces(LaidCushion cushion, List<CutList.Piece> pieces, int count) {
        Term foam = Term.name(cushion.foam().name());
        if (pieces.size() > MOST_SIZES) {
            return StepWords.STEP_CUT_MANY.of(Quantity.count(count), foam);
        }
        List<Sentence> sizes = pieces.stream()
                .map(piece -> StepWords.STEP_PIECE.of(
                        Quantity.count(piece.count()),
                        Quantity.cut(piece.lengthMm()),
                        Quantity.cut(piece.widthMm()),
                        Quantity.cut(piece.thicknessMm())))
                .toList();
        return StepWords.STEP_CUT.of(foam, new Term.Listed(sizes, " and "));
    }

    private static void board(Table table, BoardWork work) {
        String layer =
                work.layer().isPresent() ? table.ids.layers().get(work.layer().getAsInt()) : "set";
        int count = work.blanks().stream().mapToInt(blank -> blank.count()).sum();
        Term board = Term.name(work.board().name());
        if (work.style().isPresent()) {
            box(table, work, layer, count);
        } else {
            table.step((work.fittings() ? "board:" : "boards:") + layer, Stage.CUT)
                    .says(StepWords.STEP_CUT_BOARD.of(Quantity.count(count), board, named(work)))
                    .takes(MINUTES_A_PIECE * count)
                    .asks(new Ask.Count(count))
                    .caution(Caution.BLADE)
                    .done();
        }
    }

    /** What is put into a box and round it piece by piece, and else as a whole. */
    private static Term named(BoardWork work) {
        return work.fittings()
                ? Term.and(work.blanks().stream()
                        .map(counted ->
                                counted.count() + " × " + counted.blank().name())
                        .toList())
                : Term.name(work.name().toLowerCase(Locale.ROOT));
    }

    private static void box(Table table, BoardWork work, String layer, int count) {
        LaidBox box = table.layout.boxes().stream()
                .filter(b -> b.layer() == work.layer().getAsInt())
                .findFirst()
                .orElseThrow();
        Size inside = box.carton().inside();
        Term[] terms = {
            Term.name(table.name(box)),
            Term.name(work.board().name()),
            Quantity.cut(inside.lengthMm()),
            Quantity.cut(inside.widthMm()),
            Quantity.cut(inside.heightMm())
        };
        if (work.cutDown().isPresent()) {
            table.step("make:" + layer, Stage.CUT)
                    .says(StepWords.STEP_CUT_DOWN.of(terms))
                    .mind(work.cutDown().get().steps())
                    .takes(MINUTES_A_BLANK)
                    .caution(Caution.BLADE)
                    .done();
        } else if (work.bought() || work.style().get() == CartonStyle.REGULAR_SLOTTED) {
            // A regular carton is bought, or made by whoever makes cartons, from its inside size.
            table.step("make:" + layer, Stage.CUT)
                    .says(StepWords.STEP_TAKE_BOX.of(terms))
                    .done();
        } else {
            table.step("make:" + layer, Stage.CUT)
                    .says(StepWords.STEP_MAKE_BOX.of(terms))
                    .mind(
                            work.style().get() == CartonStyle.RIGID_CASE
                                    ? StepWords.MIND_PANELS_DRY
                                    : StepWords.MIND_SCORE_FIRST)
                    .takes(MINUTES_A_BLANK * Math.max(1, count))
                    .caution(Caution.BLADE)
                    .done();
            if (work.style().get() == CartonStyle.RIGID_CASE) {
                glue(table, layer, "make:", StepWords.STEP_GLUE_CASE.of(terms[0]));
            } else if (!new Closing(box, table.name(box), 0).foldsRound()
                    && work.blanks().stream()
                            .anyMatch(counted -> !counted.blank().glue().isEmpty())) {
                glue(table, layer, "make:", StepWords.STEP_GLUE_TAB.of(terms[0]));
            }
        }
    }
}
