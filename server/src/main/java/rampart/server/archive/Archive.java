package rampart.server.archive;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestInputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import rampart.formats.json.Sha256;
import rampart.server.persistence.HouseTables;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One file with a whole house: a ZIP with a table in each entry, a line of JSON for each row, and a manifest with their
 * checksums.
 */
public final class Archive {
    private static final JsonMapper MAPPER = JsonMapper.shared();

    /** A photograph is a megabyte or two; a row beyond this is none of ours. */
    private static final int LONGEST_LINE = 64 * 1024 * 1024;

    /** A manifest is some kilobytes; it is read whole. */
    private static final int LONGEST_MANIFEST = 1024 * 1024;

    private Archive() {}

    /**
     * Writes the house as it is at this moment, while others go on working.
     *
     * @throws RefusedArchiveException if the file is there already
     */
    public static void write(HouseTables tables, Path file, Instant now) throws IOException {
        if (Files.exists(file)) {
            throw new RefusedArchiveException(file + " is there already; nothing was written, name another file");
        }
        Path part = Path.of(file + ".part");
        Files.deleteIfExists(part);
        // It holds everything, the hashes of passwords among it: for its owner only.
        Files.createFile(part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        try (OutputStream out = Files.newOutputStream(part, StandardOpenOption.TRUNCATE_EXISTING);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            tables.freezeView();
            int schema = Integer.parseInt(tables.schemaVersion()
                    .orElseThrow(() -> new RefusedArchiveException("there is no house in this database yet")));
            List<Manifest.Entry> entries = new ArrayList<>();
            for (String table : tables.present()) {
                MessageDigest digest = Sha256.digest();
                Manifest.Entry entry = new Manifest.Entry(table, 0, "");
                zip.putNextEntry(new ZipEntry(entry.file()));
                long rows = tables.read(table, lines(new DigestOutputStream(zip, digest)));
                zip.closeEntry();
                entries.add(new Manifest.Entry(table, rows, HexFormat.of().formatHex(digest.digest())));
            }
            tables.rollback();
            zip.putNextEntry(new ZipEntry(Manifest.NAME));
            zip.write(MAPPER.writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(
                            new Manifest(Manifest.FORMAT_PREFIX + Manifest.FORMAT, schema, now.toString(), entries)));
            zip.closeEntry();
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(part);
            throw e;
        }
        Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
    }

    /** A line of JSON for the names of columns, then one for each row. */
    private static HouseTables.Rows lines(OutputStream out) {
        return new HouseTables.Rows() {
            @Override
            public void columns(List<String> names) throws IOException {
                row(names);
            }

            @Override
            public void row(List<String> values) throws IOException {
                out.write(MAPPER.writeValueAsBytes(values));
                out.write('\n');
            }
        };
    }

    /**
     * Brings an archive back into an empty house. Everything is looked at before anything is touched, and what was put in
     * is read back and compared before it counts.
     *
     * @throws RefusedArchiveException if the archive is damaged or newer, or the house is not empty
     */
    public static void restore(Path file, HouseTables tables) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Manifest manifest = verified(zip, tables.newestSchema());
            if (!tables.isEmpty()) {
                throw new RefusedArchiveException(
                        "this house is not empty; an archive is brought back into an empty one only");
            }
            tables.makeSchema(String.valueOf(manifest.schema()));
            tables.begin();
            try {
                for (Manifest.Entry entry : manifest.entries()) {
                    tables.empty(entry.table());
                    insert(zip, entry, tables);
                }
                for (Manifest.Entry entry : manifest.entries()) {
                    compare(entry, tables);
                }
                tables.commit();
            } catch (JacksonException | IllegalArgumentException | HouseTables.DatabaseException e) {
                tables.rollback();
                tables.makeBare();
                throw new RefusedArchiveException("the archive holds what no house of its version does: "
                        + e.getMessage().lines().findFirst().orElse(""));
            } catch (IOException | RuntimeException e) {
                tables.rollback();
                tables.makeBare();
                throw e;
            }
            tables.bringUpToDate();
        } catch (ZipException | NoSuchFileException e) {
            throw new RefusedArchiveException(
                    Files.exists(file) ? file + " is not an archive, or it is damaged" : "there is no file " + file);
        }
    }

    /** The manifest of an archive of which every byte that counts has been looked at. */
    static Manifest verified(ZipFile zip, int newestSchema) throws IOException {
        Manifest manifest = manifest(zip, newestSchema);
        verify(zip, manifest);
        return manifest;
    }

    private static Manifest manifest(ZipFile zip, int newestSchema) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.NAME);
        if (entry == null) {
            throw new RefusedArchiveException("the archive is damaged: it has no manifest");
        }
        Manifest manifest;
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(LONGEST_MANIFEST + 1);
            if (bytes.length > LONGEST_MANIFEST) {
                throw new RefusedArchiveException("the archive is damaged: its manifest is longer than any");
            }
            var tree = MAPPER.readTree(bytes);
            String format = tree.path("format").asString("");
            if (!format.matches(Manifest.FORMAT_PREFIX + "[0-9]{1,9}")) {
                throw new RefusedArchiveException("this is not an archive of Rampart");
            }
            if (Integer.parseInt(format.substring(Manifest.FORMAT_PREFIX.length())) > Manifest.FORMAT
                    || (tree.path("schema").isInt() && tree.path("schema").asInt() > newestSchema)) {
                throw new RefusedArchiveException("the archive is newer than this Rampart (" + format + ", tables "
                        + tree.path("schema").asInt(0) + "; this one reads up to " + Manifest.FORMAT_PREFIX
                        + Manifest.FORMAT + ", tables " + newestSchema
                        + "); bring Rampart up to date first");
            }
            if (!tree.path("schema").isInt() || tree.path("schema").asInt() < 1) {
                throw new RefusedArchiveException(
                        "the archive is damaged: its tables cannot be of version " + tree.path("schema"));
            }
            manifest = MAPPER.treeToValue(tree, Manifest.class);
        } catch (JacksonException e) {
            throw new RefusedArchiveException("the archive is damaged: its manifest cannot be read");
        }
        if (manifest.entries() == null
                || manifest.entries().stream().anyMatch(each -> each == null || each.table() == null)) {
            throw new RefusedArchiveException("the archive is damaged: its manifest does not say what it holds");
        }
        return manifest;
    }

    /** Every entry is there, none besides, and each is what the manifest says. */
    private static void verify(ZipFile zip, Manifest manifest) throws IOException {
        if (zip.size() > HouseTables.TABLES.size() + 1) {
            throw new RefusedArchiveException("the archive is damaged: it holds " + zip.size() + " files, a house has "
                    + HouseTables.TABLES.size() + " tables");
        }
        Set<String> there = new TreeSet<>();
        zip.stream().forEach(entry -> there.add(entry.getName()));
        Set<String> expected = new TreeSet<>(Set.of(Manifest.NAME));
        manifest.entries().forEach(entry -> expected.add(entry.file()));
        if (!there.equals(expected)) {
            throw new RefusedArchiveException("the archive is damaged: it holds " + there + " instead of " + expected);
        }
        for (Manifest.Entry entry : manifest.entries()) {
            if (!HouseTables.TABLES.contains(entry.table())) {
                throw new RefusedArchiveException(
                        "the archive has a table called " + entry.table() + ", which no house has");
            }
            MessageDigest digest = Sha256.digest();
            long lines = 0;
            long line = 0;
            try (InputStream in = new DigestInputStream(zip.getInputStream(zip.getEntry(entry.file())), digest)) {
                byte[] buffer = new byte[8192];
                for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                    for (int i = 0; i < n; i++) {
                        boolean end = buffer[i] == '\n';
                        lines += end ? 1 : 0;
                        line = end ? 0 : line + 1;
                    }
                    if (line > LONGEST_LINE) {
                        throw new RefusedArchiveException(
                                "the archive has a row longer than any house has, in " + entry.file());
                    }
                }
            } catch (IOException e) {
                throw new RefusedArchiveException("the archive is damaged in " + entry.file());
            }
            boolean sum = HexFormat.of().formatHex(digest.digest()).equals(entry.sha256());
            if (!sum || lines != (lines == 0 ? 0 : entry.rows() + 1)) {
                throw new RefusedArchiveException("the archive is damaged in " + entry.file());
            }
        }
    }

    private static void insert(ZipFile zip, Manifest.Entry entry, HouseTables tables) throws IOException {
        try (BufferedReader lines = new BufferedReader(
                new InputStreamReader(zip.getInputStream(zip.getEntry(entry.file())), StandardCharsets.UTF_8))) {
            String head = lines.readLine();
            if (head == null) {
                return;
            }
            HouseTables.Rows rows = tables.writer(entry.table());
            rows.columns(values(head));
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                rows.row(values(line));
            }
        }
    }

    private static List<String> values(String line) {
        List<String> values = new ArrayList<>();
        for (JsonNode value : MAPPER.readTree(line)) {
            if (!value.isNull() && !value.isString()) {
                throw new IllegalArgumentException("a value that is neither text nor null");
            }
            values.add(value.isNull() ? null : value.stringValue());
        }
        return values;
    }

    private static void compare(Manifest.Entry entry, HouseTables tables) throws IOException {
        MessageDigest digest = Sha256.digest();
        tables.read(entry.table(), lines(new DigestOutputStream(OutputStream.nullOutputStream(), digest)));
        if (!HexFormat.of().formatHex(digest.digest()).equals(entry.sha256())) {
            throw new IllegalStateException("table " + entry.table()
                    + " did not come back as it was archived; nothing was kept of it, the house is empty as before");
        }
    }
}
