package rampart.core.item;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.quantity.Face;
import rampart.core.quantity.Point;
import rampart.core.quantity.Size;

/** The 24 turns of a cuboid: a group of rotations, none of them a mirror. */
class TurnTest {
    @Test
    void thereAre24AndEachIsARotation() {
        Set<List<Face>> seen = new HashSet<>();
        for (Turn turn : Turn.all()) {
            List<Face> to = Face.ALL.stream().map(turn::to).toList();
            assertThat(new HashSet<>(to)).hasSize(6);
            Point x = turn.point(new Point(1, 0, 0));
            Point y = turn.point(new Point(0, 1, 0));
            Point z = turn.point(new Point(0, 0, 1));
            double determinant = x.xMm() * (y.yMm() * z.zMm() - y.zMm() * z.yMm())
                    - y.xMm() * (x.yMm() * z.zMm() - x.zMm() * z.yMm())
                    + z.xMm() * (x.yMm() * y.zMm() - x.zMm() * y.yMm());
            assertThat(determinant).isEqualTo(1);
            seen.add(to);
        }
        assertThat(seen).hasSize(24);
        assertThat(Turn.all().get(0).to(Face.TOP)).isEqualTo(Face.TOP);
    }

    /** By hand: laid on its left side with the front staying in front, the right looks up and the top to the left. */
    @Test
    void anItemLaidOnItsLeftSide() {
        Turn turn = Turn.all().stream()
                .filter(t -> t.to(Face.LEFT) == Face.BOTTOM && t.to(Face.FRONT) == Face.FRONT)
                .findFirst()
                .orElseThrow();
        assertThat(turn.to(Face.RIGHT)).isEqualTo(Face.TOP);
        assertThat(turn.to(Face.TOP)).isEqualTo(Face.LEFT);
        assertThat(turn.size(new Size(300, 200, 100))).isEqualTo(new Size(100, 200, 300));
        assertThat(turn.point(new Point(10, 0, 4))).isEqualTo(new Point(-4, 0, 10));
        Item item = Item.plain(
                "thing",
                new Size(300, 200, 100),
                2,
                new Point(10, 0, 4),
                new Fragility(
                        OptionalDouble.of(60),
                        OptionalDouble.empty(),
                        Fragility.FragilityBasis.TEST,
                        Optional.empty(),
                        Map.of(Face.TOP, 30.0)));
        assertThat(turn.item(item).orElseThrow().fragility().criticalAccelerationByFaceG())
                .containsExactly(Map.entry(Face.LEFT, 30.0));
        assertThat(Turn.delicate(turn.item(item).orElseThrow())).containsExactly(Face.LEFT);
    }
}
