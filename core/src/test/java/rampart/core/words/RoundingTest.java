package rampart.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** The quick way gives what the JDK's own decimals give. */
class RoundingTest {
    /** Of all sizes, many of them ties or beside one, as {@code 0.125}, {@code 2.675} and {@code 9999.5} are. */
    private static DoubleStream values() {
        Random random = new Random(5);
        return DoubleStream.generate(() -> switch (random.nextInt(5)) {
                    case 0 -> Double.longBitsToDouble(random.nextLong());
                    case 1 -> random.nextInt(2_000_000) / 2000.0 - 500;
                    case 2 -> Math.nextUp(random.nextInt(20_000) / 200.0);
                    case 3 -> Math.pow(10, random.nextInt(20) - 10) * (random.nextBoolean() ? 1 : 0.99995);
                    default -> random.nextGaussian() * Math.pow(10, random.nextInt(16) - 8);
                })
                .filter(Double::isFinite)
                .limit(200_000);
    }

    @Test
    void decimalsAreThoseOfTheJdk() {
        values().forEach(value -> {
            for (int places = 0; places <= 4; places++) {
                assertThat(Rounding.decimals(value, places))
                        .as("%s at %d", value, places)
                        .isEqualTo(BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP));
            }
        });
    }

    @Test
    void fourDigitsAreThoseOfTheJdk() {
        MathContext four = new MathContext(4, RoundingMode.HALF_EVEN);
        values().forEach(value -> assertThat(Rounding.fourDigits(value))
                .as("%s", value)
                .isEqualTo(new BigDecimal(value, four).stripTrailingZeros()));
    }
}
