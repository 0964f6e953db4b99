package rampart.formats.paper;

import java.util.List;

/**
 * With whom and to whom a pack travels; what is not known is left open on its labels, to be written by hand.
 *
 * @param number what is scanned at the packing table
 * @param box which of the boxes it is, from 1
 * @param of how many boxes there are
 * @param sender lines of an address
 * @param receiver lines of an address
 * @param replaces which papers printed before it takes the place of; empty for none
 */
public record Travel(String number, int box, int of, List<String> sender, List<String> receiver, String replaces) {
    public Travel {
        if (box < 1 || of < box) {
            throw new IllegalArgumentException("box " + box + " of " + of + " is none");
        }
        sender = List.copyOf(sender);
        receiver = List.copyOf(receiver);
    }
}
