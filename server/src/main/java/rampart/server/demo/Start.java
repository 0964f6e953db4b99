package rampart.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import rampart.core.box.StockCarton;
import rampart.core.quantity.Size;
import rampart.server.access.FirstStart;
import rampart.server.house.CarrierLines;
import rampart.server.house.CarrierLines.KeptLine;
import rampart.server.house.Tariffs;
import rampart.server.packs.PackShelf;
import rampart.server.stores.Materials;
import rampart.server.stores.PriceList;
import rampart.server.stores.StoredCarton;
import rampart.server.stores.StoredSheet;
import rampart.server.stores.Stores;
import rampart.server.stores.TestTables;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What happens once the server answers: demo accounts and packs, the first-start code, the file for scripts. */
@Component
class Start implements ApplicationRunner {
    private static final String IMPORTER = "designer";

    private final WebServerApplicationContext server;
    private final DemoAccounts demo;
    private final FirstStart firstStart;
    private final PackShelf shelf;
    private final Stores stores;
    private final PriceList prices;
    private final CarrierLines carriers;
    private final Tariffs tariffs;
    private final Materials materials;
    private final DemoReleases releases;
    private final JsonMapper mapper;
    private final Optional<Path> packs;
    private final Optional<Path> runFile;

    Start(
            WebServerApplicationContext server,
            DemoAccounts demo,
            FirstStart firstStart,
            PackShelf shelf,
            Stores stores,
            PriceList prices,
            CarrierLines carriers,
            Tariffs tariffs,
            Materials materials,
            DemoReleases releases,
            JsonMapper mapper,
            @Value("${rampart.demo-packs:}") String packs,
            @Value("${rampart.run-file:}") String runFile) {
        this.server = server;
        this.demo = demo;
        this.firstStart = firstStart;
        this.shelf = shelf;
        this.stores = stores;
        this.prices = prices;
        this.carriers = carriers;
        this.tariffs = tariffs;
        this.materials = materials;
        this.releases = releases;
        this.mapper = mapper;
        this.packs = path(packs);
        this.runFile = path(runFile);
    }

    /** How to reach and use a running Rampart. */
    record Running(String url, long pid, List<DemoAccounts.DemoAccount> accounts) {}

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (demo.isDemo()) {
            demo.makeAnew();
            if (packs.isPresent() && shelf.isEmpty()) {
                importAll(packs.get());
                fill(packs.get().resolveSibling("stores.json"));
                releases.fill();
            }
        }
        String url = "http://127.0.0.1:" + server.getWebServer().getPort() + "/";
        if (runFile.isPresent()) {
            write(runFile.get(), new Running(url, ProcessHandle.current().pid(), demo.offered()));
        }
        System.out.println("Rampart answers at " + url);
        if (firstStart.open()) {
            System.out.println("First start: make the first account there with the code " + firstStart.code());
        }
    }

    /** Through the same import a user has; the last file in order of name stands first on the shelf. */
    private void importAll(Path directory) throws IOException {
        List<Path> files;
        try (Stream<Path> list = Files.list(directory)) {
            files = list.filter(f -> f.toString().endsWith(".json")).sorted().toList();
        }
        for (Path file : files) {
            shelf.add(Files.readAllBytes(file), Optional.empty(), IMPORTER);
        }
    }

    /** What the demo's file says lies in the stores; prices are by material. */
    record DemoStores(
            List<DemoCarton> cartons,
            List<StoredSheet> sheets,
            Map<String, Double> prices,
            String pricesSource,
            List<ObjectNode> consumables,
            List<DemoFoam> foams,
            List<KeptLine> carriers) {}

    /** A foam of that file; its test data stand in files beside it. */
    record DemoFoam(ObjectNode figures, String drops, String creep, String vibration) {}

    /** A carton of that file. */
    record DemoCarton(String name, DemoSize insideMm, String board, String source) {
        Size size() {
            return new Size(insideMm.length(), insideMm.width(), insideMm.height());
        }
    }

    /** Its inside size. */
    record DemoSize(double length, double width, double height) {}

    private void fill(Path file) throws IOException {
        DemoStores filled = mapper.readValue(Files.readAllBytes(file), DemoStores.class);
        List<StoredCarton> cartons = filled.cartons().stream()
                .map(c -> new StoredCarton(
                        new StockCarton(UUID.randomUUID().toString(), c.name(), c.size(), c.board()), c.source(), 1))
                .toList();
        stores.fill(cartons, filled.sheets(), IMPORTER);
        for (ObjectNode consumable : filled.consumables()) {
            materials.set(
                    materials.newId(consumable.path("name").asString()),
                    Materials.CONSUMABLE,
                    consumable,
                    Optional.empty(),
                    0,
                    IMPORTER);
        }
        for (DemoFoam foam : filled.foams()) {
            TestTables tables = new TestTables(
                    Files.readString(file.resolveSibling(foam.drops())),
                    Files.readString(file.resolveSibling(foam.creep())),
                    Files.readString(file.resolveSibling(foam.vibration())));
            materials.set(
                    materials.newId(foam.figures().path("name").asString()),
                    "foam",
                    foam.figures(),
                    Optional.of(tables),
                    0,
                    IMPORTER);
        }
        carriers.set(filled.carriers(), IMPORTER);
        tariffs.set(
                new ClassPathResource("rampart/stand-in-tariffs.csv").getContentAsString(StandardCharsets.UTF_8),
                IMPORTER);
        filled.prices()
                .forEach((material, amount) ->
                        prices.set(material, OptionalDouble.of(amount), filled.pricesSource(), 0, IMPORTER));
    }

    private void write(Path file, Running running) throws IOException {
        Path temporary = Files.createTempFile(
                file.toAbsolutePath().getParent(),
                "run",
                ".tmp",
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.write(temporary, mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(running));
        Files.move(temporary, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try {
                Files.deleteIfExists(file);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }));
    }

    private static Optional<Path> path(String text) {
        return text.isBlank() ? Optional.empty() : Optional.of(Path.of(text));
    }
}
