package rampart.server.scale;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;

/**
 * A parcel scale that is not there: a load put on it settles within a second, drifts slowly and is never quite still (all assumed). It
 * listens on loopback.
 */
public final class SimulatedScale implements AutoCloseable {
    private static final double NOISE_KG = 0.004;
    private static final double DRIFT_KG_PER_HOUR = 0.010;
    private static final double SETTLES_S = 0.8;
    private static final double STEP_KG = 0.005;
    private static final double MOST_KG = 150;

    private final ServerSocket socket;
    private final Random random;
    private final long started = System.nanoTime();
    private double loadKg;
    private double beforeKg;
    private long changed = System.nanoTime();

    /**
     * Begins to listen.
     *
     * @param port 0 for any that is free
     */
    public SimulatedScale(int port, long seed) throws IOException {
        socket = new ServerSocket(port, 8, InetAddress.getLoopbackAddress());
        random = new Random(seed);
        Thread thread = new Thread(this::listen, "simulated scale");
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return socket.getLocalPort();
    }

    private void listen() {
        while (!socket.isClosed()) {
            try (Socket client = socket.accept()) {
                client.setSoTimeout(2000);
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(client.getInputStream(), StandardCharsets.US_ASCII));
                String line = in.readLine();
                try (Writer out = new OutputStreamWriter(client.getOutputStream(), StandardCharsets.US_ASCII)) {
                    out.write(answer(line == null ? "" : line.strip()) + "\n");
                }
            } catch (IOException e) {
                // A client that left, or the end of the scale: the loop's condition tells which.
            }
        }
    }

    private synchronized String answer(String line) {
        if (line.equals("READ")) {
            return reading();
        }
        if (line.matches("PUT [0-9]{1,3}(\\.[0-9]{1,12})?")) {
            double kg = Double.parseDouble(line.substring(4));
            if (kg <= MOST_KG) {
                beforeKg = loadKg;
                loadKg = kg;
                changed = System.nanoTime();
                return "OK";
            }
            return "E over " + (int) MOST_KG + " kg";
        }
        return "E say READ or PUT and kg";
    }

    private String reading() {
        double since = (System.nanoTime() - changed) * 1e-9;
        double share = 1 - Math.exp(-5 * since / SETTLES_S);
        double hours = (System.nanoTime() - started) * 1e-9 / 3600;
        double kg =
                beforeKg + (loadKg - beforeKg) * share + DRIFT_KG_PER_HOUR * hours + NOISE_KG * random.nextGaussian();
        double shown = Math.round(kg / STEP_KG) * STEP_KG;
        return String.format(Locale.ROOT, "M %.3f kg %s", shown, since >= SETTLES_S ? "S" : "U");
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
