package rampart.server.bodies;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import rampart.server.api.ProblemWriter;
import rampart.server.config.Connections;
import rampart.server.messages.Message;

/**
 * One body as it comes in. The container calls when there is something to read, so no thread waits; at its end the request goes on
 * its way with the whole body, or an answer is sent that says what was wrong with it.
 *
 * <p>Whoever ends it first ends it for good: the last byte, the limit, the clock, or another sender who needs the room.
 */
final class Gathering implements ReadListener, AsyncListener {
    private static final Logger LOG = LoggerFactory.getLogger(Gathering.class);

    /** What honest senders are above even by a telephone out of doors: 8 kbit/s, after {@link #GRACE}. */
    private static final int LEAST_BYTES_PER_SECOND = 1000;

    /** A connection may take so long to come to speed. */
    private static final Duration GRACE = Duration.ofSeconds(5);

    private static final int PIECE = 16 * 1024;

    /** Where the body goes; null where it is thrown away. */
    private final Body body;

    private final BodyKind kind;
    private final BodyRoom room;
    private final ProblemWriter problems;
    private final HttpServletRequest request;
    private final HttpServletResponse response;
    private final AsyncContext waiting;
    private final ServletInputStream in;
    private final long began = System.nanoTime();
    private long read;
    private final AtomicBoolean ended = new AtomicBoolean();

    private Gathering(
            Body body,
            BodyKind kind,
            BodyRoom room,
            ProblemWriter problems,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        this.body = body;
        this.kind = kind;
        this.room = room;
        this.problems = problems;
        this.request = request;
        this.response = response;
        in = request.getInputStream();
        waiting = request.startAsync(request, response);
    }

    /** Begins to read; the request goes on, dispatched anew, with the body under {@link GatheredRequest#BODY}. */
    static void begin(
            BodyKind kind,
            BodyRoom room,
            ProblemWriter problems,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        new Gathering(new Body(), kind, room, problems, request, response).begin();
    }

    /** Reads to the end and throws away; the answer that is there already is sent then. */
    static void drain(BodyRoom room, ProblemWriter problems, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        new Gathering(null, BodyKind.UNWANTED, room, problems, request, response).begin();
    }

    private void begin() {
        waiting.setTimeout(kind.longest().toMillis());
        waiting.addListener(this);
        room.enter(this);
        in.setReadListener(this);
    }

    @Override
    public void onDataAvailable() throws IOException {
        byte[] piece = new byte[PIECE];
        while (!ended() && in.isReady()) {
            int count = in.read(piece);
            if (count < 0) {
                return;
            }
            read += count;
            if (read > kind.most()) {
                end(Message.TOO_LARGE, kind.mostInWords(), kind.most());
            } else if (tooSlow()) {
                cutOff();
            } else if (body != null) {
                keep(piece, count);
            }
        }
    }

    private void keep(byte[] piece, int count) {
        try {
            body.add(piece, count);
            room.take(this, count);
        } catch (IOException e) {
            LOG.warn("a body could not be kept: {}", e.getMessage());
            end(Message.DISK_FULL);
        }
    }

    private boolean tooSlow() {
        long past = System.nanoTime() - began - GRACE.toNanos();
        return past > 0 && read < past * 1e-9 * LEAST_BYTES_PER_SECOND;
    }

    boolean ended() {
        return ended.get();
    }

    @Override
    public void onAllDataRead() {
        if (!ended.compareAndSet(false, true)) {
            return;
        }
        if (body == null) {
            waiting.complete();
        } else {
            request.setAttribute(GatheredRequest.BODY, body);
            waiting.dispatch();
        }
    }

    /** It takes too long, or another sender needs the room that this one has held longest. */
    void cutOff() {
        end(Message.TOO_SLOW, kind.longest().toSeconds());
    }

    private void end(Message why, Object... values) {
        if (!ended.compareAndSet(false, true)) {
            return;
        }
        try {
            if (body != null) {
                response.setHeader(HttpHeaders.CONNECTION, "close");
                problems.write(response, why, values);
                response.getOutputStream().close();
            }
            // What is still to come is not waited for.
            Connections.hangUp(request).run();
        } catch (IOException e) {
            LOG.debug("the other side is gone", e);
        } finally {
            waiting.complete();
        }
    }

    @Override
    public void onError(Throwable failure) {
        LOG.debug("a body did not arrive", failure);
        end(Message.NO_BODY);
    }

    @Override
    public void onTimeout(AsyncEvent event) {
        cutOff();
    }

    @Override
    public void onError(AsyncEvent event) {
        onError(event.getThrowable());
    }

    @Override
    public void onComplete(AsyncEvent event) throws IOException {
        room.leave(this);
        if (body != null) {
            body.close();
        }
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
        // Nothing behind the filter starts again.
    }
}
