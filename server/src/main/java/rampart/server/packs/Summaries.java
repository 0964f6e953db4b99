package rampart.server.packs;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import rampart.core.evaluation.Evaluation;
import rampart.core.evaluation.UnreckonableException;
import rampart.core.layout.Layer;
import rampart.core.material.Catalogue;
import rampart.core.pack.Pack;
import rampart.core.verdict.Check;
import rampart.core.verdict.Status;
import rampart.formats.compare.Verdicts;
import rampart.formats.json.Problem;
import rampart.formats.json.Sha256;
import rampart.formats.json.UnreadableFileException;
import rampart.formats.material.CatalogueFile;
import rampart.formats.pack.PackFile;
import rampart.formats.view.EvaluationView;
import rampart.formats.view.SizeView;
import rampart.server.persistence.CardRepository;
import rampart.server.persistence.CardRepository.Header;
import rampart.server.persistence.CardRepository.Worked;
import rampart.server.persistence.PackRepository;
import rampart.server.persistence.PackRepository.StoredPack;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the shelf shows of each pack. It is worked once for each version, rules and materials, and kept in the database, so that a shelf of tens of
 * thousands is listed, parted and put in order without working any of them.
 */
@Component
class Summaries {
    private static final Logger LOG = LoggerFactory.getLogger(Summaries.class);

    /** Rises with each change of {@link Summary}, so that what is kept is worked anew. */
    private static final int FORM = 1;

    /** So many are worked while somebody waits for them; more are told as waiting. */
    private static final int A_FEW = 24;

    private final PackRepository packs;
    private final CardRepository cards;
    private final Catalogue catalogue;
    private final Verdicts verdicts;
    private final JsonMapper mapper;
    private final String basis;

    Summaries(PackRepository packs, CardRepository cards, Catalogue catalogue, Verdicts verdicts, JsonMapper mapper) {
        this.packs = packs;
        this.cards = cards;
        this.catalogue = catalogue;
        this.verdicts = verdicts;
        this.mapper = mapper;
        basis = Sha256.hex(FORM + " " + Evaluation.RULES_EDITION + " "
                + CatalogueFile.of(catalogue).hash());
    }

    /** In the order of what is looked at first: 0 breaks, 1 unknown, 2 thin, 3 holds. */
    static int urgency(Status status) {
        return switch (status) {
            case BREAKS -> 0;
            case UNKNOWN -> 1;
            case THIN -> 2;
            case HOLDS -> 3;
        };
    }

    /** Of each of these packs, by its id; none of one that was deleted since its header was read. */
    Map<String, Summary> of(List<Header> headers) {
        Map<String, Summary> all = new LinkedHashMap<>();
        cards.faces(headers, basis).forEach((id, face) -> read(face).ifPresent(summary -> all.put(id, summary)));
        for (Header header : headers) {
            if (!all.containsKey(header.id())) {
                work(header.id()).ifPresent(summary -> all.put(header.id(), summary));
            }
        }
        return all;
    }

    /** Works what waits if it is a few; how many wait still. */
    long workAFew() {
        List<String> waiting = cards.waiting(A_FEW + 1);
        if (waiting.size() > A_FEW) {
            return cards.countWaiting();
        }
        waiting.forEach(this::work);
        return 0;
    }

    /** Works some of those that wait; false where none does. */
    boolean workSome() {
        List<String> waiting = cards.waiting(A_FEW);
        waiting.forEach(this::work);
        return !waiting.isEmpty();
    }

    /** Rules or materials that changed since the house was here last. */
    void forgetOthers() {
        int others = cards.forgetOtherThan(basis);
        if (others > 0) {
            LOG.info("{} packs of the shelf are worked anew by today's rules", others);
        }
    }

    private Optional<Summary> work(String id) {
        Optional<StoredPack> stored = packs.byId(id);
        if (stored.isEmpty()) {
            return Optional.empty();
        }
        Summary summary;
        try {
            summary = summary(stored.get());
        } catch (RuntimeException e) {
            LOG.error("pack {} could not be worked for the shelf", id, e);
            summary = Summary.of(Summary.Trouble.UNRECKONABLE, "something went wrong in Rampart");
        }
        cards.put(new Worked(
                id,
                stored.get().version(),
                basis,
                urgency(summary.verdict()),
                summary.kind().map(Kind::name).orElse(""),
                summary.margin().orElse(0),
                summary.outsideMm()
                        .map(s -> s.length() * s.width() * s.height())
                        .orElse(0.0),
                summary.grossMassKg().orElse(0),
                mapper.writeValueAsBytes(summary)));
        return Optional.of(summary);
    }

    private Optional<Summary> read(byte[] face) {
        try {
            return Optional.of(mapper.readValue(face, Summary.class));
        } catch (JacksonException e) {
            LOG.warn("a card of the shelf is not as this Rampart writes them and is worked anew: {}", e.getMessage());
            return Optional.empty();
        }
    }

    /** A pack of which nothing can be said does not keep the others from being shown. */
    private Summary summary(StoredPack stored) {
        try {
            PackFile file = stored.file();
            Evaluation evaluation = verdicts.of(file, catalogue);
            Pack pack = file.pack();
            Optional<Check> weakest = evaluation.weakest();
            return new Summary(
                    Optional.empty(),
                    Optional.of(Kind.of(pack)),
                    evaluation.verdict(),
                    weakest.map(Check::title),
                    weakest.isPresent() ? weakest.get().margin() : OptionalDouble.empty(),
                    Optional.of(SizeView.of(evaluation.layout().outside())),
                    OptionalDouble.of(evaluation.layout().grossMassKg()),
                    pack.layers().stream().map(Layer::material).toList(),
                    evaluation.layout().solids().stream()
                            .map(EvaluationView.SolidView::of)
                            .toList());
        } catch (UnreadableFileException e) {
            Problem first = e.problems().get(0);
            return Summary.of(Summary.Trouble.UNREADABLE, first.path() + " " + first.message());
        } catch (UnreckonableException e) {
            return Summary.of(Summary.Trouble.UNRECKONABLE, e.getMessage());
        }
    }
}
