package rampart.server.support;

import java.io.UncheckedIOException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import rampart.server.support.Http.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Somebody who saves one pack again and again, each time with another mass, and remembers what the server said is saved.
 * A mass tells the save it came from.
 */
public final class Saver implements Runnable {
    private final Supplier<Http> http;
    private final String id;
    private ObjectNode pack;
    private long acknowledged;
    private int lastAcknowledgedTry;
    private int tried;
    private volatile boolean stop;
    private final AtomicInteger saves = new AtomicInteger();

    /** Makes the pack; saving begins with {@link #run}. */
    public Saver(Supplier<Http> http, String name) {
        this.http = http;
        pack = (ObjectNode) Http.MAPPER.readTree(Http.demoPack("10-hygrometer"));
        pack.put("name", name);
        id = http.get().post("api/packs", pack.toString()).json().path("id").asString();
        JsonNode stored = http.get().get("api/packs/" + id).json();
        pack = (ObjectNode) stored.path("pack");
        acknowledged = stored.path("version").asLong();
    }

    @Override
    public void run() {
        while (!stop) {
            try {
                if (!saveOnce()) {
                    ServerProcess.pause(5);
                }
            } catch (UncheckedIOException e) {
                // Server or database is away; what is not acknowledged may or may not be there.
                ServerProcess.pause(20);
            }
        }
    }

    private boolean saveOnce() {
        tried++;
        ((ObjectNode) pack.path("item")).put("massKg", massOf(tried));
        Answer answer =
                http.get().put("api/packs/" + id + "/draft", pack.toString(), "If-Match", Http.tag(acknowledged));
        if (answer.status() == 200) {
            acknowledged = answer.json().path("version").asLong();
            lastAcknowledgedTry = tried;
            saves.incrementAndGet();
            return true;
        }
        if (answer.status() == 409) {
            // An earlier save went through and its answer was lost on the way.
            acknowledged = answer.json().path("version").asLong();
            lastAcknowledgedTry = tryOf(answer.json().at("/theirs/item/massKg").asDouble());
        }
        return false;
    }

    private static double massOf(int attempt) {
        return 1 + attempt / 10000.0;
    }

    private static int tryOf(double massKg) {
        return (int) Math.round((massKg - 1) * 10000);
    }

    public void stop() {
        stop = true;
    }

    public void goOn() {
        stop = false;
    }

    /** How many saves were acknowledged in all. */
    public int saves() {
        return saves.get();
    }

    /** What is lost: empty, or in words. Nothing acknowledged may be older than it was said to be. */
    public String lost() {
        JsonNode stored = http.get().get("api/packs/" + id).json();
        long version = stored.path("version").asLong();
        int at = tryOf(stored.at("/pack/item/massKg").asDouble());
        if (version < acknowledged || at < lastAcknowledgedTry) {
            return id + ": save " + lastAcknowledgedTry + " as version " + acknowledged
                    + " was acknowledged; stored is save " + at + " as version " + version;
        }
        return "";
    }
}
