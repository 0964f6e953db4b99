package rampart.core.bed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import rampart.core.geometry.Bounds;
import rampart.core.geometry.PlanPoint;
import rampart.core.layout.LaidCushion;
import rampart.core.layout.LayoutWalk;
import rampart.core.material.StandardCatalogue;
import rampart.core.pack.Pack;
import rampart.core.pack.Packs;
import rampart.core.quantity.Axis;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;
import rampart.core.quantity.Units;

/** Ties that are proposed, against what rules 54 and 55 ask of them, and their slots against what they must not cut. */
class TyingTest {
    private static final Size SIZE = new Size(200, 120, 80);

    private static List<PlanPoint> rectangle(double x1, double y1, double x2, double y2) {
        return List.of(new PlanPoint(x1, y1), new PlanPoint(x2, y1), new PlanPoint(x2, y2), new PlanPoint(x1, y2));
    }

    private static BedPart part(List<PlanPoint> outline, double bottom, double top, Nature nature) {
        return new BedPart("part", new Prism(outline, bottom, top), nature, nature == Nature.STRONG ? 0 : 5);
    }

    private static final BedPart WHOLE = part(rectangle(-100, -60, 100, 60), -40, 40, Nature.STRONG);

    private static BedShape bed(BedPart... parts) {
        return new BedShape(SIZE, List.of(parts), List.of(), 0, 0, List.of());
    }

    /** 2 kg turned over and shaken pull with 39.2 N; a third more over four ends is 13.1 N, in steps of 5. */
    @Test
    void aBlockHasTwoTiesAcrossItOnBothSidesOfItsBalance() {
        BedShape tied = Tying.of(bed(WHOLE), 2, Point.ORIGIN, 0).orElseThrow();
        assertThat(tied.ties()).extracting(Tie::axis).containsOnly(Axis.Y);
        // Webbing and hook-and-loop of 20 mm, as it is bought (common practice, no source).
        assertThat(tied.ties()).extracting(Tie::widthMm).containsOnly(20.0);
        assertThat(tied.ties()).extracting(Tie::tensionN).containsOnly(15.0);
        assertThat(tied.ties().get(0).atMm()).isCloseTo(-50, within(3.0));
        assertThat(tied.ties().get(1).atMm()).isCloseTo(50, within(3.0));
        assertThat(tied.contact().tieSeats()).containsOnly(TieSeat.SITS);
        assertThat(tied.tiesN()).isGreaterThan(2 * 2 * Units.STANDARD_GRAVITY);
    }

    @Test
    void whatTheLidHoldsNeedNotBeHeldByTies() {
        assertThat(Tying.of(bed(WHOLE), 20, Point.ORIGIN, 0)
                        .orElseThrow()
                        .ties()
                        .get(0)
                        .tensionN())
                .isEqualTo(135);
        assertThat(Tying.of(bed(WHOLE), 20, Point.ORIGIN, 400)
                        .orElseThrow()
                        .ties()
                        .get(0)
                        .tensionN())
                .isEqualTo(35);
        assertThat(Tying.of(bed(WHOLE), 20, Point.ORIGIN, 4000)
                        .orElseThrow()
                        .ties()
                        .get(0)
                        .tensionN())
                .isEqualTo(10);
    }

    @Test
    void noTieLiesOverWhatMayNotBeLeanedOn() {
        BedPart glass = part(rectangle(-70, -30, -30, 30), 20, 40, Nature.FRAGILE);
        BedPart low = part(rectangle(-100, -60, 100, 60), -40, 20, Nature.STRONG);
        BedShape tied = Tying.of(bed(low, glass), 2, Point.ORIGIN, 0).orElseThrow();
        assertThat(tied.contact().tieSeats()).containsOnly(TieSeat.SITS);
        assertThat(tied.ties()).allMatch(tie -> tie.axis() != Axis.Y || tie.atMm() + 10 < -70 || tie.atMm() - 10 > -30);
        BedPart cover = part(rectangle(-100, -60, 100, 60), 20, 40, Nature.FRAGILE);
        assertThat(Tying.of(bed(low, cover), 2, Point.ORIGIN, 0)).isEmpty();
    }

    /** With its balance at the far left a tie could lie on its right alone: the item would turn out. */
    @Test
    void noneIsProposedWhereOneSideOfTheBalanceStaysFree() {
        assertThat(Tying.of(bed(WHOLE), 2, new Point(-99, 59, 0), 0)).isEmpty();
    }

    /** Foam under the middle 50 mm alone: two bands would lie on each other there, so none is proposed along that axis. */
    @Test
    void bandsDoNotLieOnEachOther() {
        BedShape hollow = new BedShape(
                SIZE,
                List.of(WHOLE),
                List.of(
                        new BedWell("left", new Prism(rectangle(-100, -60, -25, 60), -60, -40)),
                        new BedWell("right", new Prism(rectangle(25, -60, 100, 60), -60, -40))),
                0,
                0,
                List.of());
        assertThat(Tying.of(hollow, 2, Point.ORIGIN, 0)).isEmpty();
    }

    /** The band goes down beside the widest of what it passes over. */
    @Test
    void slotsLieBesideTheOpening() {
        BedShape bed = bed(WHOLE).tied(List.of(new Tie(Axis.Y, -50, 20, 15)));
        TieSlot slot = TieSlot.of(bed).get(0);
        assertThat(Bounds.of(slot.first())).isEqualTo(new Bounds(-62, -69, -38, -65));
        assertThat(Bounds.of(slot.second())).isEqualTo(new Bounds(-62, 65, -38, 69));
        assertThat(Bounds.of(slot.band())).isEqualTo(new Bounds(-60, -65, -40, 65));
    }

    @Test
    void onRandomBedsProposedTiesHoldAndTheirSlotsKeepClear() {
        Random random = new Random(54);
        int proposed = 0;
        for (int i = 0; i < 60; i++) {
            Pack pack = Packs.bedded(random);
            LaidCushion laid = LayoutWalk.layUndrawn(pack.item(), pack.layers(), StandardCatalogue.get())
                    .bed()
                    .orElseThrow();
            BedShape bed = laid.bed().orElseThrow();
            double massKg = pack.item().massKg();
            var tied = Tying.of(bed, massKg, pack.item().centreOfMass(), laid.lidN());
            if (tied.isPresent()) {
                proposed++;
                assertThat(tied.get().contact().tieSeats()).containsOnly(TieSeat.SITS);
                assertThat(tied.get().tiesN() + tied.get().lidN(laid.lidKpa()))
                        .isGreaterThanOrEqualTo(1.33 * 2 * massKg * Units.STANDARD_GRAVITY);
                slotsKeepOff(tied.get());
            }
        }
        assertThat(proposed).isGreaterThan(10);
    }

    /** A geometry library measures from each slot to each part: its clearance and 5 mm of foam stay between. */
    private static void slotsKeepOff(BedShape bed) {
        for (TieSlot slot : TieSlot.of(bed)) {
            for (BedPart part : bed.parts()) {
                for (List<PlanPoint> outline : List.of(slot.first(), slot.second())) {
                    assertThat(polygon(outline).distance(polygon(part.prism().outline())))
                            .isGreaterThan(part.gapMm() + 5 - 1e-6);
                }
            }
        }
    }

    private static Polygon polygon(List<PlanPoint> outline) {
        Coordinate[] ring = new Coordinate[outline.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            PlanPoint place = outline.get(i % outline.size());
            ring[i] = new Coordinate(place.xMm(), place.yMm());
        }
        return new GeometryFactory().createPolygon(ring);
    }

    /** Ties anywhere over a bed, sensible or not: those with something under them go down through foam. */
    @Test
    void slotsOfAnyTieLieInFoam() {
        Random random = new Random(55);
        int slots = 0;
        for (int i = 0; i < 80; i++) {
            Pack pack = Packs.bedded(random);
            BedShape bed = LayoutWalk.layUndrawn(pack.item(), pack.layers(), StandardCatalogue.get())
                    .bed()
                    .orElseThrow()
                    .bed()
                    .orElseThrow();
            Axis axis = random.nextBoolean() ? Axis.X : Axis.Y;
            double across = bed.size().along(axis == Axis.X ? Axis.Y : Axis.X);
            BedShape tied =
                    bed.tied(List.of(new Tie(axis, (random.nextDouble() - 0.5) * across, 10 + random.nextInt(30), 20)));
            slotsKeepOff(tied);
            slots += TieSlot.of(tied).size();
        }
        assertThat(slots).isGreaterThan(50);
    }
}
