package rampart.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.geometry.PlanPoint;
import rampart.core.kit.KitLayout;
import rampart.core.kit.KitPiece;
import rampart.core.measure.Assembly;
import rampart.core.measure.Shape;
import rampart.formats.view.KitView;
import rampart.formats.view.Nullable;
import rampart.formats.view.OutlinesView;
import rampart.server.messages.Message;

/** Outlines and kits out of measurements: shapes united and cut, stations along an axis, things side by side; nothing is stored. */
@RestController
class MeasuredController {
    private final Patience patience;

    MeasuredController(Patience patience) {
        this.patience = patience;
    }

    /** Kinds of shapes; the names are the words of the interface. */
    @SuppressWarnings("java:S115")
    enum ShapeKind {
        rectangle,
        circle,
        ellipse,
        slot,
        polygon,
        stations
    }

    /** What a shape does to those before it. */
    @SuppressWarnings("java:S115")
    enum ShapeUse {
        added,
        cut_away
    }

    /** Whether the same lies on the other side of the middle too. */
    @SuppressWarnings("java:S115")
    enum ShapeTwin {
        none,
        left_and_right,
        front_and_back
    }

    /**
     * A shape in its place.
     *
     * @param lengthMm of a rectangle, ellipse or slot; the diameter of a circle
     * @param placesMm of a polygon: right and back; of stations: along, half-width behind, half-width in front
     */
    record ShapeAsked(
            @NotNull ShapeKind kind,
            @Nullable Double lengthMm,
            @Nullable Double widthMm,
            @Nullable Double radiusMm,
            @Nullable @Size(max = Shape.MOST_PLACES) List<@NotNull List<@NotNull Double>> placesMm,
            double rightMm,
            double backMm,
            double turnDegrees,
            @NotNull ShapeUse use,
            @NotNull ShapeTwin twin) {
        Assembly.Placed placed() {
            return new Assembly.Placed(
                    shape(),
                    rightMm,
                    backMm,
                    turnDegrees,
                    Assembly.Use.valueOf(use.name().toUpperCase(Locale.ROOT)),
                    Assembly.Twin.valueOf(twin.name().toUpperCase(Locale.ROOT)));
        }

        private Shape shape() {
            return switch (kind) {
                case rectangle ->
                    new Shape.Rectangle(
                            given(lengthMm, "length"), given(widthMm, "width"), radiusMm == null ? 0 : radiusMm);
                case circle -> new Shape.Circle(given(lengthMm, "diameter"));
                case ellipse -> new Shape.Ellipse(given(lengthMm, "length"), given(widthMm, "width"));
                case slot -> new Shape.Slot(given(lengthMm, "length"), given(widthMm, "width"));
                case polygon ->
                    new Shape.Polygon(rows(2).stream()
                            .map(row -> new PlanPoint(row.get(0), row.get(1)))
                            .toList());
                case stations ->
                    new Shape.Stations(rows(3).stream()
                            .map(row -> new Shape.Stations.Station(row.get(0), row.get(1), row.get(2)))
                            .toList());
            };
        }

        private double given(Double value, String what) {
            if (value == null) {
                throw new IllegalArgumentException("a " + kind + " needs its " + what);
            }
            return value;
        }

        private List<List<Double>> rows(int figures) {
            if (placesMm == null) {
                throw new IllegalArgumentException("a shape of kind " + kind + " needs its places");
            }
            for (List<Double> row : placesMm) {
                if (row == null || row.size() != figures || row.contains(null)) {
                    throw new IllegalArgumentException("each place of kind " + kind + " has " + figures + " figures");
                }
            }
            return placesMm;
        }
    }

    /** Shapes in the order in which they are put down. */
    record MeasuredAsked(
            @NotNull @Size(min = 1, max = Assembly.MOST_SHAPES)
            List<@Valid @NotNull ShapeAsked> shapes) {}

    /** What shapes make together, where they were put: 0 is the middle of the item. */
    @PostMapping(
            path = "/api/outlines/measured",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    OutlinesView measured(@Valid @RequestBody MeasuredAsked asked, HttpServletRequest request) {
        try {
            return OutlinesView.measured(patience.run(
                    request,
                    watcher -> Assembly.of(
                            asked.shapes().stream().map(ShapeAsked::placed).toList(), watcher)));
        } catch (IllegalArgumentException e) {
            throw new MeasuresRefusedException(e.getMessage());
        }
    }

    /**
     * One kind of thing of a kit, as it lies.
     *
     * @param massKg of one
     */
    record KitPieceAsked(
            @NotNull @Size(min = 1, max = 40) String name,
            double lengthMm,
            double widthMm,
            double heightMm,
            double massKg,
            int count) {
        KitPiece piece() {
            return new KitPiece(name, new rampart.core.quantity.Size(lengthMm, widthMm, heightMm), massKg, count);
        }
    }

    /**
     * Everything that is to lie in one bed.
     *
     * @param layers trays over each other; one where left out
     */
    record KitAsked(
            @NotNull @Size(min = 1, max = KitPiece.MOST) List<@Valid @NotNull KitPieceAsked> pieces,
            @Nullable Integer layers) {}

    /** Several things laid out in one bed. */
    @PostMapping(
            path = "/api/kits",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    KitView kit(@Valid @RequestBody KitAsked asked) {
        try {
            return KitView.of(KitLayout.of(
                    asked.pieces().stream().map(KitPieceAsked::piece).toList(),
                    asked.layers() == null ? 1 : asked.layers()));
        } catch (IllegalArgumentException e) {
            throw new MeasuresRefusedException(e.getMessage());
        }
    }

    /** Measurements that make no outline; the message says why. */
    private static final class MeasuresRefusedException extends IllegalArgumentException {
        private static final long serialVersionUID = 1L;

        MeasuresRefusedException(String reason) {
            super(reason);
        }
    }

    @ExceptionHandler
    ProblemDetail refused(MeasuresRefusedException e) {
        return Problems.detail(Message.MEASURES_REFUSED, e.getMessage());
    }
}
