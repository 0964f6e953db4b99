package rampart.formats.difference;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rampart.core.quantity.Face;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.Unit;
import rampart.core.words.Wording;
import tools.jackson.databind.JsonNode;

/** The differences between two values of a pack file in words: "bottom 45 to 40 mm". */
public final class ComparedWords {
    private static final int DECIMALS = 2;
    private static final MathContext FOUR_DIGITS = new MathContext(4, RoundingMode.HALF_UP);

    /** What a field is called and the unit of its number. */
    private record Field(String words, String unit) {}

    private final Wording wording;

    private ComparedWords(Wording wording) {
        this.wording = wording;
    }

    private static final Map<String, Field> FIELDS = fields();

    private static Map<String, Field> fields() {
        Map<String, Field> f = new LinkedHashMap<>();
        f.put("massKg", new Field("", "kg"));
        f.put("quantity", new Field("", ""));
        f.put("criticalAccelerationG", new Field("", "G"));
        f.put("criticalVelocityChangeMps", new Field("velocity change", "m/s"));
        f.put("componentFrequencyHz", new Field("swinging part", "Hz"));
        f.put("componentQ", new Field("its amplification", ""));
        f.put("basis", new Field("by", ""));
        f.put("heightMm", new Field("height", "mm"));
        f.put("sequence", new Field("drops that count:", ""));
        f.put("impacts", new Field("impacts:", ""));
        f.put("profile", new Field("profile", ""));
        f.put("days", new Field("days", ""));
        f.put("relativeHumidity", new Field("humidity", ""));
        f.put("pattern", new Field("pattern", ""));
        f.put("min", new Field("lowest", "°C"));
        f.put("max", new Field("highest", "°C"));
        f.put("hours", new Field("", "h"));
        f.put("material", new Field("", ""));
        f.put("board", new Field("board", ""));
        f.put("form", new Field("form", ""));
        f.put("slackMm", new Field("slack", "mm"));
        f.put("style", new Field("style", ""));
        f.put("lidMm", new Field("lid", "mm"));
        f.put("compressionN", new Field("compression test", "N"));
        f.put("fittings", new Field("put into it and round it", ""));
        f.put("columnsMm", new Field("widths of the columns", "mm"));
        f.put("rowsMm", new Field("widths of the rows", "mm"));
        f.put("cutFromMm", new Field("cut down from", "mm"));
        f.put("plies", new Field("boards on a face", ""));
        f.put("across", new Field("boards across the", ""));
        f.put("overhangMm", new Field("overhang", "mm"));
        f.put("interleafMm", new Field("interleaf", "mm"));
        f.put("workStiffnessNm", new Field("stiffness of the work", "Nm"));
        f.put("wrapMm", new Field("wrap of a piece", "mm"));
        f.put("narrowMm", new Field("narrow end", "mm"));
        f.put("arrangement", new Field("arrangement", ""));
        f.put("columns", new Field("columns", ""));
        f.put("rows", new Field("rows", ""));
        f.put("levels", new Field("levels", ""));
        f.put("dividerBoard", new Field("divider", ""));
        f.put("bendingNm", new Field("bending stiffness", "Nm"));
        f.put("punctureJ", new Field("puncture", "J"));
        f.put("amount", new Field("", ""));
        f.put("currency", new Field("in", ""));
        f.put("name", new Field("", ""));
        f.put("note", new Field("note", ""));
        f.put("x", new Field("along the length", "mm"));
        f.put("y", new Field("along the width", "mm"));
        f.put("z", new Field("along the height", "mm"));
        f.put("componentCriticalG", new Field("the part itself", "G"));
        f.put("storageHours", new Field("", "h"));
        f.put("bearsKpa", new Field("", "kPa"));
        f.put("tape", new Field("tape", ""));
        f.put("fill", new Field("fill", ""));
        f.put("condition", new Field("carton", ""));
        f.put("bulgeMm", new Field("bulge", "mm"));
        f.put("version", new Field("version", ""));
        f.put("densityKgM3", new Field("density", "kg/m³"));
        f.put("aKpa", new Field("begins to give at", "kPa"));
        f.put("bPerKpa", new Field("stiffens by", "1/kPa"));
        f.put("creepLimitKpa", new Field("creep limit", "kPa"));
        f.put("repeatFactor", new Field("repeated impacts ×", ""));
        f.put("stiffnessPerC", new Field("stiffness per degree", "1/°C"));
        f.put("dynamicModulusKpa", new Field("modulus", "kPa"));
        f.put("q", new Field("amplification", ""));
        f.put("squeezeKpa", new Field("stress when squeezed", "kPa"));
        f.put("source", new Field("source", ""));
        f.put("points", new Field("points", ""));
        f.put("rSquared", new Field("R²", ""));
        f.put("residual", new Field("residual", ""));
        f.put("meanX", new Field("mean energy tested", "kPa"));
        f.put("spreadX", new Field("spread of the energy tested", "kPa²"));
        f.put("fromX", new Field("tested from", "kPa"));
        f.put("toX", new Field("tested to", "kPa"));
        f.put("c1", new Field("creep in the first hour", ""));
        f.put("c2", new Field("creep in each tenfold time", ""));
        f.put("atKpa", new Field("creep tested at", "kPa"));
        f.put("toHours", new Field("creep tested to", "h"));
        f.put("cushions", new Field("cushions shaken", ""));
        f.put("flute", new Field("flute", ""));
        f.put("caliperMm", new Field("caliper", "mm"));
        f.put("edgeCrushLbPerIn", new Field("edge crush", "lb/in"));
        f.put("grammageGm2", new Field("grammage", "g/m²"));
        f.put("limitLb", new Field("most mass", "lb"));
        f.put("limitIn", new Field("most outside", "in"));
        f.put("substance", new Field("made of", ""));
        f.put("columnsMm", new Field("widths of the columns", "mm"));
        f.put("rowsMm", new Field("widths of the rows", "mm"));
        f.put("fittings", new Field("fittings", ""));
        return f;
    }

    /** Each difference once, in these units; none where both say the same. */
    public static List<String> of(String field, JsonNode from, JsonNode to, Wording wording) {
        return new ComparedWords(wording).of(field, from, to);
    }

    private List<String> of(String field, JsonNode from, JsonNode to) {
        if (SameValue.same(from, to)) {
            return List.of();
        }
        return switch (field) {
            case "sizeMm", "blockMm", "insideMm" -> List.of(size(from) + " to " + size(to));
            case "bearingCm2" -> sides("bearing area", "cm²", from, to, 0);
            case "padCount" -> sides("pads", "", from, to, 1);
            case "criticalAccelerationByFaceG" -> byFace(from, to);
            case "stock" -> List.of("carton " + stock(from) + " to " + stock(to));
            case "psd" -> List.of("another spectrum");
            case "features", "materials", "surfaces" -> List.of("changed");
            case "thicknessMm" ->
                from.isNumber() || to.isNumber() ? List.of(change(from, to, "mm")) : sides("", "mm", from, to, 0);
            default -> {
                if (from.isArray() || to.isArray()) {
                    yield list(field, from, to);
                }
                yield from.isObject() || to.isObject() ? inside(from, to) : leaf(field, from, to);
            }
        };
    }

    private List<String> inside(JsonNode from, JsonNode to) {
        if (!from.isObject()) {
            return List.of("added");
        }
        if (!to.isObject()) {
            return List.of("taken out");
        }
        if (!SameValue.same(from.path("kind"), to.path("kind"))) {
            return List.of("a " + value(to.path("kind")) + " instead of a " + value(from.path("kind")));
        }
        Set<String> names = new LinkedHashSet<>(from.propertyNames());
        names.addAll(to.propertyNames());
        List<String> words = new ArrayList<>();
        names.forEach(name -> words.addAll(of(name, from.path(name), to.path(name))));
        return words;
    }

    private List<String> leaf(String field, JsonNode from, JsonNode to) {
        Field named = FIELDS.getOrDefault(field, new Field(field, ""));
        return List.of((named.words() + " " + change(from, to, named.unit())).strip());
    }

    /** Lists of single values are told; of what is more than that, that they changed. */
    private List<String> list(String field, JsonNode from, JsonNode to) {
        Field named = FIELDS.getOrDefault(field, new Field(field, ""));
        boolean told =
                Stream.of(from, to).flatMap(JsonNode::valueStream).noneMatch(each -> each.isArray() || each.isObject());
        return List.of((named.words() + " "
                        + (told ? listed(from, named.unit()) + " to " + listed(to, named.unit()) : "changed"))
                .strip());
    }

    private String listed(JsonNode list, String unit) {
        return list.isEmpty()
                ? "none"
                : list.valueStream().map(each -> said(each, unit)).collect(Collectors.joining(", "));
    }

    /** Values by side: all that change alike are told as one. */
    private List<String> sides(String words, String unit, JsonNode from, JsonNode to, double otherwise) {
        Map<String, List<String>> byChange = new LinkedHashMap<>();
        for (Face face : List.of(Face.LEFT, Face.RIGHT, Face.FRONT, Face.BACK, Face.TOP, Face.BOTTOM)) {
            double before = side(from, face, otherwise);
            double after = side(to, face, otherwise);
            if (before != after) {
                byChange.computeIfAbsent(change(before, after, unit), key -> new ArrayList<>())
                        .add(face.word());
            }
        }
        List<String> all = new ArrayList<>();
        byChange.forEach((change, faces) -> all.add(
                (words + " " + (faces.size() == Face.ALL.size() ? "all round" : Lists.and(faces)) + " " + change)
                        .strip()));
        return all;
    }

    private static double side(JsonNode sides, Face face, double otherwise) {
        return sides.path(face.word()).asDouble(sides.path("all").asDouble(otherwise));
    }

    private List<String> byFace(JsonNode from, JsonNode to) {
        List<String> words = new ArrayList<>();
        for (Face face : Face.ALL) {
            JsonNode before = from.path(face.word());
            JsonNode after = to.path(face.word());
            if (!SameValue.same(before, after)) {
                words.add("struck on the " + face.word() + " " + change(before, after, "G"));
            }
        }
        return words;
    }

    private String change(JsonNode from, JsonNode to, String unit) {
        return from.isNumber() && to.isNumber()
                ? change(from.asDouble(), to.asDouble(), unit)
                : said(from, unit) + " to " + said(to, unit);
    }

    private String change(double from, double to, String unit) {
        String after = said(to, unit).toString();
        return (said(from, unit).number() + " to " + after).strip();
    }

    private String said(JsonNode node, String unit) {
        return node.isNumber() ? said(node.asDouble(), unit).toString() : value(node);
    }

    private Wording.Amount said(double value, String unit) {
        Unit known = Unit.of(unit);
        return known == Unit.NONE
                ? new Wording.Amount(number(value), unit)
                : wording.amount(new Quantity(value, known, decimals(value)));
    }

    /** Two, or four digits of a small number. */
    private static int decimals(double value) {
        double size = Math.abs(value);
        return size > 0 && size < 1 ? 3 - (int) Math.floor(Math.log10(size)) : DECIMALS;
    }

    private static String value(JsonNode node) {
        if (node.isMissingNode() || node.isNull()) {
            return "none";
        }
        if (node.isNumber()) {
            return number(node.asDouble());
        }
        String text = node.asString();
        return text.isEmpty() ? "nothing" : text;
    }

    /** At most two decimals, or four digits of a small number, no trailing noughts. */
    static String number(double value) {
        BigDecimal exact = BigDecimal.valueOf(value);
        boolean small = value != 0 && Math.abs(value) < 1;
        return (small ? exact.round(FOUR_DIGITS) : exact.setScale(DECIMALS, RoundingMode.HALF_UP))
                .stripTrailingZeros()
                .toPlainString();
    }

    private String stock(JsonNode node) {
        return node.isObject() ? "from stock, " + size(node.path("insideMm")) + " inside" : "made to size";
    }

    private String size(JsonNode node) {
        return node.isObject()
                ? wording.size(
                        new Size(
                                node.path("length").asDouble(),
                                node.path("width").asDouble(),
                                node.path("height").asDouble()),
                        DECIMALS)
                : "none";
    }
}
