package rampart.formats.paper;

/** Sizes of paper. */
public enum Paper {
    a4(210, 297),
    letter(215.9, 279.4),
    a3(297, 420);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }
}
