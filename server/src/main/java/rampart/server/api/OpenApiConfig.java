package rampart.server.api;

import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import rampart.formats.material.MaterialChange;
import rampart.formats.pack.PackChange;
import rampart.formats.paper.PackStepsView;
import rampart.formats.paper.PaperView;
import rampart.formats.schema.PackSchema;
import rampart.formats.view.BedBeginningView;
import rampart.formats.view.BedView;
import rampart.formats.view.BoardWorkView;
import rampart.formats.view.CaseView;
import rampart.formats.view.CatalogueView;
import rampart.formats.view.CheckView;
import rampart.formats.view.ClearanceView;
import rampart.formats.view.ComparisonView;
import rampart.formats.view.CurveView;
import rampart.formats.view.CutListView;
import rampart.formats.view.CutterPlayView;
import rampart.formats.view.DropView;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.FoamTestsView;
import rampart.formats.view.InsertView;
import rampart.formats.view.KitView;
import rampart.formats.view.LaidFlatView;
import rampart.formats.view.ListsView;
import rampart.formats.view.LooseWellView;
import rampart.formats.view.Nullable;
import rampart.formats.view.OutlinesView;
import rampart.formats.view.QuoteView;
import rampart.formats.view.RemedyView;
import rampart.formats.view.ReportView;
import rampart.formats.view.SaidView;
import rampart.formats.view.SensitivityView;
import rampart.formats.view.SheetPlanView;
import rampart.formats.view.SidesView;
import rampart.formats.view.SilhouetteView;
import rampart.formats.view.SimulationView;
import rampart.formats.view.SizeView;
import rampart.formats.view.SpringsView;
import rampart.formats.view.TieView;
import rampart.formats.view.WallFiguresView;
import rampart.server.releases.KeptReturns;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The OpenAPI document: the published schema of the pack file put in, and what is never null said to be required. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfig {
    static final String PACK_FILE = "#/components/schemas/PackFile";

    private static final List<Class<?>> VIEWS = List.of(
            EvaluationView.class,
            WallFiguresView.class,
            CheckView.class,
            SaidView.class,
            ReportView.class,
            DropView.class,
            SimulationView.class,
            SensitivityView.class,
            CurveView.class,
            BedView.class,
            BoardWorkView.class,
            CaseView.class,
            ClearanceView.class,
            CartonSizeController.CartonSizesView.class,
            CartonSizeController.SizesView.class,
            CartonSizeController.KeptSizeView.class,
            QuoteView.class,
            TariffController.QuotesView.class,
            PieceController.PieceWayView.class,
            PieceController.SetPlanView.class,
            PieceController.PlaceView.class,
            PieceController.StripView.class,
            ClearanceController.FittingsView.class,
            StrengthController.BoardChoiceView.class,
            BoardController.JoinedView.class,
            BoardController.CartonCutView.class,
            ThinnerController.ReachedView.class,
            InsertView.class,
            InsertView.WayView.class,
            InsertView.FoamedView.class,
            InsertView.WedgeView.class,
            InsertView.PickedSheetView.class,
            BedBeginningView.class,
            LooseWellView.class,
            TieView.class,
            InsertView.CutPieceView.class,
            InsertView.CutLayerView.class,
            InsertView.KnifeStepView.class,
            SheetPlanView.class,
            SheetPlanView.SheetPartView.class,
            SheetPlanView.LaidSheetView.class,
            SheetPlanView.LaidPieceView.class,
            SheetPlanView.SheetCutView.class,
            OutlinesView.class,
            OutlinesView.OutlineView.class,
            LaidFlatView.class,
            LaidFlatView.CameraView.class,
            SilhouetteView.class,
            KitView.class,
            CutterPlayView.class,
            CutterPlayView.PlayedLayer.class,
            CutterPlayView.OffSheetView.class,
            CutterPlayView.MoveView.class,
            DataSheetController.HotCuttingView.class,
            DataSheetController.ConfirmedView.class,
            BedView.LevelView.class,
            BedView.BearingView.class,
            BedView.RemarkView.class,
            CutListView.class,
            SpringsView.class,
            SpringsView.SpringView.class,
            CatalogueView.class,
            SidesView.class,
            SizeView.class,
            StaleView.class,
            RemedyView.class,
            PackChange.class,
            ListsView.class,
            PackSchema.class,
            PaperView.class,
            PackStepsView.class,
            StepController.class,
            ReleaseController.class,
            PackingController.class,
            ConsignmentController.class,
            ReturnController.class,
            PreQuoteController.class,
            KeptReturns.class,
            SearchController.class,
            BeginningController.class,
            PackViews.class,
            PeopleController.class,
            HouseController.class,
            VisitController.class,
            StoresController.class,
            PriceController.class,
            MaterialController.class,
            JourneyController.class,
            DifferenceController.class,
            FoamTestsView.class,
            MaterialChange.class,
            ProposalController.class,
            PhotographController.class,
            ComparisonView.class,
            ComparisonController.class,
            SessionController.class,
            rampart.server.demo.DemoAccounts.class);

    @Bean
    OpenApiCustomizer document() {
        return api -> {
            api.info(new Info()
                    .title("Rampart")
                    .version("1")
                    .description("Evaluates and keeps packs. Scripts sign in with HTTP Basic."));
            VIEWS.forEach(view -> {
                require(api.getComponents().getSchemas().get(view.getSimpleName()), view);
                for (Class<?> inner : view.getDeclaredClasses()) {
                    require(api.getComponents().getSchemas().get(inner.getSimpleName()), inner);
                }
            });
            api.servers(List.of());
            packFile().forEach(api.getComponents()::addSchemas);
        };
    }

    /** All components are always there; nullable ones may be null. */
    private static void require(Schema<?> schema, Class<?> view) {
        if (schema == null || !view.isRecord()) {
            return;
        }
        List<String> names = new ArrayList<>();
        for (RecordComponent component : view.getRecordComponents()) {
            names.add(component.getName());
            if (component.isAnnotationPresent(Nullable.class)) {
                Schema<?> property = (Schema<?>) schema.getProperties().get(component.getName());
                if (property.get$ref() == null && property.getTypes() != null) {
                    Set<String> types = new LinkedHashSet<>(property.getTypes());
                    types.add("null");
                    property.setTypes(types);
                } else {
                    Schema<?> none = new Schema<>();
                    none.setTypes(Set.of("null"));
                    Schema<Object> either = new Schema<>();
                    either.setAnyOf(List.of(property, none));
                    schema.getProperties().put(component.getName(), either);
                }
            }
        }
        schema.setRequired(names);
    }

    /** The pack schema's parts as components; a layer as a choice of its three kinds, which type generators understand. */
    private static java.util.Map<String, Schema<?>> packFile() {
        JsonMapper mapper = JsonMapper.shared();
        String text = new String(PackSchema.document(), StandardCharsets.UTF_8)
                .replaceAll("#/\\$defs/([a-z])([A-Za-z]*)", "#/components/schemas/Pack_$1$2");
        ObjectNode root = (ObjectNode) mapper.readTree(text);
        ObjectNode definitions = (ObjectNode) root.remove("$defs");
        root.remove(List.of("$schema", "$id"));
        ObjectNode layer = mapper.createObjectNode();
        var kinds = layer.putArray("oneOf");
        for (String kind : List.of("wrap", "cushion", "box", "boards")) {
            kinds.addObject().put("$ref", "#/components/schemas/Pack_" + kind);
        }
        definitions.set("layer", layer);
        // Type generators make a tuple of it, which no list of numbers fits.
        ((ObjectNode) definitions.path("breakpoint")).remove("prefixItems");
        ((ObjectNode) definitions.path("breakpoint")).putObject("items").put("type", "number");
        java.util.Map<String, Schema<?>> parts = new java.util.LinkedHashMap<>();
        parts.put("PackFile", parsed(root));
        for (var part : definitions.properties()) {
            parts.put("Pack_" + part.getKey(), parsed(part.getValue()));
        }
        return parts;
    }

    private static Schema<?> parsed(JsonNode node) {
        try {
            return Json31.mapper().readValue(node.toString(), Schema.class);
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            throw new IllegalStateException("the pack schema does not read as an OpenAPI schema", e);
        }
    }
}
