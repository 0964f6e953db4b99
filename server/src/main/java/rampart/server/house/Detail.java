package rampart.server.house;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import rampart.core.quantity.Size;
import rampart.core.words.Quantity;
import rampart.core.words.Wording;

/** What there is to say of something that was done, as figures; they become words when somebody reads them. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Detail.Nothing.class, name = "nothing"),
    @JsonSubTypes.Type(value = Detail.Written.class, name = "written"),
    @JsonSubTypes.Type(value = Detail.RevisionMade.class, name = "revision"),
    @JsonSubTypes.Type(value = Detail.Released.class, name = "released"),
    @JsonSubTypes.Type(value = Detail.Rights.class, name = "rights"),
    @JsonSubTypes.Type(value = Detail.Refused.class, name = "refused"),
    @JsonSubTypes.Type(value = Detail.Settings.class, name = "settings"),
    @JsonSubTypes.Type(value = Detail.Carriers.class, name = "carriers"),
    @JsonSubTypes.Type(value = Detail.Charges.class, name = "charges"),
    @JsonSubTypes.Type(value = Detail.Changed.class, name = "changed"),
    @JsonSubTypes.Type(value = Detail.Carton.class, name = "carton"),
    @JsonSubTypes.Type(value = Detail.Sheet.class, name = "sheet"),
    @JsonSubTypes.Type(value = Detail.Price.class, name = "price"),
    @JsonSubTypes.Type(value = Detail.Filled.class, name = "filled"),
    @JsonSubTypes.Type(value = Detail.DataSheet.class, name = "data_sheet")
})
public sealed interface Detail {
    Detail NOTHING = new Nothing();

    /** As a person of the house reads it. */
    String words(Wording wording);

    /** Where the deed and what it was done to say all. */
    record Nothing() implements Detail {
        @Override
        public String words(Wording wording) {
            return "";
        }
    }

    /** Words that were written before figures were kept. */
    record Written(String words) implements Detail {
        @Override
        public String words(Wording wording) {
            return words;
        }
    }

    /** A revision of a pack. */
    record RevisionMade(int number, String note) implements Detail {
        @Override
        public String words(Wording wording) {
            return "revision " + number + (note.isBlank() ? "" : ": " + note);
        }
    }

    /**
     * A release.
     *
     * @param reason signed where something breaks; empty where nothing does
     */
    record Released(String number, String reason) implements Detail {
        @Override
        public String words(Wording wording) {
            return number + (reason.isEmpty() ? "" : ", although something breaks: " + reason);
        }
    }

    /**
     * What was not allowed.
     *
     * @param address from where
     * @param asked for; empty at the door
     * @param times since this was last written down
     */
    record Refused(String address, String asked, int times) implements Detail {
        @Override
        public String words(Wording wording) {
            return (asked.isEmpty() ? "" : asked + " ") + "from " + address
                    + (times > 1 ? ", " + times + " times" : "");
        }
    }

    /**
     * What somebody may do.
     *
     * @param from empty for somebody new
     */
    record Rights(String from, String to) implements Detail {
        @Override
        public String words(Wording wording) {
            return from.isEmpty() || to.isEmpty() ? from + to : from + " to " + to;
        }
    }

    /** How the house shows figures. */
    record Settings(String lengthUnit, String massUnit, String numbers, String currency) implements Detail {
        @Override
        public String words(Wording wording) {
            return lengthUnit + ", " + massUnit + ", decimal " + numbers + ", " + currency;
        }
    }

    /** Whose lines the house knows. */
    record Carriers(List<String> names) implements Detail {
        @Override
        public String words(Wording wording) {
            return "carriers: " + String.join(", ", names);
        }
    }

    /** Whose prices the house knows. */
    record Charges(List<String> names) implements Detail {
        @Override
        public String words(Wording wording) {
            return "prices of carriers: " + (names.isEmpty() ? "none" : String.join(", ", names));
        }
    }

    /** What happened to something; the names are the words in the database. */
    @SuppressWarnings("java:S115")
    enum Change {
        added,
        changed,
        removed
    }

    /** Something that has no figures worth telling. */
    record Changed(Change change) implements Detail {
        @Override
        public String words(Wording wording) {
            return change.name();
        }
    }

    /** A stock carton; inside size in mm. */
    record Carton(Change change, double lengthMm, double widthMm, double heightMm, String board, String source)
            implements Detail {
        @Override
        public String words(Wording wording) {
            return change == Change.removed
                    ? change.name()
                    : change + ", " + wording.sizeToCut(new Size(lengthMm, widthMm, heightMm)) + " inside, " + board
                            + (source.isBlank() ? "" : "; source: " + source);
        }
    }

    /** A thickness in which a foam lies in the store. */
    record Sheet(Change change, double thicknessMm) implements Detail {
        @Override
        public String words(Wording wording) {
            return change + ", " + wording.amount(Quantity.cut(thicknessMm));
        }
    }

    /**
     * What something costs.
     *
     * @param amount null where the price was taken away
     */
    record Price(Double amount, String currency) implements Detail {
        @Override
        public String words(Wording wording) {
            return amount == null ? "taken away" : amount + " " + currency;
        }
    }

    /** A data sheet that somebody has read. */
    record DataSheet(String title, String dated) implements Detail {
        @Override
        public String words(Wording wording) {
            return title + ", dated " + dated;
        }
    }

    /** What was put into the stores at once. */
    record Filled(int cartons, int sheets) implements Detail {
        @Override
        public String words(Wording wording) {
            return "added, " + cartons + " cartons and " + sheets + " sheets";
        }
    }
}
