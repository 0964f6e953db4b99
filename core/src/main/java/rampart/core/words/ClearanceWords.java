package rampart.core.words;

/** What lies between a box and what is inside it. */
public enum ClearanceWords implements Say {
    GOES_IN("It goes in: when everything is off the wrong way at once, {0} are left in {1}."),
    LIKELY_GOES_IN(
            "It is likely to go in with {0} in {1}, but when everything is off the wrong way at once {2} are missing."),
    FOAM_GIVES(
            "It goes in with the foam against the walls: {0} of room in {1} against {2} by which things are likely to be off;"
                    + " when they are, the foam gives way by {3}, {4} of its thickness."),
    MAY_NOT_GO_IN(
            "It may not go in: {0} of room in {1} against {2} by which things are likely to be off. Make the inside"
                    + " {3} larger."),
    TOO_SMALL("It does not go in: {0} are missing in {1}."),
    PRESSED_IN(
            "Closed over {0} more than it holds in {1}: the {2} is pressed by {3} and presses on the {4} with about {5}."),
    NO_GIVE("Closed over {0} more than it holds in {1}, and nothing inside gives way: the walls bulge."),
    BULGE_PRESSES("Its walls stand out by {0}: what stands beside or on it presses on the {1}."),
    FINGERS("It has {0} of room beside it for fingers: set it in by hand."),
    LAST_SIDE(
            "The foam leaves {0} for fingers: lay in the bottom and three sides, set it in, and slide the last side down."),
    LAST_SIDE_TIGHT(
            "The foam leaves no room for fingers: lay in the bottom and three sides, set it in, and slide the last side down."),
    NO_FINGERS(
            "It has {0} of room beside it, and fingers need {1} on two opposite sides: lower it in on a strip of film, or"
                    + " set the box over it."),
    FILL_PROUD("{0}: settles by about {1}. Fill it so much proud, shake once, and top up before closing."),
    SLACK_CELLS(
            "{0}: leave them slack, so that a finger presses a cell in by a third. A cell as hard as a ball bursts."),
    FOAM_CORNERS("Foam at the eight corners only, {0} of it when it has risen; film on both boxes, or they are one."),
    SPACERS(
            "Spacers until it has set: {0} layers of scrap board, {1} thick, taped under and beside the inner box, clear of"
                    + " the corners; they leave {2} of the gap."),
    INSULATING("This is a wall of rigid foam all round, {0} at its thinnest: an insulating box. Butt its seams and tape"
            + " them; {1} of the room in the box is free (20 % at least where a heat pack has to breathe). It never travels without the"
            + " carton.");

    private final Template template;

    ClearanceWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
