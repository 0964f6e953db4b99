package rampart.server.messages;

import org.springframework.http.HttpStatus;

/**
 * Every message of the server that tells a person that something did not go: what happened, what is kept, what to do.
 * docs/messages.md is made from here. {@code {0}} and so on stand for what the message is about.
 */
public enum Message {
    NOT_A_PACK(
            HttpStatus.BAD_REQUEST,
            "This is not a pack file that Rampart can read.",
            "Nothing was changed.",
            "Mend what is named below and send it again."),
    FIELDS(
            HttpStatus.BAD_REQUEST,
            "Some fields are not as they must be.",
            "Nothing was changed.",
            "Mend what is named below and try again."),
    TABLE(
            HttpStatus.BAD_REQUEST,
            "This table is not as it must be.",
            "Nothing was changed.",
            "Mend the rows that are named below and try again."),
    PARAMETERS(
            HttpStatus.BAD_REQUEST,
            "Some parameters are not as they must be.",
            "Nothing was changed.",
            "Mend what is named below and ask again."),
    NO_MARK(
            HttpStatus.BAD_REQUEST,
            "No page of this list ended where the next one is asked for.",
            "Nothing was changed.",
            "Ask for the first page, without after; each page says where the next one begins."),
    UNREADABLE_REQUEST(
            HttpStatus.BAD_REQUEST,
            "The request cannot be read.",
            "Nothing was changed.",
            "Mend what is named below and send it again."),
    NO_BODY(
            HttpStatus.BAD_REQUEST,
            "The request has no body that can be read.",
            "Nothing was changed.",
            "Send what is meant as the body."),
    NOT_UTF8(
            HttpStatus.BAD_REQUEST,
            "The parameters in the address cannot be read.",
            "Nothing was changed.",
            "Write them as UTF-8, percent signs and two digits for each byte."),
    BAD_ADDRESS(
            HttpStatus.BAD_REQUEST,
            "The address of the request is not allowed.",
            "Nothing was changed.",
            "Go back to the shelf and follow a link from there."),
    MISSING_HEADER(
            HttpStatus.BAD_REQUEST,
            "The header {0} is missing; it holds the version that is meant.",
            "Nothing was changed.",
            "Read the thing again and send its version."),
    BAD_VERSION(
            HttpStatus.BAD_REQUEST,
            "The header If-Match must hold the version that is meant, a whole number such as \"7\".",
            "Nothing was changed.",
            "Read the thing again and send its version."),
    MISSING_PARAMETER(
            HttpStatus.BAD_REQUEST,
            "The parameter {0} is missing.",
            "Nothing was changed.",
            "Add it to the address and ask again."),
    NOT_AS_TAKEN(
            HttpStatus.BAD_REQUEST,
            "The request is not as this address takes it.",
            "Nothing was changed.",
            "Look into the interface's description under /v3/api-docs."),
    NOTHING_HERE(
            HttpStatus.NOT_FOUND,
            "There is nothing at this address.",
            "Nothing was changed.",
            "Go back to the shelf and follow a link from there."),
    WRONG_METHOD(
            HttpStatus.METHOD_NOT_ALLOWED,
            "This address does not take that method.",
            "Nothing was changed.",
            "Look into the interface's description under /v3/api-docs."),
    ONLY_JSON_OUT(
            HttpStatus.NOT_ACCEPTABLE,
            "Rampart does not answer here in the form that was asked for.",
            "Nothing was changed.",
            "Ask for application/json."),
    WRONG_TYPE(
            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
            "This address takes another type of content.",
            "Nothing was changed.",
            "Send application/json; a photograph as image/jpeg or image/png."),
    TOO_LARGE(
            HttpStatus.CONTENT_TOO_LARGE,
            "The request is larger than {0} ({1} bytes).",
            "Nothing was changed.",
            "Send less at once."),
    NOT_SIGNED_IN(
            HttpStatus.UNAUTHORIZED,
            "You are not signed in.",
            "Nothing was changed; what is typed on this page stays there.",
            "Sign in and try again."),
    WRONG_PASSWORD(
            HttpStatus.UNAUTHORIZED,
            "Name and password do not fit together.",
            "Nothing was changed.",
            "Type them again, or let a keeper of the house give you a new password."),
    SIGN_INS_BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "More people are signing in than can be let in at once.",
            "Nothing was changed.",
            "Wait a few seconds and try again."),
    TOO_MANY_SIGN_INS(
            HttpStatus.TOO_MANY_REQUESTS,
            "Too many sign-ins are being tried at once.",
            "Nothing was changed.",
            "Wait a few seconds and try again."),
    PAGE_OUT_OF_DATE(
            HttpStatus.FORBIDDEN,
            "The page is out of date or its token is missing.",
            "Nothing was changed.",
            "Load the page again and try once more."),
    NOT_YOUR_RIGHT(
            HttpStatus.FORBIDDEN,
            "Your rights do not reach so far, or the page is out of date.",
            "Nothing was changed.",
            "Load the page again, or ask a keeper of the house."),
    HOUSE_HAS_ACCOUNT(
            HttpStatus.CONFLICT,
            "This house has its first account already.",
            "No account was made.",
            "Sign in with it, or let a keeper add you."),
    WRONG_CODE(
            HttpStatus.FORBIDDEN,
            "That is not the code the terminal shows.",
            "No account was made.",
            "Look there again; a new start shows a new code."),
    NO_PACK(
            HttpStatus.NOT_FOUND,
            "There is no such pack; it may have been deleted.",
            "Nothing was changed.",
            "Go back to the shelf; who deleted it can bring it back."),
    NO_DELETED_PACK(
            HttpStatus.NOT_FOUND,
            "There is no deleted pack here.",
            "Nothing was changed.",
            "Load the shelf again; it may be back already."),
    NO_REVISION(
            HttpStatus.NOT_FOUND,
            "This pack has no revision {0}.",
            "Nothing was changed.",
            "Choose one of those under Revisions."),
    SAVED_MEANWHILE(
            HttpStatus.CONFLICT,
            "This pack was saved by {0} in the meantime.",
            "Nothing is lost: both versions are here.",
            "Choose which to keep, part by part."),
    NO_DROP(
            HttpStatus.NOT_FOUND,
            "There is no drop of that name.",
            "Nothing was changed.",
            "Name one of the 26, such as drop.face.3 or drop.corner.2-3-5."),
    NO_CURVE(
            HttpStatus.NOT_FOUND,
            "There is no curve for this check of this pack.",
            "Nothing was changed.",
            "Ask for a drop that some cushion takes, the ride or the pile."),
    NOT_A_BOX(
            HttpStatus.BAD_REQUEST,
            "Layer {0} is not a box of this pack.",
            "Nothing was changed.",
            "Give the number of a box layer, counted from 0."),
    NO_FOAM(
            HttpStatus.NOT_FOUND,
            "There is no foam called '{0}' in the stores.",
            "Nothing was changed.",
            "Choose one of those that the stores show."),
    NO_CARTON(
            HttpStatus.NOT_FOUND,
            "There is no such carton in the stores; somebody may have removed it.",
            "Nothing was changed.",
            "Load the stores again."),
    CARTON_CHANGED(
            HttpStatus.CONFLICT,
            "Somebody changed this carton in the meantime.",
            "Nothing was changed by you.",
            "Look at what it is now and change it again."),
    PRICE_CHANGED(
            HttpStatus.CONFLICT,
            "Somebody changed this price in the meantime.",
            "Nothing was changed by you.",
            "Look at what it is now and change it again."),
    NOTHING_CALLED_SO(
            HttpStatus.NOT_FOUND,
            "There is nothing in this house called so.",
            "Nothing was changed.",
            "Ids and numbers are made of plain letters and digits; copy one from a page."),
    NO_MATERIAL(
            HttpStatus.NOT_FOUND,
            "There is no material called '{0}' in the stores.",
            "Nothing was changed.",
            "Name a foam, a board or a wrap of the stores."),
    MATERIAL_CHANGED(
            HttpStatus.CONFLICT,
            "Somebody changed this material in the meantime.",
            "Nothing was changed by you; what you typed stays on the page.",
            "Look at what it is now and change it again."),
    JOURNEY_CHANGED(
            HttpStatus.CONFLICT,
            "Somebody changed this journey in the meantime.",
            "Nothing was changed by you; what you typed stays on the page.",
            "Look at what it is now and change it again."),
    CHANGED_MEANWHILE(
            HttpStatus.CONFLICT,
            "Somebody changed this in the meantime.",
            "Nothing was changed by you; what you typed stays on the page.",
            "Look at what it is now and change it again."),
    NO_STEP(
            HttpStatus.NOT_FOUND,
            "There is no step {0} in this pack; the design may have changed.",
            "Nothing was changed.",
            "Load the steps again."),
    RELEASE_BREAKS(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "This pack breaks: {0}.",
            "The revision is kept and was not released.",
            "Mend it; or a keeper of the house writes a reason, which then stands on every paper."),
    SHEETS_DO_NOT_HOLD(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "Sheets of {0} make no insert for this item: their openings would not hold it, would go through the base, or their"
                    + " stack would not go into the box.",
            "Nothing was changed.",
            "Choose one of the ways that are offered."),
    STEPS_STALE(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "The design has changed since somebody wrote these words for its steps: {0}.",
            "The revision is kept and was not released.",
            "Open the steps and keep, change or drop each of them."),
    RELEASE_NOT_SIGNED(
            HttpStatus.FORBIDDEN,
            "A pack that breaks is released only by a keeper of the house.",
            "The revision is kept and was not released.",
            "Ask a keeper to write and sign the reason."),
    NOTHING_SCANNED(
            HttpStatus.NOT_FOUND,
            "Nothing here has the number {0}: no release, no box of a consignment, no packing.",
            "Nothing was changed.",
            "Scan it again, or choose the pack from the list."),
    NO_PACKING(
            HttpStatus.NOT_FOUND,
            "There is no such packing.",
            "What the device has not sent yet is kept on it.",
            "Go back to the table and scan the pack again."),
    NO_SCALE(
            HttpStatus.SERVICE_UNAVAILABLE,
            "No mass came from the scale: {0}.",
            "Nothing was changed.",
            "Look whether it is switched on, or read it yourself and type the mass."),
    CONSIGNMENT_BEGUN(
            HttpStatus.CONFLICT,
            "{0} of its boxes are packed or being packed, and labels and lists may be printed.",
            "Nothing was changed.",
            "Say that papers printed before are thrown away; the new ones say that they replace them."),
    CONSIGNMENT_PACKED(
            HttpStatus.CONFLICT,
            "A box of it is packed or being packed.",
            "Nothing was changed.",
            "Cancel its packing at the table first."),
    NO_CONSIGNMENT(
            HttpStatus.NOT_FOUND,
            "There is no such consignment; somebody may have removed it.",
            "Nothing was changed.",
            "Load the consignments again."),
    NO_JOURNEY(
            HttpStatus.NOT_FOUND,
            "There is no such journey in the house; somebody may have removed it.",
            "Nothing was changed.",
            "Load the journeys again."),
    SHEET_IS_THERE(
            HttpStatus.CONFLICT,
            "This foam lies in this thickness already.",
            "Nothing was changed.",
            "Give another thickness."),
    NO_SHEET(
            HttpStatus.NOT_FOUND,
            "This foam does not lie in this thickness; somebody may have removed it.",
            "Nothing was changed.",
            "Load the stores again."),
    PICTURE_REFUSED(
            HttpStatus.BAD_REQUEST,
            "The photograph was not taken: {0}.",
            "Nothing was changed.",
            "Choose another file."),
    NO_PHOTOGRAPH(
            HttpStatus.NOT_FOUND,
            "There is no such photograph; somebody may have removed it.",
            "Nothing was changed.",
            "Load the pack again."),
    NAME_TAKEN(
            HttpStatus.CONFLICT,
            "Somebody is called '{0}' already; capitals and accents do not tell names apart.",
            "Nobody was added.",
            "Give another name."),
    NO_SUCH_PERSON(
            HttpStatus.NOT_FOUND,
            "There is nobody of this number; they may have been removed.",
            "Nothing was changed.",
            "Load the house again."),
    LAST_KEEPER(
            HttpStatus.CONFLICT,
            "This is the last keeper of the house.",
            "Nothing was changed.",
            "Make somebody else a keeper first."),
    PASSWORD_NOT_CHANGED(
            HttpStatus.BAD_REQUEST,
            "The password was not changed.",
            "The old one stays as it is.",
            "Mend what is named below and try again."),
    OWN_PASSWORD(
            HttpStatus.FORBIDDEN,
            "This needs your own password again, and what was typed is not it.",
            "Nothing was changed.",
            "Type the password that you signed in with."),
    NO_VISIT(HttpStatus.NOT_FOUND, "This visit has ended already.", "Nothing was changed.", "Load the house again."),
    NO_BED(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "No layer of this pack is a bed.",
            "Nothing was changed.",
            "Give the first cushion the form of a bed."),
    NO_PIECE(
            HttpStatus.NOT_FOUND,
            "There is no piece ''{0}''; there are {1}.",
            "Nothing was changed.",
            "Choose one of them."),
    TOO_MANY_LEAVES(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "At true size this takes {0} leaves of paper; at most {1} are printed.",
            "Nothing was written.",
            "Take larger paper or one piece alone, or cut by the SVG or DXF files."),
    NOT_CUT_HOT(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "{0} is made of {1}: nothing is written for cutting it by heat until somebody has read its data sheet.",
            "Nothing was written. Files for a knife or a router are.",
            "Read the data sheet, and confirm it by name and date."),
    MEASURES_REFUSED(
            HttpStatus.BAD_REQUEST,
            "These measurements make no outline: {0}.",
            "Nothing was changed.",
            "Change the figure that is named."),
    TRACE_REFUSED(
            HttpStatus.BAD_REQUEST,
            "No outline was taken from the photograph: {0}.",
            "Nothing was changed.",
            "Take another photograph, or change what is said of this one."),
    DRAWING_REFUSED(
            HttpStatus.BAD_REQUEST,
            "The drawing was not taken: {0}.",
            "Nothing was changed.",
            "Choose another file, or mend this one."),
    NO_PIECES(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "This pack does not say what its pieces are.",
            "Nothing was changed.",
            "Give the bare size and mass of one piece, and how many there are."),
    BED_NOT_TURNED(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "The item lies in a bed, between boards or in cells that are made for it as it lies.",
            "Nothing was changed.",
            "Turn the item before they are made, or take them away first."),
    SEARCH_ONE_AT_A_TIME(
            HttpStatus.TOO_MANY_REQUESTS,
            "A search of yours is running and others wait already.",
            "Nothing was changed; those go on.",
            "Wait until they are done, or stop them."),
    SEARCH_QUEUE_FULL(
            HttpStatus.SERVICE_UNAVAILABLE,
            "More searches are asked for than can be run.",
            "Nothing was changed.",
            "Wait half a minute and ask again."),
    SEARCH_TOO_LONG(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The search took longer than half a minute and was stopped.",
            "Nothing was changed.",
            "Set narrower limits or a larger step and ask again."),
    TOO_MUCH_WORK(
            HttpStatus.UNPROCESSABLE_CONTENT,
            "This takes longer than {0} seconds to work out and was stopped.",
            "Nothing was changed.",
            "Take fewer places, parts or shapes."),
    SEARCH_STOPPED(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The search was stopped.",
            "Nothing was changed.",
            "Ask again when you like."),
    CLOSING(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Rampart is being stopped.",
            "What was saved is kept; what is typed on the page stays there.",
            "Try again once it has been started."),
    NOT_RECKONABLE(
            HttpStatus.BAD_REQUEST,
            "This pack cannot be reckoned with: {0}.",
            "Nothing was changed.",
            "Give numbers of everyday size."),
    REVISION_IS_THERE(
            HttpStatus.CONFLICT,
            "This draft is revision {0} already, with another note.",
            "That revision stays as it is.",
            "Save a change first to make another."),
    BAD_KEY(
            HttpStatus.BAD_REQUEST,
            "The header Idempotency-Key must hold 8 to 64 letters, digits and hyphens.",
            "Nothing was changed.",
            "Send another key, or none."),
    PICTURES_BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Other photographs are being read just now.",
            "Nothing was changed.",
            "Wait a few seconds and add it again."),
    TOO_SLOW(
            HttpStatus.REQUEST_TIMEOUT,
            "The request did not come to its end in {0} seconds.",
            "Nothing was changed.",
            "Send it again over a better connection."),
    WRONG_HOST(
            HttpStatus.MISDIRECTED_REQUEST,
            "Rampart is not called by this name.",
            "Nothing was changed.",
            "Open the address that it printed when it started."),
    DATABASE_AWAY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database does not answer just now.",
            "This was not saved; what is typed on the page stays there.",
            "Keep the page open and try again."),
    DISK_FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "The disk that holds the house is full.",
            "This was not saved; what is typed on the page stays there.",
            "Keep the page open, make room on the disk and try again."),
    UNEXPECTED(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "Something went wrong in Rampart.",
            "Nothing was changed.",
            "Try again; if it stays so, look for reference {0} in the log.");

    private final HttpStatus status;
    private final String what;
    private final String kept;
    private final String todo;

    Message(HttpStatus status, String what, String kept, String todo) {
        this.status = status;
        this.what = what;
        this.kept = kept;
        this.todo = todo;
    }

    public HttpStatus status() {
        return status;
    }

    public String what() {
        return what;
    }

    public String kept() {
        return kept;
    }

    public String todo() {
        return todo;
    }

    /** What happened, what is kept, what to do, with these values put in. */
    public String text(Object... values) {
        String text = what + " " + kept + " " + todo;
        for (int i = 0; i < values.length; i++) {
            text = text.replace("{" + i + "}", String.valueOf(values[i]));
        }
        return text;
    }
}
