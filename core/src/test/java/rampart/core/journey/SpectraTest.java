package rampart.core.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.core.cushion.Resonance;
import rampart.core.cushion.ResponseLevel;

/** Profiles against their published overall levels (ASTM D4169, ISTA 3A, from memory), responses against closed forms. */
class SpectraTest {
    static Stream<Arguments> published() {
        return Stream.of(
                Arguments.of(Vibration.TRUCK_II, 0.52),
                Arguments.of(Vibration.AIR_II, 1.05),
                Arguments.of(Vibration.RAIL_II, 0.29),
                Arguments.of(Vibration.PARCEL_ROAD, 0.53));
    }

    @ParameterizedTest
    @MethodSource("published")
    void overallLevelIsThePublishedOne(Vibration vibration, double grms) {
        assertThat(ResponseLevel.grms(vibration.spectrum(), List.of())).isCloseTo(grms, within(0.006));
    }

    @ParameterizedTest
    @MethodSource("published")
    void integralEqualsTheClosedFormOfEachStraightPiece(Vibration vibration, double grms) {
        double sum = 0;
        List<Spectrum.Breakpoint> points = vibration.spectrum().points();
        for (int i = 1; i < points.size(); i++) {
            Spectrum.Breakpoint a = points.get(i - 1);
            Spectrum.Breakpoint b = points.get(i);
            double slope = Math.log(b.g2PerHz() / a.g2PerHz()) / Math.log(b.hz() / a.hz());
            // The integral of c f^n is c f^(n+1)/(n+1), a logarithm where n is -1.
            sum += Math.abs(slope + 1) < 1e-12
                    ? a.g2PerHz() * a.hz() * Math.log(b.hz() / a.hz())
                    : (b.g2PerHz() * b.hz() - a.g2PerHz() * a.hz()) / (slope + 1);
        }
        assertThat(ResponseLevel.grms(vibration.spectrum(), List.of())).isCloseTo(Math.sqrt(sum), within(1e-9));
    }

    /** Level I is twice, level III half the density of level II: 0.73 and 0.37 Grms (ASTM D4169, from memory). */
    @Test
    void truckLevelsScaleWithTheRootOfDensity() {
        double level2 = ResponseLevel.grms(Vibration.TRUCK_II.spectrum(), List.of());
        assertThat(level2 * Math.sqrt(2)).isCloseTo(0.73, within(0.006));
        assertThat(level2 / Math.sqrt(2)).isCloseTo(0.37, within(0.006));
    }

    /** Miles' formula with the viscous term of the base, sqrt(pi/2 f Q P (1 + 1/Q^2)), on a wide flat profile. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({"30, 3.5", "60, 10", "25, 5", "80, 40"})
    void responseOnAFlatProfileIsMiles(double hz, double q) {
        Spectrum flat = Spectrum.of(0.001, 0.01, 100000, 0.01);
        double miles = Math.sqrt(Math.PI / 2 * hz * q * 0.01 * (1 + 1 / (q * q)));
        assertThat(ResponseLevel.grms(flat, List.of(new Resonance(hz, q)))).isCloseTo(miles, within(miles * 2e-3));
    }

    /** Against a plain sum over a million thin strips. */
    @Test
    void responseThroughTwoResonancesEqualsAPlainSum() {
        Spectrum spectrum = Vibration.PARCEL_ROAD.spectrum();
        List<Resonance> chain = List.of(new Resonance(17.3, 4.5), new Resonance(61, 50));
        double sum = 0;
        int strips = 1_000_000;
        for (int i = 0; i < strips; i++) {
            double x0 = Math.log(200.0) * i / strips;
            double x1 = Math.log(200.0) * (i + 1) / strips;
            double hz = Math.exp((x0 + x1) / 2);
            double density = spectrum.at(hz);
            for (Resonance r : chain) {
                density *= r.squaredGain(hz);
            }
            sum += density * (Math.exp(x1) - Math.exp(x0));
        }
        double level = Math.sqrt(sum);
        assertThat(ResponseLevel.grms(spectrum, chain)).isCloseTo(level, within(level * 1e-6));
    }

    @Test
    void refusesWhatIsNoSpectrum() {
        assertThatThrownBy(() -> Spectrum.of(1, 0.1)).hasMessageContaining("at least 2");
        assertThatThrownBy(() -> Spectrum.of(5, 0.1, 5, 0.1)).hasMessageContaining("does not rise");
        assertThatThrownBy(() -> Spectrum.of(1, 0, 5, 0.1)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> Spectrum.of(Double.NaN, 1, 5, 0.1)).hasMessageContaining("above 0");
    }
}
