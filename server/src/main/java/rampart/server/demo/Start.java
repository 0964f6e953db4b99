package rampart.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.stereotype.Component;
import rampart.server.access.FirstStart;
import rampart.server.packs.PackShelf;
import tools.jackson.databind.json.JsonMapper;

/** What happens once the server answers: demo accounts and packs, the first-start code, the file for scripts. */
@Component
class Start implements ApplicationRunner {
    private final WebServerApplicationContext server;
    private final DemoAccounts demo;
    private final FirstStart firstStart;
    private final PackShelf shelf;
    private final JsonMapper mapper;
    private final Optional<Path> packs;
    private final Optional<Path> runFile;

    Start(
            WebServerApplicationContext server,
            DemoAccounts demo,
            FirstStart firstStart,
            PackShelf shelf,
            JsonMapper mapper,
            @Value("${rampart.demo-packs:}") String packs,
            @Value("${rampart.run-file:}") String runFile) {
        this.server = server;
        this.demo = demo;
        this.firstStart = firstStart;
        this.shelf = shelf;
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
            shelf.add(Files.readAllBytes(file), "designer");
        }
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
