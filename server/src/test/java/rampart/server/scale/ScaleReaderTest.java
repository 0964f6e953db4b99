package rampart.server.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A scale that says nonsense, or does not come to an end, is none. */
class ScaleReaderTest {
    @ParameterizedTest
    @CsvSource({"M 4.812 kg S, 4.812", "M 0.000 kg U, 0", "M -0.005 kg S, -0.005", "M 4999 kg S, 4999"})
    void aReadingIsTaken(String line, double kg) throws IOException {
        try (Stub scale = new Stub(line + "\n", 0)) {
            assertThat(new ScaleReader(scale.port(), false).read().kg()).isEqualTo(kg);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "M -9999 kg S",
                "M -9999.0 kg U",
                "M 9999 kg S",
                "M 99999 kg S",
                "M 1,5 kg S",
                "M NaN kg S",
                "",
                "E"
            })
    void whatNoLoadHasIsRefused(String line) throws IOException {
        try (Stub scale = new Stub(line + "\n", 0)) {
            ScaleReader reader = new ScaleReader(scale.port(), false);
            assertThatThrownBy(reader::read)
                    .isInstanceOf(ScaleReader.NoScaleException.class)
                    .hasMessageContaining("the scale says");
        }
    }

    /** A byte each second would be 80 s; the bound is the test's, the reader's own is 1.5 s. */
    @Test
    @Timeout(value = 20, unit = TimeUnit.SECONDS)
    void aScaleThatDripsIsGivenUp() throws IOException {
        try (Stub scale = new Stub("M 4.812".repeat(11), 1000)) {
            ScaleReader reader = new ScaleReader(scale.port(), false);
            assertThatThrownBy(reader::read)
                    .isInstanceOf(ScaleReader.NoScaleException.class)
                    .hasMessageContaining("does not answer");
        }
    }

    /** Says one thing to whoever comes, byte by byte. */
    private static final class Stub implements AutoCloseable {
        private final ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());

        Stub(String says, long pauseMs) throws IOException {
            Thread thread = new Thread(() -> say(says, pauseMs), "a scale of the test");
            thread.setDaemon(true);
            thread.start();
        }

        private void say(String says, long pauseMs) {
            try (Socket client = socket.accept();
                    OutputStream out = client.getOutputStream()) {
                for (byte b : says.getBytes(StandardCharsets.US_ASCII)) {
                    out.write(b);
                    out.flush();
                    Thread.sleep(pauseMs);
                }
            } catch (IOException e) {
                // The reader has left, as it should.
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        int port() {
            return socket.getLocalPort();
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }
}
