package rampart.server.house;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import rampart.formats.kept.KeptForm;
import rampart.server.persistence.EventRepository;

/** What was done by whom. An entry is written in the transaction of what it tells of: both are there, or neither. */
@Service
public class Trail {
    private static final int LONGEST_SUBJECT = 300;

    static final KeptForm<Detail> DETAIL = KeptForm.of("detail", Detail.class);

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
        RELEASED("released"),
        STEPS_CHANGED("changed the steps of"),
        PACKING_BEGUN("began to pack"),
        PACKING_CANCELLED("cancelled a packing"),
        CONSIGNMENT_CHANGED("changed"),
        RETURNS_CHANGED("changed parts and trips of"),
        PHOTOGRAPH_ADDED("added a photograph to"),
        PHOTOGRAPH_REMOVED("removed a photograph from"),
        PERSON_ADDED("added"),
        PERSON_REMOVED("removed"),
        RIGHTS_CHANGED("changed the rights of"),
        PASSWORD_RESET("reset the password of"),
        PASSWORD_CHANGED("changed their own password"),
        SESSIONS_ENDED("ended the visits of"),
        SIGN_IN_FAILED("was not let in as"),
        ACCESS_REFUSED("was refused what only others may"),
        WAYS_CHANGED("changed the ways of the house"),
        STORES_CHANGED("changed the stores:"),
        DATA_SHEET_CONFIRMED("has read the data sheet for cutting by heat:");

        private final String words;

        EventType(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Its name is cut after 300 characters. */
    public void add(String who, EventType what, Subject subject, Detail detail) {
        String name = subject.name();
        String cut = name.codePointCount(0, name.length()) <= LONGEST_SUBJECT
                ? name
                : name.substring(0, name.offsetByCodePoints(0, LONGEST_SUBJECT));
        events.add(
                clock.instant(), who, what.name(), subject.kind().name(), subject.id(), cut, DETAIL.writeText(detail));
    }

    /** Something that was done. */
    public record Entry(long id, Instant happenedAt, String who, EventType what, Subject subject, Detail detail) {}

    /**
     * Newest first, those older than the event of this id.
     *
     * @param kind of what it was done to; empty for anything
     */
    public List<Entry> before(long id, Optional<Subject.Kind> kind, int most) {
        return events.before(id, kind.map(Subject.Kind::name), most).stream()
                .map(event -> new Entry(
                        event.id(),
                        event.happenedAt(),
                        event.who(),
                        EventType.valueOf(event.what()),
                        new Subject(Subject.Kind.valueOf(event.subjectKind()), event.subjectId(), event.subject()),
                        DETAIL.readText(event.details())))
                .toList();
    }
}
