package rampart.server.durability;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The script that runs the database starts one again that ended by itself, and no other. In place of the database stands one that ends at once. */
class KeptDatabaseTest {
    @TempDir
    Path home;

    /**
     * How often it was started.
     *
     * @param ends what the database does, as a line of the shell: it ends with its code
     */
    private long starts(String ends) throws IOException, InterruptedException {
        Process script = new ProcessBuilder(
                        "bash",
                        "-c",
                        ". ../scripts/database.sh; sleep() { :; }; mariadbd() { echo x >>$home/starts; n=$(grep -c x $home/starts); "
                                + ends + "; }; home=$1; keep_database $1",
                        "bash",
                        home.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(script.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        script.waitFor();
        long starts = Files.readAllLines(home.resolve("starts")).size();
        assertThat(said.lines().filter(line -> line.contains("is started again")))
                .hasSize((int) starts - 1);
        return starts;
    }

    @Test
    void oneThatEndedByItselfIsStartedAgainUntilItIsToStop() throws Exception {
        Files.createFile(home.resolve("db.kept"));
        assertThat(starts("[ $n -lt 4 ] || rm $home/db.kept; return 134")).isEqualTo(4);
    }

    @Test
    void oneThatWasToldToEndIsNot() throws Exception {
        Files.createFile(home.resolve("db.kept"));
        assertThat(starts("return 0")).isOne();
    }

    /** Where it never answered, starting it again would only say the same for ever. */
    @Test
    void oneThatWasNeverThereIsNot() throws Exception {
        assertThat(starts("return 1")).isOne();
    }
}
