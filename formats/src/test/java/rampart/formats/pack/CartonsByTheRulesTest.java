package rampart.formats.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.Evaluator;
import rampart.core.layout.LaidBox;
import rampart.core.material.StandardCatalogue;
import rampart.core.quantity.Size;
import tools.jackson.databind.JsonNode;

/**
 * Rules 58 to 62 of docs/rules.md read once more, from their text alone and with nothing of core: insides, outsides and masses
 * of boxes, and what flat work between boards needs, on random files, to nine digits.
 */
class CartonsByTheRulesTest {
    private static final Map<String, Double> CALIPER = Map.of("e", 1.6, "b", 3.2, "c", 4.0, "bc", 7.0, "eb", 4.7);
    private static final double F = 2;
    private static final double T = 35;

    /** left, right, front, back, top, bottom, and the area of the board. */
    private record Made(double[] wall, double area) {}

    private static double tray(double x, double y, double d, double c) {
        return (x + c) * (y + c) + 2 * (x + y + 2 * c) * (d + c / 2) + 4 * Math.min(T, y / 2) * d;
    }

    private static double doubled(double x, double y, double d, double c) {
        double e = d + c / 2;
        return (x + c) * (y + c) + 2 * (x + y + 2 * c) * e + 4 * Math.min(e, y / 2) * e;
    }

    private static double[] ends(boolean lengthwise, double ends, double top, double bottom, double rest) {
        return lengthwise
                ? new double[] {ends, ends, rest, rest, top, bottom}
                : new double[] {rest, rest, ends, ends, top, bottom};
    }

    private static Made made(String style, double l, double w, double h, double c, double lid) {
        double big = Math.max(l, w);
        double small = Math.min(l, w);
        boolean along = l >= w;
        double p = 2 * (big + c) + 2 * (small + c) + T;
        double r = 2 * (small + c) + 2 * (h + c) + T;
        double[] over = {3 * c + F / 2, 3 * c + F / 2, 2 * c + F / 2, 2 * c + F / 2, c, c};
        return switch (style) {
            case "0200" -> new Made(new double[] {c, c, c, c, 0, 2 * c}, p * (h + c + (small + c) / 2));
            case "0201" -> new Made(new double[] {c, c, c, c, 2 * c, 2 * c}, p * (h + 2 * c + small + c));
            case "0203" -> new Made(new double[] {c, c, c, c, 3 * c, 3 * c}, p * (h + 4 * c + 2 * small));
            case "0320" -> {
                double d = Math.min(lid, h + 2 * c);
                double l2 = big + 4 * c + F;
                double w2 = small + 2 * c + F;
                yield new Made(
                        ends(along, 3 * c + F / 2, 2 * c, 2 * c, 2 * c + F / 2),
                        p * (h + c + (small + c) / 2) + (2 * (l2 + c) + 2 * (w2 + c) + T) * (d + c + (w2 + c) / 2));
            }
            case "0301" ->
                new Made(over, tray(l, w, h, c) + tray(l + 4 * c + F, w + 2 * c + F, Math.min(lid, h + c), c));
            case "0401" ->
                new Made(
                        new double[] {c, c, c, c, 2 * c, c},
                        (big + c) * (small + c) + 2 * (big + small + 2 * c) * (h + 1.5 * c + (small + c) / 2));
            case "0406" -> new Made(ends(along, 2 * c, c, c, c), r * (big + 2 * c + Math.min(small, h) + c));
            case "0410" -> {
                double f = h + c / 2;
                yield new Made(
                        ends(along, 4 * c, c, 2 * c, c),
                        (3 * (small + c) + 2 * (h + c)) * (big + 4 * c)
                                + 2 * (3 * (small + c) * f + 2 * (h + c) * Math.min(f, (small + c) / 2)));
            }
            case "0426" -> {
                double u = Math.max(0, h - c);
                yield new Made(
                        new double[] {3 * c, 3 * c, 2 * c, c, c, c},
                        (l + 5 * c) * (w + 2 * c)
                                + (l + 3 * c) * (h + c)
                                + (l + 6 * c) * (w + c)
                                + Math.max(0, l - F) * u
                                + (l + 3 * c) * (h + c / 2)
                                + 2 * ((w + 2 * c) * h + 2 * c * w + w * Math.max(0, h - c / 2))
                                + 2 * w * u);
            }
            case "0501" -> new Made(ends(along, 0, c, c, c), r * big);
            case "case" ->
                new Made(
                        new double[] {c, c, c, c, 2 * c, c},
                        ((l + 2 * c) * (w + 2 * c) * (h + 3 * c) - l * w * (h + 2 * c)) / c + l * w);
            case "caps" -> {
                double cap = Math.min(h / 2, lid == Double.MAX_VALUE ? 60 : lid);
                yield new Made(new double[] {c, c, c, c, c, c}, 2 * tray(l, w, cap, c));
            }
            default -> new Made(over, doubled(l, w, h, c) + doubled(l + 4 * c + F, w + 2 * c + F, h + c, c));
        };
    }

    private static double gap(JsonNode gaps, String face) {
        return gaps.has(face) ? gaps.path(face).asDouble() : gaps.path("all").asDouble(0);
    }

    private static double[] inside(JsonNode box, Size contents) {
        JsonNode stock = box.path("stock").path("insideMm");
        if (stock.isObject()) {
            return new double[] {
                stock.path("length").asDouble(),
                stock.path("width").asDouble(),
                stock.path("height").asDouble()
            };
        }
        double s = box.path("slackMm").asDouble(0);
        JsonNode g = box.path("gapsMm");
        boolean own = g.isObject();
        return new double[] {
            contents.lengthMm() + (own ? gap(g, "left") + gap(g, "right") : s),
            contents.widthMm() + (own ? gap(g, "front") + gap(g, "back") : s),
            contents.heightMm() + (own ? gap(g, "top") + gap(g, "bottom") : s)
        };
    }

    @Test
    void everyBoxIsWhatItsRuleSays() {
        EveryField files = new EveryField(new Random(58));
        int boxes = 0;
        for (int i = 0; i < 150; i++) {
            PackFile file = files.next();
            Evaluation evaluation = Evaluator.evaluateAtFirstLook(file.pack(), file.catalogue(StandardCatalogue.get()));
            for (LaidBox laid : evaluation.layout().boxes()) {
                JsonNode box = file.document().path("layers").get(laid.layer());
                String board = box.path("board").asString();
                if (board.startsWith("own.")) {
                    continue;
                }
                double c = CALIPER.get(board.substring(0, board.indexOf('-')));
                double[] in = inside(box, laid.contents());
                Made made = made(
                        box.path("style").asString(),
                        in[0],
                        in[1],
                        in[2],
                        c,
                        box.path("lidMm").asDouble(Double.MAX_VALUE));
                Size outside = laid.carton().outside();
                double[] wall = made.wall();
                assertThat(outside.lengthMm())
                        .as("%s", box)
                        .isCloseTo(in[0] + wall[0] + wall[1], near(outside.lengthMm()));
                assertThat(outside.widthMm())
                        .as("%s", box)
                        .isCloseTo(in[1] + wall[2] + wall[3], near(outside.widthMm()));
                assertThat(outside.heightMm())
                        .as("%s", box)
                        .isCloseTo(in[2] + wall[4] + wall[5], near(outside.heightMm()));
                assertThat(laid.carton().blankAreaMm2()).as("%s", box).isCloseTo(made.area(), near(made.area()));
                boxes++;
            }
        }
        assertThat(boxes).isGreaterThan(150);
    }

    private static org.assertj.core.data.Offset<Double> near(double value) {
        return within(1e-9 * Math.max(1, Math.abs(value)));
    }
}
