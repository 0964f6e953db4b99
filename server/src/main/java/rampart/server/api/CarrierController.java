package rampart.server.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import rampart.formats.view.Nullable;
import rampart.server.house.CarrierLines;

/** What carriers take, by the figures of the house. */
@RestController
class CarrierController {
    private final CarrierLines lines;

    CarrierController(CarrierLines lines) {
        this.lines = lines;
    }

    /** What one service takes; null where it sets no limit. */
    record CarrierLineView(
            @NotBlank(message = "give the name of the service")
            @Size(max = 60, message = "a name has at most 60 characters")
            String name,

            @DecimalMin(value = "1", message = "an edge is 1 to 10000 mm")
            @DecimalMax(value = "10000", message = "an edge is 1 to 10000 mm")
            @Nullable
            Double longestMm,

            @DecimalMin(value = "1", message = "length and girth are 1 to 50000 mm")
            @DecimalMax(value = "50000", message = "length and girth are 1 to 50000 mm")
            @Nullable
            Double lengthAndGirthMm,

            @DecimalMin(value = "0.1", message = "a volume is 0.1 to 100000 l")
            @DecimalMax(value = "100000", message = "a volume is 0.1 to 100000 l")
            @Nullable
            Double litres,

            @DecimalMin(value = "0.01", message = "a mass is 0.01 to 10000 kg")
            @DecimalMax(value = "10000", message = "a mass is 0.01 to 10000 kg")
            @Nullable
            Double massKg) {}

    /** All services. */
    record CarrierLinesView(
            @NotNull(message = "give the services; an empty list for none")
            @Size(max = 30, message = "a house has at most 30 services")
            List<@Valid @NotNull(message = "a service is not null") CarrierLineView> lines) {}

    @GetMapping(path = "/api/house/carriers", produces = MediaType.APPLICATION_JSON_VALUE)
    CarrierLinesView carriers() {
        return new CarrierLinesView(lines.kept().stream()
                .map(k -> new CarrierLineView(k.name(), k.longestMm(), k.lengthAndGirthMm(), k.litres(), k.massKg()))
                .toList());
    }

    @PutMapping(
            path = "/api/house/carriers",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    CarrierLinesView set(@Valid @RequestBody CarrierLinesView given, Principal who) {
        lines.set(
                given.lines().stream()
                        .map(g -> new CarrierLines.KeptLine(
                                g.name().strip(), g.longestMm(), g.lengthAndGirthMm(), g.litres(), g.massKg()))
                        .toList(),
                who.getName());
        return carriers();
    }
}
