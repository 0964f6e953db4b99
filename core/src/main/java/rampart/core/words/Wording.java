package rampart.core.words;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import rampart.core.quantity.Size;

/**
 * How somebody wants quantities written.
 *
 * @param lengths millimetres, kilopascal and newton, or inches, psi and lbf
 * @param decimal sign before the decimals
 */
public record Wording(Lengths lengths, Masses masses, Decimal decimal) {
    /** As core reckons: mm and kg, with a point. */
    public static final Wording METRIC = new Wording(Lengths.mm, Masses.kg, Decimal.point);

    /** Inches and pounds, with a point. */
    public static final Wording IMPERIAL = new Wording(Lengths.in, Masses.lb, Decimal.point);

    /** A tape for cutting foam shows no finer parts of an inch. */
    private static final int PARTS_OF_AN_INCH = 32;

    /** What lengths, and all that is made of lengths, are written in. */
    public enum Lengths {
        mm,
        in
    }

    /** What masses are written in. */
    public enum Masses {
        kg,
        lb
    }

    /** The sign before decimals. */
    public enum Decimal {
        point,
        comma
    }

    /** A number and its unit, apart. */
    public record Amount(String number, String unit) {
        @Override
        public String toString() {
            return unit.isEmpty() ? number : number + " " + unit;
        }
    }

    /** All there are. */
    public static List<Wording> all() {
        List<Wording> all = new ArrayList<>();
        for (Lengths lengths : Lengths.values()) {
            for (Masses masses : Masses.values()) {
                for (Decimal decimal : Decimal.values()) {
                    all.add(new Wording(lengths, masses, decimal));
                }
            }
        }
        return all;
    }

    /** Short, such as {@code mm-kg-point}. */
    public String name() {
        return lengths + "-" + masses + "-" + decimal;
    }

    /** Sentences one after another. */
    public String say(List<Sentence> sentences) {
        return sentences.stream().map(this::say).collect(Collectors.joining(" "));
    }

    public String say(Sentence sentence) {
        String template = sentence.key().template().words();
        StringBuilder text = new StringBuilder();
        int from = 0;
        for (int open = template.indexOf('{'); open >= 0; open = template.indexOf('{', from)) {
            int place = template.charAt(open + 1) - '0';
            text.append(template, from, open).append(term(sentence.terms().get(place)));
            from = open + 3;
        }
        return text.append(template, from, template.length()).toString();
    }

    private String term(Term term) {
        if (term instanceof Quantity quantity) {
            return amount(quantity).toString();
        } else if (term instanceof Term.Name name) {
            return name.text();
        } else if (term instanceof Term.Range range) {
            return amount(range.from()).number() + " to " + amount(range.to());
        } else if (term instanceof Term.Listed listed) {
            return listed(listed);
        }
        return say((Sentence) term);
    }

    private String listed(Term.Listed listed) {
        List<String> words = listed.terms().stream().map(this::term).toList();
        int last = words.size() - 1;
        return last < 1
                ? String.join("", words)
                : String.join(", ", words.subList(0, last)) + listed.last() + words.get(last);
    }

    /** Number and unit of a quantity. */
    public Amount amount(Quantity quantity) {
        Unit unit = quantity.unit();
        if (!changes(unit)) {
            int places = quantity.decimals() == Quantity.AS_A_LIMIT
                    ? Math.abs(quantity.value()) < 20 ? 1 : 0
                    : quantity.decimals();
            return new Amount(signed(decimals(quantity.value(), places)), unit.symbol());
        }
        double value = quantity.value() * unit.toOther();
        return switch (unit) {
            case CUT_MM -> new Amount(parts(value), "in");
            case MM -> new Amount(rounded(value, quantity.decimals() == 0 ? 1 : 2), "in");
            case CM2 -> new Amount(rounded(value, places(value)), "in²");
            case M2 -> new Amount(rounded(value, Math.max(1, quantity.decimals())), "ft²");
            case M -> new Amount(rounded(value, Math.max(1, quantity.decimals())), "ft");
            case LITRE -> new Amount(rounded(value, 2), "ft³");
            case KPA -> new Amount(rounded(value, places(value) + 1), "psi");
            case MPS -> new Amount(rounded(value, places(value)), "in/s");
            case N -> new Amount(rounded(value, places(value)), "lbf");
            case NM -> new Amount(rounded(value, places(value)), "lbf in");
            case N_PER_MM -> new Amount(rounded(value, 1), "lb/in");
            case KG -> new Amount(rounded(value, Math.max(1, quantity.decimals())), "lb");
            case PER_KPA -> new Amount(rounded(value, 4), "1/psi");
            case KG_PER_M3 -> new Amount(rounded(value, 2), "lb/ft³");
            case G_PER_M2 -> new Amount(rounded(value, 1), "lb/1000 ft²");
            case LB_PER_IN -> new Amount(rounded(value, 2), "kN/m");
            case IN -> new Amount(rounded(value, 0), "mm");
            default -> new Amount(rounded(value, 1), "kg");
        };
    }

    /** Three edges with their unit once. */
    public String size(Size size, int decimals) {
        return edges(new Quantity(size.lengthMm(), Unit.MM, decimals), size.widthMm(), size.heightMm());
    }

    /** Three edges of something to cut or to buy. */
    public String sizeToCut(Size size) {
        return edges(Quantity.cut(size.lengthMm()), size.widthMm(), size.heightMm());
    }

    private String edges(Quantity first, double second, double third) {
        Amount length = amount(first);
        Amount width = amount(new Quantity(second, first.unit(), first.decimals()));
        Amount height = amount(new Quantity(third, first.unit(), first.decimals()));
        return length.number() + " × " + width.number() + " × " + height;
    }

    /** What values in core's unit are multiplied by, and the unit they are in then. */
    public record Scale(double factor, String unit) {}

    /** For the axis of a chart. */
    public Scale scale(Unit unit) {
        return changes(unit)
                ? new Scale(unit.toOther(), amount(new Quantity(1, unit, 1)).unit())
                : new Scale(1, unit.symbol());
    }

    /** Whether what is written takes another unit than core's. */
    public boolean changes(Unit unit) {
        return switch (unit) {
            case MM, CUT_MM, CM2, M2, M, LITRE, MPS, KPA, PER_KPA, KG_PER_M3, G_PER_M2, N, NM, N_PER_MM ->
                lengths == Lengths.in;
            case IN, LB_PER_IN -> lengths == Lengths.mm;
            case KG -> masses == Masses.lb;
            case LB -> masses == Masses.kg;
            default -> false;
        };
    }

    private static int places(double value) {
        double size = Math.abs(value);
        return size < 10 ? 2 : size < 100 ? 1 : 0;
    }

    private String rounded(double value, int places) {
        return signed(decimals(value, places));
    }

    private String signed(String number) {
        return decimal == Decimal.comma ? number.replace('.', ',') : number;
    }

    /** At most so many decimals, no trailing zeros; made for each drop of each evaluation, so without a formatter. */
    public static String decimals(double value, int places) {
        BigDecimal rounded = Rounding.decimals(value, places);
        return rounded.signum() == 0
                ? "0"
                : places == 0
                        ? rounded.toPlainString()
                        : rounded.stripTrailingZeros().toPlainString();
    }

    /** Inches to the nearest thirty-second, as a fraction in its lowest terms. */
    private static String parts(double inches) {
        long all = Math.round(Math.abs(inches) * PARTS_OF_AN_INCH);
        long whole = all / PARTS_OF_AN_INCH;
        long top = all % PARTS_OF_AN_INCH;
        long bottom = PARTS_OF_AN_INCH;
        while (top > 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String fraction = top == 0 ? "" : top + "/" + bottom;
        String text = whole == 0 && !fraction.isEmpty() ? fraction : (whole + " " + fraction).strip();
        return inches < 0 && all > 0 ? "-" + text : text;
    }
}
