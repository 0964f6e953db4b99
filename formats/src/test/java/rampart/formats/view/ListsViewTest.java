package rampart.formats.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import rampart.core.box.CartonStyle;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.pack.PackFile;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a page may offer is what the file takes. */
class ListsViewTest {
    private static final ListsView LISTS = ListsView.get();

    @Test
    void whatAPersonBeginsWithIsAPack() {
        assertThat(refused(LISTS.plainPack())).isFalse();
    }

    /** Each kind is tried at each place: the file takes it where the list says that it may stand, and nowhere else. */
    @Test
    void aLayerIsTakenWhereTheListSaysThatItMayStand() {
        for (ListsView.LayerChoice choice : LISTS.layers()) {
            for (int wraps = 0; wraps < 3; wraps++) {
                for (int at = 0; at <= wraps + 1; at++) {
                    ObjectNode pack = LISTS.plainPack().deepCopy().asObject();
                    ArrayNode layers = pack.path("layers").asArray();
                    for (int i = 0; i < wraps; i++) {
                        layers.insert(0, layer("wrap"));
                    }
                    layers.insert(at, choice.begins().deepCopy());
                    boolean taken = !refused(pack);
                    assertThat(taken)
                            .as("%s at %d after %d wraps", choice.kind(), at, wraps)
                            .isEqualTo(!choice.first() || at <= wraps);
                }
            }
        }
    }

    @Test
    void theKindsAreThoseOfTheSchema() {
        Set<String> kinds = new HashSet<>();
        LISTS.layers().forEach(choice -> kinds.add(choice.kind()));
        assertThat(kinds).containsExactlyInAnyOrder("wrap", "boards", "cushion", "box");
    }

    @Test
    void oneStyleIsSoldAndCutDown() {
        assertThat(LISTS.styles().stream().filter(ListsView.StyleChoice::stock))
                .singleElement()
                .extracting(ListsView.StyleChoice::code)
                .isEqualTo(CartonStyle.REGULAR_SLOTTED.code());
    }

    private static boolean refused(JsonNode pack) {
        try {
            PackFile.read(pack.toString().getBytes(StandardCharsets.UTF_8));
            return false;
        } catch (UnreadableFileException e) {
            return true;
        }
    }

    private static JsonNode layer(String kind) {
        return LISTS.layers().stream()
                .filter(choice -> choice.kind().equals(kind))
                .findFirst()
                .orElseThrow()
                .begins()
                .deepCopy();
    }
}
