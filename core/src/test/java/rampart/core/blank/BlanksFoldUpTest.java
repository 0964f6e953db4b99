package rampart.core.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rampart.core.blank.FoldedByMatrices.Slab;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.geometry.Outline;
import rampart.core.geometry.PlanPoint;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/** Every style folded up by matrices of the test's own: the stated inside is free, its faces are there, nothing overlaps. */
class BlanksFoldUpTest {
    private static final double TOLERANCE = .1;

    static Stream<Carton> cartons() {
        List<Size> sizes = List.of(
                new Size(300, 200, 150),
                new Size(200, 300, 150),
                new Size(250, 250, 400),
                new Size(1060, 780, 93),
                new Size(1700, 300, 220),
                new Size(123.4, 77.7, 55.5),
                // A print: a glue tab of 35 mm would stand out of its walls.
                new Size(420, 30, 300),
                new Size(420, 300, 15));
        List<Carton> cartons = new ArrayList<>();
        // A case is glued of panels and folded nowhere: FingerCaseTest puts it together.
        for (CartonStyle style : EnumSet.complementOf(EnumSet.of(CartonStyle.RIGID_CASE))) {
            for (Size size : sizes) {
                for (String board : List.of("e-23", "c-32", "bc-48")) {
                    cartons.add(style.of(size, StandardCatalogue.get().board(board)));
                    if (style.hasLid()) {
                        cartons.add(style.of(size, StandardCatalogue.get().board(board), OptionalDouble.of(25)));
                    }
                }
            }
        }
        return cartons.stream();
    }

    private static List<Slab> slabs(Carton carton) {
        return Blanks.of(carton).stream()
                .flatMap(blank -> FoldedByMatrices.slabs(blank).stream())
                .toList();
    }

    /**
     * The one tab of a tube lies inside one corner, a caliper thick, as the trade has it, and no farther in; everything else, corner tabs
     * of trays among it, leaves the inside free.
     */
    private static double standsIn(Slab slab, Carton carton) {
        return slab.name().equals("glue tab") ? carton.board().caliperMm() : 0;
    }

    @ParameterizedTest
    @MethodSource("cartons")
    void theInsideIsFreeAndNoLarger(Carton carton) {
        double[] half = half(carton.inside());
        for (Slab slab : slabs(carton)) {
            double out = Double.NEGATIVE_INFINITY;
            for (int k = 0; k < 3; k++) {
                out = Math.max(out, Math.max(slab.min()[k] - half[k], -half[k] - slab.max()[k]));
            }
            assertThat(out)
                    .as("%s of %s outside the inside", slab.name(), carton)
                    .isGreaterThan(-TOLERANCE - standsIn(slab, carton));
        }
        for (int k = 0; k < 3; k++) {
            for (int sign : new int[] {-1, 1}) {
                if (closed(carton, k, sign)) {
                    double nearest = nearest(carton, k, sign);
                    assertThat(nearest)
                            .as("wall at %d %d of %s", k, sign, carton)
                            .isCloseTo(half[k], within(TOLERANCE));
                }
            }
        }
    }

    private static double nearest(Carton carton, int axis, int sign) {
        double[] half = half(carton.inside());
        return slabs(carton).stream()
                .filter(slab -> standsIn(slab, carton) == 0)
                .mapToDouble(s -> sign > 0 ? s.min()[axis] : -s.max()[axis])
                .filter(plane -> plane > half[axis] - 1)
                .min()
                .orElse(Double.NaN);
    }

    /** True where the style has a wall there. */
    private static boolean closed(Carton carton, int axis, int sign) {
        return switch (carton.style()) {
            case HALF_SLOTTED -> axis != 2 || sign < 0;
            case SLEEVE -> axis != (carton.lengthwise() ? 0 : 1);
            default -> true;
        };
    }

    @ParameterizedTest
    @MethodSource("cartons")
    void theOutsideIsTheStatedOutside(Carton carton) {
        double[] min = {1e9, 1e9, 1e9};
        double[] max = {-1e9, -1e9, -1e9};
        for (Slab slab : slabs(carton)) {
            for (int k = 0; k < 3; k++) {
                min[k] = Math.min(min[k], slab.min()[k]);
                max[k] = Math.max(max[k], slab.max()[k]);
            }
        }
        double[] half = half(carton.inside());
        double[] low = {
            carton.wallMm().left(), carton.wallMm().front(), carton.wallMm().bottom()
        };
        double[] high = {
            carton.wallMm().right(), carton.wallMm().back(), carton.wallMm().top()
        };
        // Corner tabs are glued to the outside of the ends: a caliper more at each, near the corners.
        if (trays(carton)) {
            low[0] += carton.board().caliperMm();
            high[0] += carton.board().caliperMm();
        }
        for (int k = 0; k < 3; k++) {
            assertThat(-min[k] - half[k]).as("lower side %d of %s", k, carton).isCloseTo(low[k], within(TOLERANCE));
            assertThat(max[k] - half[k]).as("upper side %d of %s", k, carton).isCloseTo(high[k], within(TOLERANCE));
        }
    }

    private static boolean trays(Carton carton) {
        return switch (carton.style()) {
            case LID_AND_TRAY, CAPS, TWO_SHEET -> true;
            default -> false;
        };
    }

    /** Faces meet: every face that is closed is covered, but for the slots at its corners. */
    @ParameterizedTest
    @MethodSource("cartons")
    void everyFaceIsCovered(Carton carton) {
        if (carton.style() == CartonStyle.CAPS) {
            return;
        }
        List<Slab> slabs = slabs(carton);
        double[] half = half(carton.inside());
        double slot = TubeBlank.slotMm(carton.board().caliperMm());
        for (int k = 0; k < 3; k++) {
            for (int sign : new int[] {-1, 1}) {
                if (!closed(carton, k, sign)) {
                    continue;
                }
                int a = (k + 1) % 3;
                int b = (k + 2) % 3;
                for (int i = 0; i <= 20; i++) {
                    for (int j = 0; j <= 20; j++) {
                        double p = (half[a] - slot) * (i / 10.0 - 1);
                        double q = (half[b] - slot) * (j / 10.0 - 1);
                        int axis = k;
                        boolean covered = slabs.stream()
                                .anyMatch(s -> (sign > 0 ? s.max()[axis] : -s.min()[axis]) > half[axis]
                                        && s.min()[a] <= p + TOLERANCE
                                        && s.max()[a] >= p - TOLERANCE
                                        && s.min()[b] <= q + TOLERANCE
                                        && s.max()[b] >= q - TOLERANCE);
                        assertThat(covered)
                                .as("face %d %d of %s at %.1f %.1f", k, sign, carton, p, q)
                                .isTrue();
                    }
                }
            }
        }
    }

    /** Two boards are never in one place, but for the half caliper by which a board stands on another's score. */
    @ParameterizedTest
    @MethodSource("cartons")
    void noBoardIsWhereAnotherIs(Carton carton) {
        List<Slab> slabs = slabs(carton);
        double crush = carton.board().caliperMm() / 2 + 1e-6;
        for (int i = 0; i < slabs.size(); i++) {
            for (int j = 0; j < i; j++) {
                double least = Double.MAX_VALUE;
                for (int k = 0; k < 3; k++) {
                    least = Math.min(least, slabs.get(i).overlap(k, slabs.get(j)));
                }
                // A lock goes through the base, in a slot of its own.
                boolean locked = carton.style() == CartonStyle.MAILER
                        && slabs.get(i).name().equals("inner side")
                        && slabs.get(j).name().equals("base");
                assertThat(least - (locked ? carton.board().caliperMm() : 0))
                        .as("%s and %s of %s", slabs.get(i).name(), slabs.get(j).name(), carton)
                        .isLessThan(crush);
            }
        }
    }

    /** The formula's area is the polygons' area and what goes to waste, by closed forms. */
    @ParameterizedTest
    @MethodSource("cartons")
    void areaByFormulaIsAreaByPolygon(Carton carton) {
        double polygons = Blanks.of(carton).stream().mapToDouble(Blank::areaMm2).sum();
        if (Math.min(carton.inside().widthMm(), carton.inside().heightMm()) < 35) {
            // Its tab is narrower than the formula takes it.
            assertThat(carton.blankAreaMm2()).isGreaterThanOrEqualTo(polygons - 1e-6);
            return;
        }
        assertThat(carton.blankAreaMm2() - polygons)
                .as("%s", carton)
                .isCloseTo(wasteMm2(carton), within(1e-6 * polygons));
    }

    private static double wasteMm2(Carton carton) {
        double c = carton.board().caliperMm();
        double slot = TubeBlank.slotMm(c);
        double longer = Math.max(carton.inside().lengthMm(), carton.inside().widthMm());
        double shorter = Math.min(carton.inside().lengthMm(), carton.inside().widthMm());
        double h = carton.inside().heightMm();
        double flap = (shorter + c) / 2;
        return switch (carton.style()) {
            // Four slots and the waste over the tab at each end; the slopes of the tab.
            case REGULAR_SLOTTED -> 2 * flap * (4 * slot + 35) + 35 * 2 * c + slopes(h);
            case HALF_SLOTTED -> flap * (4 * slot + 35) + 35 * c + slopes(h);
            case FULL_OVERLAP -> {
                double outer = shorter + c / 2;
                double inner = Math.min(outer, (longer + c) / 2);
                yield 2 * outer * (4 * slot + 35) + 4 * (outer - inner) * (shorter + c - slot) + 35 * 3 * c + slopes(h);
            }
            case TELESCOPE -> {
                double lid = lidMm(carton, h + 2 * c);
                double lidFlap = (shorter + 3 * c + 2) / 2;
                yield flap * (4 * slot + 35) + slopes(h) + lidFlap * (4 * slot + 35) + slopes(lid) + 35 * 2 * c;
            }
            case WRAP_AROUND -> (Math.min(shorter, h) + c) * (4 * slot + 35) + 35 * 2 * c + slopes(longer);
            case SLEEVE -> slopes(longer);
            case FIVE_PANEL_FOLDER -> {
                double outer = h + c / 2;
                yield 2 * slot * (3 * outer + 2 * Math.min(outer, (shorter + c) / 2));
            }
            case ONE_PIECE_FOLDER -> 2 * c * (shorter + c) / 2;
            case LID_AND_TRAY, CAPS, TWO_SHEET, RIGID_CASE -> 0;
            // Four locks, which the formula leaves out, and their slots, a millimetre larger, which it does not deduct.
            case MAILER -> {
                double lock = carton.inside().widthMm() / 6;
                yield 4 * ((lock + 1) * (c + 1) - lock * c);
            }
        };
    }

    private static double lidMm(Carton carton, double most) {
        return Math.min(most, ((rampart.core.box.Telescope) carton).lidMm());
    }

    private static double slopes(double depth) {
        return 35 * Math.min(15, depth / 4);
    }

    /** The closed edge by union encloses as much as the panels do, which therefore do not overlap on the flat. */
    @ParameterizedTest
    @MethodSource("cartons")
    void flatPanelsDoNotOverlap(Carton carton) {
        for (Blank blank : Blanks.of(carton)) {
            assertThat(blank.edges()).hasSize(1 + blank.openings().size());
            double holes =
                    blank.openings().stream().mapToDouble(Outline::areaMm2).sum();
            assertThat(blank.edges().stream().mapToDouble(Outline::areaMm2).sum() - 2 * holes)
                    .as("%s", carton)
                    .isCloseTo(blank.areaMm2(), within(1e-6 * blank.areaMm2()));
        }
    }

    /** The product's own folding puts every panel where the test's matrices put it. */
    @ParameterizedTest
    @MethodSource("cartons")
    void foldingAgreesWithTheMatrices(Carton carton) {
        for (Blank blank : Blanks.of(carton)) {
            List<Pose> poses = Folding.closed(blank);
            List<Slab> slabs = FoldedByMatrices.slabs(blank);
            for (int i = 0; i < poses.size(); i++) {
                double[] max = {-1e9, -1e9, -1e9};
                for (PlanPoint p : blank.panels().get(i).corners()) {
                    for (double up : new double[] {-blank.caliperMm() / 2, blank.caliperMm() / 2}) {
                        Point at = poses.get(i).at(p.xMm(), p.yMm(), up);
                        max[0] = Math.max(max[0], at.xMm());
                        max[1] = Math.max(max[1], at.yMm());
                        max[2] = Math.max(max[2], at.zMm());
                    }
                }
                assertThat(max)
                        .as("panel %d of %s", i, carton)
                        .containsExactly(slabs.get(i).max(), within(1e-6));
            }
        }
    }

    /** Half folded, an edge is still as long as on the flat: nothing is stretched on the way. */
    @Test
    void nothingIsStretchedWhileItIsFolded() {
        Blank blank = Blanks.of(CartonStyle.MAILER.of(
                        new Size(300, 200, 80), StandardCatalogue.get().board("b-32")))
                .get(0);
        for (double step = 0; step <= blank.steps().size(); step += .37) {
            List<Pose> poses = Folding.at(blank, step);
            for (int i = 0; i < poses.size(); i++) {
                List<PlanPoint> corners = blank.panels().get(i).corners();
                Point a = poses.get(i).at(corners.get(0).xMm(), corners.get(0).yMm(), 0);
                Point b = poses.get(i).at(corners.get(1).xMm(), corners.get(1).yMm(), 0);
                assertThat(Math.hypot(Math.hypot(a.xMm() - b.xMm(), a.yMm() - b.yMm()), a.zMm() - b.zMm()))
                        .isCloseTo(corners.get(0).to(corners.get(1)), within(1e-9));
            }
        }
    }

    /** Worked by hand: a panel of 900 x 620 x 35 between boards, 80 mm all round, board thickness neglected. */
    @Test
    void theTwoSheetsOfALargePanelWithoutAllowances() {
        double depth = 35 + 2 * 5 + 2 * 24;
        double length = 900 + 2 * 80;
        double width = 620 + 2 * 80;
        Carton carton = CartonStyle.TWO_SHEET.of(
                new Size(length, width, depth), StandardCatalogue.get().board("c-32"));
        Blank lower = Blanks.of(carton).get(0);
        double c = 4;
        assertThat(lower.bounds().widthMm()).isCloseTo(1246 + 2 * c, within(1e-9));
        assertThat(lower.bounds().heightMm()).isCloseTo(966 + 2 * c, within(1e-9));
        assertThat(lower.cuts()).hasSize(4);
    }

    @Test
    void aMailerLowerThanItsBoardsIsRefused() {
        Carton low = CartonStyle.MAILER.of(
                new Size(300, 200, 5), StandardCatalogue.get().board("c-32"));
        assertThatThrownBy(() -> Blanks.of(low))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("8.0 mm")
                .hasMessageContaining("5.0 mm");
    }

    /** Pushed down, each lock stands in a slot of the base that is larger by a millimetre, and ends flush below it. */
    @Test
    void theLocksOfAMailerStandInTheirSlots() {
        Carton carton = CartonStyle.MAILER.of(
                new Size(300, 200, 80), StandardCatalogue.get().board("b-32"));
        double c = carton.board().caliperMm();
        Blank blank = Blanks.of(carton).get(0);
        List<Pose> poses = Folding.closed(blank);
        Pose base = poses.get(0);
        int locks = 0;
        for (int i = 0; i < poses.size(); i++) {
            if (!blank.panels().get(i).name().equals("inner side")) {
                continue;
            }
            List<PlanPoint> corners = blank.panels().get(i).corners();
            for (int k = 3; k + 2 < corners.size() - 1; k += 4) {
                locks++;
                Point one = poses.get(i).at(corners.get(k).xMm(), corners.get(k).yMm(), 0);
                double bottom = -carton.inside().heightMm() / 2 - c;
                assertThat(one.zMm()).as("flush below the base").isCloseTo(bottom, within(TOLERANCE));
                assertThat(blank.openings().stream()
                                .map(slot -> slot.bounds())
                                .filter(slot -> {
                                    Point low = base.at(slot.minXMm(), slot.minYMm(), 0);
                                    Point high = base.at(slot.maxXMm(), slot.maxYMm(), 0);
                                    return Math.abs(one.xMm() - low.xMm()) > c / 2
                                            && one.xMm() > Math.min(low.xMm(), high.xMm()) + c / 2
                                            && one.xMm() < Math.max(low.xMm(), high.xMm()) - c / 2
                                            && one.yMm() > Math.min(low.yMm(), high.yMm())
                                            && one.yMm() < Math.max(low.yMm(), high.yMm());
                                })
                                .count())
                        .as("its slot is there")
                        .isEqualTo(1);
            }
        }
        assertThat(locks).isEqualTo(4);
    }

    private static double[] half(Size size) {
        return new double[] {size.lengthMm() / 2, size.widthMm() / 2, size.heightMm() / 2};
    }
}
