package rampart.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** Programs outside this project that read what we write and write what we read. */
public final class Outside {
    private Outside() {}

    /** A Python script of the test resources, by the system's Python, whose packages come from Debian; what it prints. */
    public static List<String> python(String script, Path... arguments) throws IOException {
        Path file = Files.createTempFile("rampart", ".py");
        try (java.io.InputStream in = Outside.class.getResourceAsStream(script)) {
            Files.write(file, in.readAllBytes());
            List<String> command = new ArrayList<>(List.of("/usr/bin/python3", file.toString()));
            Stream.of(arguments).map(Path::toString).forEach(command::add);
            return run(command);
        } finally {
            Files.delete(file);
        }
    }

    /** What an independent reader finds in each of these drawings, in their order; it is started once, for it is slow to start. */
    public static List<List<String>> readDxf(List<Path> files) throws IOException {
        List<List<String>> found = new ArrayList<>();
        for (String line : python("read-dxf.py", files.toArray(Path[]::new))) {
            if (line.startsWith("units ")) {
                found.add(new ArrayList<>());
            }
            found.get(found.size() - 1).add(line);
        }
        return found;
    }

    /** What a command prints; its complaint where it fails. */
    public static List<String> run(List<String> command) throws IOException {
        Process process = new ProcessBuilder(new ArrayList<>(command))
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            if (!process.waitFor(60, TimeUnit.SECONDS) || process.exitValue() != 0) {
                throw new IOException(command + " failed: " + said);
            }
        } catch (InterruptedException e) {
            throw new IOException(e);
        }
        return said.lines().toList();
    }
}
