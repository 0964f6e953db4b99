package rampart.core.steps;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import rampart.core.bed.BedShape;
import rampart.core.blank.CountedBlank;
import rampart.core.cut.BoardWork;
import rampart.core.cut.CutList;
import rampart.core.insert.BedBlock;
import rampart.core.insert.Wedge;
import rampart.core.item.Feature;
import rampart.core.item.Pieces;
import rampart.core.layout.LaidBox;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.Layer;
import rampart.core.layout.Layout;
import rampart.core.material.Catalogue;
import rampart.core.material.Foam;
import rampart.core.material.Structure;
import rampart.core.pack.Pack;
import rampart.core.quantity.Face;
import rampart.core.words.PartWords;
import rampart.core.words.Quantity;
import rampart.core.words.Sentence;
import rampart.core.words.Term;

/**
 * What a pack that is used again is made of: every part that has to come back, where it belongs and which way round, loose things in
 * numbered bags. What is used up, such as tape, is not among them.
 */
public final class PackParts {
    private final Table table;
    private final List<BoardWork> works;
    private final List<Part> parts = new ArrayList<>();
    private int bags;

    private PackParts(Table table) {
        this.table = table;
        works = BoardWork.of(table.pack, table.layout, table.catalogue);
    }

    /**
     * One kind of part.
     *
     * @param id outlives changes of the design
     * @param place where it belongs
     * @param round which way round it is; empty where that does not matter
     * @param bag number of the bag that it travels in; 0 where it is in none
     */
    public record Part(String id, String name, int count, Sentence place, String round, int bag) {}

    /** From the item outward. */
    public static List<Part> of(Pack pack, Layout layout, Catalogue catalogue, StepIds ids) {
        PackParts list = new PackParts(new Table(pack, layout, catalogue, ids));
        list.item();
        for (int layer = 0; layer < pack.layers().size(); layer++) {
            list.layer(layer);
        }
        return List.copyOf(list.parts);
    }

    private void item() {
        Optional<Pieces> pieces = table.pack.item().properties().pieces();
        add(
                "item",
                table.pack.item().name(),
                pieces.map(Pieces::quantity).orElse(1),
                (pieces.isPresent() ? PartWords.EACH_IN_ITS_CELL : PartWords.IN_THE_MIDDLE).of(),
                "");
        works.stream()
                .filter(work -> work.layer().isEmpty())
                .forEach(divider -> blanks("divider", divider, PartWords.BETWEEN_THE_PIECES.of()));
        List<Feature> features = table.pack.item().properties().features();
        for (int i = 0; i < features.size(); i++) {
            if (features.get(i).kind() == Feature.Kind.LOOSE) {
                boolean warms = Stowing.warms(features.get(i));
                bags += warms ? 0 : 1;
                parts.add(new Part(
                        "loose:" + table.ids.features().get(i),
                        features.get(i).name(),
                        1,
                        (warms ? PartWords.IN_ITS_PAPER : PartWords.IN_ITS_BAG).of(),
                        "",
                        warms ? 0 : bags));
            }
        }
    }

    private void add(String id, String name, int count, Sentence place, String round) {
        parts.add(new Part(id, name, count, place, round, 0));
    }

    private void layer(int index) {
        String id = table.ids.layers().get(index);
        table.pack
                .layers()
                .get(index)
                .match(
                        wrap -> (Runnable) () -> add(
                                "wrap:" + id,
                                table.catalogue.wrap(wrap.material()).name(),
                                1,
                                PartWords.ROUND_INSIDE.of(),
                                ""),
                        cushion -> () -> cushion(index, id),
                        box -> () -> box(index, id),
                        boards -> () -> boards(id, boards))
                .run();
    }

    private void boards(String id, Layer.Boards boards) {
        add(
                "boards:" + id,
                table.catalogue.board(boards.material()).name(),
                2 * boards.plies(),
                PartWords.ON_BOTH_FACES.of(),
                "the interleaf between board and face");
    }

    private void cushion(int index, String id) {
        LaidCushion cushion = table.layout.cushions().stream()
                .filter(each -> each.layer() == index)
                .findFirst()
                .orElseThrow();
        Foam foam = cushion.foam();
        if (cushion.bed().isPresent()) {
            bed(id, cushion, cushion.bed().get());
            return;
        }
        if (!foam.structure().cut()) {
            add("fill:" + id, foam.name(), 1, PartWords.ROUND_INSIDE_TOPPED_UP.of(), "");
            return;
        }
        List<CutList.Piece> pieces = CutList.of(table.layout).pieces().stream()
                .filter(piece -> piece.layer() == index)
                .toList();
        for (int i = 0; i < pieces.size(); i++) {
            CutList.Piece piece = pieces.get(i);
            String faces = piece.faces().size() == Face.ALL.size()
                    ? "all faces"
                    : piece.faces().stream().map(Face::word).collect(Collectors.joining(", "));
            add(
                    "piece:" + id + ":" + (i + 1),
                    foam.name(),
                    piece.count(),
                    PartWords.PART_PIECE.of(
                            Term.name(faces),
                            Quantity.cut(piece.lengthMm()),
                            Quantity.cut(piece.widthMm()),
                            Quantity.cut(piece.thicknessMm())),
                    "");
        }
    }

    private void bed(String id, LaidCushion cushion, BedShape bed) {
        add("base:" + id, cushion.foam().name() + ", base of the bed", 1, PartWords.IN_ITS_BOX.of(), "openings up");
        if (!bed.ties().isEmpty()) {
            add("tie:" + id, "tie", bed.ties().size(), PartWords.IN_ITS_SLOTS.of(), "flat");
        }
        int wedges = cushion.foam().structure() == Structure.FOAMED_IN_PLACE
                ? 0
                : Wedge.of(cushion).size();
        if (wedges > 0) {
            add("wedge:" + id, "off-cut", wedges, PartWords.BESIDE_THE_ITEM.of(), "");
        }
        if (BedBlock.of(cushion).lidMm() > 0) {
            add(
                    "lid:" + id,
                    cushion.foam().name() + ", lid of the bed",
                    1,
                    PartWords.OVER_THE_ITEM.of(),
                    "openings down, marked edge to marked edge");
        }
    }

    private void box(int index, String id) {
        LaidBox box = table.layout.boxes().stream()
                .filter(each -> each.layer() == index)
                .findFirst()
                .orElseThrow();
        add("box:" + id, table.name(box) + ", " + box.carton().board().name(), 1, PartWords.ROUND_IT_ALL.of(), "");
        works.stream()
                .filter(work -> work.fittings() && work.layer().orElse(-1) == index)
                .forEach(work -> blanks("fitting:" + id, work, PartWords.AT_THE.of(Term.name(table.name(box)))));
    }

    /** Each kind of piece of board with as many as there are of it. */
    private void blanks(String id, BoardWork work, Sentence place) {
        int kind = 1;
        for (CountedBlank counted : work.blanks()) {
            add(id + ":" + kind++, counted.blank().name(), counted.count(), place, "");
        }
    }

    /** Trips after which a cushion of this foam is due for renewal (common practice, no source). */
    public static int tripsOf(Foam foam) {
        return switch (foam.structure()) {
            case MOULDED -> 30;
            case FOAM -> foam.substance().polyurethane() ? 10 : 20;
            case FOAMED_IN_PLACE -> 5;
            case BUBBLE -> 3;
            case AIR_CELLS, LOOSE -> 2;
            case PAPER -> 1;
        };
    }
}
