package rampart.formats.paper;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import rampart.core.check.LiftCheck;
import rampart.core.geometry.PlanPoint;
import rampart.core.item.Feature;
import rampart.core.item.Fragility;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;
import rampart.core.steps.PredictedMass;
import rampart.core.verdict.CheckId;
import rampart.core.verdict.CheckKind;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import rampart.formats.paper.Block.Table.Column;
import rampart.formats.paper.Block.Text.Weight;
import rampart.formats.view.CheckView;

/** Labels of a pack at their true size, and where each goes. */
public final class LabelsPaper {
    private static final double LABEL_WIDTH_MM = 90;
    private static final double LABEL_HEIGHT_MM = 130;
    private static final double MARK_MM = 43;
    private static final double WORDS_MM = 12;
    private static final double EDGE_MM = 4;
    private static final double SMALL = 7;

    /** Smaller than this an address is not read at arm's length, pt. */
    private static final double SMALLEST = 5.5;

    /** Mean width of a letter of the label's face, mm for each point of its size; capitals and digits included. */
    private static final double LETTER_MM_A_POINT = 0.195;

    private static final double SENDER_TO_MM = 27;
    private static final double RECEIVER_TO_MM = 66;
    private static final double NOTICE_MM = 28;

    /** What concerns whoever lifts it stands where each of two people sees it. */
    private static final int TWO_SIDES = 2;

    private static final double PLAIN = 9;
    private static final double LARGE = 13;
    private static final double BAR_HEIGHT_MM = 14;
    /** An item that bears less is fragile to a carrier, G (common practice, no source). */
    private static final double FRAGILE_G = 85;

    private final PaperSource source;
    private final Wording wording;

    public LabelsPaper(PaperSource source) {
        this.source = source;
        this.wording = source.wording();
    }

    List<Block> blocks() {
        List<Block> blocks = new ArrayList<>();
        blocks.add(plan());
        blocks.add(Block.Text.of(
                Weight.PLAIN,
                "If a tilt or shock indicator is used, set it on a side wall, never on a lid, armed only when the pack is closed."
                        + " If it has turned on arrival: do not refuse the pack; write \"indicator turned\" on the carrier's"
                        + " paper before signing, photograph it and all sides, open within a day and compare with the"
                        + " pictures from the packing table."));
        blocks.add(Block.Text.of(
                Weight.SMALL,
                "Marks after the meanings of ISO 780, from memory. They ask for care; no strength is credited to them."
                        + " Printed at full size the address label is " + wording.amount(Quantity.cut(LABEL_WIDTH_MM))
                        + " wide: measure one."));
        tooSmall().ifPresent(words -> blocks.add(Block.Text.of(Weight.STRONG, words)));
        blocks.add(new Block.CutOuts(List.of(address("top"), address("opposite side"), address("inside"))));
        blocks.add(new Block.CutOuts(marks().stream()
                .flatMap(mark -> Collections.nCopies(mark.copies(), mark(mark)).stream())
                .toList()));
        blocks.add(new Block.CutOuts(notices()));
        return blocks;
    }

    /** Every label once, for a printer of labels: addresses, marks, notices. */
    public List<Drawing> singles() {
        List<Drawing> all = new ArrayList<>(addresses());
        marks().stream().map(this::mark).forEach(all::add);
        all.addAll(notices());
        return List.copyOf(all);
    }

    /** The address label, once for each place. */
    public List<Drawing> addresses() {
        return List.of(address("top"), address("opposite side"), address("inside"));
    }

    private List<HandlingMark> marks() {
        List<HandlingMark> marks = new ArrayList<>();
        if (way()) {
            marks.add(HandlingMark.THIS_WAY_UP);
        }
        if (fragile()) {
            marks.add(HandlingMark.FRAGILE);
        }
        marks.add(HandlingMark.KEEP_DRY);
        stackMark().ifPresent(marks::add);
        if (offCentre()) {
            marks.add(HandlingMark.CENTRE_OF_GRAVITY);
        }
        return marks;
    }

    /** Whether it matters which way is up: a bed with a lid, a part on top or below, or other foam above than below. */
    private boolean way() {
        return source.layout().bed().isPresent()
                || source.pack().item().properties().features().stream()
                        .anyMatch(feature -> feature.face().isPresent())
                || source.layout().cushions().stream()
                        .anyMatch(cushion -> cushion.thicknessMm().top()
                                != cushion.thicknessMm().bottom());
    }

    private boolean fragile() {
        Fragility fragility = source.pack().item().fragility();
        return fragility.criticalAccelerationG().orElse(0) < FRAGILE_G
                || source.pack().item().properties().features().stream().anyMatch(Feature::delicate);
    }

    private boolean offCentre() {
        var at = source.pack().item().centreOfMass();
        var size = source.pack().item().size();
        return Math.abs(at.xMm()) > size.lengthMm() / 10
                || Math.abs(at.yMm()) > size.widthMm() / 10
                || Math.abs(at.zMm()) > size.heightMm() / 10;
    }

    /** A limit where the carton's strength is known; not to be stacked where it was asked for and nobody knows; else none. */
    private Optional<HandlingMark> stackMark() {
        boolean unknown = stack().anyMatch(check -> check.limit() == null);
        return stackKg().isPresent()
                ? Optional.of(HandlingMark.STACKING_LIMIT)
                : unknown ? Optional.of(HandlingMark.DO_NOT_STACK) : Optional.empty();
    }

    private Stream<CheckView> stack() {
        return source.report().evaluation().checks().stream()
                .filter(check -> check.id().equals(CheckId.of(CheckKind.STACK).text()));
    }

    /**
     * What the carton bears after the days, in the damp and in the pattern of the journey, whole kg rounded down, not what is meant to
     * stand on it; empty where nobody asked or nobody knows.
     */
    private Optional<Long> stackKg() {
        return stack().filter(check -> check.limit() != null)
                .map(check -> (long) Math.floor(check.limit() / Units.STANDARD_GRAVITY))
                .filter(kg -> kg > 0)
                .findFirst();
    }

    private Optional<Feature> faceUp() {
        return source.pack().item().properties().features().stream()
                .filter(feature -> feature.delicate() && feature.face().isPresent())
                .filter(feature -> feature.face().get() == Face.TOP)
                .findFirst();
    }

    private Block plan() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of(
                "address", "3", "top; the side opposite the one on which it is carried; inside, on the papers"));
        marks().forEach(mark -> rows.add(List.of(mark.words(), String.valueOf(mark.copies()), mark.place())));
        faceUp().ifPresent(feature ->
                rows.add(List.of(feature.name() + " is on top", "1", "top, beside the address: this face travels up")));
        if (gross() > LiftCheck.ONE_PERSON_KG) {
            rows.add(List.of(
                    "two people lift",
                    String.valueOf(TWO_SIDES),
                    "beside the hand holds, or where hands would be, on two opposite sides"));
        }
        if (source.travel().of() > 1) {
            rows.add(List.of(
                    "box " + source.travel().box() + " of " + source.travel().of(), "3", "on each address label"));
        }
        rows.add(List.of("keep this box", "1", "inside, on the flap that is opened first"));
        rows.add(List.of(
                "sender and a way to reach you",
                "1",
                source.layout().boxes().size() > 1
                        ? "inside the inner box, in case the outer one is lost"
                        : "inside, under the flap that is opened first, in case the address outside is lost"));
        return new Block.Table(
                "Where labels go",
                List.of(
                        new Column("label", 60, false),
                        new Column("copies", 18, true),
                        new Column("where", 108, false)),
                rows,
                false);
    }

    /** A carton none of whose faces takes the address label flat; empty where one does. */
    private Optional<String> tooSmall() {
        Size outside = source.layout().outside();
        boolean takes = takes(outside.lengthMm(), outside.widthMm())
                || takes(outside.lengthMm(), outside.heightMm())
                || takes(outside.widthMm(), outside.heightMm());
        return takes
                ? Optional.empty()
                : Optional.of("No face of this carton takes an address label of "
                        + wording.amount(Quantity.cut(LABEL_WIDTH_MM)) + " by "
                        + wording.amount(Quantity.cut(LABEL_HEIGHT_MM))
                        + ": lay it over an edge, both codes whole on one face, or put the carton into a larger one.");
    }

    private static boolean takes(double one, double other) {
        return Math.min(one, other) >= LABEL_WIDTH_MM && Math.max(one, other) >= LABEL_HEIGHT_MM;
    }

    private double gross() {
        return source.layout().grossMassKg();
    }

    private Drawing address(String place) {
        Travel travel = source.travel();
        Canvas label = new Canvas(LABEL_WIDTH_MM, LABEL_HEIGHT_MM);
        double y = EDGE_MM + 2;
        label.words(EDGE_MM, y, "From", SMALL, false);
        y = lines(label, travel.sender(), y + 4, SENDER_TO_MM, PLAIN);
        label.rule(y + 1);
        y += 4;
        label.words(EDGE_MM, y, "To", SMALL, false);
        lines(label, travel.receiver(), y + 6, RECEIVER_TO_MM, LARGE);
        label.rule(68);
        label.words(EDGE_MM, 73, shortened(source.file().name()), PLAIN, true);
        PredictedMass mass = PredictedMass.of(source.pack(), source.layout());
        label.words(
                EDGE_MM,
                79,
                "box " + travel.box() + " of " + travel.of() + ", about "
                        + wording.amount(new Quantity(mass.kg(), Unit.KG, 1)) + ", "
                        + wording.size(source.layout().outside(), 0),
                PLAIN,
                false);
        double bars = BarCode.widthMm(travel.number());
        double left = Math.max(EDGE_MM, (LABEL_WIDTH_MM - bars) / 2);
        label.add(BarCode.lines(travel.number(), left, 84, BAR_HEIGHT_MM));
        label.middle(LABEL_WIDTH_MM / 2, 101, travel.number(), PLAIN);
        if (!travel.replaces().isEmpty()) {
            label.middle(LABEL_WIDTH_MM / 2, 105, travel.replaces(), SMALL);
        }
        double side = BarCode.sideMm(travel.number());
        label.add(BarCode.qr(travel.number(), LABEL_WIDTH_MM - EDGE_MM - side - 2, 107));
        double x = EDGE_MM;
        for (HandlingMark mark : marks()) {
            if (x + 16 < LABEL_WIDTH_MM - side - 2 * EDGE_MM) {
                label.add(mark.shapes(x, 108, 15));
                x += 18;
            }
        }
        label.words(EDGE_MM, 127, "copy for: " + place, SMALL, false);
        return label.drawing("address-" + place.replace(' ', '-'), "Address label, " + place);
    }

    /**
     * Lines of an address, none of them cut: broken between words and set smaller until all of them have room. Where there are none,
     * three to write on.
     */
    private static double lines(Canvas label, List<String> lines, double from, double to, double size) {
        double y = from;
        if (lines.isEmpty()) {
            for (int i = 0; i < 3; i++) {
                label.line(EDGE_MM, y + 5, LABEL_WIDTH_MM - EDGE_MM, 0.15);
                y += 7;
            }
            return y;
        }
        double smaller = size;
        while (smaller > SMALLEST && from + broken(lines, smaller).size() * Sheet.lineMm(smaller) > to) {
            smaller -= 0.5;
        }
        for (String line : broken(lines, smaller)) {
            label.words(EDGE_MM, y, line, smaller, false);
            y += Sheet.lineMm(smaller);
        }
        return y;
    }

    /** Broken between words, and within one that is wider than the label. */
    private static List<String> broken(List<String> lines, double size) {
        int most = (int) Math.floor((LABEL_WIDTH_MM - 2 * EDGE_MM) / (size * LETTER_MM_A_POINT));
        List<String> all = new ArrayList<>();
        for (String line : lines) {
            StringBuilder now = new StringBuilder();
            for (String word : line.strip().split("\\s+", -1)) {
                String rest = word;
                if (now.length() > 0 && letters(now) + 1 + letters(rest) > most) {
                    all.add(now.toString());
                    now.setLength(0);
                }
                while (letters(rest) > most) {
                    int at = rest.offsetByCodePoints(0, most);
                    all.add(rest.substring(0, at));
                    rest = rest.substring(at);
                }
                now.append(now.length() > 0 ? " " : "").append(rest);
            }
            all.add(now.toString());
        }
        return all;
    }

    private static int letters(CharSequence words) {
        return Character.codePointCount(words, 0, words.length());
    }

    /** A name of the pack is known from its beginning; nothing else is shortened. */
    private static String shortened(String words) {
        int most = 42;
        return words.codePointCount(0, words.length()) <= most
                ? words
                : words.substring(0, words.offsetByCodePoints(0, most - 3)) + "...";
    }

    private Drawing mark(HandlingMark mark) {
        Canvas label = new Canvas(MARK_MM, MARK_MM + WORDS_MM);
        label.add(mark.shapes(EDGE_MM, EDGE_MM, MARK_MM - 2 * EDGE_MM));
        String words = mark == HandlingMark.STACKING_LIMIT
                ? wording.amount(new Quantity(stackKg().orElseThrow(), Unit.KG, 0)) + " max"
                : mark.words();
        label.middle(MARK_MM / 2, MARK_MM + 3, words, PLAIN);
        return label.drawing("mark-" + mark.name().toLowerCase(Locale.ROOT).replace('_', '-'), mark.words());
    }

    private List<Drawing> notices() {
        List<Drawing> notices = new ArrayList<>();
        if (gross() > LiftCheck.ONE_PERSON_KG) {
            Drawing two = notice(
                    "two-people",
                    "TWO PEOPLE LIFT",
                    List.of(wording.amount(new Quantity(gross(), Unit.KG, 1)) + "; one person lifts up to "
                            + wording.amount(Quantity.kg(LiftCheck.ONE_PERSON_KG))));
            notices.addAll(Collections.nCopies(TWO_SIDES, two));
        }
        faceUp().ifPresent(feature ->
                notices.add(notice("face-up", "THIS FACE UP", List.of("under it: " + feature.name()))));
        notices.add(notice("keep", "KEEP THIS BOX", List.of("It was made for what it holds and is used again.")));
        notices.add(
                notice("inside", "IF FOUND, CALL THE SENDER", source.travel().sender()));
        return notices;
    }

    private Drawing notice(String id, String large, List<String> small) {
        List<String> lines = broken(small, PLAIN);
        double line = Sheet.lineMm(PLAIN);
        Canvas label = new Canvas(LABEL_WIDTH_MM, NOTICE_MM + line * Math.max(0, lines.size() - 1));
        label.middle(LABEL_WIDTH_MM / 2, 10, large, 16);
        if (lines.isEmpty()) {
            label.line(10, 21, LABEL_WIDTH_MM - 10, 0.15);
        }
        for (int i = 0; i < lines.size(); i++) {
            label.middle(LABEL_WIDTH_MM / 2, 20 + i * line, lines.get(i), PLAIN);
        }
        return label.drawing(id, large);
    }

    /** A label while it is drawn. */
    private static final class Canvas {
        private final double widthMm;
        private final double heightMm;
        private final List<Drawing.Shape> shapes = new ArrayList<>();
        private final List<Drawing.Label> labels = new ArrayList<>();

        Canvas(double widthMm, double heightMm) {
            this.widthMm = widthMm;
            this.heightMm = heightMm;
            shapes.add(new Drawing.Shape(
                    List.of(
                            new PlanPoint(0, 0),
                            new PlanPoint(widthMm, 0),
                            new PlanPoint(widthMm, heightMm),
                            new PlanPoint(0, heightMm)),
                    0,
                    false,
                    0.2));
        }

        void add(List<Drawing.Shape> more) {
            shapes.addAll(more);
        }

        void words(double x, double y, String words, double size, boolean bold) {
            labels.add(new Drawing.Label(x, y, words, size, bold, false));
        }

        void middle(double x, double y, String words, double size) {
            labels.add(new Drawing.Label(x, y, words, size, true, true));
        }

        void rule(double y) {
            line(EDGE_MM, y, widthMm - EDGE_MM, 0.3);
        }

        void line(double x, double y, double to, double wide) {
            shapes.add(new Drawing.Shape(List.of(new PlanPoint(x, y), new PlanPoint(to, y)), 1, false, wide));
        }

        Drawing drawing(String id, String caption) {
            return new Drawing(id, caption, widthMm, heightMm, List.of(), shapes, labels);
        }
    }
}
