package rampart.server.house;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import rampart.server.persistence.EventRepository;
import rampart.server.persistence.EventRepository.Event;

/** What was done by whom. An entry is written in the transaction of what it tells of: both are there, or neither. */
@Service
public class Trail {
    private static final int LONGEST_SUBJECT = 300;

    private final EventRepository events;
    private final Clock clock;

    Trail(EventRepository events, Clock clock) {
        this.events = events;
        this.clock = clock;
    }

    /** What can be done that is worth remembering. */
    public enum EventType {
        PACK_ADDED("put on the shelf"),
        PACK_DELETED("deleted"),
        PACK_RESTORED("brought back"),
        REVISION_MADE("made a revision of"),
        PHOTOGRAPH_ADDED("added a photograph to"),
        PHOTOGRAPH_REMOVED("removed a photograph from"),
        PERSON_ADDED("added"),
        PERSON_REMOVED("removed"),
        RIGHTS_CHANGED("changed the rights of"),
        PASSWORD_RESET("reset the password of"),
        PASSWORD_CHANGED("changed their own password"),
        SESSIONS_ENDED("ended the visits of"),
        WAYS_CHANGED("changed the ways of the house"),
        STORES_CHANGED("changed the stores:");

        private final String words;

        EventType(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @param subject what it was done to, as people call it; cut after 300 characters */
    public void add(String who, EventType deed, String subject, String detail) {
        String cut = subject.codePointCount(0, subject.length()) <= LONGEST_SUBJECT
                ? subject
                : subject.substring(0, subject.offsetByCodePoints(0, LONGEST_SUBJECT));
        events.add(clock.instant(), who, deed.name(), cut, detail);
    }

    /**
     * Newest first, those older than the event of this id.
     *
     * @param subject how what it was done to begins; empty for anything
     */
    public List<Event> before(long id, String subject, int most) {
        return events.before(id, subject, most);
    }
}
