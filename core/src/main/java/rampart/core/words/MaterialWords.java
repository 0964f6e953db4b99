package rampart.core.words;

/** What materials do to surfaces in time. */
public enum MaterialWords implements Say {
    CELLS_PRINT("{0} prints its cells into a {1} surface. Lay smooth acid-free tissue between."),
    FOAM_RUBS("{0} rubs on a {1} surface when it is shaken. Lay smooth acid-free tissue between."),
    SOFTENER("{0} is PVC: its softener creeps into the surface and leaves it tacky."),
    CRUMBS("{0} sheds crumbs that charge up and cling to {1}. Wrap the item first."),
    ACID_YELLOWS("{0} holds acid, which yellows {1} in months. Use acid-free tissue or board."),
    ACID_STAYS("{0} holds acid, which comes out in years: keep it in no archive."),
    UNNAMED_PLASTIC("{0} is of a plastic that nobody has named; for months it must be polyethylene, polypropylene or"
            + " polyester."),
    HOLDS_DAMP("{0} holds damp against bare metal, which rusts. Add a drying agent or an oiled paper."),
    TARNISHES("{0} is {1}, whose vapours tarnish {2} even without touching it. Use polyethylene or polypropylene."),
    CORRODES_LEAD("{0} gives off acids that corrode lead in time. Keep it in a closed polyester bag."),
    DECAY_CORRODES("{0} is {1}; in years its decay corrodes metal."),
    HYDROLYSIS("{0} takes up water from the air and turns sticky in a few years (hydrolysis): not for storage."),
    OXIDISES("{0} oxidises to dust in some years: not for storage as long as this."),
    YELLOWS("{0} yellows and crumbles with the years. Look at it every year."),
    PERISHES("{0} perishes in some years and sticks to what it touches."),
    SINKS(
            "{0} loses its air or settles within months: after years it supports nothing. For storage take polyethylene or"
                    + " polypropylene foam."),
    AGES("{0} is {1}: it breaks down and gives off vapours in storage. Take polyethylene or polypropylene."),
    BOARD_TARNISHES(
            "{0} is plain board, which gives off sulphur: it tarnishes silver that lies against it for months. Use acid-free"
                    + " board, or polyester film between."),
    VERMIN("{0} draws damp and vermin in storage."),
    TAPE_LIFTS("Tape on a {0} surface lifts it or leaves its glue. Tape the wrap to itself."),
    NOTE_FOAM_PLACE_EXPANDS("Foam in place expands hot and sticks to what it touches: wrap the item in film first."),
    NOTE_TAPE_ITEM_LEAVES("Tape on the item leaves glue in time. Tape the wrap to itself."),
    NOTE_NOTHING_HARMS(
            "Nothing in this pack is known to harm the surfaces named, for as long as they lie" + " together.");

    private final Template template;

    MaterialWords(String words) {
        template = new Template(words);
    }

    @Override
    public Template template() {
        return template;
    }
}
