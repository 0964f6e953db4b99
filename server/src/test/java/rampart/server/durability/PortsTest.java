package rampart.server.durability;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Houses that start in the same moment: each takes a port of its own, and keeps it until it ends. */
class PortsTest {
    private static final int AT_ONCE = 12;

    @TempDir
    Path folder;

    @Test
    void asManyAsStartAtOnceTakePortsOfTheirOwn() throws IOException {
        List<Process> houses = new ArrayList<>();
        try {
            for (int i = 0; i < AT_ONCE; i++) {
                ProcessBuilder house = new ProcessBuilder(
                        "bash",
                        "-c",
                        "say() { :; }; die() { echo \"$*\"; exit 1; }; . ../scripts/database.sh; free_port 24000; read -r");
                house.environment().put("TMPDIR", folder.toString());
                houses.add(house.redirectErrorStream(true).start());
            }
            Set<Integer> taken = new HashSet<>();
            for (Process house : houses) {
                BufferedReader said = house.inputReader();
                taken.add(Integer.parseInt(said.readLine().strip()));
            }
            assertThat(taken).hasSize(AT_ONCE).allMatch(port -> port >= 24000 && port < 24000 + 10 * AT_ONCE);
        } finally {
            houses.forEach(Process::destroy);
        }
    }
}
