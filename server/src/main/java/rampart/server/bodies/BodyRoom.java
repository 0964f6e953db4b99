package rampart.server.bodies;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The bodies that are being read, with what they take. Where a further one, or more of one, has no room, those that have been sending
 * longest are cut off.
 */
final class BodyRoom {
    private final int mostSenders;
    private final long mostBytes;
    private final Map<Gathering, Long> senders = new LinkedHashMap<>();
    private long bytes;

    /**
     * A room of its own.
     *
     * @param mostSenders at once
     * @param mostBytes of all of them together
     */
    BodyRoom(int mostSenders, long mostBytes) {
        this.mostSenders = mostSenders;
        this.mostBytes = mostBytes;
    }

    void enter(Gathering sender) {
        entered(sender).forEach(Gathering::cutOff);
    }

    /** This one has taken so many more bytes. */
    void take(Gathering sender, long more) {
        taken(sender, more).forEach(Gathering::cutOff);
    }

    private synchronized List<Gathering> entered(Gathering sender) {
        senders.put(sender, 0L);
        return leaving();
    }

    private synchronized List<Gathering> taken(Gathering sender, long more) {
        if (senders.computeIfPresent(sender, (key, before) -> before + more) != null) {
            bytes += more;
        }
        return leaving();
    }

    /** Those that are whole are being worked on: they keep what they have. */
    private List<Gathering> leaving() {
        List<Gathering> leaving = new ArrayList<>();
        Iterator<Map.Entry<Gathering, Long>> oldest = senders.entrySet().iterator();
        while ((senders.size() > mostSenders || bytes > mostBytes) && oldest.hasNext()) {
            Map.Entry<Gathering, Long> first = oldest.next();
            if (!first.getKey().ended()) {
                bytes -= first.getValue();
                leaving.add(first.getKey());
                oldest.remove();
            }
        }
        return leaving;
    }

    synchronized void leave(Gathering sender) {
        Long taken = senders.remove(sender);
        if (taken != null) {
            bytes -= taken;
        }
    }
}
