package rampart.server.scale;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks the scale what lies on it. The protocol is text, a line each way: {@code READ} is answered by {@code M 4.812 kg S}, S for
 * settled and U for not yet; docs/method.md tells the rest.
 */
public class ScaleReader {
    /** For the connection and the whole answer: a packer waits for it. */
    private static final int WAIT_MS = 1500;

    /** A platform that was tared with something on it, or drifts, shows a little less than nothing; less than that is an error of the scale. */
    private static final double LEAST_KG = -5;

    /** More than what any pack file may hold; some scales show all nines where they are overloaded. */
    private static final double MOST_KG = 5000;

    private static final int LONGEST_LINE = 80;
    private static final Pattern READING = Pattern.compile("M (-?[0-9]{1,4}(?:\\.[0-9]{1,4})?) kg ([SU])");

    private final int port;
    private final boolean simulated;

    /**
     * Of a scale on loopback.
     *
     * @param port 0 where there is none
     * @param simulated true where loads are put on it by {@link #put}
     */
    public ScaleReader(int port, boolean simulated) {
        this.port = port;
        this.simulated = simulated;
    }

    public boolean simulated() {
        return simulated;
    }

    /** What it says. */
    public record Reading(double kg, boolean settled) {}

    /** There is no scale, or it does not answer. */
    public static final class NoScaleException extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NoScaleException(String message) {
            super(message);
        }
    }

    /** @throws NoScaleException where there is none or what it says is no reading */
    public Reading read() {
        return parsed(ask("READ"));
    }

    /** Puts a load on a simulated scale. */
    public void put(double kg) {
        String said = simulated
                ? ask("PUT "
                        + BigDecimal.valueOf(kg)
                                .setScale(3, RoundingMode.HALF_UP)
                                .toPlainString())
                : "this one is real";
        if (!said.equals("OK")) {
            throw new NoScaleException("the scale does not take a load: " + said);
        }
    }

    private static Reading parsed(String line) {
        Matcher reading = READING.matcher(line);
        if (!reading.matches()) {
            throw new NoScaleException("the scale says \"" + line + "\", which is no reading");
        }
        double kg = Double.parseDouble(reading.group(1));
        if (kg < LEAST_KG || kg > MOST_KG) {
            throw new NoScaleException("the scale says " + reading.group(1) + " kg, which no load has");
        }
        return new Reading(kg, reading.group(2).equals("S"));
    }

    private String ask(String line) {
        if (port == 0) {
            throw new NoScaleException("no scale is set up: rampart.scale-port names its port on this machine");
        }
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(WAIT_MS);
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), WAIT_MS);
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
            InputStream in = socket.getInputStream();
            StringBuilder said = new StringBuilder();
            for (int c = next(socket, in, end);
                    c >= 0 && c != '\n' && said.length() < LONGEST_LINE;
                    c = next(socket, in, end)) {
                said.append((char) c);
            }
            return said.toString().strip();
        } catch (IOException e) {
            throw new NoScaleException("the scale does not answer: " + e.getMessage());
        }
    }

    private static int next(Socket socket, InputStream in, long end) throws IOException {
        long left = TimeUnit.NANOSECONDS.toMillis(end - System.nanoTime());
        if (left <= 0) {
            throw new SocketTimeoutException("its answer did not come to an end in time");
        }
        socket.setSoTimeout((int) left);
        return in.read();
    }
}
