package rampart.server.stores;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rampart.core.insert.HotCutting;
import rampart.core.material.Foam;
import rampart.formats.kept.KeptForm;
import rampart.server.history.Histories;
import rampart.server.history.History;
import rampart.server.history.Version;
import rampart.server.house.Detail;
import rampart.server.house.Subject;
import rampart.server.house.Trail;
import rampart.server.house.Trail.EventType;
import rampart.server.persistence.EntryRepository.Kind;

/** Who has read the data sheet of a foam and says that it may be cut by heat; each saying is kept and stands in the trail. */
@Service
public class DataSheets {
    private final History<KeptDataSheet> sheets;
    private final Trail trail;

    DataSheets(Histories histories, Trail trail) {
        this.sheets = histories.of(Kind.data_sheet, KeptDataSheet.FORM);
        this.trail = trail;
    }

    /**
     * A data sheet as it was named.
     *
     * @param title of the sheet, with its maker
     * @param dated the day that stands on it, ISO 8601
     */
    public record KeptDataSheet(String title, String dated) {
        public static final KeptForm<KeptDataSheet> FORM = KeptForm.of("data-sheet", KeptDataSheet.class);
    }

    /** What was confirmed of this foam, newest first. */
    public List<Version<KeptDataSheet>> of(String foam) {
        return sheets.of(foam);
    }

    /** True where nothing forbids to cut it by heat. */
    public boolean mayBeCutHot(Foam foam) {
        return HotCutting.of(foam.substance()) == HotCutting.WITH_CARE
                || sheets.present(foam.id()).isPresent();
    }

    /** Somebody has read it. */
    @Transactional
    public Version<KeptDataSheet> confirm(Foam foam, String title, LocalDate dated, String by) {
        long seen = sheets.newest(foam.id()).map(Version::version).orElse(0L);
        Optional<Version<KeptDataSheet>> kept =
                sheets.set(foam.id(), new KeptDataSheet(title, dated.toString()), seen, by);
        trail.add(
                by,
                EventType.DATA_SHEET_CONFIRMED,
                new Subject(Subject.Kind.foam, foam.id(), foam.name()),
                new Detail.DataSheet(title, dated.toString()));
        return kept.or(() -> sheets.newest(foam.id())).orElseThrow();
    }
}
