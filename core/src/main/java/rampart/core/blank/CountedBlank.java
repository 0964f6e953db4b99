package rampart.core.blank;

/** Equal blanks. */
public record CountedBlank(Blank blank, int count) {
    /** Area of all of them, mm2. */
    public double areaMm2() {
        return count * blank.areaMm2();
    }
}
