package rampart.server.bodies;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** The bytes of one body: in memory while they are few, else in a file that goes with the request. */
final class Body implements AutoCloseable {
    /** Of JSON that people send while they edit; a drawing or a picture is more. */
    static final int MOST_IN_MEMORY = 256 * 1024;

    private ByteArrayOutputStream memory = new ByteArrayOutputStream();
    private Path file;
    private OutputStream out;
    private long length;

    void add(byte[] bytes, int count) throws IOException {
        if (file == null && length + count > MOST_IN_MEMORY) {
            file = Files.createTempFile("rampart-body-", "");
            out = Files.newOutputStream(file);
            memory.writeTo(out);
            memory = null;
        }
        if (file == null) {
            memory.write(bytes, 0, count);
        } else {
            out.write(bytes, 0, count);
        }
        length += count;
    }

    long length() {
        return length;
    }

    /** From its beginning; once it is whole. */
    InputStream open() throws IOException {
        if (file == null) {
            return new ByteArrayInputStream(memory.toByteArray());
        }
        out.close();
        return Files.newInputStream(file);
    }

    @Override
    public void close() throws IOException {
        if (file != null) {
            out.close();
            Files.deleteIfExists(file);
        }
    }
}
