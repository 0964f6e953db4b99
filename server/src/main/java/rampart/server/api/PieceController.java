package rampart.server.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import rampart.core.blank.SetPlan;
import rampart.core.item.Pieces;
import rampart.core.material.Board;
import rampart.core.material.Catalogue;
import rampart.core.search.PieceWays;
import rampart.formats.pack.PackFile;
import rampart.formats.view.SizeView;
import rampart.server.messages.Message;

/** Ways to set several equal pieces in one carton; nothing is stored. */
@RestController
class PieceController {
    private final Catalogue catalogue;

    PieceController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /**
     * A way to set the pieces.
     *
     * @param pack the pack file with its contents set like this
     */
    record PieceWayView(
            String arrangement,
            int columns,
            int rows,
            int levels,
            int emptyCells,
            SizeView sizeMm,
            double massKg,
            double sumMm,

            @Schema(ref = OpenApiConfig.PACK_FILE) @com.fasterxml.jackson.annotation.JsonRawValue
            String pack) {}

    /** The ways in which the pieces of the pack can be set, the smallest first; how they are set now does not count. */
    @PostMapping(
            path = "/api/piece-ways",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    List<PieceWayView> ways(@org.springframework.web.bind.annotation.RequestBody byte[] file) {
        PackFile read = PackFile.readUnset(file);
        Pieces pieces = read.pack().item().properties().pieces().orElseThrow(() -> new ApiException(Message.NO_PIECES));
        Optional<Board> divider = pieces.dividerBoard().map(read.catalogue(catalogue)::board);
        return PieceWays.of(pieces, divider).stream()
                .map(way -> view(read, way))
                .toList();
    }

    /**
     * One level of the set seen from above, places in mm from the left front.
     *
     * @param said what play is left and what fills it
     */
    record SetPlanView(
            SizeView sizeMm, boolean round, List<PlaceView> places, List<StripView> strips, List<String> said) {}

    /** Where a piece stands: its middle, and what it takes. */
    record PlaceView(int number, double xMm, double yMm, double lengthMm, double widthMm, boolean narrowUp) {}

    /** The middle line of a strip of board. */
    record StripView(String label, double fromXMm, double fromYMm, double toXMm, double toYMm) {}

    /** How the pieces of the pack stand as they are set now. */
    @PostMapping(
            path = "/api/set-plans",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    @RequestBody(required = true, content = @Content(schema = @Schema(ref = OpenApiConfig.PACK_FILE)))
    SetPlanView plan(
            @org.springframework.web.bind.annotation.RequestBody byte[] file,
            @Valid @ParameterObject UnitsAsked units) {
        PackFile read = PackFile.read(file);
        Pieces pieces = read.pack().item().properties().pieces().orElseThrow(() -> new ApiException(Message.NO_PIECES));
        double caliper = pieces.dividerBoard()
                .map(id -> read.catalogue(catalogue).board(id).caliperMm())
                .orElse(0.0);
        SetPlan plan = SetPlan.of(pieces, read.pack().item().size(), caliper);
        return new SetPlanView(
                SizeView.of(plan.size()),
                pieces.round(),
                plan.places().stream()
                        .map(p -> new PlaceView(
                                p.number(),
                                p.middle().xMm(),
                                p.middle().yMm(),
                                p.lengthMm(),
                                p.widthMm(),
                                p.narrowUp()))
                        .toList(),
                plan.strips().stream()
                        .map(s -> new StripView(
                                s.label(), s.from().xMm(), s.from().yMm(), s.to().xMm(), s.to().yMm()))
                        .toList(),
                plan.said().stream().map(units.wording()::say).toList());
    }

    private static PieceWayView view(PackFile file, PieceWays.Way way) {
        Pieces pieces = way.pieces();
        return new PieceWayView(
                pieces.arrangement().name().toLowerCase(Locale.ROOT),
                pieces.columns(),
                pieces.rows(),
                pieces.levels(),
                way.emptyCells(),
                SizeView.of(way.size()),
                way.massKg(),
                way.size().lengthMm() + way.size().widthMm() + way.size().heightMm(),
                new String(file.with(pieces, way.size(), way.massKg()).write(), StandardCharsets.UTF_8));
    }
}
