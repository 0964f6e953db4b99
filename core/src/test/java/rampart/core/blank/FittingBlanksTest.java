package rampart.core.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.box.Carton;
import rampart.core.box.CartonStyle;
import rampart.core.box.Fitting;
import rampart.core.box.Strapping;
import rampart.core.material.Board;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/** What is put into a carton and round it, against sizes by hand and folded up. */
class FittingBlanksTest {
    private static final Board BOARD = StandardCatalogue.get().board("c-44");

    private static final Size BODY = new Size(300, 20, 200);

    private static Carton carton(double l, double w, double h) {
        return CartonStyle.REGULAR_SLOTTED.of(new Size(l, w, h), BOARD);
    }

    private static List<CountedBlank> of(Carton carton, Set<Fitting> fittings) {
        return FittingBlanks.of(carton, fittings, BODY, Strapping.of(carton, 10, FittingBlanks.PROTECTOR_MM));
    }

    private static CountedBlank called(List<CountedBlank> blanks, String name) {
        return blanks.stream()
                .filter(b -> b.blank().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPadIsTheInsideLessItsPlay() {
        CountedBlank pad = called(of(carton(400, 300, 250), EnumSet.of(Fitting.TOP_PAD)), "pad on top");
        assertThat(pad.count()).isEqualTo(1);
        assertThat(pad.areaMm2()).isCloseTo(398 * 298, within(1e-9));
    }

    /** Folded up, a liner keeps a millimetre from every wall, and its ends meet in the middle of one. */
    @Test
    void aLinerFoldsUpToStandInsideTheWalls() {
        Random random = new Random(1);
        for (int i = 0; i < 30; i++) {
            double l = 100 + random.nextInt(600);
            double w = 100 + random.nextInt(600);
            double h = 60 + random.nextInt(400);
            Blank liner = called(of(carton(l, w, h), EnumSet.of(Fitting.LINER, Fitting.BOTTOM_PAD)), "liner")
                    .blank();
            double c = BOARD.caliperMm();
            // Round the middle of its board, and two calipers less high than the inside with its play.
            double round = 2 * (l + w) - 8 * FittingBlanks.PLAY_MM - 4 * c;
            assertThat(liner.areaMm2()).isCloseTo(round * (h - c - 2), within(1e-6));
            double[] reach = new double[3];
            List<Pose> poses = Folding.at(liner, liner.steps().size());
            for (int p = 0; p < poses.size(); p++) {
                for (var corner : liner.panels().get(p).corners()) {
                    Point at = poses.get(p).at(corner.xMm(), corner.yMm(), 0);
                    reach[0] = Math.max(reach[0], Math.abs(at.xMm()));
                    reach[1] = Math.max(reach[1], Math.abs(at.yMm()));
                    reach[2] = Math.max(reach[2], Math.abs(at.zMm()));
                }
            }
            // Half the board lies outside its middle.
            assertThat(reach[0] + c / 2).isCloseTo(l / 2 - 1, within(1e-6));
            assertThat(reach[1] + c / 2).isCloseTo(w / 2 - 1, within(1e-6));
            assertThat(reach[2]).isCloseTo((h - c - 2) / 2, within(1e-6));
            Pose last = poses.get(poses.size() - 1);
            Point end = last.at(liner.bounds().maxXMm(), 0, 0);
            Point first = poses.get(0).at(0, 0, 0);
            assertThat(Math.hypot(end.xMm() - first.xMm(), end.yMm() - first.yMm()))
                    .isCloseTo(0, within(1e-6));
        }
    }

    @Test
    void postsProtectorsAndCapsByHand() {
        Set<Fitting> all = EnumSet.allOf(Fitting.class);
        Carton carton = carton(400, 300, 250);
        List<CountedBlank> blanks = of(carton, all);
        double c = BOARD.caliperMm();
        CountedBlank post = called(blanks, "corner post");
        assertThat(post.count()).isEqualTo(4);
        assertThat(post.blank().areaMm2()).isCloseTo(2 * 50 * (250 - 2 * c - 2), within(1e-9));
        assertThat(called(blanks, "edge protector, upright").count()).isEqualTo(4);
        // Two straps turn four edges each.
        assertThat(called(blanks, "edge protector under a strap").count()).isEqualTo(8);
        // Two legs of 50 mm, 100 long (common practice, no source).
        assertThat(called(blanks, "edge protector under a strap").blank().areaMm2())
                .isCloseTo(2 * 50 * 100, within(1e-9));
        assertThat(called(blanks, "board cap").count()).isEqualTo(2);
        double x = carton.outside().lengthMm() + 2 + c;
        double y = carton.outside().widthMm() + 2 + c;
        double tray = x * y + 2 * (x + y) * (60 + c / 2) + 4 * 35 * 60;
        assertThat(called(blanks, "board cap").blank().areaMm2()).isCloseTo(tray, within(1e-6));
        assertThat(FittingBlanks.takesMm(carton, all)).isEqualTo(new Size(8 * c, 8 * c, 6 * c));
    }

    /** A panel of 300 x 200 x 20: channels 20 and two of play wide inside, legs of 50; folded up they hold it. */
    @Test
    void profilesAndCornerPiecesGoOverTheEdgesOfAPanel() {
        List<CountedBlank> blanks = of(carton(400, 300, 250), EnumSet.of(Fitting.EDGE_PROFILES, Fitting.CORNER_PIECES));
        double c = BOARD.caliperMm();
        double web = 20 + 2 + c;
        assertThat(called(blanks, "edge profile, long").areaMm2()).isCloseTo(2 * 300 * (web + 100), within(1e-9));
        assertThat(called(blanks, "edge profile, short").areaMm2()).isCloseTo(2 * 200 * (web + 100), within(1e-9));
        CountedBlank corner = called(blanks, "corner piece");
        assertThat(corner.count()).isEqualTo(4);
        assertThat(corner.blank().areaMm2()).isCloseTo(200 * (web + 100), within(1e-9));
        for (String name : List.of("edge profile, long", "corner piece")) {
            Blank blank = called(blanks, name).blank();
            List<Pose> poses = Folding.at(blank, blank.steps().size());
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            // The legs stand square on the edge: between the middles of their boards is the web.
            for (int i = 0; i < poses.size(); i++) {
                if (blank.panels().get(i).name().equals("leg")) {
                    for (var at : blank.panels().get(i).corners()) {
                        double y = poses.get(i).at(at.xMm(), at.yMm(), 0).yMm();
                        low = Math.min(low, y);
                        high = Math.max(high, y);
                    }
                }
            }
            double outer = name.equals("corner piece") ? c : 0;
            assertThat(high - low).as(name).isCloseTo(web + 2 * outer, within(1e-6));
        }
    }

    /** Folded up with its tabs, a cap goes over the carton that it is for. */
    @Test
    void aBoardCapGoesOverItsCarton() {
        Carton carton = carton(300, 200, 150);
        Blank cap =
                called(of(carton, EnumSet.of(Fitting.BOARD_CAPS)), "board cap").blank();
        double x = carton.outside().lengthMm() / 2;
        double y = carton.outside().widthMm() / 2;
        for (FoldedByMatrices.Slab slab : FoldedByMatrices.slabs(cap)) {
            boolean below = slab.max()[2] <= BOARD.caliperMm() / 2 + 1e-6;
            double free = Math.max(
                    Math.max(slab.min()[0] - x, -x - slab.max()[0]), Math.max(slab.min()[1] - y, -y - slab.max()[1]));
            assertThat(below || free >= 0.5)
                    .as("%s stands in the carton's way", slab.name())
                    .isTrue();
        }
    }

    @Test
    void aCartonTooSmallForThemHasNone() {
        assertThat(of(carton(3, 3, 3), EnumSet.of(Fitting.LINER, Fitting.CORNER_POSTS)))
                .isEmpty();
        assertThat(of(carton(400, 300, 250), EnumSet.of(Fitting.STRAPS))).isEmpty();
    }
}
