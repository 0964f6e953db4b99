package rampart.core.steps;

import rampart.core.words.Say;
import rampart.core.words.Template;

/** What can hurt somebody at the packing table. Usual cautions; local codes and the makers' own sheets come first. */
public enum Caution implements Say {
    BLADE("Sharp blade: cut away from the hand, on a mat, with a guard."),
    FUMES("If it is cut by heat: extraction and a mask, and nobody leaves it alone."),
    NEVER_BY_HEAT("Not by heat: nobody has confirmed from its data sheet that it gives off nothing corrosive."),
    RISING_FOAM(
            "Foam that rises is hot, sticks to skin and gives off isocyanates: gloves, goggles, air; ask its maker's sheet."),
    LIFTING("More than one person should lift: two people, or a lifting aid."),
    STRAPS("A strap under tension springs back: glasses and gloves, and a hand on it while it is cut."),
    HEAT_PACK("A heat pack burns skin and goods: wrapped in paper, apart from what it warms, room for air.");

    private final Template template;

    Caution(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
