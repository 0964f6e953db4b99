package rampart.formats.paper;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Pattern;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/** How lengths and masses stand on paper. */
public enum PaperUnits {
    mm {
        @Override
        String number(double lengthMm) {
            return decimals(lengthMm, 1);
        }

        @Override
        String mass(double kg) {
            return decimals(kg, 2) + " kg";
        }

        @Override
        String sentence(String text) {
            return text;
        }
    },
    in {
        @Override
        String number(double lengthMm) {
            return sixteenths(lengthMm / Units.MM_PER_IN);
        }

        @Override
        String mass(double kg) {
            return decimals(kg / Units.KG_PER_LB, 1) + " lb";
        }

        @Override
        String sentence(String text) {
            String lengths = QUANTITY_MM.matcher(text).replaceAll(m -> length(Double.parseDouble(m.group(1))));
            return QUANTITY_KG.matcher(lengths).replaceAll(m -> mass(Double.parseDouble(m.group(1))));
        }
    };

    private static final Pattern QUANTITY_MM = Pattern.compile("([0-9]+(?:\\.[0-9]+)?) mm(?![\\w²³/])");
    private static final Pattern QUANTITY_KG = Pattern.compile("([0-9]+(?:\\.[0-9]+)?) kg(?![\\w²³/])");
    private static final int PARTS = 16;

    /** A length without its unit: tenths of a millimetre, or sixteenths of an inch as a tape shows them. */
    abstract String number(double lengthMm);

    /** A mass with its unit. */
    abstract String mass(double kg);

    /** A sentence that speaks in mm and kg, in these units. */
    abstract String sentence(String text);

    String length(double lengthMm) {
        return number(lengthMm) + " " + name();
    }

    String size(Size size) {
        return number(size.lengthMm()) + " × " + number(size.widthMm()) + " × " + number(size.heightMm()) + " "
                + name();
    }

    private static String decimals(double value, int places) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }

    private static String sixteenths(double inches) {
        long all = Math.round(inches * PARTS);
        long whole = all / PARTS;
        long top = all % PARTS;
        long bottom = PARTS;
        while (top > 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String fraction = top == 0 ? "" : top + "/" + bottom;
        return whole == 0 && !fraction.isEmpty() ? fraction : (whole + " " + fraction).strip();
    }
}
