package rampart.server.stores;

import jakarta.validation.constraints.NotNull;
import java.util.function.Supplier;
import rampart.formats.kept.KeptForm;
import rampart.formats.material.FitBasis;
import rampart.formats.testdata.TestedFoam;

/** Tables of test data of a foam, as they were given; empty where there is none. */
public record TestTables(
        @NotNull(message = "give the table of drops; it may be empty")
        String drops,

        @NotNull(message = "give the table of creep; it may be empty")
        String creep,

        @NotNull(message = "give the table of vibration; it may be empty")
        String vibration) {
    public static final KeptForm<TestTables> FORM = KeptForm.of("tests", TestTables.class);

    /** No tables. */
    public static final TestTables NONE = new TestTables("", "", "");

    public boolean none() {
        return drops.isBlank() && creep.isBlank() && vibration.isBlank();
    }

    /** @throws rampart.formats.json.UnreadableFileException with every row that is wrong, under {@code /tests} */
    public TestedFoam fitted(FitBasis foam) {
        return Materials.under("/tests", (Supplier<TestedFoam>) () -> TestedFoam.of(drops, creep, vibration, foam));
    }
}
