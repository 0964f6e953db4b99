package rampart.server.scale;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks the scale what lies on it. The protocol is text, a line each way: {@code READ} is answered by {@code M 4.812 kg S}, S for
 * settled and U for not yet; docs/method.md tells the rest.
 */
public class ScaleReader {
    private static final int WAIT_MS = 1500;
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
        return new Reading(
                Double.parseDouble(reading.group(1)), reading.group(2).equals("S"));
    }

    private String ask(String line) {
        if (port == 0) {
            throw new NoScaleException("no scale is set up: rampart.scale-port names its port on this machine");
        }
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), WAIT_MS);
            socket.setSoTimeout(WAIT_MS);
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
            BufferedReader in =
                    new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
            StringBuilder said = new StringBuilder();
            for (int c = in.read(); c >= 0 && c != '\n' && said.length() < LONGEST_LINE; c = in.read()) {
                said.append((char) c);
            }
            return said.toString().strip();
        } catch (IOException e) {
            throw new NoScaleException("the scale does not answer: " + e.getMessage());
        }
    }
}
